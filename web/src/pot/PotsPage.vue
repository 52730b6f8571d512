<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { PotEventAsked, Potting, SetUpKind } from '@/api/types'
import { useBlendNames } from '@/api/useBlendNames'
import { usePages } from '@/api/usePages'
import { daysBetween, inWords, shortDate, todayHere } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { figure } from '@/measure/units'
import { potWords } from '@/need/words'
import ChoiceList from '@/parts/ChoiceList.vue'
import EmptyPage from '@/parts/EmptyPage.vue'
import { say, sayProblem } from '@/parts/notices'
import SelectField from '@/parts/SelectField.vue'
import TextField from '@/parts/TextField.vue'
import { useKept } from '@/parts/useKept'
import PotThumb from '@/planting/PotThumb.vue'
import { useSetUpKinds } from '@/planting/useSetUpKinds'
import { t } from '@/words'
import LabelsDialog from '@/parts/LabelsDialog.vue'
import PotTell from './PotTell.vue'
import ShelfDrawing from './ShelfDrawing.vue'

/** All pots by place: looked through, several told something at once, as a list or as they stand on their boards. */
const settings = useSettings()
const client = useQueryClient()
const kept = useKept('loose-knit.pots', { view: 'list' as 'list' | 'board' })
const view = computed({ get: () => kept.value.view, set: (value) => (kept.value = { view: value }) })
const VIEWS = (['list', 'board'] as const).map((value) => ({ value, label: t(`pot.potsPage.view.${value}`) }))
const labelling = ref(false)
const words = ref<string>()
const soon = refDebounced(words, 150)
const place = ref<string>()
const kind = ref<SetUpKind>()
const blend = ref<string>()
const { names: blends, sought, many } = useBlendNames(() => (blend.value === undefined ? [] : [blend.value]))
const gone = ref<'here' | 'due' | 'gone'>('here')
const STATES = (['here', 'due', 'gone'] as const).map((value) => ({
  value,
  label: t(`pot.potsPage.which.${value}`),
}))
const { kinds } = useSetUpKinds()
const kindChoices = computed(() => kinds.value.map((each) => ({ value: each.kind, label: each.name })))
const asked = computed(() => ({
  gone: gone.value === 'gone',
  ...(place.value ? { place: place.value } : {}),
  ...(kind.value ? { kind: kind.value } : {}),
  ...(blend.value ? { blend: blend.value } : {}),
  ...(gone.value === 'due' ? { due: true } : {}),
  ...(soon.value ? { words: soon.value } : {}),
}))
const key = computed(() => ['pottings', 'pages', JSON.stringify(asked.value)])
const { pages, first, error, loading, hasMore, more, fetchingMore } = usePages(
  key,
  (page) => answer(api.GET('/api/pottings', { params: { query: { page, ...asked.value } } })),
  (page) => page.pottings,
)
const pottings = computed(() => pages.value.flatMap((page) => page.pottings))
const places = computed(() => first.value?.places ?? [])
const placeChoices = computed(() =>
  places.value.flatMap((each) =>
    each.place === undefined
      ? []
      : [{ value: each.place, label: t('pot.potsPage.placeWith', { place: each.place, n: each.pots }) }],
  ),
)
const sifted = computed(
  () =>
    place.value !== undefined ||
    kind.value !== undefined ||
    blend.value !== undefined ||
    (soon.value ?? '') !== '' ||
    gone.value !== 'here',
)
const standing = computed(() => places.value.reduce((all, each) => all + each.pots, 0))
const byPlace = computed(() => {
  const groups = new Map<string, Potting[]>()
  for (const each of pottings.value) {
    const at = each.brief.place?.name ?? t('pot.potsPage.elsewhere')
    groups.set(at, [...(groups.get(at) ?? []), each])
  }
  return [...groups.entries()]
})
const refresh = () =>
  Promise.all(['pottings', 'today'].map((each) => client.invalidateQueries({ queryKey: [each] })))

