import { shallowRef } from 'vue'
import { Problem } from '@/api/problem'

/** Two states of one thing, in words, and the choice between them. */
export interface Which {
  what: string
  here: string
  there: string
  decide: (here: boolean) => void
}

/** What is asked now, at most one thing. */
export const which = shallowRef<Which>()

const ask = (words: Omit<Which, 'decide'>) =>
  new Promise<boolean>((resolve) => {
    which.value?.decide(false)
    which.value = {
      ...words,
      decide: (here) => {
        which.value = undefined
        resolve(here)
      },
    }
  })

/**
 * Writes a change of something that was seen at a revision. Where it was changed elsewhere since, it shows both and asks; nothing is written if
 * what is there shall stand.
 *
 * @param C what stands there
 */
export const writeOver = async <
  T,
  C extends { revision?: number | undefined; ownRevision?: number | undefined },
>(
  seen: number | undefined,
  write: (seen: number | undefined) => Promise<T>,
  words: { what: string; here: string; there: (current: C) => string },
): Promise<T | undefined> => {
  try {
    return await write(seen)
  } catch (error) {
    if (!(error instanceof Problem && error.stale && error.current)) {
      throw error
    }
    const current = error.current as C
    const here = await ask({ what: words.what, here: words.here, there: words.there(current) })
    return here ? writeOver(current.revision ?? current.ownRevision, write, words) : undefined
  }
}
