<script setup lang="ts">
import { computed } from 'vue'
import type { Pot, SetUp, SetUpKind } from '@/api/types'
import { figureOf, HIGH, piecesOf, type Kin } from './figures'
import { lieOf } from './geometry'
import PlantFigure from './PlantFigure.vue'
import { WALL_LOOKS } from './walls'

/** A pot in outline, to scale with its neighbours as far as a list allows: wall, taper, layers, closed bottom; large ones with the figure of their plant. */
const props = defineProps<{
  pot: Pot | undefined
  setUp?: SetUp | undefined
  kind?: SetUpKind | undefined
  plant?: Kin | undefined
  large?: boolean
  /** Share of the water that it can spare that is left, 0 to 1. */
  water?: number | undefined
}>()
const side = computed(() => (props.large ? 84 : 40))
const figureRoom = computed(() => (props.large ? 40 : 0))
/** The largest pot of a list fills its square; small ones stay readable. By eye. */
const LARGEST_CM = 30
const LEAST = 0.5
const USUAL_FILL = 0.92
const lie = computed(() => {
  const pot = props.pot ?? { topCm: 1, bottomCm: 1, heightCm: 1 }
  const widest = Math.max(pot.topCm, pot.bottomCm, pot.heightCm)
  const share = Math.max(LEAST, Math.min(1, widest / LARGEST_CM)) * (side.value - 6)
  const wide = (share * Math.max(pot.topCm, pot.bottomCm)) / widest
  return lieOf(pot, {
    top: figureRoom.value + side.value - 3 - (share * pot.heightCm) / widest,
    left: (side.value - wide) / 2,
    high: (share * pot.heightCm) / widest,
    wide,
  })
})
const height = computed(() => props.pot?.heightCm ?? 1)
const fill = computed(() => (props.pot?.fill ?? USUAL_FILL) * height.value)
const under = computed(
  () => (props.pot?.layerCm ?? 0) + (props.setUp?.beds ?? []).reduce((all, bed) => all + bed.depthCm, 0),
)
const pole = computed(() => {
  const it = props.setUp?.pole
  return it && it.kind !== 'TRELLIS'
    ? {
        top: Math.max(2, lie.value.y(under.value + it.heightCm)),
        wide: Math.max(2, it.widthCm * lie.value.scale),
      }
    : undefined
})
</script>

<template>
  <svg class="pot-thumb" :class="{ large }" :viewBox="`0 0 ${side} ${side + figureRoom}`" aria-hidden="true">
    <template v-if="pot">
      <path :d="lie.slab(0, fill)" class="mix" />
      <path
        v-if="water !== undefined && water > 0"
        :d="lie.slab(0, under + water * (fill - under))"
        class="water"
      />
      <path v-if="under > 0" :d="lie.slab(0, under)" class="layer" />
      <rect
        v-if="pole && large"
        :x="lie.middle - pole.wide / 2"
        :y="pole.top"
        :width="pole.wide"
        :height="lie.y(under) - pole.top"
        class="pole"
      />
      <path :d="lie.slab(0, height)" class="wall" :style="{ stroke: WALL_LOOKS[pot.wall].colour }" />
      <path
        v-if="pot.base !== 'NO_HOLES'"
        :d="`M${lie.middle - 3} ${lie.y(0) + 0.4} H${lie.middle + 3}`"
        class="hole"
      />
      <PlantFigure
        v-if="large"
        :pieces="piecesOf(figureOf(kind ?? 'PLAIN', plant))"
        :tall="HIGH[figureOf(kind ?? 'PLAIN', plant)]"
        :x="lie.middle"
        :y="lie.y(fill)"
        :size="Math.min(0.72 * lie.half(fill), 24)"
        :highest="figureRoom"
      />
    </template>
  </svg>
</template>

<style scoped>
.pot-thumb {
  width: 40px;
  height: 40px;
  flex: none;
}
.pot-thumb.large {
  width: 84px;
  height: 124px;
}
.mix {
  fill: var(--bottle-soft);
}
.water {
  fill: var(--water);
  opacity: 0.55;
}
.layer {
  fill: var(--soft-ink);
  opacity: 0.6;
}
.pole {
  fill: #8a6a48;
}
.wall {
  fill: none;
  stroke-width: 2.4;
}
.hole {
  stroke: var(--paper);
  stroke-width: 2.6;
}
</style>
