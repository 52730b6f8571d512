/** What has not reached the server yet, with the revision it is based on. */
export interface Draft<S> {
  revision: number
  state: S
  /** What it was when the changes were begun. */
  base?: S | undefined
}

const key = (name: string) => `loose-knit.draft.${name}`
const lineKey = (name: string) => `loose-knit.line.${name}`

export const keepDraft = <S>(name: string, draft: Draft<S>) =>
  localStorage.setItem(key(name), JSON.stringify(draft))

export const dropDraft = (name: string) => localStorage.removeItem(key(name))

export const draftOf = <S>(name: string): Draft<S> | undefined => {
  try {
    const text = localStorage.getItem(key(name))
    if (!text) {
      return undefined
    }
    // drafts of earlier versions called what was worked on the bench
    const kept = JSON.parse(text) as { revision: number; state?: S; bench?: S; base?: S }
    const state = kept.state ?? kept.bench
    return state === undefined ? undefined : { revision: kept.revision, state, base: kept.base }
  } catch {
    return undefined
  }
}

/** The line of changes, so that undo outlives a reload. Kept for as long as the tab. */
export const keepLine = (name: string, line: string) => {
  try {
    sessionStorage.setItem(lineKey(name), line)
  } catch {
    // a full store costs the line, never what was entered
    sessionStorage.removeItem(lineKey(name))
  }
}

export const lineOf = (name: string): string | null => sessionStorage.getItem(lineKey(name))
