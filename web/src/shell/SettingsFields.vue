<script setup lang="ts">
import InputText from 'primevue/inputtext'
import SelectButton from 'primevue/selectbutton'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'

/** Units, paper, light, scoop and currency of whoever sits at this browser. */
withDefaults(defineProps<{ prefix?: string }>(), { prefix: '' })
const settings = useSettings()
</script>

<template>
  <div class="settings">
    <h3 :id="`${prefix}units-label`">{{ $t('frame.app.units') }}</h3>
    <SelectButton
      v-model="settings.system"
      :options="[
        { label: $t('frame.app.metric'), value: 'metric' },
        { label: 'US', value: 'us' },
      ]"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-labelledby="`${prefix}units-label`"
    />
    <p class="soft">{{ $t('frame.app.alikeInBoth') }}</p>
    <h3 :id="`${prefix}paper-label`">{{ $t('frame.app.paper') }}</h3>
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
      :aria-labelledby="`${prefix}paper-label`"
    />
    <h3 :id="`${prefix}light-label`">{{ $t('frame.app.light') }}</h3>
    <SelectButton
      v-model="settings.night"
      :options="[
        { label: $t('frame.app.day'), value: false },
        { label: $t('frame.app.nightBench'), value: true },
      ]"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-labelledby="`${prefix}light-label`"
    />
    <NumberField
      v-model="settings.scoopLitres"
      :label="$t('frame.app.myScoopHolds')"
      kind="volume"
      :input-id="`${prefix}my-scoop`"
    />
    <div class="currency">
      <label :for="`${prefix}currency`">{{ $t('frame.app.currencySign') }}</label>
      <InputText :id="`${prefix}currency`" v-model="settings.currency" maxlength="4" />
    </div>
  </div>
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
