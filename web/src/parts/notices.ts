import { reactive } from 'vue'
import { Problem } from '@/api/problem'

export interface Notice {
  id: number
  words: string
  undo?: (() => Promise<void> | void) | undefined
  harm: boolean
}

const SHOWN_MS = 9000
let next = 1

/** Short messages at the foot of the window, some with a way back. Harm stays until it is closed. */
export const notices = reactive<Notice[]>([])

export const dismiss = (id: number) => {
  const at = notices.findIndex((notice) => notice.id === id)
  if (at >= 0) {
    notices.splice(at, 1)
  }
}

export const say = (words: string, undo?: Notice['undo']) => {
  const id = next++
  notices.push({ id, words, undo, harm: false })
  window.setTimeout(() => dismiss(id), SHOWN_MS)
}

export const sayProblem = (error: unknown) => {
  if (error instanceof Problem && error.signInWanted) {
    // the page for that is on its way
    return
  }
  const words = error instanceof Error ? error.message : String(error)
  if (!notices.some((notice) => notice.harm && notice.words === words)) {
    notices.push({ id: next++, words, harm: true })
  }
}

export const takeBack = async (notice: Notice) => {
  dismiss(notice.id)
  try {
    await notice.undo?.()
  } catch (error) {
    sayProblem(error)
  }
}
