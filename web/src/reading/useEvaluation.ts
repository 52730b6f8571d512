import { computed, ref, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import { speech } from '@/api/speech'
import type { Brief, Evaluation, Recipe } from '@/api/types'

/** Readings of what lies on the bench, with what tests of its blend have shown; anew on every change; an older answer never overtakes a newer one. */
export const useEvaluation = (
  asked: Ref<{ recipe: Recipe; brief: Brief } | undefined>,
  blendId: () => string | undefined,
) => {
  const evaluation = ref<Evaluation>()
  const problem = ref<string>()
  const readOf = ref<string>()
  let running: AbortController | undefined

  const evaluate = async (body: { recipe: Recipe; brief: Brief }) => {
    running?.abort()
    const own = new AbortController()
    running = own
    try {
      const read = await answer(
        api.POST('/api/evaluate', { body: { ...body, blendId: blendId() }, signal: own.signal }),
      )
      if (running === own) {
        evaluation.value = read
        readOf.value = JSON.stringify(body)
        problem.value = undefined
      }
    } catch (error) {
      if (running === own) {
        problem.value = error instanceof Problem ? error.message : String(error)
      }
    }
  }

  const written = () =>
    asked.value ? JSON.stringify({ recipe: asked.value.recipe, brief: asked.value.brief }) : undefined
  /** Whether the readings are those of what lies on the bench now. */
  const current = computed(() => readOf.value !== undefined && readOf.value === written())

  watch(
    [written, () => speech.units],
    ([text]) => {
      if (text === undefined) {
        return
      }
      const body = JSON.parse(text) as { recipe: Recipe; brief: Brief }
      if (body.recipe.parts.length === 0) {
        running?.abort()
        evaluation.value = undefined
        readOf.value = undefined
        problem.value = undefined
        return
      }
      void evaluate(body)
    },
    { immediate: true },
  )

  return { evaluation, problem, current }
}
