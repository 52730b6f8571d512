import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** Starts an empty blend and goes to its bench, or to where it is counted out. */
export const useNewBlend = () => {
  const client = useQueryClient()
  const router = useRouter()
  const busy = ref(false)
  const start = async (way: '' | '/count' = '') => {
    if (busy.value) {
      return
    }
    busy.value = true
    try {
      const blend = await answer(
        api.POST('/api/blends', {
          body: {
            id: crypto.randomUUID(),
            name: t('blend.work.newName'),
            brief: { stage: 'ESTABLISHED' },
            recipe: { measure: 'PARTS', parts: [], doses: [] },
          },
        }),
      )
      await client.invalidateQueries({ queryKey: ['blends'] })
      await router.push(`/blends/${blend.id}${way}`)
    } catch (error) {
      sayProblem(error)
    } finally {
      busy.value = false
    }
  }
  return { busy, start }
}
