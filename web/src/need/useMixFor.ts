import { useQueryClient } from '@tanstack/vue-query'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** Starts a blend for a plant of the Book and goes to its bench. */
export const useMixFor = () => {
  const client = useQueryClient()
  const router = useRouter()
  return async (plant: { id: string; name: string }) => {
    try {
      const blend = await answer(
        api.POST('/api/blends', {
          body: {
            id: crypto.randomUUID(),
            name: t('need.plantSheets.mixFor', { name: plant.name }).slice(0, 80),
            brief: { stage: 'ESTABLISHED', plantId: plant.id },
            recipe: { measure: 'PARTS', parts: [], doses: [] },
          },
        }),
      )
      await client.invalidateQueries({ queryKey: ['blends'] })
      await router.push(`/blends/${blend.id}`)
    } catch (error) {
      sayProblem(error)
    }
  }
}
