<script setup lang="ts">
import { computed } from 'vue'
import type { Wishes } from '@/api/types'
import ChoiceList from '@/parts/ChoiceList.vue'
import TickField from '@/parts/TickField.vue'
import NumberField from '@/measure/NumberField.vue'
import { FIBRES, LAYERS, SCHOOLS } from './wishes'

/** What the grower wants of the mix beyond what the plant needs. */
const model = defineModel<Wishes>({ required: true })
defineProps<{ idPrefix: string }>()

/** Without what is undefined, so that an emptied field is gone and not stored as nothing. */
const set = (change: { [K in keyof Wishes]?: Wishes[K] | undefined }) => {
  model.value = Object.fromEntries(
    Object.entries({ ...model.value, ...change }).filter(([, value]) => value !== undefined),
  ) as Wishes
}
const part = <K extends keyof Wishes>(key: K) =>
  computed<Wishes[K]>({ get: () => model.value[key], set: (value) => set({ [key]: value }) })

const fibre = computed({
  get: () => model.value.fibre ?? 'EITHER',
  set: (value: 'EITHER' | 'NO_PEAT' | 'NO_COIR') => set({ fibre: value === 'EITHER' ? undefined : value }),
})
const layer = computed({
  get: () => (model.value.drainageLayer === undefined ? 'ANY' : model.value.drainageLayer ? 'YES' : 'NO'),
  set: (value: 'ANY' | 'YES' | 'NO') => set({ drainageLayer: value === 'ANY' ? undefined : value === 'YES' }),
})
const school = computed({
  get: () => model.value.school ?? 'ANY',
  set: (value: (typeof SCHOOLS)[number]['value']) => set({ school: value === 'ANY' ? undefined : value }),
})
const noCompost = part('noCompost')
const mineralOnly = part('mineralOnly')
const light = part('light')
const cheap = part('cheap')
const mostMaterials = part('mostMaterials')
const lifeYears = part('lifeYears')
</script>

<template>
  <div class="wishes-field">
    <ChoiceList v-model="school" :options="SCHOOLS" :label="$t('need.wishesField.school')" />
    <ChoiceList v-model="fibre" :options="FIBRES" :label="$t('need.wishesField.holdsWaterWith')" />
    <TickField
      v-model="noCompost"
      :label="$t('need.wishesField.noCompostOrCastings')"
      :input-id="`${idPrefix}-no-compost`"
    />
    <TickField
      v-model="mineralOnly"
      :label="$t('need.wishesField.mineralsOnly')"
      :input-id="`${idPrefix}-mineral`"
    />
    <TickField v-model="light" :label="$t('need.wishesField.lightToCarry')" :input-id="`${idPrefix}-light`" />
    <TickField v-model="cheap" :label="$t('need.wishesField.cheap')" :input-id="`${idPrefix}-cheap`" />
    <ChoiceList v-model="layer" :options="LAYERS" :label="$t('need.wishesField.drainageLayer')" />
    <div class="pair">
      <NumberField
        v-model="mostMaterials"
        :label="$t('need.wishesField.materialsAtMost')"
        :decimals="0"
        optional
        :placeholder="$t('need.wishesField.any')"
        :input-id="`${idPrefix}-most`"
      />
      <NumberField
        v-model="lifeYears"
        :label="$t('need.wishesField.lastsAtLeast')"
        unit="years"
        :decimals="1"
        optional
        :placeholder="$t('need.wishesField.any')"
        :input-id="`${idPrefix}-life`"
      />
    </div>
  </div>
</template>

<style scoped>
.wishes-field {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
</style>
