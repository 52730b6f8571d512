<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'
import { figure } from '@/measure/units'
import TriedWays from './TriedWays.vue'

/** How often water is given here against what is said of it, and pots that do not fit the hand, with ways out. */
const { data, error } = useQuery({
  queryKey: ['hand'],
  queryFn: () => answer(api.GET('/api/hand')),
  staleTime: 0,
})
const days = (value: number) => figure(value, value < 3 ? 1 : 0)
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('care.hand.title') }}</h1>
        <p class="soft">{{ $t('care.hand.lead') }}</p>
      </div>
    </div>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="!data && !error" class="skeleton" style="height: 320px" />
    <template v-if="data">
      <p v-if="data.says" class="says">{{ data.says }}</p>
      <p v-else>{{ $t('care.hand.unknown') }}</p>
      <div class="columns">
        <section v-if="data.places.length > 0" :aria-label="$t('care.hand.byPlace')">
          <h2>{{ $t('care.hand.byPlace') }}</h2>
          <table class="lines">
            <thead>
              <tr>
                <th scope="col">{{ $t('care.hand.place') }}</th>
                <th scope="col" class="right">{{ $t('care.hand.every') }}</th>
                <th scope="col" class="right">{{ $t('care.hand.mostly') }}</th>
                <th scope="col" class="right">{{ $t('care.hand.waterings') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="each in data.places" :key="each.place ?? ''">
                <th scope="row">
                  {{ each.place ?? $t('care.round.elsewhere') }} <small class="soft">{{ each.says }}</small>
                </th>
                <td class="right figures">{{ $t('care.hand.days', { days: days(each.everyDays) }) }}</td>
                <td class="right figures">{{ days(each.lowDays) }}–{{ days(each.highDays) }}</td>
                <td class="right figures">{{ each.waterings }}</td>
              </tr>
            </tbody>
          </table>
        </section>
        <section :aria-label="$t('care.hand.misfits')">
          <h2>
            {{ $t('care.hand.misfits') }} <small class="soft">{{ data.misfitsInAll }}</small>
          </h2>
          <p v-if="data.misfits.length === 0">{{ $t('care.hand.allFit') }}</p>
          <article v-for="each in data.misfits" :key="each.id">
            <h3>
              <RouterLink :to="`/pots/${each.id}`">{{ each.label }}</RouterLink>
              <small class="soft">{{ each.place }}</small>
            </h3>
            <p>{{ each.says }}</p>
            <ul>
              <TriedWays :id="each.id" />
              <li v-for="way in each.ways" :key="way">{{ way }}</li>
            </ul>
          </article>
          <p v-if="data.misfitsInAll > data.misfits.length" class="soft">
            {{ $t('care.hand.more', { n: data.misfitsInAll - data.misfits.length }) }}
          </p>
        </section>
      </div>
    </template>
  </main>
</template>

<style scoped>
h2 {
  margin: 16px 0 4px;
}
.says {
  font-size: 18px;
}
.says::first-letter,
li::first-letter {
  text-transform: uppercase;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 40px;
  align-items: start;
}
article {
  border-bottom: 1px solid var(--line);
  padding: 4px 0 8px;
}
h3 {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
  margin: 6px 0 2px;
}
article ul {
  padding-left: 18px;
}
article p,
article ul {
  margin: 0;
}
@media (width <= 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
