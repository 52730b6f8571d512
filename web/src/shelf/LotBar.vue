<script setup lang="ts">
import { computed, useId } from 'vue'
import { LEG, MARKS, stitchOf } from '@/material/stitches'

/** What is left of a lot, knitted from its stitch to the same scale as all others; the outline is the full lot. */
const props = defineProps<{
  materialId: string
  full: number
  left: number
  scale: number
  mark: number | undefined
}>()
const id = useId()
const stitch = computed(() => stitchOf(props.materialId))
const percent = (litres: number) => `${Math.min(100, (100 * litres) / props.scale)}%`
</script>

<template>
  <svg class="lot-bar" height="24" width="100%" aria-hidden="true">
    <defs>
      <pattern :id="`${id}-knit`" patternUnits="userSpaceOnUse" width="16" height="14">
        <g transform="scale(.5)">
          <template v-for="row in [-1, 0, 1]" :key="row">
            <g
              v-for="side in 2"
              :key="side"
              :transform="`translate(${side === 2 ? 32 : 0} ${row * 28}) scale(${side === 2 ? -1 : 1} 1)`"
            >
              <path :d="LEG" :fill="stitch.colour" stroke="var(--ink)" stroke-opacity=".4" />
              <path
                :d="MARKS[stitch.mark]"
                fill="none"
                :stroke="stitch.thread"
                stroke-width="1.8"
                stroke-linecap="round"
              />
            </g>
          </template>
        </g>
      </pattern>
    </defs>
    <rect class="full" x="0.5" y="2.5" :width="percent(Math.max(full, left))" height="19" />
    <rect v-if="left > 0" x="0.5" y="3" :width="percent(left)" height="18" :fill="`url(#${id}-knit)`" />
    <line v-if="mark !== undefined" class="mark" :x1="percent(mark)" :x2="percent(mark)" y1="0" y2="24" />
  </svg>
</template>

<style scoped>
.lot-bar {
  display: block;
  overflow: visible;
}
.full {
  fill: var(--sheet);
  stroke: var(--stitch);
}
.mark {
  stroke: var(--marigold);
  stroke-width: 2;
  stroke-dasharray: 3 2;
}
</style>
