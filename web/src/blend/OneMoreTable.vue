<script setup lang="ts">
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, Evaluation, Reading, Step } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ChoiceList from '@/parts/ChoiceList.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import { figure } from '@/measure/units'
import { inALine } from '@/reading/gauge'
import { t } from '@/words'

/** What one step more or less of each material, or one in place of another, would do to each reading. A row takes the step. */
const props = defineProps<{ evaluation: Evaluation; asked: Asked; chosen: number }>()
const emit = defineEmits<{
  step: [row: number, by: number]
  swap: [giving: number, taking: number, amount: number]
}>()
const { materialName } = useMaterials()
type Way = 'more' | 'less' | 'swap'
const way = ref<Way>('more')
const WAYS = computed<{ value: Way; label: string }[]>(() => [
  { value: 'more', label: t('blend.step.more') },
  { value: 'less', label: t('blend.step.less') },
  { value: 'swap', label: t('blend.step.swap') },
])
const short = (quality: Reading['quality']) => t(`blend.step.short.${quality}`)

const rows = computed(() =>
  props.asked.recipe.parts.map((part, row) => ({ row, name: materialName(part.materialId), ...part })),
)
const givers = computed(() => rows.value.filter((each) => each.amount > 0))
const largest = computed(() => [...givers.value].sort((a, b) => b.amount - a.amount)[0]?.row ?? -1)
const picked = ref<number>()
watch(
  () => props.chosen,
  () => (picked.value = undefined),
)
const giving = computed(() => {
  const wanted = picked.value ?? props.chosen
  return givers.value.some((each) => each.row === wanted) ? wanted : largest.value
})
const { answer: swaps, problem } = useAnswered(
  () =>
    way.value === 'swap' && giving.value >= 0 && rows.value.length > 1
      ? { asked: props.asked, row: giving.value }
      : undefined,
  (body, signal) => answer(api.POST('/api/swaps', { body, signal })),
)
const steps = computed<Step[]>(() => {
  const all = {
    more: props.evaluation.oneMore,
    less: props.evaluation.oneLess,
    swap: rows.value.length > 1 ? (swaps.value ?? []) : [],
  }[way.value]
  return all.filter(
    (step) => step.row < rows.value.length && step.row !== (way.value === 'swap' ? giving.value : -1),
  )
})
const qualities = computed(() =>
  props.evaluation.readings.filter((reading) => !inALine(reading)).map((reading) => reading.quality),
)
const most = computed(() => {
  const found = new Map<string, number>()
  for (const step of [...props.evaluation.oneMore, ...props.evaluation.oneLess, ...(swaps.value ?? [])]) {
    for (const each of step.changes) {
      found.set(each.quality, Math.max(found.get(each.quality) ?? 1e-9, Math.abs(each.change)))
    }
  }
  return found
})
const changeOf = (step: Step, quality: string) => step.changes.find((each) => each.quality === quality)
const words = (step: Step, quality: string) => {
  const each = changeOf(step, quality)
  if (!each) {
    return ''
  }
  const rounded = figure(each.change, each.decimals)
  return Number(rounded.replace('−', '-')) === 0 ? '·' : each.change > 0 ? `+${rounded}` : rounded
}
const length = (step: Step, quality: string) => {
  const each = changeOf(step, quality)
  return each && words(step, quality) !== '·'
    ? Math.max(2, (10 * Math.abs(each.change)) / (most.value.get(quality) ?? 1))
    : 0
}
const take = (step: Step) =>
  way.value === 'swap'
    ? emit('swap', giving.value, step.row, step.step)
    : emit('step', step.row, way.value === 'more' ? 1 : -1)
const title = computed(() => t(`blend.step.title.${way.value}`))
</script>

<template>
  <section class="one-more">
    <div class="head">
      <h2>{{ title }}</h2>
      <Select
        v-if="way === 'swap' && givers.length > 0"
        :model-value="giving"
        :options="givers"
        option-label="name"
        option-value="row"
        size="small"
        :aria-label="$t('blend.step.giving')"
        @update:model-value="picked = $event"
      />
      <ChoiceList v-model="way" :options="WAYS" :label="$t('blend.step.label')" hide-label class="way" />
    </div>
    <p v-if="problem && way === 'swap'" class="say attention">{{ problem }}</p>
    <div class="scroll" tabindex="0" role="region" :aria-label="title">
      <table>
        <thead>
          <tr>
            <th scope="col">
              <span class="visually-hidden">{{ $t('blend.step.material') }}</span>
            </th>
            <th v-for="quality in qualities" :key="quality" scope="col">{{ short(quality) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="step in steps" :key="step.row">
            <th scope="row">
              <button type="button" @click="take(step)">
                <StitchMark :material-id="step.materialId" :size="16" />
                <span>{{ materialName(step.materialId) }}</span>
              </button>
            </th>
            <td
              v-for="quality in qualities"
              :key="quality"
              :class="changeOf(step, quality)?.effect?.toLowerCase()"
            >
              <span class="cell">
                <svg viewBox="0 0 22 10" aria-hidden="true">
                  <line x1="11" y1="0" x2="11" y2="10" />
                  <rect
                    :x="(changeOf(step, quality)?.change ?? 0) < 0 ? 11 - length(step, quality) : 11"
                    y="2"
                    :width="length(step, quality)"
                    height="6"
                  />
                </svg>
                <span class="figures">{{ words(step, quality) }}</span>
              </span>
            </td>
          </tr>
          <tr v-if="steps.length === 0">
            <td :colspan="qualities.length + 1" class="soft">{{ $t(`blend.step.none.${way}`) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.head {
  display: flex;
  gap: 14px;
  align-items: center;
  margin-bottom: 4px;
}
table {
  width: 100%;
  font-size: 13px;
}
thead th {
  font-weight: 600;
  color: var(--soft-ink);
  text-align: right;
  padding: 2px 2px;
  white-space: nowrap;
}
tbody tr {
  border-top: 1px solid var(--line);
}
tbody th {
  text-align: left;
  font-weight: 400;
}
th button {
  display: flex;
  gap: 6px;
  align-items: center;
  background: none;
  border: 0;
  padding: 3px 0;
  font: inherit;
  font-size: 14px;
  color: inherit;
  cursor: pointer;
  text-align: left;
}
th button:hover span {
  text-decoration: underline;
}
td {
  padding: 0 1px;
}
.cell {
  display: flex;
  gap: 2px;
  align-items: center;
  justify-content: flex-end;
}
.cell .figures {
  min-width: 2.55em;
  text-align: right;
}
svg {
  width: 18px;
  height: 10px;
  flex: none;
}
line {
  stroke: var(--stitch);
}
rect {
  fill: var(--stitch);
}
.better rect {
  fill: var(--bottle);
}
.worse rect {
  fill: var(--marigold);
}
.better .figures {
  color: var(--bottle);
  font-weight: 600;
}
.worse .figures {
  color: var(--marigold-ink);
}
</style>
