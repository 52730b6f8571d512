<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { defineAsyncComponent, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useKeys } from '@/parts/keys'
import KeyHelp from './KeyHelp.vue'
import NoticeList from './NoticeList.vue'
import SettingsFields from './SettingsFields.vue'
import ThreadNav from './ThreadNav.vue'
import WhichDialog from './WhichDialog.vue'

const GO_WITHIN_MS = 1500
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
    <SettingsFields />
  </Dialog>
</template>
