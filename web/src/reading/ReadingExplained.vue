<script setup lang="ts">
import { computed } from 'vue'
import type { Reading } from '@/api/types'
import { figure, inUnit, text } from '@/measure/units'
import GradingCurve from './GradingCurve.vue'

/** How a figure was worked out: formula, inputs, steps, what made it and what took it, and what makes it unsure. */
const props = defineProps<{ reading: Reading; blendId?: string | undefined }>()
const explanation = computed(() => props.reading.explanation)
const shown = (value: number, unit: string, decimals: number) => text(inUnit(value, unit, decimals)).trim()
const largest = computed(() =>
  Math.max(1e-9, ...explanation.value.contributions.map((each) => Math.abs(each.value))),
)
const decimals = computed(() => (largest.value < 10 ? 2 : largest.value < 100 ? 1 : 0))
const pulls = computed(() => explanation.value.contributions.some((each) => each.pull !== undefined))
const pullDecimals = computed(() => (props.reading.unit === 'pH' ? 2 : 1))
const signed = (value: number) => `${value > 0 ? '+' : ''}${figure(value, pullDecimals.value)}`
const causes = computed(() => explanation.value.causes.filter((each) => each.share >= 0.02).slice(0, 5))
/** Where to look closer at a reading. */
const LOOKS: Partial<Record<Reading['quality'], ('outlook' | 'season' | 'doses' | 'pots' | 'standing')[]>> = {
  AIR: ['outlook'],
  WATER: ['outlook'],
  EASY_WATER: ['outlook'],
  DRY_DAYS: ['season', 'pots'],
  PH: ['outlook', 'doses'],
  FOOD: ['outlook', 'doses'],
  WEIGHT: ['standing'],
  LIFE: ['outlook'],
}
const looks = computed(() => (props.blendId ? (LOOKS[props.reading.quality] ?? []) : []))
const figures = computed(() => [...explanation.value.inputs, ...explanation.value.steps])
</script>

<template>
  <div class="explained">
    <p>{{ explanation.formula }}</p>
    <dl>
      <template v-for="input in figures" :key="input.name">
        <dt>
          {{ input.name }} <small v-if="input.source" class="soft">{{ input.source }}</small>
        </dt>
        <dd class="figures">{{ shown(input.value, input.unit, input.decimals) }}</dd>
      </template>
    </dl>
    <table v-if="explanation.contributions.length > 0">
      <thead>
        <tr>
          <th scope="col">{{ $t('reading.readingExplained.whatMakesIt') }}</th>
          <th scope="col" class="figure">{{ explanation.contributionUnit }}</th>
          <th v-if="pulls" scope="col" class="figure">{{ $t('reading.readingExplained.liftsItBy') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in explanation.contributions" :key="each.name">
          <th scope="row">{{ each.name }}</th>
          <td class="figures">{{ figure(each.value, decimals) }}</td>
          <td v-if="pulls" class="figures" :class="{ takes: (each.pull ?? 0) < 0 }">
            {{ each.pull === undefined ? '' : signed(each.pull) }}
          </td>
        </tr>
      </tbody>
    </table>
    <GradingCurve v-if="explanation.grading.length > 0" :grading="explanation.grading" />
    <template v-if="causes.length > 0">
      <h3>{{ $t('reading.readingExplained.whatMakesItUnsure') }}</h3>
      <ul class="causes">
        <li v-for="cause in causes" :key="cause.name">
          <span class="bar" :style="{ width: `${Math.round(cause.share * 100)}%` }" />
          <span class="name">{{ cause.name }}</span>
          <span class="figures">{{ Math.round(cause.share * 100) }} %</span>
        </li>
      </ul>
    </template>
    <p v-if="looks.length > 0" class="looks">
      <RouterLink v-for="look in looks" :key="look" :to="`/blends/${blendId}/closer/${look}`">{{
        $t(`reading.look.${look}`)
      }}</RouterLink>
    </p>
    <p class="soft">
      <b>{{ $t('reading.readingExplained.source') }}</b> {{ explanation.reference }}
    </p>
  </div>
</template>

<style scoped>
.explained {
  display: flex;
  flex-direction: column;
  gap: 8px;
  font-size: 14px;
  border-left: 1px dashed var(--stitch);
  padding: 4px 0 6px 10px;
  margin: 4px 0 6px;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 10px;
  margin: 0;
}
dt small {
  display: block;
  font-size: 12px;
  line-height: 1.2;
}
dd {
  margin: 0;
  text-align: right;
  white-space: nowrap;
}
table {
  width: 100%;
}
th {
  font-weight: 400;
  text-align: left;
}
thead th {
  font-weight: 700;
  font-size: 13px;
  vertical-align: bottom;
  padding-bottom: 2px;
}
td,
.figure {
  text-align: right;
  padding-left: 8px;
}
.takes {
  color: var(--brick);
}
.looks {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.causes {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 3px;
}
.causes li {
  position: relative;
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 1px 5px;
}
.bar {
  position: absolute;
  inset: 0 auto 0 0;
  background: var(--marigold-soft);
  z-index: 0;
}
.name,
.causes .figures {
  position: relative;
}
</style>
