<script setup lang="ts">
import EmptyPage from '@/parts/EmptyPage.vue'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { BatchRow } from '@/api/types'
import { usePages } from '@/api/usePages'
import SwatchChart from '@/material/SwatchChart.vue'
import { shortDate } from '@/measure/days'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'

/** All batches: to mix, and mixed. */
const settings = useSettings()
const { materialName } = useMaterials()
const { pages, first, error, loading, hasMore, more, fetchingMore } = usePages(
  ref(['batches']),
  (page) => answer(api.GET('/api/batches', { params: { query: { page } } })),
  (page) => page.batches,
)
const groups = computed(() => {
  const all = pages.value.flatMap((page) => page.batches)
  return [
    { name: t('batch.batchesPage.toMix'), batches: all.filter((batch) => batch.mixedOn === undefined) },
    { name: t('batch.batchesPage.nameMixed'), batches: all.filter((batch) => batch.mixedOn !== undefined) },
  ].filter((group) => group.batches.length > 0)
})
const pathOf = (batch: BatchRow) =>
  batch.mixedOn === undefined
    ? `/batches/${batch.id}${batch.begun ? '/mix' : ''}`
    : `/batches/${batch.id}/done`
const state = (batch: BatchRow) => {
  if (batch.mixedOn === undefined) {
    return t(batch.begun ? 'batch.batchesPage.begun' : 'batch.batchesPage.notMixedYet')
  }
  const mixed = t('batch.batchesPage.mixed', { shortDate: shortDate(batch.mixedOn) })
  if (batch.testOn !== undefined) {
    return `${mixed}; ${t('batch.batchesPage.toTest', { shortDate: shortDate(batch.testOn) })}`
  }
  if (batch.leftLitres === undefined) {
    return mixed
  }
  return batch.leftLitres > 0.05
    ? `${mixed}; ${t('batch.batchesPage.left', { litres: text(settings.measures.volume(batch.leftLitres)) })}`
    : `${mixed}; ${t('batch.batchesPage.allGone')}`
}
const rows = (batch: BatchRow) =>
  batch.materialIds.map((materialId) => ({ materialId, name: materialName(materialId) }))
</script>

<template>
  <main class="page">
    <div class="page-head">
      <h1>{{ $t('batch.batchesPage.batches') }}</h1>
    </div>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="loading">
      <div v-for="i in 4" :key="i" class="skeleton" style="height: 70px; margin-bottom: 10px" />
    </div>
    <section v-for="group in groups" :key="group.name">
      <h2>{{ group.name }}</h2>
      <ul class="choices">
        <li v-for="batch in group.batches" :key="batch.id">
          <RouterLink :to="pathOf(batch)">
            <span class="chart"
              ><SwatchChart :rows="rows(batch)" :shares="batch.shares" :across="10" :down="4"
            /></span>
            <span class="what">
              <b>{{ batch.blendName }}</b>
              <span class="soft">{{
                $t('batch.batchesPage.versionLot', { versionNumber: batch.versionNumber, lot: batch.lot })
              }}</span>
            </span>
            <span>{{
              batch.litresToMake === undefined ? '–' : text(settings.measures.volume(batch.litresToMake))
            }}</span>
            <span v-if="batch.pots === 0" class="soft">{{ $t('batch.batchesPage.noPots') }}</span>
            <span v-else>{{
              batch.pots === 1
                ? $t('batch.batchesPage.onePot')
                : $t('batch.batchesPage.pots', { pots: batch.pots })
            }}</span>
            <span class="soft">{{ state(batch) }}</span>
          </RouterLink>
        </li>
      </ul>
    </section>
    <button v-if="hasMore" type="button" class="plain" :disabled="fetchingMore" @click="more">
      {{ $t('parts.pages.more') }}
    </button>
    <EmptyPage v-if="first?.total === 0" what="batch" :title="$t('batch.batchesPage.emptyTitle')">
      {{ $t('batch.batchesPage.empty') }}
      <template #action>
        <RouterLink to="/blends">{{ $t('batch.batchesPage.toTheBlends') }}</RouterLink>
      </template>
    </EmptyPage>
  </main>
</template>

<style scoped>
section {
  margin-bottom: 28px;
}
h2 {
  padding-bottom: 5px;
  border-bottom: 1px dashed var(--stitch);
}
li a {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) 90px 90px 250px;
  gap: 20px;
  align-items: center;
  padding: 10px 6px;
  color: inherit;
  text-decoration: none;
  border-bottom: 1px solid var(--line);
}
li a:hover {
  background: var(--wash);
}
.what {
  display: flex;
  flex-direction: column;
}
.what b {
  font-size: 16px;
  overflow-wrap: anywhere;
}
.empty {
  font-size: 17px;
  max-width: 46ch;
}
@media (width <= 860px) {
  li a {
    grid-template-columns: 80px minmax(0, 1fr) auto;
    gap: 6px 12px;
  }
  .chart {
    grid-row: span 2;
  }
}
</style>
