<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { shortDate } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { printed } from '@/parts/printed'
import SelectField from '@/parts/SelectField.vue'

/** A year on a page to print: what was mixed, potted, lost, spent and learnt. */
const settings = useSettings()
const year = ref<string>()
const { data, error } = useQuery({
  queryKey: computed(() => ['year', year.value]),
  queryFn: () =>
    answer(
      api.GET('/api/year', {
        params: { query: year.value === undefined ? {} : { year: Number(year.value) } },
      }),
    ),
  placeholderData: keepPreviousData,
  staleTime: 0,
})
const chosen = computed({
  get: () => year.value ?? String(data.value?.year ?? ''),
  set: (value: string) => (year.value = value),
})
const years = computed(() =>
  (data.value?.years ?? []).map((each) => ({ value: String(each), label: String(each) })),
)
const litres = (value: number) => text(settings.measures.stock(value))
const mixed = computed(() => (data.value?.mixed ?? []).reduce((sum, each) => sum + each.litres, 0))
const money = (value: number) => `${settings.currency} ${figure(value, 2)}`
const paper = computed(() =>
  printed('/api/year/page.pdf', settings.paperSize, {
    year: data.value?.year ?? '',
    currency: settings.currency,
  }),
)
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('outcome.year.title', { year: data?.year ?? '' }) }}</h1>
        <p class="soft">{{ $t('outcome.year.lead') }}</p>
      </div>
      <div class="tools">
        <SelectField
          v-if="years.length > 1"
          v-model="chosen"
          :options="years"
          :label="$t('outcome.year.which')"
          input-id="year"
        />
        <a :href="paper" target="_blank" rel="noopener">{{ $t('outcome.year.paper') }}</a>
      </div>
    </div>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="!data && !error" class="skeleton" style="height: 320px" />
    <template v-if="data">
      <dl class="sums">
        <div>
          <dt>{{ $t('outcome.year.mixed') }}</dt>
          <dd>{{ litres(mixed) }}</dd>
        </div>
        <div>
          <dt>{{ $t('outcome.year.potted') }}</dt>
          <dd>{{ data.potted }}</dd>
        </div>
        <div>
          <dt>{{ $t('outcome.year.repotted') }}</dt>
          <dd>{{ data.repotted }}</dd>
        </div>
        <div>
          <dt>{{ $t('outcome.year.increased') }}</dt>
          <dd>{{ data.increased }}</dd>
        </div>
        <div>
          <dt>{{ $t('outcome.year.lost') }}</dt>
          <dd>{{ data.lost.length }}</dd>
        </div>
        <div>
          <dt>{{ $t('outcome.year.looks') }}</dt>
          <dd>{{ data.looks }}</dd>
        </div>
        <div>
          <dt>{{ $t('outcome.year.waterings') }}</dt>
          <dd>{{ data.waterings }}</dd>
        </div>
        <div>
          <dt>{{ $t('outcome.year.spent') }}</dt>
          <dd>{{ money(data.spent) }}</dd>
        </div>
      </dl>
      <div class="columns">
        <section :aria-label="$t('outcome.year.blends')">
          <h2>{{ $t('outcome.year.blends') }}</h2>
          <p v-if="data.mixed.length === 0">{{ $t('outcome.year.nothingMixed') }}</p>
          <table v-else class="lines">
            <tbody>
              <tr v-for="each in data.mixed" :key="each.name">
                <th scope="row">{{ each.name }}</th>
                <td class="right">{{ $t('outcome.year.batches', { n: each.batches }, each.batches) }}</td>
                <td class="right figures">{{ litres(each.litres) }}</td>
              </tr>
            </tbody>
          </table>
          <h2>{{ $t('outcome.year.used') }}</h2>
          <p v-if="data.used.length === 0">{{ $t('outcome.year.nothingUsed') }}</p>
          <table v-else class="lines">
            <tbody>
              <tr v-for="each in data.used" :key="each.name">
                <th scope="row">{{ each.name }}</th>
                <td class="right figures">{{ litres(each.litres) }}</td>
                <td class="right figures">
                  {{ each.cost === undefined ? $t('outcome.year.unpriced') : money(each.cost) }}
                </td>
              </tr>
            </tbody>
          </table>
          <p v-if="data.unpriced > 0" class="soft">
            {{ $t('outcome.year.unpricedCount', { n: data.unpriced }, data.unpriced) }}
          </p>
          <p v-if="data.feeds > 0">
            {{
              $t(
                'outcome.year.feeds',
                { n: data.feeds, grams: text(settings.measures.grams(data.fedGrams)) },
                data.feeds,
              )
            }}
          </p>
        </section>
        <section :aria-label="$t('outcome.year.learnt')">
          <h2>{{ $t('outcome.year.learnt') }}</h2>
          <p v-if="data.blends.length + data.places.length === 0">{{ $t('outcome.year.nothingLearnt') }}</p>
          <ul>
            <li v-for="each in [...data.blends, ...data.places]" :key="each.name">
              <b>{{ each.name }}</b> {{ each.words.join('; ') }}
            </li>
          </ul>
          <h2>{{ $t('outcome.year.lostPlants') }}</h2>
          <p v-if="data.lost.length === 0">{{ $t('outcome.year.nothingLost') }}</p>
          <ul>
            <li v-for="each in data.lost" :key="each.id">
              <RouterLink :to="`/pots/${each.id}`">{{ each.label }}</RouterLink>
              <span class="soft">{{ shortDate(each.on) }}</span> {{ each.words }}
            </li>
          </ul>
        </section>
      </div>
    </template>
  </main>
</template>

<style scoped>
h2 {
  margin: 16px 0 4px;
}
.tools {
  display: flex;
  gap: 20px;
  align-items: flex-end;
}
.sums {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 38px;
  margin: 0 0 14px;
}
dt {
  color: var(--soft-ink);
  font-size: 13.5px;
}
dd {
  margin: 0;
  font: 600 24px/1.2 var(--figures);
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 40px;
  align-items: start;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
}
@media (width <= 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .tools {
    display: none;
  }
}
</style>
