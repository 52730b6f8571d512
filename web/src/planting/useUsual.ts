import { answer, api } from '@/api/client'
import type { Pot, SetUp, UsualParts } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'

const SOON_MS = 40

export const usualFor = (body: Pot, signal?: AbortSignal): Promise<UsualParts> =>
  answer(api.POST('/api/planting/usual', { body, ...(signal ? { signal } : {}) }))

/** What to begin with when something is added to a pot, following the pot. */
export const useUsual = (of: () => Pot | undefined) => useAnswered(of, usualFor, SOON_MS)

/** A set-up whose holes go with its pot: none in a closed one, some in any other. */
export const holedAs = (setUp: SetUp, usual: UsualParts): SetUp =>
  (usual.start.holes === 0) === (setUp.holes === 0) ? setUp : { ...setUp, holes: usual.start.holes }
