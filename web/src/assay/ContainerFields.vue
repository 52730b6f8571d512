<script setup lang="ts">
import NumberField from '@/measure/NumberField.vue'

/** What is measured of a container full of mix: its size, the water that went in and out, or its weights. */
interface Measured {
  containerL: number
  heightCm: number
  waterInL: number
  drainedL: number
  moistureL: number
  wetG: number
  dryG: number
}
defineProps<{ kind: 'DRAINAGE' | 'WEIGHING'; idPrefix: string }>()
const figures = defineModel<Measured>({ required: true })
const set = (name: keyof Measured, value: number) => (figures.value = { ...figures.value, [name]: value })
const DRAINED = [
  ['waterInL', 'in', 'assay.testForm.waterItTookUp'],
  ['drainedL', 'out', 'assay.testForm.waterThatRanOut'],
  ['moistureL', 'moisture', 'assay.testForm.moistureBefore'],
] as const
</script>

<template>
  <div class="fields">
    <NumberField
      :model-value="figures.containerL"
      :label="$t('assay.testForm.mixInTheTub')"
      kind="volume"
      :input-id="`${idPrefix}-container`"
      @update:model-value="set('containerL', $event)"
    />
    <NumberField
      :model-value="figures.heightCm"
      :label="$t('assay.testForm.itsHeight')"
      kind="length"
      :input-id="`${idPrefix}-height`"
      @update:model-value="set('heightCm', $event)"
    />
  </div>
  <div v-if="kind === 'DRAINAGE'" class="fields">
    <NumberField
      v-for="[name, id, words] in DRAINED"
      :key="name"
      :model-value="figures[name]"
      :label="$t(words)"
      kind="volume"
      :decimals="3"
      :input-id="`${idPrefix}-${id}`"
      @update:model-value="set(name, $event)"
    />
  </div>
  <div v-else class="fields">
    <NumberField
      :model-value="figures.wetG"
      :label="$t('assay.testForm.wetDrained')"
      kind="grams"
      :decimals="1"
      :input-id="`${idPrefix}-wet`"
      @update:model-value="set('wetG', $event)"
    />
    <slot name="wet" />
    <NumberField
      :model-value="figures.dryG"
      :label="$t('assay.testForm.dry')"
      kind="grams"
      :decimals="1"
      :input-id="`${idPrefix}-dry`"
      @update:model-value="set('dryG', $event)"
    />
    <slot name="dry" />
  </div>
</template>

<style scoped></style>
