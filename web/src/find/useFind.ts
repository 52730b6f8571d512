import { computed, onScopeDispose, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import { speech } from '@/api/speech'
import type { FindAsked, FindState } from '@/api/types'
import { t } from '@/words'
import { isOver } from './asked'

const POLL_MS = 400

/**
 * A search: begun, followed as it goes, called off. Found again after a reload under the name that it is kept by; a search that
 * ended with the server is said to be gone.
 */
export const useFind = (keptAs: string) => {
  const key = `loose-knit.find.${keptAs}`
  const state = ref<FindState>()
  const problem = ref<string>()
  const starting = ref(false)
  let stream: EventSource | undefined
  let timer: number | undefined

  const stopFollowing = () => {
    stream?.close()
    stream = undefined
    window.clearTimeout(timer)
  }
  const heard = (next: FindState) => {
    state.value = next
    if (isOver(next)) {
      stopFollowing()
    }
  }
  const look = async (id: string): Promise<void> => {
    try {
      heard(await answer(api.GET('/api/finds/{id}', { params: { path: { id } } })))
      if (state.value && !isOver(state.value)) {
        timer = window.setTimeout(() => void look(id), POLL_MS)
      }
    } catch (error) {
      if (error instanceof Problem && error.status === 404) {
        stopFollowing()
        localStorage.removeItem(key)
        state.value = undefined
        problem.value = t('find.useFind.searchGone')
      } else {
        timer = window.setTimeout(() => void look(id), 5 * POLL_MS)
      }
    }
  }
  /** Hears of it as it goes; where the stream breaks off, asks from time to time. */
  const follow = (id: string) => {
    stopFollowing()
    if (typeof EventSource === 'undefined') {
      void look(id)
      return
    }
    stream = new EventSource(`/api/finds/${id}/events?units=${speech.units}`)
    stream.onmessage = (event: MessageEvent<string>) => heard(JSON.parse(event.data) as FindState)
    stream.onerror = () => {
      stream?.close()
      stream = undefined
      void look(id)
    }
  }
  const start = async (body: FindAsked) => {
    if (starting.value) {
      return
    }
    starting.value = true
    problem.value = undefined
    const before = state.value
    if (before && !isOver(before)) {
      await stop()
    }
    const id = crypto.randomUUID()
    try {
      const begun = await answer(api.POST('/api/finds/{id}', { params: { path: { id } }, body }))
      localStorage.setItem(key, id)
      heard(begun)
      if (!isOver(begun)) {
        follow(id)
      }
    } catch (error) {
      problem.value = error instanceof Error ? error.message : String(error)
    } finally {
      starting.value = false
    }
  }
  const stop = async () => {
    const id = state.value?.id
    if (id) {
      await answer(api.DELETE('/api/finds/{id}', { params: { path: { id } } })).catch(() => undefined)
    }
  }
  const kept = localStorage.getItem(key)
  if (kept) {
    void look(kept).then(() => {
      if (state.value && !isOver(state.value)) {
        follow(kept)
      }
    })
  }
  watch(
    () => speech.units,
    () => {
      const id = state.value?.id
      if (id) {
        stopFollowing()
        void look(id)
      }
    },
  )
  onScopeDispose(stopFollowing)

  return {
    state: computed(() => state.value),
    problem: computed(() => problem.value),
    running: computed(() => starting.value || (state.value !== undefined && !isOver(state.value))),
    start,
    stop,
  }
}
