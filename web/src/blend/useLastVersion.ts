import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Blend } from '@/api/types'

/** The readings of the version kept last, to tell what has changed since; nothing while the bench is as it was kept. */
export const useLastVersion = (blend: () => Blend | undefined) => {
  const number = computed(() => blend()?.latestVersion)
  const { data } = useQuery({
    queryKey: ['last-version', computed(() => blend()?.id), number],
    enabled: () => number.value !== undefined,
    staleTime: Infinity,
    queryFn: async () => {
      const id = blend()?.id ?? ''
      const versions = await answer(api.GET('/api/blends/{id}/versions', { params: { path: { id } } }))
      const last = versions.find((version) => version.number === number.value)
      if (!last || last.recipe.parts.length === 0) {
        return null
      }
      const read = await answer(
        api.POST('/api/evaluate', { body: { recipe: last.recipe, brief: last.brief, blendId: id } }),
      )
      return {
        version: last.number,
        values: new Map<string, number>(read.readings.map((reading) => [reading.quality, reading.value])),
      }
    },
  })
  return computed(() => data.value ?? undefined)
}
