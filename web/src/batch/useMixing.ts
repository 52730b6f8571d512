import { refDebounced } from '@vueuse/core'
import { computed, onBeforeUnmount, ref } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import { speech } from '@/api/speech'
import type { Mixing, Tap } from '@/api/types'
import { sayProblem } from '@/parts/notices'
import { useKept } from '@/parts/useKept'

const AGAIN_MS = 2500
/** Shorter than this nobody needs to hear of a tap that is under way. */
const LATE_MS = 1200

/**
 * A batch at the tub. Every tap is kept in the browser until the server has it, and sent again with the same id until it has, so that it counts once;
 * what others do on other devices is heard of as it happens.
 */
export const useMixing = (batchId: string) => {
  const state = ref<Mixing>()
  const loadProblem = ref<string>()
  const failed = ref(false)
  const kept = useKept<{ taps: Tap[] }>(`loose-knit.taps.${batchId}`, { taps: [] })
  const params = { path: { id: batchId } }
  let sending = false
  let over = false
  let timer: number | undefined
  let stream: EventSource | undefined

  /** An older state never takes the place of a newer one. */
  const heard = (next: Mixing) => {
    if (!state.value || next.taps >= state.value.taps) {
      state.value = next
    }
  }
  const later = (what: () => void) => {
    window.clearTimeout(timer)
    if (!over) {
      timer = window.setTimeout(what, AGAIN_MS)
    }
  }
  const send = async () => {
    if (sending) {
      return
    }
    sending = true
    try {
      let tap = kept.value.taps[0]
      while (tap) {
        const { id } = tap
        try {
          heard(await answer(api.POST('/api/batches/{id}/mixing/taps', { params, body: tap })))
        } catch (error) {
          if (!(error instanceof Problem) || error.status === undefined || error.status >= 500) {
            failed.value = true
            later(() => void send())
            return
          }
          sayProblem(error)
        }
        failed.value = false
        kept.value = { taps: kept.value.taps.filter((each) => each.id !== id) }
        tap = kept.value.taps[0]
      }
    } finally {
      sending = false
    }
  }
  /** Tells of something that was done. */
  const tap = (what: Omit<Tap, 'id'>) => {
    kept.value = { taps: [...kept.value.taps, { id: crypto.randomUUID(), ...what }] }
    void send()
  }
  const load = async () => {
    try {
      heard(await answer(api.GET('/api/batches/{id}/mixing', { params })))
      loadProblem.value = undefined
    } catch (error) {
      if (state.value === undefined) {
        loadProblem.value = error instanceof Error ? error.message : String(error)
      }
    }
  }
  const follow = () => {
    if (typeof EventSource === 'undefined' || over) {
      return
    }
    stream = new EventSource(`/api/batches/${batchId}/mixing/events?units=${speech.units}`)
    stream.onmessage = (event: MessageEvent<string>) => heard(JSON.parse(event.data) as Mixing)
    stream.onerror = () => {
      stream?.close()
      later(() => {
        void send()
        follow()
      })
    }
  }
  const open = async () => {
    await load()
    await send()
    follow()
  }
  onBeforeUnmount(() => {
    over = true
    window.clearTimeout(timer)
    stream?.close()
  })
  const waiting = computed(() => kept.value.taps.length)
  const waitingLong = refDebounced(waiting, LATE_MS)
  return {
    state,
    loadProblem,
    /** Taps that the server has not got yet. */
    unsent: computed(() => kept.value.taps),
    waiting,
    /** Whether some have been on their way for so long that it should be said. */
    late: computed(() => waiting.value > 0 && (failed.value || waitingLong.value > 0)),
    tap,
    open,
  }
}
