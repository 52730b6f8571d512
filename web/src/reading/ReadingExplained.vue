<script setup lang="ts">
import { computed } from 'vue'
import type { Reading } from '@/api/types'
import { figure } from '@/measure/units'

/** How a figure was worked out: formula, inputs, contributions, source, uncertainty. */
const props = defineProps<{ reading: Reading }>()
const explanation = computed(() => props.reading.explanation)
const largest = computed(() =>
  Math.max(1e-9, ...explanation.value.contributions.map((each) => Math.abs(each.value))),
)
const decimals = computed(() => (largest.value < 10 ? 2 : largest.value < 100 ? 1 : 0))
</script>

<template>
  <div class="explained">
    <p>{{ explanation.formula }}</p>
    <dl>
      <template v-for="input in explanation.inputs" :key="input.name">
        <dt>{{ input.name }}</dt>
        <dd class="figures">{{ input.value }}</dd>
      </template>
    </dl>
    <template v-if="explanation.contributions.length > 0">
      <h3>What makes it</h3>
      <table>
        <tbody>
          <tr v-for="each in explanation.contributions" :key="each.name">
            <th scope="row">{{ each.name }}</th>
            <td class="figures">{{ figure(each.value, decimals) }}</td>
          </tr>
        </tbody>
      </table>
    </template>
    <p class="soft"><b>How sure:</b> {{ explanation.uncertainty }}</p>
    <p class="soft"><b>Source:</b> {{ explanation.source }}</p>
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
dd {
  margin: 0;
  text-align: right;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  font-weight: 400;
  text-align: left;
}
td {
  text-align: right;
}
</style>
