import type { Material } from '@/api/types'

const WORDS: Record<Material['hazards'][number], string> = {
  DUST: 'dust: mask, wet it first',
  MOULD: 'moulds: gloves, mask, open bags away from the face',
  SPHAGNUM: 'cover cuts, wear gloves',
  CAUSTIC: 'burns eyes and skin: gloves, glasses',
  PETS: 'keep it from pets',
}

/** What handling asks for, in a sentence. */
export const hazardWords = (hazards: Material['hazards']): string => {
  const words = hazards.map((each) => WORDS[each]).join('; ')
  return words === '' ? '' : `${words.charAt(0).toUpperCase()}${words.slice(1)}. The label comes first.`
}
