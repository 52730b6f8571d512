<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { BlendCard, Reading } from '@/api/types'
import { useKeys } from '@/frame/keys'
import { say, sayProblem } from '@/frame/notices'
import { useKept } from '@/frame/useKept'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import PlantField from '@/need/PlantField.vue'
import { usePlants } from '@/need/usePlants'
import { t } from '@/words'
import { besidePath, MOST_BESIDE } from './beside'
import { filtered, type Filter, NO_FILTER, type Order, sorted } from './book'
import SwatchChart from './SwatchChart.vue'
import { useNewBlend } from './useNewBlend'

/** The swatch book: all blends, sorted and sifted, read for their own plant or for any other. */
const router = useRouter()
const client = useQueryClient()
const settings = useSettings()
const { materialName } = useMaterials()
const { plant } = usePlants()
const { busy, start } = useNewBlend()
const filter = useKept<Filter>('loose-knit.book', NO_FILTER)
const forPlant = computed(() => filter.value.plantId)
const blends = useQuery({
  queryKey: ['blends', computed(() => forPlant.value ?? '')],
  queryFn: () =>
    answer(api.GET('/api/blends', { params: { query: forPlant.value ? { plantId: forPlant.value } : {} } })),
  staleTime: 0,
  placeholderData: (before) => before,
})
const cards = computed(() => blends.data.value ?? [])

const ORDERS = computed<{ value: Order; label: string }[]>(() =>
  (['CHANGED', 'NAME', 'FIT', 'AIR', 'WATER', 'DRY_DAYS', 'PH', 'FOOD', 'WEIGHT', 'LIFE'] as const).map(
    (value) => ({ value, label: t(`blend.book.order.${value}`) }),
  ),
)
const groups = computed(() =>
  [...new Set(cards.value.flatMap((card) => (card.groupName ? [card.groupName] : [])))].sort(),
)
const materials = computed(() =>
  [...new Set(cards.value.flatMap((card) => card.blend.recipe.parts.map((part) => part.materialId)))]
    .map((id) => ({ id, name: materialName(id) }))
    .sort((a, b) => a.name.localeCompare(b.name)),
)
const set = (change: Partial<Filter>) => {
  filter.value = { ...filter.value, ...change }
}
const plantId = computed({
  get: () => filter.value.plantId,
  set: (id: string | undefined) => set({ plantId: id, ...(id ? { order: 'FIT' as const } : {}) }),
})
const shown = computed(() => sorted(filtered(cards.value, filter.value, materialName), filter.value.order))
const away = computed(() => cards.value.filter((card) => card.blend.archived).length)
const sifted = computed(
  () =>
    filter.value.text !== '' ||
    filter.value.group !== undefined ||
    filter.value.materialIds.length > 0 ||
    filter.value.plantId !== undefined ||
    filter.value.onlyFitting,
)
const noSifting = () => {
  filter.value = { ...NO_FILTER, archived: filter.value.archived }
}

const reading = (card: BlendCard, quality: string) => card.readings.find((each) => each.quality === quality)
const rows = (card: BlendCard) =>
  card.blend.recipe.parts.map((part) => ({
    materialId: part.materialId,
    name: materialName(part.materialId),
  }))
const SHORT: Reading['quality'][] = ['AIR', 'WATER', 'DRY_DAYS', 'PH', 'WEIGHT']
const facts = (card: BlendCard) =>
  SHORT.flatMap((quality) => {
    const each = reading(card, quality)
    if (!each) {
      return []
    }
    const { figure, unit } = settings.measures.reading(each.value, each.unit, each.decimals)
    return [t(`blend.book.fact.${quality}`, { figure, unit })]
  })
const forWhom = (card: BlendCard) => {
  if (forPlant.value) {
    const name = plant(forPlant.value)?.name.toLowerCase() ?? ''
    return t('blend.book.readFor', { name, fit: Math.round(card.fit ?? 0) })
  }
  return card.plantName
    ? t('blend.book.for', { name: card.plantName.toLowerCase() })
    : t('blend.book.forNone')
}

