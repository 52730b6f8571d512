<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { Fared } from '@/api/types'
import { figure } from '@/measure/units'
import ChoiceList from '@/parts/ChoiceList.vue'
import LineChart, { type Line } from '@/parts/LineChart.vue'
import { t } from '@/words'

/** What did well: groups of pots with their ranges, two of them side by side. No winner is named where the range covers none. */
const BYS = (['BLEND', 'LOT', 'PLANT', 'GROUP', 'WALL', 'PLACE'] as const).map((value) => ({
  value,
  label: t(`outcome.byWhat.${value}`),
}))
const by = ref<(typeof BYS)[number]['value']>('BLEND')
const { data, error } = useQuery({
  queryKey: computed(() => ['outcomes', by.value]),
  queryFn: () => answer(api.GET('/api/outcomes', { params: { query: { by: by.value } } })),
  placeholderData: keepPreviousData,
})
const groups = computed(() => data.value ?? [])
const chosen = ref<string[]>([])
watch(by, () => (chosen.value = []))
const toggle = (key: string) => {
  chosen.value = chosen.value.includes(key)
    ? chosen.value.filter((each) => each !== key)
    : [...chosen.value.slice(-1), key]
}
const pair = computed(() =>
  chosen.value.flatMap((key) => groups.value.find((each) => each.key === key) ?? []),
)
const { data: compared, error: comparisonError } = useQuery({
  queryKey: computed(() => ['outcomes', 'comparison', by.value, ...chosen.value]),
  queryFn: () =>
    answer(
      api.GET('/api/outcomes/comparison', {
        params: { query: { by: by.value, one: chosen.value[0] ?? '', other: chosen.value[1] ?? '' } },
      }),
    ),
  enabled: computed(() => chosen.value.length === 2),
})
const comparison = computed(() => (chosen.value.length === 2 ? compared.value : undefined))
const percent = (share: number) => String(Math.round(100 * share))
const INKS = ['bottle', 'marigold'] as const
const lines = computed<Line[]>(() =>
  pair.value.map((group, i): Line => ({
    name: group.name,
    ink: INKS[i] ?? 'soft',
    dashed: i > 0,
    points: group.curve.map((each): [number, number] => [each.days, 100 * each.share]),
    band: group.curve.map((each): [number, number, number] => [each.days, 100 * each.low, 100 * each.high]),
  })),
)
const told = (group: Fared) => group.thriving + group.fair + group.poor > 0
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('outcome.title') }}</h1>
        <p class="soft">{{ $t('outcome.lead') }}</p>
      </div>
      <ChoiceList v-model="by" :options="BYS" :label="$t('outcome.by')" />
    </div>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="!data && !error" class="skeleton" style="height: 320px" />
    <p v-if="data && groups.length === 0">
      {{ $t('outcome.none') }} <RouterLink to="/batches">{{ $t('outcome.toBatches') }}</RouterLink>
    </p>
    <table v-if="groups.length > 0">
      <thead>
        <tr>
          <th scope="col" class="tick">
            <span class="visually-hidden">{{ $t('outcome.tickTwo') }}</span>
          </th>
          <th scope="col" class="name">{{ $t('outcome.name', { by: $t(`outcome.byWhat.${by}`) }) }}</th>
          <th scope="col" class="right">{{ $t('outcome.plants') }}</th>
          <th scope="col" class="right">{{ $t('outcome.lost') }}</th>
          <th scope="col">{{ $t('outcome.afterAYear') }}</th>
          <th scope="col">{{ $t('outcome.pace') }}</th>
          <th scope="col">{{ $t('outcome.health') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="group in groups" :key="group.key" :class="{ on: chosen.includes(group.key) }">
          <td class="tick">
            <input
              type="checkbox"
              :checked="chosen.includes(group.key)"
              :aria-label="$t('outcome.choose', { name: group.name })"
              @change="toggle(group.key)"
            />
          </td>
          <th scope="row">
            {{ group.name }} <small v-if="group.few" class="soft">{{ $t('outcome.few') }}</small>
          </th>
          <td class="right figures">{{ group.plants }}</td>
          <td class="right figures">{{ group.lost }}</td>
          <td>
            <template v-if="group.afterAYear">
              <span class="bar" aria-hidden="true">
                <span
                  class="range"
                  :style="{
                    left: `${100 * group.afterAYear.low}%`,
                    width: `${100 * (group.afterAYear.high - group.afterAYear.low)}%`,
                  }"
                />
                <span class="mark" :style="{ left: `${100 * group.afterAYear.share}%` }" />
              </span>
              {{
                $t('outcome.range', {
                  share: percent(group.afterAYear.share),
                  low: percent(group.afterAYear.low),
                  high: percent(group.afterAYear.high),
                })
              }}
            </template>
            <span v-else class="soft">{{ $t('outcome.notYet') }}</span>
          </td>
          <td>
            <template v-if="group.pace">{{
              $t('outcome.paceIs', {
                percent: percent(group.pace.mean),
                low: percent(group.pace.low),
                high: percent(group.pace.high),
                n: group.pace.pots,
              })
            }}</template>
            <span v-else class="soft">{{ $t('outcome.paceUnknown') }}</span>
          </td>
          <td>
            <template v-if="told(group)">{{ $t('outcome.healthIs', group) }}</template>
            <span v-else class="soft">{{ $t('outcome.healthUnknown') }}</span>
            <small v-if="group.flowered > 0" class="soft kept">{{
              $t('outcome.flowered', { n: group.flowered })
            }}</small>
            <small v-if="group.feedsPerYear" class="soft kept">{{
              $t('outcome.fed', { n: figure(group.feedsPerYear, 1) })
            }}</small>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="groups.length > 1 && chosen.length < 2" class="soft">{{ $t('outcome.tickTwo') }}</p>
    <p v-if="comparisonError" class="say harm" role="alert">{{ comparisonError.message }}</p>
    <section v-if="comparison && pair.length === 2" class="compared">
      <div>
        <h2>
          {{
            $t('outcome.compare', {
              one: pair[0]?.name ?? '',
              other: pair[1]?.name ?? '',
              days: Math.round(comparison.days),
            })
          }}
        </h2>
        <p v-for="words in comparison.words" :key="words" class="say">
          <b>{{ words }}</b>
        </p>
        <p>
          {{
            $t('outcome.difference', {
              difference: percent(comparison.difference),
              low: percent(comparison.low),
              high: percent(comparison.high),
            })
          }}
          {{ $t('outcome.pace95', { p: percent(comparison.p) }) }}
        </p>
      </div>
      <LineChart
        :label="$t('outcome.curve')"
        :lines="lines"
        :x-name="$t('outcome.days')"
        :y-name="$t('outcome.lives')"
        :y-min="0"
        :y-max="100"
        :decimals="0"
        :height="260"
      />
    </section>
  </main>
</template>

<style scoped>
table {
  width: 100%;
  font-size: 14.5px;
}
th,
td {
  text-align: left;
  padding: 7px 14px 7px 0;
  vertical-align: top;
}
.right {
  text-align: right;
  padding-right: 22px;
}
.kept {
  display: block;
}
.tick {
  width: 30px;
}
.tick input {
  width: 18px;
  height: 18px;
  accent-color: var(--bottle);
}
tbody tr {
  border-bottom: 1px solid var(--line);
}
tbody tr.on {
  background: var(--bottle-soft);
}
tbody th {
  font-weight: 600;
}
.name::first-letter {
  text-transform: uppercase;
}
.bar {
  display: block;
  position: relative;
  width: 140px;
  height: 10px;
  border-bottom: 1px solid var(--stitch);
  margin-bottom: 3px;
}
.range {
  position: absolute;
  top: 2px;
  height: 6px;
  background: var(--bottle-soft);
  border: 1px solid var(--bottle);
}
.mark {
  position: absolute;
  top: 0;
  width: 3px;
  height: 10px;
  margin-left: -1px;
  background: var(--bottle);
}
.on .range {
  background: var(--sheet);
}
.compared {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  gap: 36px;
  margin-top: 26px;
  align-items: start;
}
@media (width <= 860px) {
  .compared {
    grid-template-columns: minmax(0, 1fr);
  }
  thead {
    display: none;
  }
  tbody tr {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    padding: 8px 0 8px 30px;
    position: relative;
  }
  td.tick {
    position: absolute;
    left: 0;
  }
  tbody th {
    width: 100%;
  }
  th,
  td {
    padding: 0;
  }
}
</style>
