import type { OwnFacts } from '@/api/types'

type Plain = NonNullable<OwnFacts['plain']>
type Mix = NonNullable<OwnFacts['mix']>

export const MATTERS: readonly { value: Plain['matter']; label: string }[] = [
  { value: 'WOODY', label: 'woody pieces, like bark or shells' },
  { value: 'FIBROUS', label: 'fibre or moss, like peat or coir' },
  { value: 'RICH', label: 'rotted matter that feeds, like compost' },
  { value: 'LIGHT_STONE', label: 'light porous grains, like perlite' },
  { value: 'POROUS_STONE', label: 'porous stone or baked clay' },
  { value: 'DENSE_STONE', label: 'solid stone or sand' },
]

export const CERTAINTIES: readonly { value: Mix['certainty']; label: string }[] = [
  { value: 'KNOWN', label: 'known' },
  { value: 'ESTIMATED', label: 'estimated' },
  { value: 'UNKNOWN', label: 'guessed' },
]

/** What cautions should know about a material of the person's own. */
export const NATURES: readonly { value: NonNullable<Plain['natures']>[number]; label: string }[] = [
  { value: 'FED', label: 'fertiliser is in it' },
  { value: 'LIMY', label: 'limy (it fizzes in vinegar)' },
  { value: 'SALTY', label: 'salty' },
  { value: 'RICH', label: 'feeds by rotting' },
  { value: 'PEAT', label: 'peat is in it' },
  { value: 'FLOATS', label: 'floats' },
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
