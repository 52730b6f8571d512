import { useQueryClient } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** Lays a blend away, kept but out of the way, or takes it out again, with a way back; says whether it was done. */
export const useLayAway = () => {
  const client = useQueryClient()
  return async ({ id, name }: { id: string; name: string }, away: boolean) => {
    const path = { params: { path: { id } } }
    const put = async (lay: boolean) => {
      await answer(
        lay ? api.POST('/api/blends/{id}/archive', path) : api.POST('/api/blends/{id}/unarchive', path),
      )
      await client.invalidateQueries({ queryKey: ['blends'] })
    }
    try {
      await put(away)
      say(t(away ? 'blend.work.archived' : 'blend.work.outAgain', { name }), () => put(!away))
      return true
    } catch (error) {
      sayProblem(error)
      return false
    }
  }
}
