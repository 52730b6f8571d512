import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api } from '@/api/client'

/** How pots of each blend did: of all plants, or of the kind of one. */
export const useRecords = (plantId: Readonly<Ref<string | undefined>>) => {
  const { data } = useQuery({
    queryKey: computed(() => ['outcomes', 'blends', plantId.value]),
    queryFn: () =>
      answer(
        api.GET('/api/outcomes/blends', {
          params: { query: plantId.value === undefined ? {} : { plant: plantId.value } },
        }),
      ),
  })
  const byBlend = computed(() => new Map((data.value ?? []).map((record) => [record.blend, record])))
  return (blendId: string) => byBlend.value.get(blendId)
}
