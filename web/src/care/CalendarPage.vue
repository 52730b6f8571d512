<script setup lang="ts">
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { DueEntry, PotEvent } from '@/api/types'
import { daysBetween, inWords, longDate } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import ChoiceList from '@/parts/ChoiceList.vue'
import { say, sayProblem } from '@/parts/notices'
import { printed } from '@/parts/printed'
import { t } from '@/words'

/** One calendar of what is due beyond the next look, with reasons; what can be told as done is told here. */
const client = useQueryClient()
const settings = useSettings()
const days = ref<'14' | '60' | '365'>('60')
const DAYS = (['14', '60', '365'] as const).map((value) => ({
  value,
  label: t(`care.calendar.days.${value}`),
}))
const AGAIN_MS = 1500
const { data, error } = useQuery({
  queryKey: computed(() => ['calendar', days.value]),
  queryFn: () => answer(api.GET('/api/calendar', { params: { query: { days: Number(days.value) } } })),
  placeholderData: keepPreviousData,
  // where there are very many pots the rest is reckoned with the next answers
  refetchInterval: (query) =>
    query.state.data && query.state.data.reckoned < query.state.data.pots ? AGAIN_MS : false,
})
const grouped = <T,>(all: readonly T[], key: (each: T) => string): [string, T[]][] => {
  const groups = new Map<string, T[]>()
  for (const each of all) {
    groups.set(key(each), [...(groups.get(key(each)) ?? []), each])
  }
  return [...groups.entries()]
}
/** Day by day; what is due on a day for the same reason stands together. */
const byDay = computed(() =>
  grouped(data.value?.entries ?? [], (each) => each.on).map(([day, entries]) => ({
    day,
    groups: grouped(entries, (each) => [each.kind, each.because ?? each.subject, each.what].join(' ')).map(
      ([key, its]) => ({ key, first: its[0] as DueEntry, its }),
    ),
  })),
)
const file = computed(() => `/api/calendar.ics?units=${speech.units}`)
const what = (entry: DueEntry) =>
  entry.kind === 'TROUBLE'
    ? t('care.calendar.wrong', { cause: entry.what ?? '' })
    : entry.kind === 'BATCH_TEST' || isOfTheShelf(entry)
      ? t(`care.calendar.kind.${entry.kind}`)
      : (entry.what ?? '')
const isOfTheShelf = (entry: DueEntry): entry is DueEntry & { kind: 'SHELF_LOW' | 'OLD_BAG' } =>
  entry.kind === 'SHELF_LOW' || entry.kind === 'OLD_BAG'
const to = (entry: DueEntry) =>
  entry.kind === 'BATCH_TEST'
    ? `/batches/${entry.subject}/test`
    : isOfTheShelf(entry)
      ? `/shelf/here#lot-${entry.subject}`
      : `/pots/${entry.subject}`
const DONE = { FEED: 'FED', TOP_UP: 'TOPPED_UP', FLUSH: 'FLUSHED' } as const satisfies Record<
  string,
  PotEvent['kind']
>
const canBeTold = (kind: DueEntry['kind']): kind is keyof typeof DONE => kind in DONE
const tell = async (entries: readonly DueEntry[], kind: keyof typeof DONE) => {
  const event = { id: crypto.randomUUID(), kind: DONE[kind], words: '' }
  const pottingIds = entries.map((each) => each.subject)
  const refresh = () => client.invalidateQueries({ queryKey: ['calendar'] })
  try {
    await answer(api.POST('/api/pot-events/together', { body: { pottingIds, event } }))
    await refresh()
    say(
      t('care.calendar.noted', { label: nameOf(entries), done: t(`pot.event.${DONE[kind]}`) }),
      async () => {
        await answer(
          api.POST('/api/pot-events/together/taken-back', { body: { pottingIds, eventId: event.id } }),
        )
        await refresh()
      },
    )
  } catch (problem) {
    sayProblem(problem)
  }
}
const nameOf = (entries: readonly DueEntry[]) =>
  entries.length === 1 ? (entries[0]?.label ?? '') : t('care.calendar.many', { n: entries.length })
const print = () => window.print()
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('care.calendar.title') }}</h1>
        <p class="soft">{{ $t('care.calendar.lead') }}</p>
      </div>
      <ChoiceList v-model="days" :options="DAYS" :label="$t('care.calendar.show')" hide-label />
    </div>
    <p class="ways">
      <a :href="file" :title="$t('care.calendar.subscribe')">{{ $t('care.calendar.file') }}</a>
      <a :href="printed('/api/calendar/week.pdf', settings.paperSize)" target="_blank" rel="noopener">{{
        $t('care.calendar.week')
      }}</a>
      <button type="button" class="plain" @click="print">{{ $t('care.calendar.print') }}</button>
    </p>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="!data && !error" class="skeleton" style="height: 320px" />
    <p v-if="data && data.reckoned < data.pots" class="soft" role="status">
      {{ $t('care.calendar.reckoning', { reckoned: data.reckoned, pots: data.pots }) }}
    </p>
    <section v-for="{ day, groups } in byDay" :key="day" :aria-label="longDate(day)">
      <h2>
        {{ longDate(day) }}
        <small class="soft">{{ inWords(daysBetween(data?.today ?? '', day)) }}</small>
      </h2>
      <ul>
        <li v-for="{ key, first, its } in groups" :key="key">
          <b class="what">{{ what(first) }}</b>
          <span>
            <span v-if="first.because" class="soft because">{{ first.because }}</span>
            <span class="names">
              <RouterLink v-for="entry in its" :key="entry.subject" :to="to(entry)">{{
                entry.label
              }}</RouterLink>
            </span>
          </span>
          <button
            v-if="canBeTold(first.kind)"
            type="button"
            class="plain"
            :aria-label="
              $t('care.calendar.doneNamed', {
                done: $t(`care.calendar.done.${first.kind}`),
                label: nameOf(its),
              })
            "
            @click="canBeTold(first.kind) && tell(its, first.kind)"
          >
            {{ $t(`care.calendar.done.${first.kind}`) }}
          </button>
          <RouterLink
            v-else-if="first.kind === 'REPOT' && its.length === 1"
            :to="`/pots/${first.subject}?open=REPOTTED`"
            >{{ $t('care.calendar.repot') }}</RouterLink
          >
          <RouterLink v-else-if="first.kind === 'BATCH_TEST'" :to="to(first)">{{
            $t('care.calendar.test')
          }}</RouterLink>
        </li>
      </ul>
    </section>
    <p v-if="data && data.more > 0" class="soft">{{ $t('care.calendar.more', { n: data.more }) }}</p>
    <p v-if="data && byDay.length === 0">{{ $t('care.calendar.nothing') }}</p>
  </main>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin: -4px 0 10px;
  font-weight: 700;
}
h2 {
  margin: 18px 0 2px;
  border-bottom: 1px dashed var(--stitch);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 140px minmax(0, 1fr) auto;
  gap: 4px 18px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.what::first-letter {
  text-transform: uppercase;
}
.because {
  display: block;
  font-size: 14px;
}
.names a,
li > a,
li > .plain {
  display: inline-flex;
  align-items: center;
  min-height: 26px;
}
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
@media print {
  .ways,
  li .plain {
    display: none;
  }
}
@media (width <= 760px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .what {
    grid-column: 1 / -1;
  }
}
</style>
