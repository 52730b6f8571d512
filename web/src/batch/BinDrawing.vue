<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Bin } from '@/api/types'
import GrainDots from '@/material/GrainDots.vue'
import { chance } from '@/material/grains'
import { stitchOf } from '@/material/stitches'
import { strewn, type Dot } from '@/material/strewn'
import { useMaterials } from '@/material/useBook'

/** The bin of a batch, cut open: its mix with grains of every material by their share, as full as it is. */
const props = defineProps<{ recipe: Bin['recipe']; full: number }>()
const { material } = useMaterials()
const clip = useId()
const WIDTH = 440
const DEEP = 150
const EDGE = 10
const PX_PER_MM = 1.5
const LEAST_PX = 3
const MOST_PX = 13
const MOST_GRAINS = 520
const COVER = 0.95

const level = computed(() => Math.max(0, Math.min(1, props.full)) * (DEEP - 12))
const sum = computed(() => props.recipe.parts.reduce((all, part) => all + part.amount, 0))
const grains = computed<Dot[]>(() =>
  props.recipe.parts
    .flatMap((part) => {
      const grain = material(part.materialId)
      return grain && sum.value > 0
        ? strewn(
            {
              id: part.materialId,
              shape: grain.shape,
              radius: Math.min(MOST_PX, Math.max(LEAST_PX, (grain.d50Mm * PX_PER_MM) / 2)),
              area: (WIDTH * DEEP * part.amount) / sum.value,
              cover: COVER,
              most: MOST_GRAINS,
            },
            (seed) => ({ x: EDGE + chance(`${seed} x`) * WIDTH, y: EDGE + chance(`${seed} y`) * DEEP }),
          )
        : []
    })
    .sort((a, b) => chance(`${a.key} o`) - chance(`${b.key} o`)),
)
/** Between the grains it is as the most of it is. */
const ground = computed(() => {
  const most = [...props.recipe.parts].sort((a, b) => b.amount - a.amount)[0]
  return stitchOf(most?.materialId ?? '').colour
})
const shares = computed(() =>
  props.recipe.parts.map((part) => ({
    name: material(part.materialId)?.name ?? part.materialId,
    percent: Math.round((100 * part.amount) / Math.max(1e-9, sum.value)),
  })),
)
</script>

<template>
  <figure class="bin">
    <svg
      :viewBox="`0 0 ${WIDTH + 2 * EDGE} ${DEEP + 2 * EDGE}`"
      role="img"
      :aria-label="$t('batch.done.binLabel')"
    >
      <clipPath :id="clip">
        <rect :x="EDGE" :y="EDGE + DEEP - level" :width="WIDTH" :height="level" rx="4" />
      </clipPath>
      <g :clip-path="`url(#${clip})`">
        <rect :x="EDGE" :y="EDGE" :width="WIDTH" :height="DEEP" class="ground" :style="{ fill: ground }" />
        <GrainDots :dots="grains" />
      </g>
      <path
        :d="`M${EDGE} ${EDGE} V${EDGE + DEEP - 8} Q${EDGE} ${EDGE + DEEP} ${EDGE + 8} ${EDGE + DEEP} H${EDGE + WIDTH - 8} Q${EDGE + WIDTH} ${EDGE + DEEP} ${EDGE + WIDTH} ${EDGE + DEEP - 8} V${EDGE}`"
        class="wall"
      />
    </svg>
    <figcaption>
      {{ shares.map(({ name, percent }) => `${percent} % ${name}`).join(', ') }}
    </figcaption>
  </figure>
</template>

<style scoped>
.bin {
  margin: 0;
  max-width: 520px;
}
svg {
  width: 100%;
  display: block;
}
.ground {
  opacity: 0.35;
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
figcaption {
  font-size: 14px;
  margin-top: 4px;
}
</style>
