<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { LeavePot } from '@/api/types'
import { longDate } from '@/measure/days'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'

/** Away for some days: who will not make it, what helps, and a list to print for who looks after them. */
const settings = useSettings()
const days = ref(12)
const soon = refDebounced(days, 250)
const { data, error } = useQuery({
  queryKey: computed(() => ['leave', soon.value]),
  queryFn: () => answer(api.GET('/api/leave', { params: { query: { days: soon.value } } })),
  placeholderData: keepPreviousData,
})
const ENDS = ['DRY', 'THIRSTY', 'WAITS'] as const
const groups = computed(() =>
  ENDS.map((end) => ({ end, pots: (data.value?.pots ?? []).filter((pot) => pot.end === end) })).filter(
    (each) => each.pots.length > 0,
  ),
)
const some = computed(() => (data.value?.pots ?? []).filter((pot) => pot.end !== 'WAITS').length)
const helpsOf = (pots: readonly LeavePot[]) => [...new Set(pots.flatMap((pot) => pot.helps))]
const visited = computed(() => {
  const places = new Map<string, LeavePot[]>()
  for (const pot of (data.value?.pots ?? []).filter((each) => each.visitEveryDays > 0)) {
    const place = pot.place ?? t('care.leave.elsewhere')
    places.set(place, [...(places.get(place) ?? []), pot])
  }
  return [...places.entries()]
})
const wants = (pot: LeavePot) =>
  t(pot.end === 'DRY' ? 'care.leave.wants' : 'care.leave.wantsPerhaps', {
    days: figure(pot.expectedDays, pot.expectedDays < 3 ? 1 : 0),
    wants: Math.round(100 * pot.wants),
  })
const print = () => window.print()
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('care.leave.title') }}</h1>
        <p class="soft">{{ $t('care.leave.lead') }}</p>
      </div>
      <div class="days">
        <NumberField v-model="days" :label="$t('care.leave.days')" :decimals="0" input-id="leave-days" />
        <span v-if="data" class="soft">{{ $t('care.leave.back', { day: longDate(data.back) }) }}</span>
      </div>
    </div>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="!data && !error" class="skeleton" style="height: 320px" />
    <div v-if="data && !error" class="columns">
      <div class="ends">
        <p role="status">
          <b>{{ some === 0 ? $t('care.leave.allWait') : $t('care.leave.some', { n: some }, some) }}</b>
        </p>
        <section v-for="{ end, pots } in groups" :key="end" :aria-label="$t(`care.leave.end.${end}`)">
          <h2>
            {{ $t(`care.leave.end.${end}`) }} <small class="soft">{{ pots.length }}</small>
          </h2>
          <ul v-if="end !== 'WAITS'" class="helps">
            <li v-for="help in helpsOf(pots)" :key="help">{{ help }}</li>
          </ul>
          <ul class="pots">
            <li v-for="pot in pots" :key="pot.id">
              <RouterLink :to="`/pots/${pot.id}`">{{ pot.label }}</RouterLink>
              <span v-if="end !== 'WAITS'" class="soft">{{ wants(pot) }}</span>
            </li>
          </ul>
        </section>
      </div>
      <section class="list" :aria-label="$t('care.leave.for')">
        <h2>{{ $t('care.leave.for') }}</h2>
        <p v-if="visited.length === 0">{{ $t('care.leave.nobody') }}</p>
        <template v-else>
          <p class="soft">
            {{ $t('care.leave.forLead') }}
            <button type="button" class="plain" @click="print">{{ $t('care.leave.print') }}</button>
          </p>
          <table v-for="[place, pots] in visited" :key="place">
            <caption>
              {{
                place
              }}
            </caption>
            <thead>
              <tr>
                <th scope="col">{{ $t('care.leave.pot') }}</th>
                <th scope="col">{{ $t('care.leave.come') }}</th>
                <th scope="col">{{ $t('care.leave.tell') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="pot in pots" :key="pot.id">
                <th scope="row">{{ pot.label }}</th>
                <td>{{ $t('care.leave.every', { days: pot.visitEveryDays }) }}</td>
                <td>
                  <template v-if="pot.wantsKg !== undefined">{{
                    $t('care.leave.lift', { kg: text(settings.measures.mass(pot.wantsKg)) })
                  }}</template>
                  <small v-if="pot.leafSign" class="soft">{{ pot.leafSign }}</small>
                </td>
              </tr>
            </tbody>
          </table>
        </template>
      </section>
    </div>
  </main>
</template>

<style scoped>
.days {
  display: flex;
  gap: 12px;
  align-items: flex-end;
}
.days :deep(input) {
  width: 4em;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 40px;
  align-items: start;
}
.ends ul {
  margin: 0 0 6px;
}
.pots {
  list-style: none;
  padding: 0;
}
.pots li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
h2 {
  margin: 16px 0 4px;
}
table {
  width: 100%;
  margin-bottom: 14px;
}
caption {
  text-align: left;
  font-weight: 700;
  padding: 4px 0;
}
caption::first-letter {
  text-transform: uppercase;
}
th,
td {
  text-align: left;
  padding: 4px 12px 4px 0;
  vertical-align: top;
}
tbody th {
  font-weight: 600;
}
tbody tr {
  border-bottom: 1px solid var(--line);
}
td small {
  display: block;
}
@media print {
  .ends,
  .list .plain,
  .days {
    display: none;
  }
  .columns {
    display: block;
  }
}
@media (width <= 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
