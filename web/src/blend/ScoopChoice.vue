<script setup lang="ts">
import { computed } from 'vue'
import type { Recipe } from '@/api/types'
import ChoiceList from '@/parts/ChoiceList.vue'
import { useSettings } from '@/measure/settings'
import { t } from '@/words'

/** How the volumes are measured out, which widens the readings, and in what they are shown. */
const model = defineModel<Recipe>({ required: true })
const settings = useSettings()
type Scoop = NonNullable<Recipe['scoop']>
const SCOOPS = computed<{ value: Scoop; label: string }[]>(() => [
  { value: 'LEVEL', label: t('blend.scoop.level') },
  { value: 'HEAPED', label: t('blend.scoop.heaped') },
  { value: 'HANDFUL', label: t('blend.scoop.handful') },
])
const SHOWN = computed<{ value: 'volume' | 'scoops'; label: string }[]>(() => [
  { value: 'volume', label: t('blend.scoop.litres') },
  { value: 'scoops', label: t('blend.scoop.own') },
])
const scoop = computed<Scoop>({
  get: () => model.value.scoop ?? 'LEVEL',
  set: (value) => (model.value = { ...model.value, scoop: value }),
})
</script>

<template>
  <div class="scoops">
    <ChoiceList v-model="scoop" :options="SCOOPS" :label="$t('blend.scoop.label')" />
    <ChoiceList v-model="settings.rowsIn" :options="SHOWN" :label="$t('blend.scoop.shownLabel')" />
  </div>
</template>

<style scoped>
.scoops {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  font-size: 13.5px;
}
.scoops :deep(.choice-list) {
  align-items: baseline;
}
.scoops :deep(legend) {
  float: left;
  padding: 5px 8px 0 0;
  color: var(--soft-ink);
}
.scoops :deep(label) {
  padding: 3px 8px;
  min-height: 28px;
}
</style>
