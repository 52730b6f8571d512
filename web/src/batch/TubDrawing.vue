<script setup lang="ts">
import { computed, useId } from 'vue'
import GrainDots from '@/material/GrainDots.vue'
import { chance } from '@/material/grains'
import { stitchOf } from '@/material/stitches'
import { strewn, type Dot } from '@/material/strewn'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'
import { scoopWords } from './scoops'

/** The tub of one load, cut open, to scale: what is in with its own grains, and as far as the rest will come. */
const props = defineProps<{
  tubLitres: number
  scoopLitres: number
  things: readonly { materialId: string; name: string; scoops: number; done: number; next: boolean }[]
}>()
const { material } = useMaterials()
const settings = useSettings()
const clip = useId()
const TOP = 460
const BOTTOM = 384
const DEEP = 380
const LEFT = 20
/** A tub is about as wide as it is deep, and a cut through it is as wide as the cube root of what it holds; by eye. */
const MM_PER_LITRE_ROOT = 125
const MOST_GRAINS = 110
const COVER = 0.62
const LEAST_PX = 1.6
const LABEL_PX = 38

const pxPerMm = computed(() => TOP / (MM_PER_LITRE_ROOT * Math.cbrt(props.tubLitres)))
/** How high something stands that is such a share of the tub: it widens upwards. */
const height = (share: number) => {
  const slope = (TOP - BOTTOM) / DEEP
  const area = Math.min(1, share) * ((TOP + BOTTOM) / 2) * DEEP
  return (-BOTTOM + Math.sqrt(BOTTOM * BOTTOM + 2 * slope * area)) / slope
}
const widthAt = (y: number) => BOTTOM + ((TOP - BOTTOM) * y) / DEEP
const layers = computed(() => {
  let litres = 0
  return props.things.map((thing) => {
    const stands = thing.done > 0 ? thing.done : thing.scoops
    const from = height(litres / props.tubLitres)
    litres += stands * props.scoopLitres
    const to = height(litres / props.tubLitres)
    return { ...thing, from, to, in: thing.done > 0 }
  })
})
const grains = computed<Dot[]>(() =>
  layers.value.flatMap((layer) => {
    const grain = material(layer.materialId)
    if (!layer.in || !grain) {
      return []
    }
    const radius = Math.max(LEAST_PX, (grain.d50Mm * pxPerMm.value) / 2)
    const area = (layer.to - layer.from) * widthAt((layer.from + layer.to) / 2)
    return strewn(
      { id: layer.materialId, shape: grain.shape, radius, area, cover: COVER, most: MOST_GRAINS },
      (seed) => {
        const y = layer.from + chance(`${seed} y`) * (layer.to - layer.from)
        return {
          x: LEFT + TOP / 2 + (chance(`${seed} x`) - 0.5) * (widthAt(y) - radius),
          y: DEEP + 12 - y,
        }
      },
    )
  }),
)
const shape = (from: number, to: number) => {
  const [w0, w1] = [widthAt(from), widthAt(to)]
  const middle = LEFT + TOP / 2
  const y = (up: number) => DEEP + 12 - up
  return `${middle - w0 / 2},${y(from)} ${middle + w0 / 2},${y(from)} ${middle + w1 / 2},${y(to)} ${middle - w1 / 2},${y(to)}`
}
/** Labels keep their distance, from the lowest upwards. */
const labels = computed(() => {
  let free = DEEP + 12
  return layers.value.map((layer) => {
    const wanted = DEEP + 12 - (layer.from + layer.to) / 2
    const y = Math.min(wanted, free - LABEL_PX / 2)
    free = y - LABEL_PX / 2
    return { ...layer, y, at: wanted }
  })
})
const top = computed(() => Math.min(0, ...labels.value.map((each) => each.y - 20)))
const said = (layer: { scoops: number; done: number; in: boolean; next: boolean }) =>
  !layer.in
    ? t(
        layer.next ? 'batch.tub.next' : 'batch.tub.toCome',
        { scoops: scoopWords(layer.scoops) },
        layer.scoops,
      )
    : layer.done + 1e-9 < layer.scoops
      ? t('batch.tub.partly', { done: scoopWords(layer.done), scoops: scoopWords(layer.scoops) })
      : t('batch.tub.in', { scoops: scoopWords(layer.done) }, layer.done)
const alone = computed(() =>
  t('batch.tub.alone', {
    list: layers.value.map((layer) => `${layer.name}: ${said(layer)}`).join('; '),
    tub: text(settings.measures.volume(props.tubLitres)),
  }),
)
</script>

<template>
  <svg class="tub" :viewBox="`0 ${top} 740 ${400 - top}`" role="img" :aria-label="alone">
    <clipPath :id="clip"><polygon :points="shape(0, DEEP)" /></clipPath>
    <g :clip-path="`url(#${clip})`">
      <template v-for="layer in layers" :key="layer.materialId">
        <polygon
          v-if="layer.in"
          :points="shape(layer.from, layer.to)"
          :fill="stitchOf(layer.materialId).colour"
          fill-opacity=".28"
        />
        <polygon
          v-else
          :points="shape(layer.from, layer.to)"
          fill="none"
          stroke="var(--stitch)"
          stroke-dasharray="5 5"
        />
      </template>
      <GrainDots :dots="grains" />
    </g>
    <polyline
      :points="`${LEFT},12 ${LEFT + (TOP - BOTTOM) / 2},${DEEP + 12} ${LEFT + (TOP + BOTTOM) / 2},${DEEP + 12} ${LEFT + TOP},12`"
      fill="none"
      stroke="var(--ink)"
      stroke-width="3"
    />
    <g v-for="label in labels" :key="label.materialId" :class="{ coming: !label.in }">
      <path
        :d="`M ${LEFT + TOP / 2 + widthAt(DEEP + 12 - label.at) / 2 + 4} ${label.at} L ${LEFT + TOP + 24} ${label.y}`"
        stroke="var(--stitch)"
        fill="none"
      />
      <text :x="LEFT + TOP + 28" :y="label.y - 2" class="name">{{ label.name }}</text>
      <text :x="LEFT + TOP + 28" :y="label.y + 15">{{ said(label) }}</text>
    </g>
  </svg>
</template>

<style scoped>
.tub {
  width: 100%;
  height: auto;
  max-height: 62vh;
}
text {
  font-size: 14.5px;
  fill: var(--ink);
}
.name {
  font-weight: 600;
}
.coming text {
  fill: var(--soft-ink);
}
</style>
