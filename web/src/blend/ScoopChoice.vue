<script setup lang="ts">
import { computed } from 'vue'
import type { Recipe } from '@/api/types'
import ChoiceList from '@/frame/ChoiceList.vue'

/** How the volumes are measured out: it widens the readings. */
const model = defineModel<Recipe>({ required: true })
type Scoop = NonNullable<Recipe['scoop']>
const SCOOPS: { value: Scoop; label: string }[] = [
  { value: 'LEVEL', label: 'level scoops' },
  { value: 'HEAPED', label: 'heaped' },
  { value: 'HANDFUL', label: 'handfuls' },
]
const scoop = computed<Scoop>({
  get: () => model.value.scoop ?? 'LEVEL',
  set: (value) => (model.value = { ...model.value, scoop: value }),
})
</script>

<template>
  <ChoiceList v-model="scoop" :options="SCOOPS" label="Measured out by" class="scoops" />
</template>

<style scoped>
.scoops {
  font-size: 13.5px;
  align-items: baseline;
}
.scoops :deep(legend) {
  float: left;
  padding: 5px 8px 0 0;
  color: var(--soft-ink);
}
.scoops :deep(label) {
  padding: 3px 9px;
  min-height: 28px;
}
</style>
