<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'

/** Blends that pots of this kind of plant stood in, and how they did: what was found is weighed against what was seen. */
const props = defineProps<{ plantId: string }>()
const MOST = 4
const { data } = useQuery({
  queryKey: computed(() => ['outcomes', 'blends', props.plantId]),
  queryFn: () => answer(api.GET('/api/outcomes/blends', { params: { query: { plant: props.plantId } } })),
})
const records = computed(() => (data.value ?? []).slice(0, MOST))
</script>

<template>
  <div v-if="records.length > 0" class="record-list">
    <h2>{{ $t('outcome.records') }}</h2>
    <ul>
      <li v-for="each in records" :key="each.blend">
        <RouterLink :to="`/blends/${each.blend}`">{{ each.name }}</RouterLink>
        <span>{{ each.words.join('; ') }}</span>
        <small v-if="each.few" class="soft">{{ $t('outcome.fewOnly') }}</small>
      </li>
    </ul>
  </div>
</template>

<style scoped>
h2 {
  font-size: 16px;
  margin: 0;
}
ul {
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
}
</style>
