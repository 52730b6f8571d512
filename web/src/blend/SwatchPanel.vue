<script setup lang="ts">
import { computed } from 'vue'
import type { Evaluation, Recipe } from '@/api/types'
import ChoiceList from '@/parts/ChoiceList.vue'
import { sayProblem } from '@/parts/notices'
import { useKept } from '@/parts/useKept'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'
import CloseUp from './close-up/CloseUp.vue'
import { rewrite } from './recipe'
import SwatchChart from '@/material/SwatchChart.vue'
import { fileName, handOut, swatchPng, swatchSvg } from './swatchFile'

/** The swatch of the blend on the bench, how it is knitted, what it adds up to, and what it looks like in the hand. */
const props = defineProps<{
  name: string
  rows: readonly { materialId: string; name: string }[]
  shares: readonly number[]
  chosen: number
  evaluation: Evaluation | undefined
}>()
const model = defineModel<Recipe>({ required: true })
const emit = defineEmits<{ choose: [row: number]; edge: [row: number, stitches: number, gesture: string] }>()
const settings = useSettings()
const kept = useKept<{ knitted: 'grouped' | 'through' }>('loose-knit.swatch', { knitted: 'grouped' })
const KNITTED = computed(() => [
  { value: 'grouped' as const, label: t('blend.swatch.grouped') },
  { value: 'through' as const, label: t('blend.swatch.through') },
])
const MEASURES = computed(() => [
  { value: 'PARTS' as const, label: t('blend.measure.parts') },
  { value: 'PERCENT' as const, label: t('blend.measure.percent') },
])
const measure = computed({
  get: () => model.value.measure,
  set: (value: Recipe['measure']) => (model.value = rewrite(model.value, value)),
})
const sum = computed(() => {
  const read = props.evaluation
  if (!read) {
    return ''
  }
  return model.value.measure === 'PARTS'
    ? t('blend.sums.parts', { n: figure(read.sum, 2, true) }, read.sum)
    : `${figure(read.sum, 1, true)} %`
})
const sheet = () => ({
  name: props.name,
  rows: props.rows,
  shares: props.shares,
  through: kept.value.knitted === 'through',
})
const saveSvg = () =>
  handOut(new Blob([swatchSvg(sheet())], { type: 'image/svg+xml' }), fileName(props.name, 'svg'))
const savePng = async () => {
  try {
    handOut(await swatchPng(sheet()), fileName(props.name, 'png'))
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <div class="swatch-panel">
    <SwatchChart
      :rows="rows"
      :shares="shares"
      :chosen="chosen"
      :through="kept.knitted === 'through'"
      movable
      @choose="emit('choose', $event)"
      @edge="(row, stitches, gesture) => emit('edge', row, stitches, gesture)"
    />
    <div class="sums figures">
      <span>{{ sum }}</span>
      <span v-if="evaluation?.looseLitres !== undefined && evaluation.mixLitres !== undefined">
        {{
          $t('blend.sums.loose', {
            loose: text(settings.measures.volume(evaluation.looseLitres)),
            mix: text(settings.measures.volume(evaluation.mixLitres)),
          })
        }}
      </span>
    </div>
    <div class="ways">
      <ChoiceList v-model="measure" :options="MEASURES" :label="$t('blend.measure.label')" hide-label />
      <ChoiceList v-model="kept.knitted" :options="KNITTED" :label="$t('blend.swatch.view')" hide-label />
    </div>
    <p v-if="rows.length > 0" class="save">
      {{ $t('blend.swatch.save') }}
      <button type="button" class="plain" @click="saveSvg">{{ $t('blend.swatch.svg') }}</button>
      <button type="button" class="plain" @click="savePng">{{ $t('blend.swatch.png') }}</button>
    </p>
    <p v-for="notice in evaluation?.notices ?? []" :key="notice" class="say attention">{{ notice }}</p>
    <CloseUp v-if="shares.length > 0" :rows="rows" :shares="shares" />
  </div>
</template>

<style scoped>
.swatch-panel {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.sums {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  justify-content: space-between;
  font-size: 13px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  justify-content: space-between;
}
.ways :deep(label) {
  padding: 2px 6px;
  min-height: 26px;
  font-size: 13px;
}
.save {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  font-size: 13px;
  color: var(--soft-ink);
}
</style>
