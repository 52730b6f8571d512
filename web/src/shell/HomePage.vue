<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, defineAsyncComponent } from 'vue'
import { answer, api } from '@/api/client'
import TodayPage from '@/care/TodayPage.vue'

/** Today; in a house without a pot and without a blend the first minute. */
const FirstMinute = defineAsyncComponent(() => import('./FirstMinute.vue'))
const today = useQuery({ queryKey: ['today'], queryFn: () => answer(api.GET('/api/today')), staleTime: 0 })
const potless = computed(
  () =>
    today.data.value !== undefined && today.data.value.dueInAll === 0 && today.data.value.later.length === 0,
)
const blends = useQuery({
  queryKey: ['blends', 'any'],
  queryFn: () => answer(api.GET('/api/blends', { params: { query: { page: 0 } } })),
  enabled: potless,
})
/** Once it is known; what was begun is not taken away while it is still on its way. */
const first = computed(
  () =>
    potless.value &&
    blends.data.value !== undefined &&
    blends.data.value.total === 0 &&
    blends.data.value.away === 0,
)
const waiting = computed(() => potless.value && blends.isPending.value && !blends.isError.value)
</script>

<template>
  <FirstMinute v-if="first" />
  <main v-else-if="waiting" class="page" aria-busy="true">
    <div class="skeleton" style="height: 300px" />
  </main>
  <TodayPage v-else />
</template>
