import { computed, ref, watch } from 'vue'
import { forgetKept, useKept } from './useKept'

/**
 * A form that is filled in and then sent: what was typed outlives a reload until it is stored, what was wrong goes with the next change, and
 * nothing is sent twice at once. What is stored as one works is a `useDraft`.
 */
export const useForm = <T extends object>(name: string, start: () => T) => {
  const draft = useKept<T>(name, start())
  const problem = ref<string>()
  const busy = ref(false)
  watch(draft, () => (problem.value = undefined), { deep: true })

  /** Sends it; says whether that went well. */
  const send = async (work: () => Promise<unknown>): Promise<boolean> => {
    if (busy.value) {
      return false
    }
    problem.value = undefined
    busy.value = true
    try {
      await work()
      return true
    } catch (error) {
      problem.value = error instanceof Error ? error.message : String(error)
      return false
    } finally {
      busy.value = false
    }
  }
  return {
    draft,
    problem: computed(() => problem.value),
    busy: computed(() => busy.value),
    send,
    /** Says what stands against sending it; nobody is asked. */
    refuse: (words: string) => {
      problem.value = words
    },
    /** An empty form for the next. */
    again: () => (draft.value = start()),
    /** Nothing of it is kept any longer. */
    forget: () => forgetKept(name),
  }
}