const picked = ref<string[]>([])
const pick = (id: string, on: boolean) => {
  picked.value = on ? [...picked.value, id].slice(-MOST_BESIDE) : picked.value.filter((each) => each !== id)
}
const beside = () => void router.push(besidePath(picked.value.map((id) => ({ id }))))
const layAway = async (card: BlendCard, on: boolean) => {
  const path = { params: { path: { id: card.blend.id } } }
  const put = async (lay: boolean) => {
    await answer(
      lay ? api.POST('/api/blends/{id}/archive', path) : api.POST('/api/blends/{id}/unarchive', path),
    )
    await client.invalidateQueries({ queryKey: ['blends'] })
  }
  try {
    await put(on)
    say(t(on ? 'blend.work.archived' : 'blend.work.outAgain', { name: card.blend.name }), () => put(!on))
  } catch (error) {
    sayProblem(error)
  }
}
useKeys({ n: () => void start() })
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('blend.book.title') }}</h1>
        <p class="soft">{{ $t('blend.book.lead') }}</p>
      </div>
      <div class="tools">
        <RouterLink to="/blends/share">{{ $t('blend.book.share') }}</RouterLink>
        <Button :label="$t('blend.book.count')" outlined :disabled="busy" @click="start('/count')" />
        <Button :label="$t('blend.book.new')" :disabled="busy" @click="start()" />
      </div>
    </div>
    <form class="sift" :aria-label="$t('blend.book.sift')" @submit.prevent>
      <span class="field">
        <label for="book-text">{{ $t('blend.book.text') }}</label>
        <InputText
          id="book-text"
          :model-value="filter.text"
          autocomplete="off"
          @update:model-value="set({ text: $event ?? '' })"
        />
      </span>
      <span class="field">
        <label for="book-group">{{ $t('blend.book.group') }}</label>
        <Select
          label-id="book-group"
          :model-value="filter.group"
          :options="groups"
          show-clear
          :placeholder="$t('blend.book.any')"
          :aria-label="$t('blend.book.group')"
          @update:model-value="set({ group: $event ?? undefined })"
        />
      </span>
      <span class="field">
        <label for="book-materials">{{ $t('blend.book.materials') }}</label>
        <MultiSelect
          input-id="book-materials"
          :model-value="filter.materialIds"
          :options="materials"
          option-label="name"
          option-value="id"
          :show-toggle-all="false"
          :placeholder="$t('blend.book.any')"
          :max-selected-labels="1"
          :selected-items-label="$t('blend.book.several', { n: filter.materialIds.length })"
          @update:model-value="set({ materialIds: $event })"
        />
      </span>
      <span class="field">
        <label for="book-plant">{{ $t('blend.book.plant') }}</label>
        <PlantField
          :key="plantId ?? 'none'"
          v-model="plantId"
          input-id="book-plant"
          :placeholder="$t('blend.book.own')"
          compact
        />
      </span>
      <span class="field">
        <label id="order-label">{{ $t('blend.book.sorted') }}</label>
        <Select
          :model-value="filter.order"
          :options="ORDERS"
          option-label="label"
          option-value="value"
          aria-labelledby="order-label"
          @update:model-value="set({ order: $event })"
        />
      </span>
      <label class="check">
        <input
          type="checkbox"
          :checked="filter.onlyFitting"
          @change="set({ onlyFitting: ($event.target as HTMLInputElement).checked })"
        />
        {{ $t('blend.book.fitting') }}
      </label>
      <label v-if="away > 0" class="check">
        <input
          type="checkbox"
          :checked="filter.archived"
          @change="set({ archived: ($event.target as HTMLInputElement).checked })"
        />
        {{ $t('blend.book.away', { n: away }, away) }}
      </label>
    </form>
    <p v-if="picked.length > 0" class="picked" role="status">
      {{ $t('blend.book.picked', { n: picked.length }, picked.length) }}
      <Button :label="$t('blend.book.beside')" size="small" :disabled="picked.length < 2" @click="beside" />
      <button type="button" class="plain" @click="picked = []">{{ $t('blend.book.unpick') }}</button>
    </p>
    <p v-if="blends.error.value" class="say harm" role="alert">{{ blends.error.value.message }}</p>
    <ul v-if="blends.data.value" class="choices book">
      <li v-for="card in shown" :key="card.blend.id" :class="{ away: card.blend.archived }">
        <RouterLink :to="`/blends/${card.blend.id}`">
          <div class="chart"><SwatchChart :rows="rows(card)" :shares="card.shares" /></div>
          <div class="about">
            <h2>{{ card.blend.name }}</h2>
            <p class="soft">{{ forWhom(card) }}</p>
            <p class="figures">
              <span v-for="fact in facts(card)" :key="fact">{{ fact }}</span>
            </p>
            <p v-if="card.stops.length > 0" class="stopped">
              {{
                card.stops.every((each) => each.accepted) ? $t('blend.book.stopAside') : $t('blend.book.stop')
              }}
              {{ card.stops[0]?.why }}
            </p>
            <p class="verdict" :class="{ fits: card.fits }">
              {{ card.headline ?? $t('blend.book.nothing') }}
            </p>
          </div>
        </RouterLink>
        <p class="below">
          <label>
            <input
              type="checkbox"
              :checked="picked.includes(card.blend.id)"
              :aria-label="$t('blend.book.pickName', { name: card.blend.name })"
              @change="pick(card.blend.id, ($event.target as HTMLInputElement).checked)"
            />
            {{ $t('blend.book.pick') }}
          </label>
          <button v-if="card.blend.archived" type="button" class="plain" @click="layAway(card, false)">
            {{ $t('blend.book.takeOut') }}
          </button>
          <span v-if="card.sameAs.length > 0" class="same">
            {{ $t('blend.book.same', { name: card.sameAs[0]?.name }) }}
            <button v-if="!card.blend.archived" type="button" class="plain" @click="layAway(card, true)">
              {{ $t('blend.page.archive') }}
            </button>
          </span>
        </p>
      </li>
    </ul>
    <div v-else-if="!blends.error.value" class="book">
      <div v-for="i in 6" :key="i" class="skeleton" style="height: 150px" />
    </div>
    <p v-if="cards.length === 0 && blends.data.value" class="empty">{{ $t('blend.book.empty') }}</p>
    <p v-else-if="blends.data.value && shown.length === 0" class="empty">
      {{ $t('blend.book.noneSo') }}
      <button v-if="sifted" type="button" class="plain" @click="noSifting">
        {{ $t('blend.book.noSifting') }}
      </button>
    </p>
  </main>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 10px;
  align-items: center;
}
.book {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(360px, 1fr));
  gap: 0 34px;
}
.sift {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: flex-end;
  border-block: 1px dashed var(--stitch);
  padding: 10px 0 12px;
  margin-bottom: 4px;
  font-size: 14px;
}
.field {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.field > :not(label) {
  width: 168px;
  min-height: 34px;
}
.field > :not(input) :deep(input) {
  width: 100%;
  min-height: 34px;
}
.check,
.below label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 30px;
}
.check input,
.below input {
  margin: 0;
  width: 18px;
  height: 18px;
  accent-color: var(--bottle);
}
.picked {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: center;
  position: sticky;
  top: 0;
  background: var(--paper);
  padding: 8px 0;
  z-index: 1;
}
.book > li {
  border-bottom: 1px dashed var(--stitch);
  display: flex;
  flex-direction: column;
}
.below {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: center;
  padding: 0 6px 8px;
  font-size: 13.5px;
  color: var(--soft-ink);
}
.same {
  color: var(--marigold-ink);
}
.away .chart {
  opacity: 0.5;
}
li a {
  display: flex;
  gap: 16px;
  padding: 14px 6px 8px;
  color: inherit;
  text-decoration: none;
  flex: 1;
}
li a:hover {
  background: var(--wash);
}
li a:hover h2 {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
}
.chart {
  width: 128px;
  flex: none;
}
.about {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
}
.about h2 {
  overflow-wrap: anywhere;
}
.about .figures {
  font-size: 13px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}
.verdict {
  margin-top: auto;
  font-size: 14px;
  color: var(--marigold-ink);
  font-weight: 600;
}
.stopped {
  font-size: 13.5px;
  color: var(--brick);
  border-left: 3px solid var(--brick);
  padding-left: 7px;
}
.verdict.fits {
  color: var(--bottle);
}
.empty {
  max-width: 46ch;
  font-size: 17px;
}
@media (max-width: 640px) {
  .book {
    grid-template-columns: minmax(0, 1fr);
  }
  .chart {
    width: 104px;
  }
}
</style>
