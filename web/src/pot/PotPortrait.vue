<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Portrait } from '@/api/types'
import GrainDots from '@/material/GrainDots.vue'
import { chance } from '@/material/grains'
import { strewn, type Dot } from '@/material/strewn'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { saveDrawing } from '@/parts/saveDrawing'
import { t } from '@/words'
import { WALL_LOOKS } from './walls'

/** A pot cut open, to scale, from its data: wall by kind, taper, holes and feet, layer, grains of its own mix, water from below, wet foot, how far it sinks. */
const props = defineProps<{ portrait: Portrait }>()
const { material } = useMaterials()
const settings = useSettings()
const clip = useId()
const HIGH = 400
const WIDE = 380
const TOP = 26
const LEFT = 56
const FOOT = 14
const LABEL = 19
const LABEL_ROOM = 240
const MOST_GRAINS = 420
const LEAST_PX = 1.8
const COVER = 0.8
const pot = computed(() => props.portrait.potting.brief.pot)
const top = computed(() => pot.value?.topCm ?? 14)
const bottom = computed(() => pot.value?.bottomCm ?? 10)
const height = computed(() => pot.value?.heightCm ?? 13)
const scale = computed(() => Math.min(HIGH / height.value, WIDE / Math.max(top.value, bottom.value)))
const middle = computed(() => LEFT + (Math.max(top.value, bottom.value) * scale.value) / 2)
const y = (cm: number) => TOP + (height.value - cm) * scale.value
const half = (cm: number) =>
  ((bottom.value + ((top.value - bottom.value) * cm) / height.value) * scale.value) / 2
const slab = (from: number, to: number) =>
  `M${middle.value - half(from)} ${y(from)} H${middle.value + half(from)} L${middle.value + half(to)} ${y(to)} H${middle.value - half(to)} Z`
const wall = computed(() => WALL_LOOKS[pot.value?.wall ?? 'PLASTIC'])
const thick = computed(() => Math.max(3, wall.value.cm * scale.value))
const rim = computed(() => height.value)
const outline = computed(() => {
  const [m, w] = [middle.value, thick.value]
  const [a, b] = [half(0), half(rim.value)]
  return `M${m - b - w} ${y(rim.value)} L${m - a - w} ${y(0) + w} H${m + a + w} L${m + b + w} ${y(rim.value)} H${m + b} L${m + a} ${y(0)} H${m - a} L${m - b} ${y(rim.value)} Z`
})
const holes = computed(() =>
  pot.value?.base === 'NO_HOLES' ? [] : [-0.5, 0, 0.5].map((at) => at * half(0) * 1.2),
)
/** Where water runs over in a pot without holes [cm]; 0 if it cannot. */
const overflowCm = computed(() => (pot.value?.base === 'NO_HOLES' ? (pot.value.baseCm ?? 0) : 0))
const onFeet = computed(() => pot.value?.base === 'ON_FEET')

const strew = (id: string, share: number, from: number, to: number, seed: string): Dot[] => {
  const grain = material(id)
  if (!grain || to <= from) {
    return []
  }
  return strewn(
    {
      id,
      shape: grain.shape,
      radius: Math.max(LEAST_PX, (grain.d50Mm / 20) * scale.value),
      area: (to - from) * scale.value * (half(from) + half(to)) * share,
      cover: COVER,
      most: MOST_GRAINS,
      seed,
    },
    (key) => {
      const cm = from + chance(`${key} y`) * (to - from)
      return { x: middle.value + (chance(`${key} x`) - 0.5) * 2 * half(cm), y: y(cm) }
    },
  )
}
const sum = computed(() => props.portrait.recipe.parts.reduce((all, part) => all + part.amount, 0))
const grains = computed(() =>
  props.portrait.recipe.parts
    .flatMap((part) =>
      strew(part.materialId, part.amount / sum.value, props.portrait.layerCm, props.portrait.fillCm, 'mix'),
    )
    .sort((a, b) => chance(`${a.key} o`) - chance(`${b.key} o`)),
)
const stones = computed(() =>
  pot.value?.layerMaterialId ? strew(pot.value.layerMaterialId, 1, 0, props.portrait.layerCm, 'layer') : [],
)
/** Between the grains: water as a tint, the deeper the more of the pores it fills. */
const tints = computed(() =>
  props.portrait.slices.map((slice) => ({
    d: slab(slice.fromCm, slice.toCm),
    opacity: 0.75 * Math.min(1, slice.water / Math.max(1e-9, slice.water + slice.air)) ** 1.6,
  })),
)
const cm = (value: number) => text(settings.measures.length(Math.round(value * 10) / 10))
const labels = computed(() => {
  const it = props.portrait
  const all = [
    { at: rim.value, words: t('pot.portrait.rim', { cm: cm(rim.value) }) },
    {
      at: it.fillCm,
      words:
        it.fillCm - it.settledCm > 0.15
          ? t('pot.portrait.filledSinks', { cm: cm(it.fillCm), sinks: cm(it.settledCm) })
          : t('pot.portrait.filled', { cm: cm(it.fillCm) }),
    },
    {
      at: (it.fillCm + it.layerCm) / 2,
      words: t('pot.portrait.mix', {
        blend: it.potting.blendName,
        litres: text(settings.measures.volume(it.mixLitres)),
      }),
    },
    { at: it.layerCm + it.wetFootCm, words: t('pot.portrait.wetFoot', { cm: cm(it.wetFootCm) }) },
    ...(overflowCm.value > 0
      ? [{ at: overflowCm.value, words: t('pot.portrait.overflow', { cm: cm(overflowCm.value) }) }]
      : []),
    ...(it.layerCm > 0
      ? [
          {
            at: it.layerCm / 2,
            words: t('pot.portrait.layer', { name: it.layerName ?? '', cm: cm(it.layerCm) }),
          },
        ]
      : []),
  ].sort((a, b) => b.at - a.at)
  let free = -Infinity
  const placed = all.map((label) => {
    const place = Math.max(y(label.at), free)
    free = place + LABEL
    return { ...label, place }
  })
  const over = Math.max(0, (placed.at(-1)?.place ?? 0) - (y(0) + FOOT))
  return placed.map((label) => ({ ...label, place: label.place - over }))
})
const labelX = computed(() => middle.value + half(rim.value) + thick.value + 26)
const width = computed(() => labelX.value + LABEL_ROOM)
const depth = computed(() => y(0) + thick.value + FOOT + 10)
const said = computed(() =>
  t('pot.portrait.said', { labels: labels.value.map((label) => label.words).join('; ') }),
)
const drawing = ref<SVGSVGElement>()
defineExpose({ save: () => drawing.value && saveDrawing(drawing.value, props.portrait.potting.label) })
</script>

