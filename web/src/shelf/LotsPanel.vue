<script setup lang="ts">
import Button from 'primevue/button'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { Lot } from '@/api/types'
import EmptyPage from '@/parts/EmptyPage.vue'
import { useKeys } from '@/parts/keys'
import { say, sayProblem } from '@/parts/notices'
import { useKept } from '@/parts/useKept'
import { ROLES, type RoleSection, sectionOf } from '@/material/roles'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'
import { ticksOf } from './counting'
import LotForm from './LotForm.vue'
import LotRow from './LotRow.vue'
import QuickAdd from './QuickAdd.vue'
import TickShelf from './TickShelf.vue'
import { useShelf } from './useShelf'

/** What is there: every lot as a bar to one scale, by what it is there for; quick to add to and to count up. */
const route = useRoute()
const router = useRouter()
const settings = useSettings()
const { material } = useMaterials()
const { lots, loading, error, count, refresh, remove, restore } = useShelf()
const quick = ref<InstanceType<typeof QuickAdd> | null>(null)
const chosen = ref<string>()
const opened = ref<string>()

const sections = computed(() => {
  const found = new Map<RoleSection, Lot[]>(ROLES.map((each) => [each, []]))
  for (const lot of lots.value) {
    const name = sectionOf(material(lot.facts.materialId))
    found.set(name, [...(found.get(name) ?? []), lot])
  }
  return [...found.entries()].filter(([, members]) => members.length > 0)
})
/** A section shows so many lots at first, and so many more each time: very long lists stay quick. */
const FIRST = 40
const FURTHER = 200
const shownOf = ref<Record<string, number>>({})
const shown = (name: string, members: Lot[]) => members.slice(0, shownOf.value[name] ?? FIRST)
const further = (name: string) => {
  shownOf.value = { ...shownOf.value, [name]: (shownOf.value[name] ?? FIRST) + FURTHER }
}
const inOrder = computed(() => sections.value.flatMap(([name, members]) => shown(name, members)))
const scale = computed(() =>
  Math.max(1, ...lots.value.map((lot) => Math.max(lot.fullLitres, lot.facts.leftLitres))),
)
const ticks = computed(() => {
  const field = settings.measures.field('volume')
  return ticksOf(scale.value * field.factor).map((value) => ({
    at: (100 * value) / (scale.value * field.factor),
    words: `${figure(value, 0)} ${field.unit}`,
  }))
})
const low = computed(() => lots.value.filter((lot) => lot.low).length)

/** Counts being made, kept until they are stored. */
const counts = useKept<{ on: boolean; left: Record<string, number> }>('loose-knit.count', {
  on: false,
  left: {},
})
const countProblem = ref<string>()
const beginCount = (left: Record<string, number> = {}) => {
  counts.value = { on: true, left }
  opened.value = undefined
  void nextTick(() => document.querySelector<HTMLInputElement>('[id^=count-]')?.focus())
}
const leftOf = (lot: Lot) => counts.value.left[lot.id] ?? lot.facts.leftLitres
const setLeft = (lot: Lot, litres: number) => {
  counts.value = { on: true, left: { ...counts.value.left, [lot.id]: litres } }
}
const endCount = () => {
  counts.value = { on: false, left: {} }
  countProblem.value = undefined
}
/** Sets lots back to what they were before they were counted. */
const uncount = async (before: Lot[]) => {
  const revisions = new Map(lots.value.map((lot) => [lot.id, lot.revision]))
  await count(
    before.map((lot) => ({
      id: lot.id,
      revision: revisions.get(lot.id) ?? lot.revision,
      leftLitres: lot.facts.leftLitres,
    })),
  )
}
const storeCount = async () => {
  const changed = lots.value.filter((lot) => leftOf(lot) !== lot.facts.leftLitres)
  try {
    await count(changed.map((lot) => ({ id: lot.id, revision: lot.revision, leftLitres: leftOf(lot) })))
    endCount()
    say(
      changed.length === 1
        ? t('shelf.lotsPanel.oneLotIsCounted')
        : t('shelf.lotsPanel.lotsAreCounted', { length: changed.length }),
      changed.length > 0 ? () => uncount(changed) : undefined,
    )
  } catch (problem) {
    countProblem.value = problem instanceof Error ? problem.message : String(problem)
    if (problem instanceof Problem && problem.stale) {
      const others = problem.current as Lot[]
      countProblem.value = t('shelf.lotsPanel.countedElsewhere', {
        lots: others
          .map((lot) => `${lot.materialName} (${text(settings.measures.volume(lot.facts.leftLitres))})`)
          .join(', '),
      })
      await refresh()
    }
  }
}
watch(
  () => [route.query.after, lots.value.length] as const,
  async ([after]) => {
    if (typeof after !== 'string' || lots.value.length === 0) {
      return
    }
    try {
      const path = { path: { id: after } }
      const [batch, left] = await Promise.all([
        answer(api.GET('/api/batches/{id}', { params: path })),
        answer(api.GET('/api/batches/{id}/left', { params: path })),
      ])
      beginCount(Object.fromEntries(left.map((each) => [each.lotId, each.leftLitres])))
      say(t('shelf.lotsPanel.countedDown', { blendName: batch.blendName }))
    } catch (problem) {
      sayProblem(problem)
    }
    await router.replace({ query: {} })
  },
  { immediate: true },
)

