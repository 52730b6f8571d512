<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useIntersectionObserver } from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { Answer, NewLook, Round, RoundPot } from '@/api/types'
import { daysAfter, longDate, todayHere } from '@/measure/days'
import ChoiceList from '@/parts/ChoiceList.vue'
import { useKeys } from '@/parts/keys'
import { newId } from '@/parts/newId'
import { say, sayProblem } from '@/parts/notices'
import { useKept } from '@/parts/useKept'
import { t } from '@/words'
import { ANSWERS } from './answers'
import { useLookQueue } from './lookQueue'
import RoundCard from './RoundCard.vue'

/** The round as it is walked: place by place, the longest due first; answers are kept here and sent in order, also those that were given without network. */
const client = useQueryClient()
const query = useQuery({
  queryKey: ['round'],
  queryFn: () => answer(api.GET('/api/round')),
  staleTime: 0,
  networkMode: 'always',
})
/** The last round that was had, for where there is no network. */
const last = useKept<{ round: Round | null; at: string }>('loose-knit.round', { round: null, at: '' })
watch(
  () => query.data.value,
  (round) => {
    if (round) {
      last.value = { round, at: new Date().toISOString() }
    }
  },
  { immediate: true },
)
const round = computed(() => query.data.value ?? last.value.round ?? undefined)
const old = computed(() => query.isError.value && last.value.round !== null)
const time = computed(() => (last.value.at ? new Date(last.value.at).toLocaleString('en-GB') : ''))

const queue = useLookQueue()
const refresh = () =>
  Promise.all(['round', 'today', 'pottings'].map((key) => client.invalidateQueries({ queryKey: [key] })))
onBeforeUnmount(queue.onSent(() => void refresh()))

/** Pots that were answered since the list was had. */
const done = ref(new Set<string>())
watch(
  () => query.dataUpdatedAt.value,
  () => (done.value = new Set()),
)
const apart = ref(new Set<string>())
interface Item {
  key: string
  place: string | undefined
  pots: RoundPot[]
}
const places = computed(() =>
  (round.value?.places ?? [])
    .map(({ place, pots }) => {
      const open = pots.filter((each) => !done.value.has(each.potting.id) && !queue.waits(each.potting))
      const groups = new Map<string, RoundPot[]>()
      for (const each of open) {
        const key = apart.value.has(each.alike) ? each.potting.id : each.alike
        groups.set(key, [...(groups.get(key) ?? []), each])
      }
      return {
        place,
        open,
        items: [...groups.entries()].map(([key, its]): Item => ({
          key: `${place ?? ''} ${key}`,
          place,
          pots: its,
        })),
      }
    })
    .filter((each) => each.open.length > 0),
)
const items = computed(() => places.value.flatMap((each) => each.items))
/** A long round is drawn as it is walked: some cards, and more as their end comes into sight. */
const AT_ONCE = 40
const drawn = ref(AT_ONCE)
const end = ref<HTMLElement>()
useIntersectionObserver(end, ([entry]) => {
  if (entry?.isIntersecting && drawn.value < items.value.length) {
    drawn.value += AT_ONCE
  }
})
const shown = computed(() => {
  const first = new Set(items.value.slice(0, Math.max(drawn.value, atIndex.value + 2)))
  return places.value
    .map((each) => ({ ...each, items: each.items.filter((item) => first.has(item)) }))
    .filter((each) => each.items.length > 0)
})
const left = computed(() => items.value.reduce((all, each) => all + each.pots.length, 0))
const beyond = computed(() => {
  const listed = (round.value?.places ?? []).reduce((all, each) => all + each.pots.length, 0)
  return Math.max(0, (round.value?.dueInAll ?? 0) - listed)
})

const day = ref<'today' | 'yesterday'>('today')
const DAYS = (['today', 'yesterday'] as const).map((value) => ({ value, label: t(`care.round.${value}`) }))
/** The day goes along: what was told without network may be sent another day. */
const on = () => daysAfter(todayHere(), day.value === 'yesterday' ? -1 : 0)

const tell = async (label: string, pots: readonly RoundPot[], given: Answer, grams?: number) => {
  const looks = pots.map(({ potting }): NewLook => ({
    id: newId(),
    pottingId: potting.id,
    answer: given,
    revision: potting.revision,
    on: on(),
    ...(grams === undefined ? {} : { grams }),
  }))
  pots.forEach(({ potting }) => done.value.add(potting.id))
  await queue.add(
    label,
    looks,
    pots.map(({ potting }) => potting.label),
  )
  if (!queue.stuck.value.some((each) => looks.some((look) => each.looks.some(({ id }) => id === look.id)))) {
    say(t('care.round.noted', { label, done: t(`care.round.done.${given}`) }), async () => {
      pots.forEach(({ potting }) => done.value.delete(potting.id))
      await queue.takeBack(looks)
    })
  }
}
const nameOf = (item: Item) =>
  item.pots.length > 1
    ? t('care.round.many', { n: item.pots.length, plant: item.pots[0]?.potting.plantName ?? '' })
    : (item.pots[0]?.potting.label ?? '')
const at = ref<string>()
const atIndex = computed(() =>
  Math.max(
    0,
    items.value.findIndex((each) => each.key === at.value),
  ),
)
const current = computed(() => items.value[atIndex.value])
const go = async (to: number) => {
  const item = items.value[Math.max(0, Math.min(items.value.length - 1, to))]
  if (item) {
    at.value = item.key
    await nextTick()
    const card = document.querySelector<HTMLElement>('.round-card.at')
    card?.scrollIntoView({ block: 'nearest' })
    card?.focus({ preventScroll: true })
  }
}
const answerTo = async (item: Item, given: Answer, grams?: number) => {
  const index = items.value.indexOf(item)
  const next = items.value[index + 1] ?? items.value[index - 1]
  const told = tell(nameOf(item), item.pots, given, grams)
  at.value = next?.key
  await told
}
const allWatered = (place: string | undefined, pots: readonly RoundPot[]) =>
  tell(place ?? t('care.round.elsewhere'), pots, 'WATERED')
