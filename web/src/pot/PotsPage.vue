<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Potting } from '@/api/types'
import { usePages } from '@/api/usePages'
import { daysBetween, inWords, shortDate, todayHere } from '@/measure/days'
import EmptyPage from '@/parts/EmptyPage.vue'
import { say, sayProblem } from '@/parts/notices'
import { useSettings } from '@/measure/settings'
import { figure } from '@/measure/units'
import { potWords } from '@/need/words'
import { t } from '@/words'
import PotThumb from './PotThumb.vue'

/** All pots by place, with what is in them and when to look. */
const settings = useSettings()
const client = useQueryClient()
const { pages, first, error, loading, hasMore, more, fetchingMore } = usePages(
  ref(['pottings', 'pages']),
  (page) => answer(api.GET('/api/pottings', { params: { query: { page } } })),
  (page) => page.pottings,
)
const byPlace = computed(() => {
  const places = new Map<string, Potting[]>()
  for (const each of pages.value.flatMap((page) => page.pottings)) {
    const place = each.brief.place?.name ?? t('pot.potsPage.elsewhere')
    places.set(place, [...(places.get(place) ?? []), each])
  }
  return [...places.entries()]
})
const refresh = () =>
  Promise.all(['pottings', 'today'].map((key) => client.invalidateQueries({ queryKey: [key] })))
const remove = async (potting: Potting) => {
  const path = { id: potting.id }
  try {
    await answer(api.DELETE('/api/pottings/{id}', { params: { path } }))
    await refresh()
    say(t('pot.potsPage.isOffTheList', { label: potting.label }), async () => {
      await answer(api.POST('/api/pottings/{id}/restore', { params: { path } }))
      await refresh()
    })
  } catch (error) {
    sayProblem(error)
  }
}
const days = (value: number) => figure(value, value < 3 ? 1 : 0)
const interval = (potting: Potting) =>
  `${days(potting.predictedDays)} d (${days(potting.predictedLowDays)}–${days(potting.predictedHighDays)})`
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('pot.potsPage.pots') }}</h1>
        <p v-if="first && first.total > 0" class="soft">
          {{ $t('pot.potsPage.inPlaces', { length: first.total, length2: first.places }) }}
        </p>
      </div>
    </div>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="loading">
      <div v-for="i in 6" :key="i" class="skeleton" style="height: 40px; margin-bottom: 8px" />
    </div>
    <section v-for="[place, pottings] in byPlace" :key="place">
      <h2 class="place">{{ place }}</h2>
      <div class="scroll" tabindex="0" role="region" :aria-label="$t('pot.potsPage.potsInPlace', { place })">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ $t('pot.potsPage.pot') }}</th>
              <th scope="col">{{ $t('pot.potsPage.plant') }}</th>
              <th scope="col">{{ $t('pot.potsPage.blend') }}</th>
              <th scope="col">{{ $t('pot.potsPage.potted') }}</th>
              <th scope="col" class="right">{{ $t('pot.potsPage.driesIn') }}</th>
              <th scope="col">{{ $t('pot.potsPage.nextLook') }}</th>
              <th scope="col">
                <span class="visually-hidden">{{ $t('pot.potsPage.remove') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="potting in pottings" :key="potting.id">
              <th scope="row">
                <span class="named"
                  ><PotThumb :pot="potting.brief.pot" />
                  <span
                    ><RouterLink :to="`/pots/${potting.id}`">{{ potting.label }}</RouterLink>
                    <small class="soft">{{
                      potting.brief.pot ? potWords(potting.brief.pot, settings.measures) : ''
                    }}</small></span
                  ></span
                >
              </th>
              <td>{{ potting.plantName }}</td>
              <td>
                <RouterLink :to="`/blends/${potting.blendId}`">{{ potting.blendName }}</RouterLink>
              </td>
              <td>{{ shortDate(potting.pottedOn) }}</td>
              <td class="figures right">{{ interval(potting) }}</td>
              <td>{{ inWords(daysBetween(todayHere(), potting.nextLookOn)) }}</td>
              <td>
                <button
                  type="button"
                  class="plain"
                  :aria-label="$t('pot.potsPage.removePot', { label: potting.label })"
                  @click="remove(potting)"
                >
                  {{ $t('pot.potsPage.remove') }}
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <button v-if="hasMore" type="button" class="plain" :disabled="fetchingMore" @click="more">
      {{ $t('parts.pages.more') }}
    </button>
    <EmptyPage v-if="first?.total === 0" what="pot" :title="$t('pot.potsPage.emptyTitle')">
      {{ $t('pot.potsPage.empty') }}
      <template #action>
        <RouterLink to="/batches">{{ $t('pot.potsPage.toTheBatches') }}</RouterLink>
      </template>
    </EmptyPage>
  </main>
</template>

<style scoped>
section {
  margin-bottom: 24px;
}
.place::first-letter {
  text-transform: uppercase;
}
table {
  width: 100%;
  font-size: 14.5px;
  table-layout: fixed;
  min-width: 860px;
}
thead th {
  font-size: 13px;
  font-weight: 600;
  color: var(--soft-ink);
  text-align: left;
  border-bottom: 1px dashed var(--stitch);
}
th,
td {
  padding: 5px 12px 5px 0;
  text-align: left;
}
thead th:first-child {
  width: 27%;
}
thead th:nth-child(4) {
  width: 11%;
}
thead th:nth-child(6) {
  width: 10%;
}
thead th:last-child {
  width: 76px;
}
tbody tr {
  border-bottom: 1px solid var(--line);
}
tbody th {
  font-weight: 600;
  overflow-wrap: anywhere;
}
.named {
  display: flex;
  gap: 10px;
  align-items: center;
}
tbody th small {
  display: block;
  font-weight: 400;
}
.right {
  text-align: right;
  padding-right: 22px;
}
td .plain {
  font-weight: 400;
  color: var(--soft-ink);
}
.empty {
  font-size: 17px;
}
</style>