const selected = ref<string[]>([])
const chosen = computed(() => pottings.value.filter((each) => selected.value.includes(each.id)))
const toggle = (id: string) => {
  selected.value = selected.value.includes(id)
    ? selected.value.filter((each) => each !== id)
    : [...selected.value, id]
}
const allOf = (group: readonly Potting[]) => group.every((each) => selected.value.includes(each.id))
const toggleAll = (group: readonly Potting[]) => {
  const ids = group.map((each) => each.id)
  selected.value = allOf(group)
    ? selected.value.filter((id) => !ids.includes(id))
    : [...new Set([...selected.value, ...ids])]
}
const telling = ref(false)
const busy = ref(false)
const tell = async (event: PotEventAsked) => {
  const pottingIds = chosen.value.map((each) => each.id)
  busy.value = true
  try {
    await answer(api.POST('/api/pot-events/together', { body: { pottingIds, event } }))
    await refresh()
    telling.value = false
    selected.value = []
    say(t('pot.potsPage.told', { n: pottingIds.length }, pottingIds.length), async () => {
      await answer(
        api.POST('/api/pot-events/together/taken-back', { body: { pottingIds, eventId: event.id } }),
      )
      await refresh()
    })
  } catch (problem) {
    sayProblem(problem)
  } finally {
    busy.value = false
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
        <p v-if="standing > 0" class="soft">
          {{ $t('pot.potsPage.inPlaces', { length: standing, length2: places.length })
          }}<template v-if="sifted">, {{ $t('pot.potsPage.shown', { n: first?.total ?? 0 }) }}</template>
        </p>
      </div>
      <div class="ways">
        <RouterLink v-if="standing > 0" to="/pots/well">{{ $t('frame.routes.well') }}</RouterLink>
        <ChoiceList v-model="view" :options="VIEWS" :label="$t('pot.potsPage.viewLabel')" hide-label />
      </div>
    </div>
    <div v-if="standing > 0 || sifted" class="sift">
      <TextField
        v-model="words"
        :label="$t('pot.potsPage.lookFor')"
        :placeholder="$t('pot.potsPage.lookForHint')"
        input-id="pots-words"
      />
      <SelectField
        v-model="place"
        :label="$t('pot.potsPage.place')"
        :options="placeChoices"
        :placeholder="$t('pot.potsPage.all')"
        optional
        input-id="pots-place"
      />
      <SelectField
        v-model="kind"
        :label="$t('pot.potsPage.kind')"
        :options="kindChoices"
        :placeholder="$t('pot.potsPage.all')"
        optional
        input-id="pots-kind"
      />
      <SelectField
        v-model="blend"
        v-model:sought="sought"
        :label="$t('pot.potsPage.blend')"
        :options="blends"
        :many="many"
        :placeholder="$t('pot.potsPage.all')"
        optional
        input-id="pots-blend"
      />
      <ChoiceList v-model="gone" :options="STATES" :label="$t('pot.potsPage.whichLabel')" hide-label />
    </div>
    <div v-if="selected.length > 0" class="together" role="region" :aria-label="$t('pot.potsPage.together')">
      <b>{{ $t('pot.potsPage.chosen', { n: selected.length }, selected.length) }}</b>
      <Button :label="$t('pot.potsPage.tellThem')" size="small" @click="telling = !telling" />
      <button type="button" class="plain" @click="labelling = true">{{ $t('pot.potsPage.labels') }}</button>
      <LabelsDialog
        v-model:open="labelling"
        path="/api/pot-labels.pdf"
        :more="{ ids: selected.join(',') }"
        :count="selected.length"
      />
      <button type="button" class="plain" @click="selected = []">{{ $t('pot.potsPage.none') }}</button>
    </div>
    <PotTell
      v-if="telling && chosen.length > 0"
      :states="chosen.map((each) => each.state)"
      :place="chosen[0]?.brief.place"
      :busy="busy"
      @tell="tell"
      @close="telling = false"
    />
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="loading">
      <div v-for="i in 6" :key="i" class="skeleton" style="height: 40px; margin-bottom: 8px" />
    </div>
    <section v-for="[at, group] in byPlace" :key="at">
      <h2 class="place">{{ at }}</h2>
      <ShelfDrawing v-if="view === 'board'" v-model:selected="selected" :place="at" :pottings="group" />
      <table v-else>
        <thead>
          <tr>
            <th scope="col" class="tick">
              <input
                type="checkbox"
                :checked="allOf(group)"
                :aria-label="$t('pot.potsPage.selectAll', { place: at })"
                @change="toggleAll(group)"
              />
            </th>
            <th scope="col">{{ $t('pot.potsPage.pot') }}</th>
            <th scope="col">{{ $t('pot.potsPage.plant') }}</th>
            <th scope="col">{{ $t('pot.potsPage.blend') }}</th>
            <th scope="col">{{ $t('pot.potsPage.potted') }}</th>
            <th scope="col" class="right">{{ $t('pot.potsPage.driesIn') }}</th>
            <th scope="col">
              {{ gone === 'gone' ? $t('pot.potsPage.state') : $t('pot.potsPage.nextLook') }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="potting in group" :key="potting.id" :class="{ on: selected.includes(potting.id) }">
            <td class="tick">
              <input
                type="checkbox"
                :checked="selected.includes(potting.id)"
                :aria-label="$t('pot.potsPage.select', { label: potting.label })"
                @change="toggle(potting.id)"
              />
            </td>
            <th scope="row">
              <span class="named"
                ><PotThumb
                  :pot="potting.brief.pot"
                  :set-up="potting.setUp"
                  :kind="potting.setUpKind"
                  :plant="potting"
                />
                <span
                  ><RouterLink :to="`/pots/${potting.id}`">{{ potting.label }}</RouterLink>
                  <small class="soft"
                    >{{ potting.brief.pot ? potWords(potting.brief.pot, settings.measures) : ''
                    }}<template v-if="potting.setUpKind !== 'PLAIN'"
                      >, {{ $t(`planting.kind.${potting.setUpKind}`) }}</template
                    ></small
                  ></span
                ></span
              >
            </th>
            <td class="plant">{{ potting.plantName }}</td>
            <td>
              <RouterLink :to="`/blends/${potting.blendId}`">{{ potting.blendName }}</RouterLink>
            </td>
            <td class="potted">{{ shortDate(potting.pottedOn) }}</td>
            <td class="figures right">{{ interval(potting) }}</td>
            <td>
              <template v-if="potting.state !== 'HERE'">{{ $t(`pot.state.${potting.state}`) }}</template>
              <template v-else>{{ inWords(daysBetween(todayHere(), potting.nextLookOn)) }}</template>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <button v-if="hasMore" type="button" class="plain" :disabled="fetchingMore" @click="more">
      {{ $t('parts.pages.more') }}
    </button>
    <p v-if="first && first.total === 0 && sifted" class="soft">{{ $t('pot.potsPage.nothingLikeIt') }}</p>
    <EmptyPage v-else-if="first?.total === 0" what="pot" :title="$t('pot.potsPage.emptyTitle')">
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
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
  font-weight: 700;
}
.sift,
.together {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: flex-end;
  margin-bottom: 16px;
}
.sift :deep(.p-select) {
  min-width: 150px;
  max-width: 190px;
}
.together {
  align-items: center;
  position: sticky;
  top: 0;
  z-index: 3;
  background: var(--paper);
  border-bottom: 1px dashed var(--stitch);
  padding: 8px 0;
}
table {
  width: 100%;
  font-size: 14.5px;
  table-layout: fixed;
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
th.tick,
td.tick {
  width: 30px;
}
.tick input {
  width: 18px;
  height: 18px;
  accent-color: var(--bottle);
}
thead th:nth-child(2) {
  width: 30%;
}
thead th:nth-child(5) {
  width: 11%;
}
thead th:nth-child(7) {
  width: 12%;
}
tbody tr {
  border-bottom: 1px solid var(--line);
}
tbody tr.on {
  background: var(--bottle-soft);
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
@media (width <= 760px) {
  thead {
    display: none;
  }
  tbody tr {
    display: flex;
    flex-wrap: wrap;
    gap: 0 12px;
    padding: 8px 0 8px 30px;
    position: relative;
  }
  td.tick {
    position: absolute;
    left: 0;
    top: 14px;
  }
  tbody th {
    width: 100%;
  }
  td.plant,
  td.potted {
    display: none;
  }
  .right {
    text-align: left;
    padding-right: 12px;
  }
}
</style>
