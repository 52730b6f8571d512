<script setup lang="ts">
import { computed } from 'vue'
import type { Habit } from '@/api/types'
import ChoiceList from '@/parts/ChoiceList.vue'
import NumberField from '@/measure/NumberField.vue'
import { AMOUNTS, HANDS, WATERS } from './words'

/** How somebody really waters. */
const model = defineModel<Habit>({ required: true })
defineProps<{ idPrefix: string }>()
const part = <K extends keyof Habit>(key: K) =>
  computed<Habit[K]>({
    get: () => model.value[key],
    set: (value) => (model.value = { ...model.value, [key]: value }),
  })
/** What may stay unknown; an emptied field is gone and not stored as nothing. */
const optional = (key: 'alkalinityMgPerL' | 'waterEcDsPerM') =>
  computed<number | undefined>({
    get: () => model.value[key],
    set: (value) => {
      const { [key]: _gone, ...rest } = model.value
      model.value = value === undefined ? rest : { ...rest, [key]: value }
    },
  })
const everyDays = part('everyDays')
const amount = part('amount')
const hand = part('hand')
const water = part('water')
const alkalinity = optional('alkalinityMgPerL')
const salts = optional('waterEcDsPerM')
</script>

<template>
  <div class="habit-field">
    <NumberField
      v-model="everyDays"
      :label="$t('need.habitField.aboutEvery')"
      :unit="$t('need.habitField.days', everyDays)"
      :decimals="1"
      :input-id="`${idPrefix}-every`"
    />
    <ChoiceList v-model="amount" :options="AMOUNTS" :label="$t('need.habitField.how')" />
    <ChoiceList v-model="hand" :options="HANDS" :label="$t('need.habitField.myHandIs')" />
    <ChoiceList v-model="water" :options="WATERS" :label="$t('need.habitField.with')" />
    <div class="pair">
      <NumberField
        v-model="alkalinity"
        :label="$t('need.habitField.alkalinityAsCaco')"
        unit="mg/L"
        :decimals="0"
        optional
        :placeholder="$t('need.habitField.usual')"
        :input-id="`${idPrefix}-alkalinity`"
      />
      <NumberField
        v-model="salts"
        :label="$t('need.habitField.saltsEc')"
        unit="dS/m"
        :decimals="2"
        optional
        :placeholder="$t('need.habitField.usual')"
        :input-id="`${idPrefix}-salts`"
      />
    </div>
  </div>
</template>

<style scoped>
.habit-field {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
</style>
