<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Evaluation, Reading } from '@/api/types'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { figure, inUnit, text } from '@/measure/units'
import { t } from '@/words'
import { type Laid, laidOf } from './beside'
import SwatchChart from '@/material/SwatchChart.vue'

/** Two or three blends, or versions of one, side by side, with their readings on the same lines. */
const route = useRoute()
const settings = useSettings()
const { materialName } = useMaterials()
const laid = computed(() => laidOf(route.query.with))

const look = async ({ id, version }: Laid) => {
  const blend = await answer(api.GET('/api/blends/{id}', { params: { path: { id } } }))
  const kept =
    version === undefined
      ? undefined
      : (await answer(api.GET('/api/blends/{id}/versions', { params: { path: { id } } }))).find(
          (each) => each.number === version,
        )
  if (version !== undefined && !kept) {
    throw new Error(t('blend.beside.noVersion', { name: blend.name, number: version }))
  }
  const recipe = kept?.recipe ?? blend.recipe
  const brief = kept?.brief ?? blend.brief
  const read: Evaluation | undefined =
    recipe.parts.length > 0
      ? await answer(api.POST('/api/evaluate', { body: { recipe, brief, blendId: id } }))
      : undefined
  return { id, version, name: blend.name, recipe, read }
}
const query = useQuery({
  queryKey: ['beside', laid],
  queryFn: () => Promise.all(laid.value.map(look)),
  staleTime: 0,
})
const columns = computed(() => query.data.value ?? [])
const materials = computed(() => [
  ...new Set(columns.value.flatMap((column) => column.recipe.parts.map((part) => part.materialId))),
])
const doses = computed(() => [
  ...new Set(columns.value.flatMap((column) => column.recipe.doses.map((dose) => dose.amendmentId))),
])
const { amendment } = useMaterials()
type Column = (typeof columns.value)[number]
const share = (column: Column, id: string) =>
  column.recipe.parts.reduce(
    (sum, part, row) => sum + (part.materialId === id ? (column.read?.shares[row] ?? 0) : 0),
    0,
  )
const dose = (column: Column, id: string) =>
  column.recipe.doses.find((each) => each.amendmentId === id)?.gPerL
const qualities = computed(() => {
  const first = columns.value.find((column) => column.read)
  return (
    first?.read?.readings.map((each) => ({ quality: each.quality, label: each.label, unit: each.unit })) ?? []
  )
})
const reading = (column: Column, quality: string) =>
  column.read?.readings.find((each) => each.quality === quality)
const shown = (each: Reading) => text(inUnit(each.value, each.unit, each.decimals)).trim()
const rows = (column: Column) =>
  column.recipe.parts.map((part) => ({ materialId: part.materialId, name: materialName(part.materialId) }))
/** Whether the columns say the same, so that the eye can go to what differs. */
const differs = (values: (string | undefined)[]) => new Set(values).size > 1
</script>

<template>
  <main class="page">
    <header class="page-head">
      <div>
        <p class="soft">
          <RouterLink to="/blends">{{ $t('blend.page.back') }}</RouterLink>
        </p>
        <h1>{{ $t('blend.beside.title') }}</h1>
      </div>
    </header>
    <p v-if="laid.length < 2" class="say attention">{{ $t('blend.beside.few') }}</p>
    <p v-if="query.error.value" class="say harm" role="alert">{{ query.error.value.message }}</p>
    <div
      v-else-if="columns.length > 0"
      class="scroll"
      tabindex="0"
      role="region"
      :aria-label="$t('blend.beside.title')"
    >
      <table>
        <thead>
          <tr>
            <td />
            <th v-for="(column, i) in columns" :key="i" scope="col">
              <span class="chart"
                ><SwatchChart :rows="rows(column)" :shares="column.read?.shares ?? []"
              /></span>
              <RouterLink :to="`/blends/${column.id}`">{{ column.name }}</RouterLink>
              <small class="soft">{{
                column.version === undefined
                  ? $t('blend.beside.bench')
                  : $t('blend.versions.number', { number: column.version })
              }}</small>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="id in materials"
            :key="id"
            :class="{ same: !differs(columns.map((c) => share(c, id).toFixed(3))) }"
          >
            <th scope="row">
              <span><StitchMark :material-id="id" :size="18" /> {{ materialName(id) }}</span>
            </th>
            <td v-for="(column, i) in columns" :key="i" class="figures">
              {{ share(column, id) > 0 ? `${figure(share(column, id) * 100, 1, true)} %` : '·' }}
            </td>
          </tr>
          <tr
            v-for="id in doses"
            :key="id"
            :class="{ same: !differs(columns.map((c) => String(dose(c, id)))) }"
          >
            <th scope="row">
              <span><StitchMark :material-id="id" :size="18" /> {{ amendment(id)?.name ?? id }}</span>
            </th>
            <td v-for="(column, i) in columns" :key="i" class="figures">
              {{ dose(column, id) === undefined ? '·' : text(settings.measures.dose(dose(column, id) ?? 0)) }}
            </td>
          </tr>
          <tr class="head">
            <th scope="row">{{ $t('blend.beside.readings') }}</th>
            <td v-for="(column, i) in columns" :key="i">
              <span class="verdict" :class="{ fits: column.read?.fits }">{{
                column.read?.headline ?? $t('blend.beside.empty')
              }}</span>
            </td>
          </tr>
          <tr v-for="each in qualities" :key="each.quality">
            <th scope="row">{{ each.label }}</th>
            <td v-for="(column, i) in columns" :key="i">
              <template v-for="read in [reading(column, each.quality)]" :key="read?.quality ?? 'none'">
                <template v-if="read">
                  <b
                    class="figures"
                    :class="{ out: read.verdict === 'TOO_LOW' || read.verdict === 'TOO_HIGH' }"
                    >{{ shown(read) }}</b
                  >
                  <small class="soft">{{ read.words }}</small>
                </template>
                <span v-else class="soft">·</span>
              </template>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div v-else-if="query.isLoading.value" class="skeleton" style="height: 400px" />
  </main>
</template>

<style scoped>
table {
  min-width: 640px;
  width: 100%;
  table-layout: fixed;
}
th {
  text-align: left;
  font-weight: 400;
  vertical-align: top;
}
thead th,
td {
  padding: 6px 14px;
}
thead th a {
  display: block;
  font: 650 18px/1.15 var(--heading);
  margin-top: 8px;
}
.chart {
  display: block;
  max-width: 170px;
}
tbody tr {
  border-top: 1px solid var(--line);
}
tbody th {
  padding: 6px 0;
}
tbody th span {
  display: flex;
  gap: 8px;
  align-items: center;
}
tbody td {
  vertical-align: top;
}
.same td {
  color: var(--soft-ink);
}
.head {
  border-top: 1px dashed var(--stitch);
}
.head th {
  font: 650 17px/1.6 var(--heading);
}
td small {
  margin-left: 8px;
}
.out {
  color: var(--marigold-ink);
}
.verdict {
  color: var(--marigold-ink);
  font-weight: 600;
}
.verdict.fits {
  color: var(--bottle);
}
</style>
