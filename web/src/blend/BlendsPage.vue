<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { usePages } from '@/api/usePages'
import EmptyPage from '@/parts/EmptyPage.vue'
import { useRecords } from '@/outcome/useRecords'
import { useKeys } from '@/parts/keys'
import { useKept } from '@/parts/useKept'
import { besidePath, MOST_BESIDE } from './beside'
import { type Filter, NO_FILTER } from './book'
import BookCard from './BookCard.vue'
import BookSift from './BookSift.vue'
import TakeBlendIn from './TakeBlendIn.vue'
import { useLayAway } from './useLayAway'
import { useNewBlend } from './useNewBlend'

/** The swatch book: all blends, sorted and sifted, read for their own plant or for any other. */
const AGAIN_MS = 1200
const router = useRouter()
const layAway = useLayAway()
const { busy, start } = useNewBlend()
const filter = useKept<Filter>('loose-knit.book', NO_FILTER)
const forPlant = computed(() => filter.value.plantId)
const text = refDebounced(
  computed(() => filter.value.text.trim()),
  200,
)
const asked = computed(() => ({
  archived: filter.value.archived,
  fitting: filter.value.onlyFitting,
  order: filter.value.order,
  ...(text.value === '' ? {} : { text: text.value }),
  ...(filter.value.group === undefined ? {} : { group: filter.value.group }),
  ...(filter.value.materialIds.length === 0 ? {} : { materialId: filter.value.materialIds }),
  ...(forPlant.value ? { plantId: forPlant.value } : {}),
}))
const { pages, first, error, hasMore, more, fetchingMore } = usePages(
  computed(() => ['blends', 'pages', asked.value]),
  (page) => answer(api.GET('/api/blends', { params: { query: { ...asked.value, page } } })),
  (page) => page.cards,
  (page) => (page?.toRead ? AGAIN_MS : false),
)
const recordOf = useRecords(forPlant)
const shown = computed(() => pages.value.flatMap((page) => page.cards))
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

const picked = ref<string[]>([])
const pick = (id: string, on: boolean) => {
  picked.value = on ? [...picked.value, id].slice(-MOST_BESIDE) : picked.value.filter((each) => each !== id)
}
const beside = () => void router.push(besidePath(picked.value.map((id) => ({ id }))))
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
        <TakeBlendIn />
        <RouterLink to="/blends/share">{{ $t('blend.book.share') }}</RouterLink>
        <Button :label="$t('blend.book.count')" outlined :disabled="busy" @click="start('/count')" />
        <Button :label="$t('blend.book.new')" :disabled="busy" @click="start()" />
      </div>
    </div>
    <BookSift v-if="sifted || first?.total !== 0 || (first?.away ?? 0) > 0" v-model="filter" :page="first" />
    <p v-if="picked.length > 0" class="picked" role="status">
      {{ $t('blend.book.picked', { n: picked.length }, picked.length) }}
      <Button :label="$t('blend.book.beside')" size="small" :disabled="picked.length < 2" @click="beside" />
      <button type="button" class="plain" @click="picked = []">{{ $t('blend.book.unpick') }}</button>
    </p>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <p v-if="first?.toRead" class="soft" role="status">
      {{ $t('blend.book.toRead', { n: first.toRead }, first.toRead) }}
    </p>
    <ul v-if="first" class="choices book">
      <BookCard
        v-for="card in shown"
        :key="card.blend.id"
        :card="card"
        :for-plant="forPlant"
        :record="recordOf(card.blend.id)"
        :picked="picked.includes(card.blend.id)"
        @pick="pick(card.blend.id, $event)"
        @lay-away="layAway(card.blend, $event)"
      />
    </ul>
    <div v-else-if="!error" class="book">
      <div v-for="i in 6" :key="i" class="skeleton" style="height: 150px" />
    </div>
    <button v-if="hasMore" type="button" class="plain" :disabled="fetchingMore" @click="more">
      {{ $t('parts.pages.more') }}
    </button>
    <EmptyPage v-if="first?.total === 0 && !sifted" what="blend" :title="$t('blend.book.emptyTitle')">
      {{ $t('blend.book.empty') }}
      <template #action>
        <Button :label="$t('blend.book.new')" :disabled="busy" @click="start()" />
      </template>
    </EmptyPage>
    <p v-else-if="first?.total === 0 && !first.toRead" class="empty">
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
.empty {
  max-width: 46ch;
  font-size: 17px;
}
@media (width <= 640px) {
  .book {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