<template>
  <svg ref="drawing" class="portrait" :viewBox="`0 0 ${width} ${depth}`" role="img" :aria-label="said">
    <defs>
      <clipPath :id="`${clip}m`"><path :d="slab(portrait.layerCm, portrait.fillCm)" /></clipPath>
      <clipPath :id="`${clip}l`"><path :d="slab(0, Math.max(0.01, portrait.layerCm))" /></clipPath>
    </defs>
    <g :clip-path="`url(#${clip}m)`">
      <path :d="slab(portrait.layerCm, portrait.fillCm)" class="ground" />
      <path
        v-for="(tint, i) in tints"
        :key="i"
        :d="tint.d"
        class="water"
        :style="{ opacity: tint.opacity }"
      />
      <GrainDots :dots="grains" />
    </g>
    <g v-if="portrait.layerCm > 0" :clip-path="`url(#${clip}l)`">
      <path :d="slab(0, portrait.layerCm)" class="ground" />
      <GrainDots :dots="stones" />
    </g>
    <line
      :x1="middle - half(portrait.layerCm + portrait.wetFootCm)"
      :x2="middle + half(portrait.layerCm + portrait.wetFootCm)"
      :y1="y(portrait.layerCm + portrait.wetFootCm)"
      :y2="y(portrait.layerCm + portrait.wetFootCm)"
      class="foot"
    />
    <line
      v-if="portrait.fillCm - portrait.settledCm > 0.15"
      :x1="middle - half(portrait.settledCm)"
      :x2="middle + half(portrait.settledCm)"
      :y1="y(portrait.settledCm)"
      :y2="y(portrait.settledCm)"
      class="sinks"
    />
    <path :d="outline" :fill="wall.colour" />
    <rect
      v-for="at in holes"
      :key="at"
      :x="middle + at - 7"
      :y="y(0) - 0.5"
      width="14"
      :height="thick + 1"
      class="hole"
    />
    <rect
      v-if="overflowCm > 0"
      :x="middle + half(overflowCm) - 1"
      :y="y(overflowCm) - 4"
      :width="thick + 3"
      height="8"
      class="hole"
    />
    <g v-if="onFeet">
      <rect
        v-for="side in [-0.7, 0.7]"
        :key="side"
        :x="middle + side * half(0) - 12"
        :y="y(0) + thick"
        width="24"
        height="8"
        class="feet"
      />
    </g>
    <line :x1="LEFT - 40" :x2="labelX - 30" :y1="depth - 9" :y2="depth - 9" class="stand" />
    <g v-for="label in labels" :key="label.words">
      <path
        :d="`M${middle + half(label.at) + thick + 2} ${y(label.at)} L${labelX - 8} ${label.place}`"
        class="lead"
      />
      <text :x="labelX - 4" :y="label.place + 4">{{ label.words }}</text>
    </g>
  </svg>
</template>

<style scoped>
.portrait {
  width: 100%;
  max-height: 560px;
}
.ground {
  fill: var(--sheet);
}
.water {
  fill: var(--water);
  shape-rendering: crispedges;
}
.foot {
  stroke: var(--water);
  stroke-width: 2;
}
.sinks {
  stroke: var(--ink);
  stroke-width: 1.4;
  stroke-dasharray: 5 4;
}
.hole {
  fill: var(--paper);
}
.feet {
  fill: var(--soft-ink);
}
.stand {
  stroke: var(--line);
  stroke-width: 2;
}
.lead {
  fill: none;
  stroke: var(--soft-ink);
  stroke-width: 1;
}
text {
  font-size: 13.5px;
  fill: var(--ink);
}
</style>
