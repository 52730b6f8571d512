import type { Answer } from '@/api/types'

/** Answers at a look, the usual ones first; on a desk the keys 1 to 6. */
export const ANSWERS: readonly Answer[] = [
  'WATERED',
  'STILL_MOIST',
  'BONE_DRY',
  'WATERED_LIGHTLY',
  'SOAKING',
  'SKIPPED',
]
