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
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'
import { ticksOf } from './counting'
import LotForm from './LotForm.vue'
import LotRow from './LotRow.vue'
import QuickAdd from './QuickAdd.vue'
import TickShelf from './TickShelf.vue'
import { useLots } from './useLots'
import { useShelf } from './useShelf'

/** What is there: every lot as a bar to one scale, by what it is there for; quick to add to and to count up. */
const route = useRoute()
const router = useRouter()
const settings = useSettings()
const { material } = useMaterials()
const { glance, howMany, loading, error, count, refresh, remove, restore } = useShelf()
const quick = ref<InstanceType<typeof QuickAdd> | null>(null)
const chosen = ref<string>()
const opened = ref<string>()

/** Counts being made, kept until they are stored. */
const counts = useKept<{ on: boolean; left: Record<string, number> }>('loose-knit.count', {
  on: false,
  left: {},
})
const {
  lots,
  sections,
  reading,
  problem: moreProblem,
  more,
} = useLots(
  () => glance.value,
  () => [...(chosen.value === undefined ? [] : [chosen.value]), ...Object.keys(counts.value.left)],
)
const inOrder = computed(() => sections.value.flatMap(({ members }) => members))
const scale = computed(() => Math.max(1, glance.value?.largestLitres ?? 0))
const ticks = computed(() => {
  const field = settings.measures.field('volume')
  return ticksOf(scale.value * field.factor).map((value) => ({
    at: (100 * value) / (scale.value * field.factor),
    words: `${figure(value, 0)} ${field.unit}`,
  }))
})
const low = computed(() => glance.value?.lowCount ?? 0)

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
/** Sets lots back to what they were before they were counted, unless somebody has counted them anew. */
const uncount = async (before: Lot[], counted: Lot[]) => {
  const litres = new Map(before.map((lot) => [lot.id, lot.facts.leftLitres]))
  await count(
    counted.map(({ id, revision, facts }) => ({
      id,
      revision,
      leftLitres: litres.get(id) ?? facts.leftLitres,
    })),
  )
}
const storeCount = async () => {
  if (reading.value) {
    countProblem.value = t('shelf.lotsPanel.stillReading')
    void refresh()
    return
  }
  const changed = lots.value.filter((lot) => leftOf(lot) !== lot.facts.leftLitres)
  try {
    const counted = await count(
      changed.map((lot) => ({ id: lot.id, revision: lot.revision, leftLitres: leftOf(lot) })),
    )
    endCount()
    say(
      changed.length === 1
        ? t('shelf.lotsPanel.oneLotIsCounted')
        : t('shelf.lotsPanel.lotsAreCounted', { length: changed.length }),
      changed.length > 0 ? () => uncount(changed, counted) : undefined,
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
  () => [route.query.after, howMany.value] as const,
  async ([after]) => {
    if (typeof after !== 'string' || howMany.value === 0) {
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
  say(t('shelf.lotsPanel.isOnTheShelf', { name }), () => {
    chosen.value = undefined
    return remove(id)
  })
}
const takeOff = async (lot: Lot) => {
  try {
    chosen.value = undefined
    await remove(lot.id)
    opened.value = undefined
    say(t('shelf.lotsPanel.isOffTheShelf', { materialName: lot.materialName }), () => restore(lot.id))
  } catch (problem) {
    chosen.value = lot.id
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
  <template v-else-if="howMany === 0 && !error">
    <EmptyPage what="shelf" :title="$t('shelf.lotsPanel.emptyTitle')">
      {{ $t('shelf.lotsPanel.empty') }}
    </EmptyPage>
    <TickShelf />
  </template>
  <template v-else>
    <div class="over">
      <p class="soft">
        {{ howMany === 1 ? $t('shelf.lotsPanel.oneLot') : $t('shelf.lotsPanel.lots', { length: howMany })
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
    <p v-if="moreProblem" class="say harm" role="alert">{{ moreProblem }}</p>
    <section v-for="{ section, members, left } in sections" :key="section">
      <h2>{{ $t(`material.section.${section}`) }}</h2>
      <ul class="choices">
        <li v-for="lot in members" :key="lot.id">
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
      <button v-if="left > 0" type="button" class="plain more" @click="more(section)">
        {{ $t('shelf.lotsPanel.more', { members: left }) }}
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
