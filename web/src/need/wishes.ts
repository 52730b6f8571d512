import type { Wishes } from '@/api/types'
import { t } from '@/words'

export const NO_WISHES: Wishes = { noCompost: false, mineralOnly: false, cheap: false, light: false }

export const FIBRES = [
  { value: 'EITHER', label: t('need.wishes.peatOrCoir') },
  { value: 'NO_PEAT', label: t('need.wishes.noPeat') },
  { value: 'NO_COIR', label: t('need.wishes.noCoir') },
] as const

export const LAYERS = [
  { value: 'ANY', label: t('need.wishes.allTheSame') },
  { value: 'YES', label: t('need.wishes.aLayer') },
  { value: 'NO', label: t('need.wishes.noLayer') },
] as const

export const SCHOOLS = [
  { value: 'ANY', label: t('need.wishes.schools.any') },
  { value: 'MINERAL', label: t('need.wishes.schools.mineral') },
  { value: 'BARK', label: t('need.wishes.schools.bark') },
  { value: 'PEAT', label: t('need.wishes.schools.peat') },
  { value: 'PEAT_FREE', label: t('need.wishes.schools.peatFree') },
  { value: 'COMPOST', label: t('need.wishes.schools.compost') },
  { value: 'MOSS', label: t('need.wishes.schools.moss') },
] as const

const list = (words: string[]): string =>
  words.length < 2
    ? words.join('')
    : t('need.wishes.and', { words: words.slice(0, -1).join(', '), last: words.at(-1) ?? '' })

/** "without peat, light and lasting 3 years"; nothing if nothing is wished. */
export const wishWords = (wishes: Wishes | undefined): string => {
  if (!wishes) {
    return ''
  }
  const words: string[] = []
  if (wishes.school) {
    words.push(t(`need.wishes.made.${wishes.school}`))
  }
  if (wishes.mineralOnly) {
    words.push(t('need.wishes.ofMineralsOnly'))
  }
  if (wishes.fibre === 'NO_PEAT') {
    words.push(t('need.wishes.withoutPeat'))
  }
  if (wishes.fibre === 'NO_COIR') {
    words.push(t('need.wishes.withoutCoir'))
  }
  if (wishes.noCompost) {
    words.push(t('need.wishes.withoutCompost'))
  }
  if (wishes.light) {
    words.push('light')
  }
  if (wishes.cheap) {
    words.push('cheap')
  }
  if (wishes.mostMaterials !== undefined) {
    words.push(
      wishes.mostMaterials === 1
        ? t('need.wishes.ofOneMaterial')
        : t('need.wishes.ofAtMostMaterials', { mostMaterials: wishes.mostMaterials }),
    )
  }
  if (wishes.lifeYears !== undefined) {
    words.push(t('need.wishes.lasting', { n: wishes.lifeYears }, wishes.lifeYears))
  }
  if (wishes.drainageLayer !== undefined) {
    words.push(
      wishes.drainageLayer ? t('need.wishes.overADrainageLayer') : t('need.wishes.withoutADrainageLayer'),
    )
  }
  return list(words)
}

/** The wishes as they are stored: none at all rather than a set of nothing. */
export const tidyWishes = (wishes: Wishes): Wishes | undefined =>
  wishWords(wishes) === '' ? undefined : wishes
