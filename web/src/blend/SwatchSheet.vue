<script setup lang="ts">
import { computed } from 'vue'
import StitchMark from '@/material/StitchMark.vue'
import { figure } from '@/measure/units'
import { PRINT } from '@/theme/print'
import SwatchChart from '@/material/SwatchChart.vue'

/** A swatch to give away: chart, name and key as one drawing. */
const props = defineProps<{
  name: string
  rows: readonly { materialId: string; name: string }[]
  shares: readonly number[]
  through: boolean
}>()
const LINE = 34
const TOP = 56
const CHART = 400
const listed = computed(() => props.rows.map((row, i) => ({ ...row, percent: (props.shares[i] ?? 0) * 100 })))
const height = computed(() => Math.max(TOP + CHART + 20, TOP + listed.value.length * LINE + 30))
</script>

<template>
  <svg xmlns="http://www.w3.org/2000/svg" :viewBox="`0 0 780 ${height}`" width="780" :height="height">
    <rect width="780" :height="height" :fill="PRINT.paper" />
    <text x="20" y="36" font-size="24" font-weight="700" font-family="sans-serif" :fill="PRINT.ink">
      {{ name }}
    </text>
    <SwatchChart
      :rows="rows"
      :shares="shares"
      :through="through"
      x="20"
      :y="TOP"
      :width="CHART"
      :height="CHART - 40"
    />
    <g v-for="(row, i) in listed" :key="i" font-family="sans-serif" font-size="16" :fill="PRINT.ink">
      <StitchMark :material-id="row.materialId" :size="22" x="446" :y="TOP + i * LINE" />
      <text x="478" :y="TOP + i * LINE + 18">{{ row.name }}</text>
      <text x="760" :y="TOP + i * LINE + 18" text-anchor="end">{{ figure(row.percent, 1, true) }} %</text>
    </g>
  </svg>
</template>
