import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { Problem } from './problem'
import { speech } from './speech'

/**
 * An answer that follows what is asked: asked anew a moment after each change and when other units are wanted, an older answer never overtaking a newer one. The last
 * good answer stays while a problem is shown. Nothing is asked while {@code asked} gives undefined.
 */
export const useAnswered = <Q, A>(
  asked: () => Q | undefined,
  ask: (body: Q, signal: AbortSignal) => Promise<A>,
  afterMs = 120,
) => {
  const answer = ref() as Ref<A | undefined>
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
        problem.value = undefined
      }
    } catch (error) {
      if (running === own && !own.signal.aborted) {
        problem.value = error instanceof Problem ? error.message : String(error)
      }
    } finally {
      if (running === own) {
        busy.value = false
      }
    }
  }
  const again = () => {
    const body = asked()
    if (body !== undefined) {
      window.clearTimeout(timer)
      timer = window.setTimeout(() => void run(body), afterMs)
    }
  }
  const stop = () => {
    window.clearTimeout(timer)
    running?.abort()
    busy.value = false
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

  return { answer, problem, busy, again, stop }
}