useKeys({
  ArrowDown: () => void go(atIndex.value + 1),
  ArrowUp: () => void go(atIndex.value - 1),
  ...Object.fromEntries(
    ANSWERS.map((given, i) => [String(i + 1), () => current.value && void answerTo(current.value, given)]),
  ),
})

const order = computed(() => round.value?.order ?? [])
const shift = async (from: number, by: number) => {
  const names = [...order.value]
  const [name] = names.splice(from, 1)
  if (name === undefined) {
    return
  }
  names.splice(from + by, 0, name)
  try {
    await answer(api.PUT('/api/round/places', { body: { places: names } }))
    await refresh()
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('care.round.title') }}</h1>
        <p v-if="round" class="soft">
          {{ longDate(round.date) }} · {{ $t('care.round.left', { n: left + beyond }, left + beyond) }}
        </p>
      </div>
      <ChoiceList v-model="day" :options="DAYS" :label="$t('care.round.day')" hide-label />
    </div>
    <p class="ways">
      <RouterLink to="/hand">{{ $t('care.hand.link') }}</RouterLink>
      <RouterLink to="/weather">{{ $t('care.weather.link') }}</RouterLink>
    </p>
    <p v-if="old" class="say attention" role="status">{{ $t('care.round.old', { time }) }}</p>
    <p v-else-if="query.error.value && !round" class="say harm" role="alert">
      {{ query.error.value.message }}
    </p>
    <p v-if="queue.waiting.value.length > 0" class="say" role="status">
      {{ $t('care.round.waiting', { n: queue.waiting.value.length }, queue.waiting.value.length) }}
      <button type="button" class="plain" :disabled="queue.sending.value" @click="queue.send()">
        {{ $t('care.round.sendNow') }}
      </button>
    </p>
    <div v-for="each in queue.stuck.value" :key="each.id" class="say attention" role="alert">
      {{
        $t('care.round.stuck', {
          label: each.label,
          problem: each.changed ? $t('care.round.changed') : (each.problem ?? ''),
        })
      }}
      <button v-if="each.changed" type="button" class="plain" @click="queue.sendAnyway(each.id)">
        {{ $t('care.round.mineToo') }}
      </button>
      <button type="button" class="plain" @click="queue.drop(each.id)">{{ $t('care.round.drop') }}</button>
    </div>
    <div v-if="!round && !query.error.value">
      <div v-for="i in 4" :key="i" class="skeleton" style="height: 120px; margin-bottom: 10px" />
    </div>
    <section v-for="{ place, open, items: its } in shown" :key="place ?? ''" :aria-label="place">
      <div class="place">
        <h2>{{ place ?? $t('care.round.elsewhere') }}</h2>
        <span class="soft">{{ $t('care.round.pots', { n: open.length }, open.length) }}</span>
        <button
          v-if="open.length > 1"
          type="button"
          class="plain"
          :aria-label="$t('care.round.allWateredNamed', { place: place ?? '' })"
          @click="allWatered(place, open)"
        >
          {{ $t('care.round.allWatered') }}
        </button>
      </div>
      <RoundCard
        v-for="item in its"
        :key="item.key"
        :pots="item.pots"
        :today="round?.date ?? ''"
        :at="item === current"
        @answer="(given, grams) => answerTo(item, given, grams)"
        @apart="apart.add(item.pots[0]?.alike ?? '')"
        @focus="at = item.key"
      />
    </section>
    <div ref="end" aria-hidden="true" />
    <p v-if="round && left === 0" class="finished">
      {{ beyond > 0 ? $t('care.round.more', { n: beyond }) : $t('care.round.finished') }}
      <RouterLink to="/">{{ $t('care.round.toToday') }}</RouterLink>
    </p>
    <p v-else-if="beyond > 0" class="soft">{{ $t('care.round.more', { n: beyond }) }}</p>
    <p v-if="left > 0" class="soft keys">{{ $t('care.round.keys') }}</p>
    <details v-if="order.length > 1" class="order">
      <summary>{{ $t('care.round.order') }}</summary>
      <p class="soft">{{ $t('care.round.orderLead') }}</p>
      <ol>
        <li v-for="(place, i) in order" :key="place">
          <span>{{ place }}</span>
          <button
            type="button"
            class="plain"
            :disabled="i === 0"
            :aria-label="$t('care.round.up', { place })"
            @click="shift(i, -1)"
          >
            ↑
          </button>
          <button
            type="button"
            class="plain"
            :disabled="i === order.length - 1"
            :aria-label="$t('care.round.down', { place })"
            @click="shift(i, 1)"
          >
            ↓
          </button>
        </li>
      </ol>
    </details>
  </main>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 20px;
  margin: -6px 0 6px;
}
.place {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: baseline;
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--paper);
  border-bottom: 1px dashed var(--stitch);
  padding: 10px 0 4px;
}
.place h2 {
  margin: 0;
}
.place h2::first-letter {
  text-transform: uppercase;
}
.place .plain {
  min-height: 26px;
  margin-left: auto;
}
.finished {
  font-size: 18px;
}
.keys {
  margin-top: 14px;
}
.order {
  margin-top: 18px;
}
summary {
  cursor: pointer;
  font-weight: 700;
  min-height: 28px;
}
.order li {
  display: grid;
  grid-template-columns: minmax(0, 300px) 36px 36px;
  align-items: center;
}
.order .plain {
  min-height: 36px;
  text-decoration: none;
}
</style>
