<script setup lang="ts">
import { computed } from 'vue'
import type { Roots } from '@/api/types'
import { chance } from '@/material/grains'

/** A ball out of its pot, as it is answered: colour and run of its roots, whether it holds, whether they are soft, what the mix is like. */
const props = defineProps<{ roots: Roots }>()
const COLOURS: Record<Roots['colour'], string> = {
  PALE: '#efe6cf',
  TAN: '#c9a878',
  BROWN: '#7d5a3a',
  BLACK: '#2b2622',
}
const MIXES: Record<Roots['oldMix'], string> = { LOOSE: '#8b755b', PACKED: '#66523e', SLUDGE: '#3f382f' }
const WIDE = 240
const paths = computed(() => {
  const { growth, firmness } = props.roots
  const count = { SPARSE: 7, WELL_SPREAD: 20, CIRCLING: 12, MATTED: 16 }[growth]
  const droop = firmness === 'SOFT' ? 22 : 0
  if (growth === 'CIRCLING' || growth === 'MATTED') {
    return Array.from({ length: count }, (_, i) => {
      const at = 44 + (i / count) * 106
      const half = 74 - (at - 44) * 0.17
      const dip = 8 + 7 * chance(`dip ${i}`)
      return `M${120 - half} ${at} Q120 ${at + dip * (i % 2 ? 1 : -1) + droop} ${120 + half} ${at + 6 * (chance(`end ${i}`) - 0.5)}`
    })
  }
  return Array.from({ length: count }, (_, i) => {
    const side = ((i + 0.5) / count) * 2 - 1
    const long = 70 + 50 * chance(`long ${i}`)
    const x = 120 + side * 68
    return `M${120 + side * 14} 44 Q${120 + side * 40} ${70 + droop} ${x} ${44 + long}`
  })
})
const crumbs = computed(() =>
  props.roots.ball === 'FALLS_APART'
    ? Array.from({ length: 26 }, (_, i) => ({
        x: 20 + 200 * chance(`crumb ${i}`),
        y: 150 + 38 * chance(`crumb y ${i}`),
        r: 3 + 5 * chance(`crumb r ${i}`),
      }))
    : [],
)
const body = computed(() =>
  props.roots.ball === 'FALLS_APART'
    ? 'M54 44 H186 L176 96 L158 118 L150 104 L128 134 L112 112 L92 138 L84 110 L66 116 Z'
    : 'M46 44 H194 L176 162 H64 Z',
)
</script>

<template>
  <svg class="root-drawing" :viewBox="`0 0 ${WIDE} 200`" aria-hidden="true">
    <path
      d="M120 44 V8 M120 30 q-26 -16 -40 -6 q14 14 40 6 M120 22 q24 -18 42 -8 q-16 16 -42 8"
      class="plant"
    />
    <path :d="body" :fill="MIXES[roots.oldMix]" />
    <circle
      v-for="(crumb, i) in crumbs"
      :key="i"
      :cx="crumb.x"
      :cy="crumb.y"
      :r="crumb.r"
      :fill="MIXES[roots.oldMix]"
    />
    <path
      v-for="(path, i) in paths"
      :key="i"
      :d="path"
      fill="none"
      :stroke="COLOURS[roots.colour]"
      :stroke-width="roots.firmness === 'PAPERY' ? 1.2 : roots.growth === 'MATTED' ? 4 : 2.6"
      :stroke-dasharray="roots.firmness === 'PAPERY' ? '5 2' : undefined"
      stroke-linecap="round"
    />
    <g v-if="roots.smell === 'SOUR'" class="smell">
      <path d="M206 120 q8 -8 0 -16 t0 -16 M220 126 q8 -8 0 -16 t0 -16" />
    </g>
  </svg>
</template>

<style scoped>
.root-drawing {
  width: 100%;
  max-width: 330px;
}
.plant {
  fill: #4c7a3d;
  stroke: #4c7a3d;
  stroke-width: 3;
}
.smell path {
  fill: none;
  stroke: var(--marigold);
  stroke-width: 3;
}
</style>
