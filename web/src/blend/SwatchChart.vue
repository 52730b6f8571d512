<script setup lang="ts">
import { computed, useId } from 'vue'
import { LEG, MARKS, STITCH_HEIGHT, STITCH_WIDTH, stitchOf } from '@/material/stitches'
import { knit, OPEN, stitchCounts } from './swatch'

/** A blend as knitting: ten by ten stitches, one for each per cent by volume. */
const props = withDefaults(
  defineProps<{
    rows: readonly { materialId: string; name: string }[]
    shares: readonly number[]
    chosen?: number
    across?: number
    down?: number
  }>(),
  { chosen: -1, across: 10, down: 10 },
)
const prefix = useId()
const total = computed(() => props.across * props.down)
const stitches = computed(() =>
  knit(props.shares, total.value).map((row, place) => ({
    row,
    x: (place % props.across) * STITCH_WIDTH,
    y: (props.down - 1 - Math.floor(place / props.across)) * STITCH_HEIGHT,
  })),
)
const materials = computed(() => [...new Set(props.rows.map((row) => row.materialId))])
const box = computed(() => `0 0 ${props.across * STITCH_WIDTH} ${props.down * STITCH_HEIGHT + 6}`)
const spoken = computed(() => {
  const counts = stitchCounts(props.shares, 100)
  const named = props.rows
    .map((row, i) => `${counts[i] ?? 0} % ${row.name}`)
    .filter((each) => !each.startsWith('0 '))
  const open = counts.at(-1) ?? 0
  return `Swatch: ${[...named, ...(open > 0 ? [`${open} % open`] : [])].join(', ')}`
})
const symbol = (row: number) => `#${prefix}-${props.rows[row]?.materialId ?? 'open'}`
</script>

<template>
  <svg class="swatch" :viewBox="box" role="img" :aria-label="spoken">
    <defs>
      <symbol v-for="id in materials" :id="`${prefix}-${id}`" :key="id" overflow="visible">
        <g
          v-for="side in 2"
          :key="side"
          :transform="side === 2 ? `translate(${STITCH_WIDTH} 0) scale(-1 1)` : undefined"
        >
          <path
            :d="LEG"
            :fill="stitchOf(id).colour"
            stroke="#17211d"
            stroke-opacity=".5"
            stroke-width="1.1"
          />
          <path
            :d="MARKS[stitchOf(id).mark]"
            fill="none"
            :stroke="stitchOf(id).thread"
            stroke-opacity=".85"
            stroke-width="1.4"
            stroke-linecap="round"
            stroke-linejoin="round"
          />
        </g>
      </symbol>
      <symbol :id="`${prefix}-open`" overflow="visible">
        <g
          v-for="side in 2"
          :key="side"
          :transform="side === 2 ? `translate(${STITCH_WIDTH} 0) scale(-1 1)` : undefined"
        >
          <path :d="LEG" fill="none" stroke="var(--stitch)" stroke-width="1.2" stroke-dasharray="2.5 2.5" />
        </g>
      </symbol>
    </defs>
    <use
      v-for="(stitch, place) in stitches"
      :key="place"
      :href="stitch.row === OPEN ? `#${prefix}-open` : symbol(stitch.row)"
      :x="stitch.x"
      :y="stitch.y"
      :opacity="chosen < 0 || chosen === stitch.row ? 1 : 0.45"
    />
  </svg>
</template>

<style scoped>
.swatch {
  display: block;
  width: 100%;
  height: auto;
}
</style>
