<script setup lang="ts">
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import type { Evaluation, Reading, Step } from '@/api/types'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import { figure } from '@/measure/units'

/** What one step more or less of each material would do to each reading. A row takes the step. */
const props = defineProps<{ evaluation: Evaluation }>()
const emit = defineEmits<{ step: [row: number, by: number] }>()
const { materialName } = useMaterials()
const SHORT: Record<Reading['quality'], string> = {
  AIR: 'Air %',
  WATER: 'Water %',
  EASY_WATER: 'Easy %',
  DRY_DAYS: 'Days',
  PH: 'pH',
  FOOD: 'Food',
  SALTS: 'Salts',
  WEIGHT: 'kg',
  LIFE: 'Years',
}
const sign = ref<'more' | 'less'>('more')
const steps = computed<Step[]>(() =>
  sign.value === 'more' ? props.evaluation.oneMore : props.evaluation.oneLess,
)
const qualities = computed(() => props.evaluation.readings.map((reading) => reading.quality))
const largest = computed(() => {
  const most = new Map<string, number>()
  for (const step of [...props.evaluation.oneMore, ...props.evaluation.oneLess]) {
    for (const each of step.changes) {
      most.set(each.quality, Math.max(most.get(each.quality) ?? 1e-9, Math.abs(each.change)))
    }
  }
  return most
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
    ? Math.max(2, (10 * Math.abs(each.change)) / (largest.value.get(quality) ?? 1))
    : 0
}
</script>

<template>
  <section class="one-more">
    <div class="head">
      <h2>One step {{ sign }}</h2>
      <SelectButton
        v-model="sign"
        :options="[
          { label: 'more', value: 'more' },
          { label: 'less', value: 'less' },
        ]"
        option-label="label"
        option-value="value"
        size="small"
        :allow-empty="false"
        aria-label="More or less"
      />
    </div>
    <div class="scroll" tabindex="0" role="region" :aria-label="`What one step ${sign} would do`">
      <table>
        <thead>
          <tr>
            <th scope="col"><span class="visually-hidden">Material</span></th>
            <th v-for="quality in qualities" :key="quality" scope="col">{{ SHORT[quality] }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="step in steps" :key="step.row">
            <th scope="row">
              <button type="button" @click="emit('step', step.row, sign === 'more' ? 1 : -1)">
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
            <td :colspan="qualities.length + 1" class="soft">Nothing can be taken away.</td>
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
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
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
