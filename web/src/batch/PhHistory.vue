<script setup lang="ts">
import { computed } from 'vue'
import type { Adjust, BatchTests, Bin } from '@/api/types'
import { daysBetween, todayHere } from '@/measure/days'
import LineChart, { type Line } from '@/parts/LineChart.vue'
import { t } from '@/words'

/** How the acidity of a heap has gone and will go: the reckoned line, every test on it, and the days on which something went in. */
const props = defineProps<{
  adjust: Adjust
  steps: Bin['steps']
  tests: BatchTests['tests']
  mixedOn: string | undefined
}>()
const DAYS_IN_WEEK = 7
const from = computed(() => props.mixedOn ?? props.adjust.history[0]?.on ?? todayHere())
const week = (day: string) => daysBetween(from.value, day) / DAYS_IN_WEEK
const today = computed(() => week(todayHere()))
const at = (day: number): number => {
  const points = props.adjust.history.map(({ on, ph }): [number, number] => [week(on), ph])
  const after = points.findIndex(([x]) => x >= day)
  const [b, a] = [points[after], points[Math.max(0, after - 1)]]
  if (!a || !b || a[0] === b[0]) {
    return b?.[1] ?? a?.[1] ?? props.adjust.ph
  }
  return a[1] + ((b[1] - a[1]) * (day - a[0])) / (b[0] - a[0])
}
const lines = computed<Line[]>(() => {
  const points = props.adjust.history.map(({ on, ph }): [number, number] => [week(on), ph])
  const doses = props.steps
    .filter((step) => step.kind === 'DOSED' || step.kind === 'ADDED' || step.kind === 'JOINED')
    .map((step): [number, number] => [week(step.on), at(week(step.on))])
  const found = props.tests.flatMap((made) =>
    made.test.kind === 'PH'
      ? made.results.slice(0, 1).map((result): [number, number] => [week(made.madeOn), result.found])
      : [],
  )
  return [
    { name: t('batch.history.reckoned'), ink: 'bottle', points },
    ...(doses.length > 0
      ? [{ name: t('batch.history.wentIn'), ink: 'brick' as const, points: [], dots: doses }]
      : []),
    ...(found.length > 0
      ? [{ name: t('batch.history.tested'), ink: 'marigold' as const, points: [], dots: found }]
      : []),
  ]
})
const values = computed(() =>
  lines.value.flatMap((line) => [...line.points, ...(line.dots ?? [])].map(([, y]) => y)),
)
const wanted = computed(() =>
  props.adjust.wantedLow === undefined || props.adjust.wantedHigh === undefined
    ? {}
    : {
        wanted: {
          from: props.adjust.wantedLow,
          to: props.adjust.wantedHigh,
          words: t('batch.history.wanted'),
        },
      },
)
</script>

<template>
  <div>
    <LineChart
      :label="$t('batch.history.label')"
      :lines="lines"
      :x-name="$t('batch.history.weeks')"
      y-name="pH"
      :y-min="Math.floor(Math.min(...values, adjust.wantedLow ?? 7) * 2) / 2"
      :y-max="Math.ceil(Math.max(...values, adjust.wantedHigh ?? 5) * 2) / 2"
      :decimals="1"
      :height="240"
      v-bind="wanted"
    />
    <p class="legend">
      <span class="dot tested" />{{ $t('batch.history.tested') }} <span class="dot in" />{{
        $t('batch.history.wentIn')
      }}
      <span class="soft">{{ $t('batch.history.today', { n: Math.round(today) }, Math.round(today)) }}</span>
    </p>
  </div>
</template>

<style scoped>
.legend {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 13.5px;
}
.dot {
  width: 9px;
  height: 9px;
  border-radius: 50%;
}
.legend .soft {
  margin-left: auto;
}
.tested {
  background: var(--marigold);
}
.in {
  background: var(--brick);
  margin-left: 10px;
}
</style>
