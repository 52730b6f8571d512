import { answer, api } from './client'
import type { Named, NameKind } from './types'
import { useAnswered } from './useAnswered'

const LONGEST = 200
const AFTER_MS = 40

/** Something the page itself offers by a name. */
export interface Offered {
  id: string
  name: string
}

/** What a typed name fits among some kinds of things, best first. */
export const named = (
  typed: string,
  kinds: readonly NameKind[],
  also: readonly Offered[] = [],
  { signal, most }: { signal?: AbortSignal; most?: number } = {},
): Promise<Named> =>
  answer(
    api.POST('/api/named', {
      body: { typed: typed.slice(0, LONGEST), kinds: [...kinds], also: [...also], ...(most ? { most } : {}) },
      ...(signal ? { signal } : {}),
    }),
  )

/** What fits the name that is being typed; the answer follows it. Nothing while nothing is typed. */
export const useNamed = (
  typed: () => string,
  kinds: readonly NameKind[],
  { also = () => [], most }: { also?: () => readonly Offered[]; most?: number } = {},
) =>
  useAnswered(
    () => (typed().trim() === '' ? undefined : typed().trim()),
    async (text, signal) => ({
      ...(await named(text, kinds, also(), { signal, ...(most ? { most } : {}) })),
      typed: text,
    }),
    AFTER_MS,
  )
