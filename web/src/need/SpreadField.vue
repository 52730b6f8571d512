<script setup lang="ts">
import { computed } from 'vue'
import ChoiceList from '@/parts/ChoiceList.vue'
import { SPREADS } from './words'

/** How wide the plant is against its pot; nothing for what is usual. */
const model = defineModel<number | undefined>({ required: true })
const emit = defineEmits<{ chosen: [] }>()
const choice = computed({
  get: () =>
    SPREADS.find((each) => each.times === model.value)?.value ??
    (model.value === undefined ? 'USUAL' : 'OTHER'),
  set: (value: string) => {
    model.value = SPREADS.find((each) => each.value === value)?.times
  },
})
</script>

<template>
  <ChoiceList
    v-model="choice"
    :options="SPREADS"
    :label="$t('need.spread.label')"
    hide-label
    @chosen="emit('chosen')"
  />
</template>
