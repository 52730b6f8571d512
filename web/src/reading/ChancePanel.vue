<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { figure } from '@/measure/units'

/** The quick ranges of the readings beside thousands of draws by chance. */
const props = defineProps<{ asked: Asked; blendId: string }>()
const DRAWS = 4000
const seed = ref(1)
const {
  answer: checks,
  problem,
  busy,
  stop,
} = useAnswered(
  () => ({ asked: props.asked, draws: DRAWS, seed: seed.value }),
  (body, signal) => answer(api.POST('/api/chance', { body, signal })),
)
const percentOf = (value: number, low: number, high: number) =>
  ((value - low) / Math.max(1e-9, high - low)) * 100
const scale = (row: { quickLow80: number; quickHigh80: number; drawnLow80: number; drawnHigh80: number }) => {
  const low = Math.min(row.quickLow80, row.drawnLow80)
  const high = Math.max(row.quickHigh80, row.drawnHigh80)
  const spare = 0.15 * (high - low || 1)
  return [low - spare, high + spare] as const
}
const bar = (low: number, high: number, [from, to]: readonly [number, number]) => ({
  left: `${percentOf(low, from, to)}%`,
  width: `${Math.max(0.8, percentOf(high, from, to) - percentOf(low, from, to))}%`,
})
const range = (low: number, high: number, decimals: number) =>
  `${figure(low, decimals)} to ${figure(high, decimals)}`
const finer = (decimals: number, unit: string) => (unit === 'dS/m' ? 2 : decimals)
</script>

<template>
  <section class="chance">
    <p>
      The ranges on the bench come from a quick sum: each uncertain input is moved by its spread, and the
      moves are added. Here every input is drawn by chance {{ DRAWS }} times (lots, scoops, lime, leaf, light,
      air) and the whole is worked out anew. A good quick range holds about 80 % of the draws. Tests of this
      blend are left out.
    </p>
    <div class="ways">
      <Button label="Draw again" :disabled="busy" @click="seed += 1" />
      <button v-if="busy" type="button" class="plain" @click="stop">Stop</button>
      <span v-if="busy" class="soft" role="status">drawing …</span>
    </div>
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <div v-if="checks" class="scroll">
      <table :class="{ old: busy }">
        <thead>
          <tr>
            <th scope="col">Reading</th>
            <th scope="col" class="wide"><span class="visually-hidden">Ranges</span></th>
            <th scope="col" class="right">quick range</th>
            <th scope="col" class="right">drawn range</th>
            <th scope="col" class="right">it holds</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in checks" :key="row.quality">
            <th scope="row">
              {{ row.label }} <small class="soft">{{ row.unit }}</small>
            </th>
            <td class="wide" aria-hidden="true">
              <span class="track">
                <i class="quick" :style="bar(row.quickLow80, row.quickHigh80, scale(row))" />
                <i class="drawn" :style="bar(row.drawnLow80, row.drawnHigh80, scale(row))" />
              </span>
            </td>
            <td class="figures right">
              {{ range(row.quickLow80, row.quickHigh80, finer(row.decimals, row.unit)) }}
            </td>
            <td class="figures right">
              {{ range(row.drawnLow80, row.drawnHigh80, finer(row.decimals, row.unit)) }}
            </td>
            <td class="figures right">{{ figure(row.coveragePercent, 0) }} %</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="soft">
      Years are cut off at none and at ten, and lime stops by itself near pH 7.6, so there the quick range is
      wider than it need be, or the draws pile up at an end.
    </p>
  </section>
</template>

<style scoped>
.chance {
  display: flex;
  flex-direction: column;
  gap: 14px;
  max-width: 980px;
}
.ways {
  display: flex;
  gap: 16px;
  align-items: center;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 6px 0 6px 16px;
  white-space: nowrap;
}
th:first-child {
  padding-left: 0;
}
thead th {
  color: var(--soft-ink);
  font-size: 13px;
  border-bottom: 1px solid var(--line);
}
.right {
  text-align: right;
}
.wide {
  width: 34%;
  min-width: 160px;
}
.track {
  position: relative;
  display: block;
  height: 16px;
}
.track i {
  position: absolute;
  height: 6px;
}
.quick {
  top: 1px;
  background: var(--bottle);
}
.drawn {
  bottom: 1px;
  background: var(--marigold);
}
.old {
  opacity: 0.5;
}
</style>
