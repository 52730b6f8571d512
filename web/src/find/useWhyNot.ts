import { onScopeDispose, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { WhyNot } from '@/api/types'

const POLL_MS = 300

/** Why a material is in no proposal of a search: a search of its own, asked after until it is done; the last question counts. */
export const useWhyNot = (findId: () => string) => {
  const why = ref<WhyNot>()
  const problem = ref('')
  const asking = ref(false)
  let asked: string | undefined
  let timer: number | undefined

  const stop = () => {
    window.clearTimeout(timer)
    asking.value = false
  }
  const look = async (materialId: string): Promise<void> => {
    try {
      const heard = await answer(
        api.GET('/api/finds/{id}/why-not', {
          params: { path: { id: findId() }, query: { materialId } },
        }),
      )
      if (asked !== materialId) {
        return
      }
      if (heard.done) {
        why.value = heard
        stop()
      } else {
        timer = window.setTimeout(() => void look(materialId), POLL_MS)
      }
    } catch (error) {
      problem.value = error instanceof Error ? error.message : String(error)
      stop()
    }
  }
  const ask = async (materialId: string) => {
    stop()
    asked = materialId
    why.value = undefined
    problem.value = ''
    asking.value = true
    await look(materialId)
  }
  watch(findId, () => {
    stop()
    asked = undefined
    why.value = undefined
    problem.value = ''
  })
  watch(
    () => speech.units,
    () => {
      if (asked && why.value) {
        void ask(asked)
      }
    },
  )
  onScopeDispose(stop)

  return { why, problem, asking, ask }
}
