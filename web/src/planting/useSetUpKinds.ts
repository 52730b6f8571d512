import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Brief } from '@/api/types'

/** The kinds of set-up, and which of them are usual for a plant. */
export const useSetUpKinds = (brief: () => Brief | undefined = () => undefined) => {
  const asked = computed(() => {
    const it = brief()
    return it?.plantId ? { plant: it.plantId, stage: it.stage } : {}
  })
  const { data } = useQuery({
    queryKey: computed(() => ['set-up-kinds', asked.value]),
    queryFn: () => answer(api.GET('/api/planting/kinds', { params: { query: asked.value } })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
  return { kinds: computed(() => data.value ?? []) }
}
