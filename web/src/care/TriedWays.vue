<script setup lang="ts">
/** Other walls, sizes and places that would make a pot fit the hand: tried while its misfit is read, since that takes a moment. */
import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'
const props = defineProps<{ id: string }>()
const { data, error } = useQuery({
  queryKey: ['hand', 'ways', props.id],
  queryFn: () => answer(api.GET('/api/hand/{id}/ways', { params: { path: { id: props.id } } })),
  staleTime: 0,
})
</script>

<template>
  <li v-if="!data && !error" class="skeleton" style="height: 20px; width: 30ch" />
  <li v-if="error" role="alert">{{ error.message }}</li>
  <li v-for="way in data?.ways ?? []" :key="way">{{ way }}</li>
</template>

<style scoped>
li::first-letter {
  text-transform: uppercase;
}
</style>
