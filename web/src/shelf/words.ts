import type { OwnMaterialFacts } from '@/api/types'
import { t } from '@/words'

type Plain = NonNullable<OwnMaterialFacts['plain']>
type Mix = NonNullable<OwnMaterialFacts['mix']>

export const MATTERS: readonly { value: Plain['matter']; label: string }[] = [
  { value: 'WOODY', label: t('shelf.words.woodyPieces') },
  { value: 'FIBROUS', label: t('shelf.words.fibreOrMossLikePeat') },
  { value: 'RICH', label: t('shelf.words.rottedMatterThatFeedsLike') },
  { value: 'LIGHT_STONE', label: t('shelf.words.lightPorousGrainsLikePerlite') },
  { value: 'POROUS_STONE', label: t('shelf.words.porousStoneOrBakedClay') },
  { value: 'DENSE_STONE', label: t('shelf.words.solidStoneOrSand') },
]

export const CERTAINTIES: readonly { value: Mix['certainty']; label: string }[] = [
  { value: 'KNOWN', label: t('shelf.words.known') },
  { value: 'ESTIMATED', label: t('shelf.words.estimated') },
  { value: 'UNKNOWN', label: t('shelf.words.guessed') },
]

/** What cautions should know about a material of the person's own. */
export const NATURES: readonly { value: NonNullable<Plain['natures']>[number]; label: string }[] = [
  { value: 'FED', label: t('shelf.words.fertiliserIsInIt') },
  { value: 'LIMY', label: t('shelf.words.limyItFizzesInVinegar') },
  { value: 'SALTY', label: t('shelf.words.salty') },
  { value: 'RICH', label: t('shelf.words.feedsByRotting') },
  { value: 'PEAT', label: t('shelf.words.peatIsInIt') },
  { value: 'FLOATS', label: t('shelf.words.floats') },
]

/** An id for something of the person's own: from its name, with a few letters by chance so that none is met twice. */
export const ownId = (prefix: string, name: string): string => {
  const plain = name
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .slice(0, 40)
  return `${prefix}_${plain || 'one'}_${crypto.randomUUID().slice(0, 4)}`
}

/** A record without what is undefined, so that an emptied field is gone and not stored as nothing. */
export const without = <T extends object>(record: { [K in keyof T]: T[K] | undefined }): T =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined)) as T
