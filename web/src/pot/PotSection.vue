<script setup lang="ts">
import { computed } from 'vue'
import type { Pot } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'
import { WALL_LOOKS } from './walls'

/** A pot cut open, to scale: wall, mix, wet zone, drainage layer, foot. */
const props = defineProps<{ pot: Pot; mixHeightCm: number; wetZoneCm: number }>()
const settings = useSettings()
const SIZE = 300
const FOOT = 16
const LABELS = 118

const scale = computed(() => SIZE / Math.max(props.pot.topCm, props.pot.heightCm, props.pot.bottomCm, 1))
const middle = computed(() => (Math.max(props.pot.topCm, props.pot.bottomCm) * scale.value) / 2 + 12)
const height = computed(() => props.pot.heightCm * scale.value)
const widthAt = (cm: number) =>
  (props.pot.bottomCm + ((props.pot.topCm - props.pot.bottomCm) * cm) / props.pot.heightCm) * scale.value
const y = (cm: number) => 8 + height.value - cm * scale.value
const slice = (from: number, to: number) => {
  const a = widthAt(from) / 2
  const b = widthAt(to) / 2
  const m = middle.value
  return `M${m - a} ${y(from)} L${m + a} ${y(from)} L${m + b} ${y(to)} L${m - b} ${y(to)} Z`
}
const wall = computed(() => {
  const a = widthAt(0) / 2
  const b = widthAt(props.pot.heightCm) / 2
  const m = middle.value
  return `M${m - b} ${y(props.pot.heightCm)} L${m - a} ${y(0)} L${m + a} ${y(0)} L${m + b} ${y(props.pot.heightCm)}`
})
const layerTop = computed(() => props.pot.layerCm)
const wetTop = computed(() => layerTop.value + props.wetZoneCm)
const mixTop = computed(() => layerTop.value + props.mixHeightCm)
const WIDTHS = { CLAY: 9, PLASTIC: 4, GLAZED: 8 } as const
const stroke = computed(() => [WALL_LOOKS[props.pot.wall].colour, WIDTHS[props.pot.wall]] as const)
const holes = computed(() => props.pot.base !== 'NO_HOLES')
const total = computed(() => middle.value * 2 + LABELS)
const labels = computed(() => {
  const at = middle.value * 2 - 2
  const all = [
    {
      cm: mixTop.value,
      words: t('pot.potSection.filledTo', {
        mixTop: text(settings.measures.length(Math.round(mixTop.value * 10) / 10)),
      }),
    },
    {
      cm: wetTop.value,
      words: t('pot.potSection.wetFoot', {
        wetZoneCm: text(settings.measures.length(Math.round(props.wetZoneCm * 10) / 10)),
      }),
    },
    ...(layerTop.value > 0
      ? [
          {
            cm: layerTop.value,
            words: t('pot.potSection.layer', { layerTop: text(settings.measures.length(layerTop.value)) }),
          },
        ]
      : []),
  ]
  let last = -100
  return all.map((label) => {
    const place = Math.max(y(label.cm), last + 17)
    last = place
    return { ...label, x: at, y: place, edge: middle.value + widthAt(label.cm) / 2 }
  })
})
const spoken = computed(() =>
  t('pot.potSection.potCutOpenStanding', {
    labels: labels.value.map((label) => label.words).join(', '),
    pot: props.pot.base.toLowerCase().replace('_', ' '),
  }),
)
</script>

<template>
  <svg class="section" :viewBox="`0 0 ${total} ${height + FOOT + 26}`" role="img" :aria-label="spoken">
    <path :d="slice(layerTop, mixTop)" fill="var(--solids)" fill-opacity=".38" />
    <path :d="slice(layerTop, Math.min(wetTop, mixTop))" fill="var(--water)" fill-opacity=".55" />
    <path v-if="layerTop > 0" :d="slice(0, layerTop)" fill="var(--stitch)" />
    <path :d="wall" fill="none" :stroke="stroke[0]" :stroke-width="stroke[1]" stroke-linejoin="round" />
    <g v-if="holes" stroke="var(--paper)" :stroke-width="stroke[1] + 3">
      <line
        v-for="i in [-1, 0, 1]"
        :key="i"
        :x1="middle + (i * widthAt(0)) / 4 - 4"
        :x2="middle + (i * widthAt(0)) / 4 + 4"
        :y1="y(0)"
        :y2="y(0)"
      />
    </g>
    <g v-if="pot.base === 'ON_FEET'" fill="var(--solids)">
      <rect
        v-for="i in [-1, 1]"
        :key="i"
        :x="middle + (i * widthAt(0)) / 3 - 9"
        :y="y(0) + 5"
        width="18"
        :height="FOOT - 5"
      />
    </g>
    <line
      x1="4"
      :x2="middle * 2 - 4"
      :y1="y(0) + (pot.base === 'ON_FEET' ? FOOT : 6)"
      :y2="y(0) + (pot.base === 'ON_FEET' ? FOOT : 6)"
      stroke="var(--ink)"
    />
    <g v-for="label in labels" :key="label.words" class="label">
      <polyline
        :points="`${label.edge + 8},${y(label.cm)} ${label.x},${label.y}`"
        fill="none"
        stroke="var(--stitch)"
      />
      <text :x="label.x + 4" :y="label.y + 4">{{ label.words }}</text>
    </g>
  </svg>
</template>

<style scoped>
.section {
  display: block;
  width: 100%;
  max-width: 430px;
}
text {
  font: 14px var(--words);
  fill: var(--ink);
}
</style>
