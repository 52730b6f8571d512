<script setup lang="ts">
import type { Pot, Section, SetUp } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { handy, type Lie } from './geometry'
import { useSeams } from './useSeams'

/** The seams of a pot with their grips, to be drawn up and down by pointer or arrow keys. */
const props = defineProps<{ pot: Pot; setUp: SetUp; section: Section; lie: Lie; thick: number }>()
const emit = defineEmits<{ change: [pot: Pot, setUp: SetUp] }>()
const settings = useSettings()
const cm = (value: number) => text(settings.measures.length(Math.round(value * 10) / 10))
const { seams, press, key } = useSeams(
  () => props.pot,
  () => props.setUp,
  () => props.section,
  (pixels) => (props.lie.y(0) - pixels) / props.lie.scale,
  (pot, setUp) => emit('change', pot, setUp),
)
</script>

<template>
  <g class="pot-seams">
    <g
      v-for="seam in seams"
      :key="seam.id"
      class="seam"
      role="slider"
      tabindex="0"
      :aria-label="seam.words"
      :aria-valuenow="Math.round(seam.atCm * 10) / 10"
      :aria-valuemin="Math.round(seam.lowCm * 10) / 10"
      :aria-valuemax="Math.round(seam.highCm * 10) / 10"
      :aria-valuetext="cm(seam.valueCm)"
      @pointerdown="press($event, seam)"
      @keydown="key($event, seam, handy)"
    >
      <line
        :x1="lie.middle - lie.half(seam.atCm)"
        :x2="lie.middle + lie.half(seam.atCm)"
        :y1="lie.y(seam.atCm)"
        :y2="lie.y(seam.atCm)"
        class="grab"
      />
      <line
        :x1="lie.middle - lie.half(seam.atCm) - thick - 2"
        :x2="lie.middle + lie.half(seam.atCm)"
        :y1="lie.y(seam.atCm)"
        :y2="lie.y(seam.atCm)"
        class="seam-line"
      />
      <circle :cx="lie.middle - lie.half(seam.atCm) - thick - 9" :cy="lie.y(seam.atCm)" r="7" class="grip" />
      <path
        :d="`M${lie.middle - lie.half(seam.atCm) - thick - 12} ${lie.y(seam.atCm) - 1.5} l3 -3.5 l3 3.5 M${lie.middle - lie.half(seam.atCm) - thick - 12} ${lie.y(seam.atCm) + 1.5} l3 3.5 l3 -3.5`"
        class="arrows"
      />
    </g>
  </g>
</template>

<style scoped>
.seam {
  cursor: ns-resize;
  touch-action: none;
  outline: none;
}
.grab {
  stroke: transparent;
  stroke-width: 14;
}
.seam-line {
  stroke: var(--bottle);
  stroke-width: 1.2;
  stroke-dasharray: 2 4;
}
.grip {
  fill: var(--paper);
  stroke: var(--bottle);
  stroke-width: 1.6;
}
.arrows {
  fill: none;
  stroke: var(--bottle);
  stroke-width: 1.4;
}
.seam:hover .grip,
.seam:focus-visible .grip {
  fill: var(--bottle);
}
.seam:hover .arrows,
.seam:focus-visible .arrows {
  stroke: var(--paper);
}
.seam:focus-visible .seam-line {
  stroke-width: 2.4;
  stroke-dasharray: none;
}
</style>
