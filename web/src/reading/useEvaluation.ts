import { computed, watch, type Ref } from 'vue'
import { answer, api } from '@/api/client'
import { useAnswered } from '@/api/useAnswered'
import type { Brief, Recipe } from '@/api/types'

/** Readings of what lies on the bench, with what tests of its blend have shown; at once on every change, and none of an empty bench. */
export const useEvaluation = (
  asked: Ref<{ recipe: Recipe; brief: Brief } | undefined>,
  blendId: () => string | undefined,
) => {
  const empty = () => asked.value?.recipe.parts.length === 0
  const mix = () =>
    asked.value && !empty() ? { recipe: asked.value.recipe, brief: asked.value.brief } : undefined
  const {
    answer: evaluation,
    answered,
    problem,
    clear,
  } = useAnswered(
    mix,
    (body, signal) => answer(api.POST('/api/evaluate', { body: { ...body, blendId: blendId() }, signal })),
    0,
  )
  /** Whether the readings are those of what lies on the bench now. */
  const current = computed(() => answered.value !== undefined && answered.value === JSON.stringify(mix()))

  watch(empty, (nothing) => nothing && clear())

  return { evaluation, problem, current }
}
