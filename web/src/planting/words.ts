import type { SetUp } from '@/api/types'
import { t } from '@/words'

type Options<T extends string> = { value: T; label: string }[]
const options = <T extends string>(facet: string, values: readonly T[]): Options<T> =>
  values.map((value) => ({ value, label: t(`planting.${facet}.${value}`) }))

export const FORMS = options<SetUp['form']>('form', [
  'POT',
  'SQUARE_POT',
  'TALL_POT',
  'BOWL',
  'TRAY',
  'LONG_BOX',
  'HANGING_BASKET',
  'SLATTED_BASKET',
  'TUB',
  'GLASS',
])
export const COVERS = options<SetUp['cover']>('cover', ['NONE', 'MESH', 'PAPER', 'SHERDS', 'MOSS'])
export const DRESSINGS = options<SetUp['dressing']>('dressing', ['NONE', 'BARK', 'STONE', 'SPHAGNUM'])
export const FEEDS = options<SetUp['feed']>('feed', ['NONE', 'ON_TOP', 'HALF_DEPTH', 'AT_THE_BOTTOM'])
export const POLES = options<'NONE' | NonNullable<SetUp['pole']>['kind']>('pole', [
  'NONE',
  'FILLED',
  'STAKE',
  'TRELLIS',
])
