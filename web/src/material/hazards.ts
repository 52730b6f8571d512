import type { Material } from '@/api/types'
import { t } from '@/words'

const WORDS: Record<Material['hazards'][number], string> = {
  DUST: t('material.hazards.dustMaskWetItFirst'),
  MOULD: t('material.hazards.mouldsGlovesMaskOpenBags'),
  SPHAGNUM: t('material.hazards.coverCutsWearGloves'),
  CAUSTIC: t('material.hazards.burnsEyesAndSkinGloves'),
  PETS: t('material.hazards.keepItFromPets'),
}

/** What handling asks for, in a sentence. */
export const hazardWords = (hazards: Material['hazards']): string => {
  const words = hazards.map((each) => WORDS[each]).join('; ')
  return words === ''
    ? ''
    : t('material.hazards.theLabelComesFirst', {
        words: words.charAt(0).toUpperCase(),
        words2: words.slice(1),
      })
}
