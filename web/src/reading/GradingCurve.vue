<script setup lang="ts">
import { computed } from 'vue'
import type { Reading } from '@/api/types'

/** How much of the mix is finer than each size, sizes on a scale of ratios. */
const props = defineProps<{ grading: Reading['explanation']['grading'] }>()
const WIDTH = 236
const HEIGHT = 84
const FROM = 0.1
const TO = 32
const MARKS = [0.125, 0.5, 2, 8, 32]
const x = (mm: number) => (Math.log(mm / FROM) / Math.log(TO / FROM)) * WIDTH
const y = (percent: number) => (1 - percent / 100) * HEIGHT
const points = computed(() =>
  props.grading
    .filter((each) => each.mm >= FROM && each.mm <= TO)
    .map((each) => `${x(each.mm).toFixed(1)},${y(each.finerPercent).toFixed(1)}`)
    .join(' '),
)
const at = (mm: number) =>
  props.grading.reduce((near, each) => (Math.abs(each.mm - mm) < Math.abs(near.mm - mm) ? each : near))
const said = computed(() => MARKS.map((mm) => `${mm} mm ${Math.round(at(mm).finerPercent)} %`).join(', '))
</script>

<template>
  <figure class="grading">
    <svg :viewBox="`-10 -6 ${WIDTH + 24} ${HEIGHT + 26}`" role="img" :aria-label="said">
      <line v-for="mm in MARKS" :key="mm" :x1="x(mm)" y1="0" :x2="x(mm)" :y2="HEIGHT" class="mark" />
      <line v-for="p in [0, 50, 100]" :key="p" x1="0" :y1="y(p)" :x2="WIDTH" :y2="y(p)" class="mark" />
      <polyline :points="points" class="curve" />
      <text v-for="mm in MARKS" :key="mm" :x="x(mm)" :y="HEIGHT + 15" text-anchor="middle">{{ mm }}</text>
    </svg>
    <figcaption>{{ $t('reading.grading.caption') }}</figcaption>
  </figure>
</template>

<style scoped>
.grading {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  max-width: 300px;
}
.mark {
  stroke: var(--stitch);
  stroke-dasharray: 2 3;
}
.curve {
  fill: none;
  stroke: var(--bottle);
  stroke-width: 2;
}
text {
  font: 11px var(--figures);
  fill: var(--soft-ink);
}
figcaption {
  font-size: 12.5px;
  color: var(--soft-ink);
}
</style>
