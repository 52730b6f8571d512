<script setup lang="ts">
import { computed } from 'vue'
import type { TestResult } from '@/api/types'
import { figure, spread } from '@/measure/units'

/** What was believed, what a test found, and what is believed with it, on one small axis; each a bar of twice its spread to both sides. */
const props = defineProps<{ result: TestResult }>()
const WIDTH = 360
const EDGE = 8
const rows = computed(() => {
  const { believed, believedSd, found, foundSd, now, nowSd } = props.result
  return [
    { key: 'believed' as const, value: believed, sd: believedSd },
    { key: 'found' as const, value: found, sd: foundSd },
    { key: 'now' as const, value: now, sd: nowSd },
  ]
})
const ends = computed(() => {
  const low = Math.min(...rows.value.map(({ value, sd }) => value - 2 * sd))
  const high = Math.max(...rows.value.map(({ value, sd }) => value + 2 * sd))
  return { low, span: Math.max(1e-9, high - low) }
})
const x = (value: number) => EDGE + ((value - ends.value.low) / ends.value.span) * (WIDTH - 2 * EDGE)
const unit = computed(() => (props.result.unit === 'pH' ? '' : props.result.unit))
</script>

<template>
  <div class="result" :class="{ odd: result.odd }">
    <h3>{{ result.name }}</h3>
    <table>
      <tbody>
        <tr v-for="row in rows" :key="row.key" :class="row.key">
          <th scope="row">{{ $t(`assay.result.${row.key}`) }}</th>
          <td class="figures">
            <b>{{ figure(row.value, result.decimals) }}</b> {{ unit }}
            <span class="soft">{{ spread(row.sd, result.decimals) }}</span>
          </td>
          <td>
            <svg :viewBox="`0 0 ${WIDTH} 18`" aria-hidden="true">
              <line :x1="x(row.value - 2 * row.sd)" :x2="x(row.value + 2 * row.sd)" y1="9" y2="9" />
              <circle :cx="x(row.value)" cy="9" r="5" />
            </svg>
          </td>
        </tr>
      </tbody>
    </table>
    <div v-if="result.odd" class="say attention">
      <b>{{ $t('assay.result.odd') }}</b>
      <ul>
        <li v-for="each in result.mayBe" :key="each">{{ each }}</li>
      </ul>
    </div>
  </div>
</template>

<style scoped>
h3 {
  margin: 0 0 2px;
}
table {
  width: 100%;
  font-size: 15px;
}
th {
  text-align: left;
  font-weight: 400;
  width: 9.5em;
  padding: 2px 0;
}
td {
  padding: 2px 8px;
  white-space: nowrap;
}
td:last-child {
  width: 46%;
  padding-right: 0;
}
svg {
  display: block;
  width: 100%;
  height: 18px;
}
line {
  stroke: var(--soft-ink);
  stroke-width: 3;
}
circle {
  fill: var(--soft-ink);
}
.found line {
  stroke: var(--marigold);
}
.found circle {
  fill: var(--marigold);
}
.now line {
  stroke: var(--bottle);
}
.now circle {
  fill: var(--bottle);
}
.now th {
  font-weight: 600;
}
ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
