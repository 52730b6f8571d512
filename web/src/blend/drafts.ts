import type { Brief, Recipe } from '@/api/types'

/** What lies on the bench of a blend. */
export interface Bench {
  name: string
  brief: Brief
  recipe: Recipe
}

/** A bench that has not reached the server yet, with the revision it is based on. */
export interface Draft {
  revision: number
  bench: Bench
}

const key = (id: string) => `loose-knit.draft.${id}`

export const keepDraft = (id: string, draft: Draft) => localStorage.setItem(key(id), JSON.stringify(draft))

export const dropDraft = (id: string) => localStorage.removeItem(key(id))

export const draftOf = (id: string): Draft | undefined => {
  try {
    const text = localStorage.getItem(key(id))
    return text ? (JSON.parse(text) as Draft) : undefined
  } catch {
    return undefined
  }
}

const lineKey = (id: string) => `loose-knit.line.${id}`

/** The line of changes of a blend, so that undo outlives a reload. Kept for as long as the tab. */
export const keepLine = (id: string, line: string) => {
  try {
    sessionStorage.setItem(lineKey(id), line)
  } catch {
    // a full store costs the line, never the blend
    sessionStorage.removeItem(lineKey(id))
  }
}

export const lineOf = (id: string): string | null => sessionStorage.getItem(lineKey(id))
