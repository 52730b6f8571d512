<script setup lang="ts">
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { BookPage } from '@/api/types'
import { useMaterials } from '@/material/useBook'
import PlantField from '@/need/PlantField.vue'
import { t } from '@/words'
import type { Filter, Order } from './book'

/** By what the swatch book is sifted and sorted, and for which plant it is read. */
const props = defineProps<{ page: BookPage | undefined }>()
const filter = defineModel<Filter>({ required: true })
const { materialName } = useMaterials()

const ORDERS = computed<{ value: Order; label: string }[]>(() =>
  (['CHANGED', 'NAME', 'FIT', 'AIR', 'WATER', 'DRY_DAYS', 'PH', 'FOOD', 'WEIGHT', 'LIFE'] as const).map(
    (value) => ({ value, label: t(`blend.book.order.${value}`) }),
  ),
)
const groups = computed(() => props.page?.groups ?? [])
const materials = computed(() =>
  (props.page?.materialIds ?? [])
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
const away = computed(() => props.page?.away ?? 0)
</script>

<template>
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
</template>

<style scoped>
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
.field > :not(label) {
  width: 168px;
  min-height: 34px;
}
.field > :not(input) :deep(input) {
  width: 100%;
  min-height: 34px;
}
.check {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 30px;
}
.check input {
  width: 18px;
  height: 18px;
  accent-color: var(--bottle);
}
</style>