const added = (id: string, name: string) => {
  chosen.value = id
  say(t('shelf.lotsPanel.isOnTheShelf', { name }), () => remove(id))
}
const takeOff = async (lot: Lot) => {
  try {
    await remove(lot.id)
    opened.value = undefined
    say(t('shelf.lotsPanel.isOffTheShelf', { materialName: lot.materialName }), () => restore(lot.id))
  } catch (problem) {
    sayProblem(problem)
  }
}
const toggle = (lot: Lot) => {
  chosen.value = lot.id
  opened.value = opened.value === lot.id ? undefined : lot.id
}
const move = (by: number) => {
  const at = inOrder.value.findIndex((lot) => lot.id === chosen.value)
  const next = inOrder.value[Math.max(0, Math.min(inOrder.value.length - 1, at + by))]
  chosen.value = next?.id
  void nextTick(() => document.getElementById(`lot-${next?.id}`)?.focus())
}
const onChosen = (work: (lot: Lot) => unknown) => () => {
  const lot = inOrder.value.find((each) => each.id === chosen.value)
  return lot ? work(lot) : false
}
useKeys({
  a: () => quick.value?.focus(),
  c: () => beginCount(),
  ArrowDown: () => move(1),
  ArrowUp: () => move(-1),
  Delete: onChosen((lot) => void takeOff(lot)),
  Escape: () => {
    opened.value = undefined
  },
})
</script>

<template>
  <QuickAdd ref="quick" @added="added" />
  <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
  <div v-if="loading" class="skeleton" style="height: 320px; margin-top: 14px" />
  <template v-else-if="lots.length === 0 && !error">
    <EmptyPage what="shelf" :title="$t('shelf.lotsPanel.emptyTitle')">
      {{ $t('shelf.lotsPanel.empty') }}
    </EmptyPage>
    <TickShelf />
  </template>
  <template v-else>
    <div class="over">
      <p class="soft">
        {{
          lots.length === 1
            ? $t('shelf.lotsPanel.oneLot')
            : $t('shelf.lotsPanel.lots', { length: lots.length })
        }}{{ low > 0 ? $t('shelf.lotsPanel.runningLow', { low }) : '' }}
      </p>
      <template v-if="counts.on">
        <Button :label="$t('shelf.lotsPanel.storeTheCount')" size="small" @click="storeCount" />
        <button type="button" class="plain" @click="endCount">{{ $t('shelf.lotsPanel.neverMind') }}</button>
        <p v-if="countProblem" class="wrong" role="alert">{{ countProblem }}</p>
      </template>
      <Button v-else :label="$t('shelf.lotsPanel.countUpC')" size="small" outlined @click="beginCount()" />
      <div class="scale figures" aria-hidden="true">
        <span v-for="tick in ticks" :key="tick.at" :style="{ left: `${tick.at}%` }">{{ tick.words }}</span>
      </div>
    </div>
    <section v-for="[name, members] in sections" :key="name">
      <h2>{{ $t(`material.section.${name}`) }}</h2>
      <ul class="choices">
        <li v-for="lot in shown(name, members)" :key="lot.id">
          <LotRow
            :lot="lot"
            :grade="material(lot.facts.materialId)?.grade ?? ''"
            :scale="scale"
            :open="opened === lot.id"
            :counting="counts.on"
            :left="counts.on ? leftOf(lot) : lot.facts.leftLitres"
            @toggle="toggle(lot)"
            @left="setLeft(lot, $event)"
            @store="storeCount"
          />
          <LotForm v-if="opened === lot.id" :lot="lot" @remove="takeOff(lot)" @close="opened = undefined" />
        </li>
      </ul>
      <button
        v-if="members.length > shown(name, members).length"
        type="button"
        class="plain more"
        @click="further(name)"
      >
        {{ $t('shelf.lotsPanel.more', { members: members.length - shown(name, members).length }) }}
      </button>
    </section>
    <p class="soft foot">
      {{ $t('shelf.lotsPanel.barsAreToOneScale', { stock: text(settings.measures.stock(scale)) }) }}
    </p>
  </template>
</template>

<style scoped>
.over {
  display: grid;
  grid-template-columns: auto auto auto minmax(0, 1fr);
  gap: 6px 18px;
  align-items: center;
  padding: 10px 0 4px;
  min-height: 54px;
}
.scale {
  position: relative;
  grid-column: 1 / -1;
  height: 16px;
  margin-left: var(--lot-name);
  margin-right: var(--lot-figures);
  font-size: 12.5px;
  color: var(--soft-ink);
}
.scale span {
  position: absolute;
  transform: translateX(-50%);
  white-space: nowrap;
}
.scale span:first-child {
  transform: none;
}
section {
  border-top: 1px dashed var(--stitch);
  padding: 6px 0 8px;
}
h2 {
  font: 400 13px/1.4 var(--words);
  color: var(--soft-ink);
  letter-spacing: 0;
}
h2::first-letter {
  text-transform: uppercase;
}
.empty {
  max-width: 56ch;
  font-size: 17px;
  padding-top: 16px;
}
.more {
  padding: 6px;
}
.foot {
  font-size: 13px;
}
</style>
