import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { Problem, RETRY_AFTER_MS } from './problem'
import { speech } from './speech'

/**
 * An answer that follows what is asked: asked anew a moment after each change and when other units are wanted, an older answer never overtaking a newer one. The last
 * good answer stays while a problem is shown; who could not be reached is asked again a little later. Nothing is asked while {@code asked} gives undefined.
 */
export const useAnswered = <Q, A>(
  asked: () => Q | undefined,
  ask: (body: Q, signal: AbortSignal) => Promise<A>,
  afterMs = 120,
) => {
  const answer = ref() as Ref<A | undefined>
  const answered = ref<string>()
  const problem = ref<string>()
  const busy = ref(false)
  let running: AbortController | undefined
  let timer: number | undefined

  const run = async (body: Q) => {
    running?.abort()
    const own = new AbortController()
    running = own
    busy.value = true
    try {
      const got = await ask(body, own.signal)
      if (running === own) {
        answer.value = got
        answered.value = JSON.stringify(body)
        problem.value = undefined
      }
    } catch (error) {
      if (running === own && !own.signal.aborted) {
        problem.value = error instanceof Problem ? error.message : String(error)
        if (error instanceof Problem && error.unreachable) {
          again(RETRY_AFTER_MS)
        }
      }
    } finally {
      if (running === own) {
        busy.value = false
      }
    }
  }
  const askNow = () => {
    const body = asked()
    if (body !== undefined) {
      void run(body)
    }
  }
  const again = (inMs = afterMs) => {
    window.clearTimeout(timer)
    if (inMs > 0) {
      timer = window.setTimeout(askNow, inMs)
    } else {
      askNow()
    }
  }
  const stop = () => {
    window.clearTimeout(timer)
    running?.abort()
    running = undefined
    busy.value = false
  }
  const clear = () => {
    stop()
    answer.value = undefined
    answered.value = undefined
    problem.value = undefined
  }

  watch(
    [() => JSON.stringify(asked()), () => speech.units],
    ([text]) => {
      if (text !== undefined) {
        again()
      }
    },
    { immediate: true },
  )
  onScopeDispose(stop)

  return {
    answer,
    /** What the answer is the answer to, as JSON. */
    answered,
    problem,
    busy,
    again: () => again(),
    stop,
    clear,
  }
}
