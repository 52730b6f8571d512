<script setup lang="ts">
import Dialog from 'primevue/dialog'
import SelectButton from 'primevue/selectbutton'
import InputText from 'primevue/inputtext'
import { defineAsyncComponent, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { useKeys } from '@/parts/keys'
import KeyHelp from './KeyHelp.vue'
import NoticeList from './NoticeList.vue'
import ThreadNav from './ThreadNav.vue'
import WhichDialog from './WhichDialog.vue'

const GO_WITHIN_MS = 1500
const settings = useSettings()
const router = useRouter()
const showSettings = ref(false)
const showKeys = ref(false)
const finding = ref(false)
const FinderDialog = defineAsyncComponent(() => import('./FinderDialog.vue'))

/** Found also while something is typed into. */
const onControlK = (event: KeyboardEvent) => {
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
    event.preventDefault()
    finding.value = true
  }
}
onMounted(() => window.addEventListener('keydown', onControlK))
onBeforeUnmount(() => window.removeEventListener('keydown', onControlK))
let goSince = 0

const go = (path: string) => () => {
  if (Date.now() - goSince > GO_WITHIN_MS) {
    return false
  }
  goSince = 0
  void router.push(path)
  return true
}

useKeys({
  g: () => {
    goSince = Date.now()
  },
  t: go('/'),
  b: go('/blends'),
  m: go('/batches'),
  p: go('/pots'),
  s: go('/shelf/here'),
  k: go('/book/plants'),
  '/': () => {
    finding.value = true
  },
  '?': () => {
    showKeys.value = true
  },
})
</script>

<template>
  <ThreadNav @settings="showSettings = true" @keys="showKeys = true" @find="finding = true" />
  <RouterView v-slot="{ Component, route: shown }">
    <!-- another blend or batch is another page -->
    <component :is="Component" :key="String(shown.params.id ?? '')" />
  </RouterView>
  <NoticeList />
  <WhichDialog />
  <FinderDialog v-model:open="finding" @settings="showSettings = true" @keys="showKeys = true" />
  <Dialog
    v-model:visible="showKeys"
    modal
    dismissable-mask
    :header="$t('frame.app.keys')"
    :style="{ width: '34rem' }"
  >
    <KeyHelp />
  </Dialog>
  <Dialog
    v-model:visible="showSettings"
    modal
    dismissable-mask
    :header="$t('frame.app.unitsLight')"
    :style="{ width: '26rem' }"
  >
    <div class="settings">
      <h3 id="units-label">{{ $t('frame.app.units') }}</h3>
      <SelectButton
        v-model="settings.system"
        :options="[
          { label: $t('frame.app.metric'), value: 'metric' },
          { label: 'US', value: 'us' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-labelledby="units-label"
      />
      <p class="soft">{{ $t('frame.app.alikeInBoth') }}</p>
      <h3 id="paper-label">{{ $t('frame.app.paper') }}</h3>
      <SelectButton
        v-model="settings.paper"
        :options="[
          { label: $t('frame.app.paperOfUnits'), value: 'units' },
          { label: 'A4', value: 'A4' },
          { label: $t('frame.app.letter'), value: 'LETTER' },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-labelledby="paper-label"
      />
      <h3 id="light-label">{{ $t('frame.app.light') }}</h3>
      <SelectButton
        v-model="settings.night"
        :options="[
          { label: $t('frame.app.day'), value: false },
          { label: $t('frame.app.nightBench'), value: true },
        ]"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-labelledby="light-label"
      />
      <NumberField
        v-model="settings.scoopLitres"
        :label="$t('frame.app.myScoopHolds')"
        kind="volume"
        input-id="my-scoop"
      />
      <div class="currency">
        <label for="currency">{{ $t('frame.app.currencySign') }}</label>
        <InputText id="currency" v-model="settings.currency" maxlength="4" />
      </div>
    </div>
  </Dialog>
</template>

<style scoped>
.settings {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.currency {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.currency input {
  width: 5em;
}
</style>
