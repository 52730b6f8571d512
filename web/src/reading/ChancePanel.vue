<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { figure } from '@/measure/units'
import { t } from '@/words'

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
  t('reading.chancePanel.range', { low: figure(low, decimals), high: figure(high, decimals) })
const finer = (decimals: number, unit: string) => (unit === 'dS/m' ? 2 : decimals)
</script>

<template>
  <section class="chance">
    <p>
      {{ $t('reading.chancePanel.theRangesOnTheBench', { dRAWS: DRAWS }) }}
    </p>
    <div class="ways">
      <Button :label="$t('reading.chancePanel.drawAgain')" :disabled="busy" @click="seed += 1" />
      <button v-if="busy" type="button" class="plain" @click="stop">
        {{ $t('reading.chancePanel.stop') }}
      </button>
      <span v-if="busy" class="soft" role="status">{{ $t('reading.chancePanel.drawing') }}</span>
    </div>
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <div v-if="checks" class="scroll">
      <table :class="{ old: busy }">
        <thead>
          <tr>
            <th scope="col">{{ $t('reading.chancePanel.reading') }}</th>
            <th scope="col" class="wide">
              <span class="visually-hidden">{{ $t('reading.chancePanel.ranges') }}</span>
            </th>
            <th scope="col" class="right">{{ $t('reading.chancePanel.quickRange') }}</th>
            <th scope="col" class="right">{{ $t('reading.chancePanel.drawnRange') }}</th>
            <th scope="col" class="right">{{ $t('reading.chancePanel.itHolds') }}</th>
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
      {{ $t('reading.chancePanel.limitsOfTheDraws') }}
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
