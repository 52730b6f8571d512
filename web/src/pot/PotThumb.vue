<script setup lang="ts">
import { computed } from 'vue'
import type { Pot } from '@/api/types'
import { WALL_LOOKS } from './walls'

/** A pot in outline, to scale with its neighbours as far as a list allows: wall, taper, layer, closed bottom. */
const props = defineProps<{ pot: Pot | undefined }>()
const SIDE = 40
const FLOOR = 37
/** The largest pot of a list fills its square; small ones stay readable. By eye. */
const LARGEST_CM = 30
const LEAST = 0.55
const scale = computed(() => {
  const widest = Math.max(props.pot?.topCm ?? 1, props.pot?.bottomCm ?? 1, props.pot?.heightCm ?? 1)
  const share = Math.max(LEAST, Math.min(1, widest / LARGEST_CM))
  return (share * (SIDE - 6)) / widest
})
const half = (cm: number) => {
  const { topCm = 1, bottomCm = 1, heightCm = 1 } = props.pot ?? {}
  return ((bottomCm + ((topCm - bottomCm) * cm) / heightCm) * scale.value) / 2
}
const y = (cm: number) => FLOOR - cm * scale.value
const slab = (from: number, to: number) =>
  `M${SIDE / 2 - half(from)} ${y(from)} H${SIDE / 2 + half(from)} L${SIDE / 2 + half(to)} ${y(to)} H${SIDE / 2 - half(to)} Z`
const height = computed(() => props.pot?.heightCm ?? 1)
</script>

<template>
  <svg class="pot-thumb" :viewBox="`0 0 ${SIDE} ${SIDE}`" aria-hidden="true">
    <template v-if="pot">
      <path :d="slab(0, 0.92 * height)" class="mix" />
      <path v-if="pot.layerCm > 0" :d="slab(0, pot.layerCm)" class="layer" />
      <path :d="slab(0, height)" class="wall" :style="{ stroke: WALL_LOOKS[pot.wall].colour }" />
      <path
        v-if="pot.base !== 'NO_HOLES'"
        :d="`M${SIDE / 2 - 3} ${FLOOR + 0.4} H${SIDE / 2 + 3}`"
        class="hole"
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
.mix {
  fill: var(--bottle-soft);
}
.layer {
  fill: var(--soft-ink);
  opacity: 0.6;
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
