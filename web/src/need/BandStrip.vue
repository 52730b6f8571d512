<script setup lang="ts">
import { computed } from 'vue'
import { figure } from '@/measure/units'
import { t } from '@/words'

/** A wanted range drawn on a scale that is the same for every plant, with its ends as figures. An open low end is not written. */
const props = withDefaults(
  defineProps<{
    label: string
    low?: number
    high: number
    from: number
    to: number
    unit: string
    decimals?: number
    words?: string
  }>(),
  { decimals: 0 },
)
const at = (value: number) =>
  Math.min(100, Math.max(0, (100 * (value - props.from)) / (props.to - props.from)))
const left = computed(() => at(props.low ?? props.from))
const width = computed(() => Math.max(1, at(props.high) - left.value))
const shown = computed(() => {
  if (props.words !== undefined) {
    return props.words
  }
  const high = figure(props.high, props.decimals, true)
  if (props.low === undefined) {
    return t('need.bandStrip.upTo', { high, unit: props.unit })
  }
  const low = figure(props.low, props.decimals, true)
  return props.low < 0
    ? t('need.bandStrip.fromTo', { low, high, unit: props.unit })
    : `${low}–${high} ${props.unit}`
})
</script>

<template>
  <div class="band-strip">
    <span class="label">{{ label }}</span>
    <span class="figures">{{ shown }}</span>
    <span class="track" aria-hidden="true">
      <span class="band" :style="{ left: `${left}%`, width: `${width}%` }" />
    </span>
  </div>
</template>

<style scoped>
.band-strip {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1px 12px;
  align-items: baseline;
}
.figures {
  font-size: 14px;
}
.track {
  grid-column: 1 / -1;
  position: relative;
  height: 12px;
  border-bottom: 1px solid var(--stitch);
  background: repeating-linear-gradient(to right, var(--line) 0 1px, transparent 1px 10%);
}
.band {
  position: absolute;
  top: 3px;
  bottom: 0;
  background: var(--bottle-soft);
  border: 1px solid var(--bottle);
  border-bottom: 0;
}
</style>
