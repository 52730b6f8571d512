import type { Pot, SetUp } from '@/api/types'
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

/** Nothing but mix in a pot as it is sold. */
export const plainSetUp = (pot: Pot): SetUp => ({
  form:
    pot.wall === 'GLASS'
      ? 'GLASS'
      : pot.wall === 'SLATS'
        ? 'SLATTED_BASKET'
        : pot.base === 'HANGING'
          ? 'HANGING_BASKET'
          : pot.shape === 'SQUARE'
            ? 'SQUARE_POT'
            : 'POT',
  saucer: false,
  holes: pot.base === 'NO_HOLES' ? 0 : 4,
  holeMm: 8,
  cover: pot.base === 'NO_HOLES' ? 'NONE' : 'MESH',
  beds: [],
  channelCm: 0,
  dressing: 'NONE',
  dressingCm: 0,
  feed: 'NONE',
  feedGrams: 0,
})
