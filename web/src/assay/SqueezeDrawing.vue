<script setup lang="ts">
import type { BenchTest } from '@/api/types'

/** What a squeezed handful does. */
defineProps<{ shows: NonNullable<BenchTest['shows']> }>()
const CRUMBS = [
  [18, 40, 6],
  [30, 46, 4],
  [42, 38, 7],
  [55, 46, 5],
  [66, 41, 6],
  [78, 47, 4],
  [36, 52, 3],
  [62, 53, 3],
] as const
</script>

<template>
  <svg viewBox="0 0 96 64" aria-hidden="true" class="squeeze">
    <g v-if="shows === 'CRUMBLES'">
      <circle v-for="([x, y, r], i) in CRUMBS" :key="i" :cx="x" :cy="y" :r="r" class="mix" />
    </g>
    <g v-else>
      <path
        d="M24 34 C22 18 36 10 50 11 C66 12 76 22 73 36 C71 47 60 50 48 50 C36 50 26 46 24 34 Z"
        class="mix"
      />
      <path d="M34 22 C38 26 36 32 40 36 M54 18 C58 24 56 30 60 34 M44 40 C48 42 54 41 57 44" class="line" />
    </g>
    <g v-if="shows === 'RUNS_FREELY'" class="water">
      <path d="M36 50 V63 M46 51 V64 M56 50 V63 M64 46 V62" />
    </g>
    <g v-if="shows === 'FEW_DROPS'" class="drops">
      <path d="M42 53 q-3.4 6 0 7 q3.4 -1 0 -7 M58 52 q-3.4 6 0 7 q3.4 -1 0 -7" />
    </g>
  </svg>
</template>

<style scoped>
.squeeze {
  width: 96px;
  height: 64px;
}
.mix {
  fill: var(--bottle-soft);
  stroke: var(--bottle);
  stroke-width: 1.6;
}
.line,
.water {
  fill: none;
  stroke: var(--bottle);
  stroke-width: 1.4;
}
.water {
  stroke: var(--water);
  stroke-width: 2.4;
  stroke-linecap: round;
}
.drops {
  fill: var(--water);
}
</style>
