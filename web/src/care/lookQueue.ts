import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { NewLook, Potting } from '@/api/types'

/** Looks that were told together, waiting to be sent. */
export interface Told {
  id: string
  label: string
  looks: NewLook[]
  /** What each of the pots is called, in the order of the looks. */
  labels: string[]
  /** Why the server refused them; they wait for a decision. */
  problem?: string
  /** Whether a pot was changed by somebody else since it was seen. */
  changed?: boolean
}

const NAME = 'loose-knit.looks'
const AGAIN_MS = 15_000

const kept = (): Told[] => {
  try {
    return JSON.parse(window.localStorage.getItem(NAME) ?? '[]') as Told[]
  } catch {
    return []
  }
}
const told = ref<Told[]>(kept())
watch(told, (now) => window.localStorage.setItem(NAME, JSON.stringify(now)), { deep: true, flush: 'sync' })
const sending = ref(false)
/** Called after something was sent. */
const listeners = new Set<() => void>()

const waiting = computed(() => told.value.filter((each) => each.problem === undefined))
const stuck = computed(() => told.value.filter((each) => each.problem !== undefined))
const without = (id: string) => (told.value = told.value.filter((each) => each.id !== id))

/** Each look for itself: where some were refused together, only those that have to be stay behind. */
const apart = ({ id, looks, labels }: Told): Told[] =>
  looks.map((look, i) => ({
    id: `${id} ${i}`,
    label: labels[i] ?? '',
    looks: [look],
    labels: [labels[i] ?? ''],
  }))

/** Sends what waits, in order, each once: the server knows an id that it has stored. Stops where it cannot be reached. */
const send = async () => {
  if (sending.value) {
    return
  }
  sending.value = true
  let sent = false
  try {
    for (let next = waiting.value[0]; next; next = waiting.value[0]) {
      const { id, looks } = next
      try {
        await answer(api.POST('/api/looks/several', { body: { looks } }))
        without(id)
        sent = true
      } catch (error) {
        if (error instanceof Problem && (error.unreachable || error.status >= 500)) {
          return
        }
        const problem = error instanceof Error ? error.message : String(error)
        const changed = error instanceof Problem && error.stale
        told.value = told.value.flatMap((each) =>
          each.id !== id ? each : looks.length > 1 ? apart(each) : { ...each, problem, changed },
        )
      }
    }
  } finally {
    sending.value = false
    if (sent) {
      listeners.forEach((each) => each())
    }
  }
}

/** Notes looks: kept in the browser first, then sent. */
const add = async (label: string, looks: NewLook[], labels: string[]) => {
  told.value = [...told.value, { id: crypto.randomUUID(), label, looks, labels }]
  await send()
}

/** A look told whatever happened to its pot meanwhile. */
const unseen = (look: NewLook): NewLook => {
  const { revision: _seen, ...rest } = look
  return rest
}

/** Sends refused looks once more, whatever was told of the pots meanwhile. */
const sendAnyway = (id: string) => {
  told.value = told.value.map((each) =>
    each.id === id ? { id, label: each.label, looks: each.looks.map(unseen), labels: each.labels } : each,
  )
  return send()
}

/** Takes looks back, whether they were sent or not: the server passes over those that it never had. */
const takeBack = async (looks: readonly NewLook[]) => {
  const ids = looks.map((look) => look.id)
  const unsent = told.value.filter((each) => each.looks.every((look) => ids.includes(look.id)))
  told.value = told.value.filter((each) => !unsent.includes(each))
  const unsentIds = unsent.flatMap((each) => each.looks.map((look) => look.id))
  const sent = ids.filter((id) => !unsentIds.includes(id))
  if (sent.length > 0) {
    await answer(api.POST('/api/looks/several/taken-back', { body: { ids: sent } }))
  }
  listeners.forEach((each) => each())
}

const begun = { yet: false }
/** Looks told here that the server may not know yet; they outlive a reload and a walk without network. */
export const useLookQueue = () => {
  if (!begun.yet) {
    begun.yet = true
    window.addEventListener('online', () => void send())
    // another window of this browser told or sent something: both keep the same list
    window.addEventListener('storage', (event) => {
      if (event.key === NAME) {
        told.value = kept()
      }
    })
    window.setInterval(() => void send(), AGAIN_MS)
    void send()
  }
  const waits = (potting: Pick<Potting, 'id'>) =>
    told.value.some((each) => each.looks.some((look) => look.pottingId === potting.id))
  return {
    waiting,
    stuck,
    sending,
    add,
    send,
    sendAnyway,
    drop: without,
    takeBack,
    waits,
    onSent: (listener: () => void) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  }
}
