import type { Wishes } from '@/api/types'

export const NO_WISHES: Wishes = { noCompost: false, mineralOnly: false, cheap: false, light: false }

export const FIBRES = [
  { value: 'EITHER', label: 'peat or coir' },
  { value: 'NO_PEAT', label: 'no peat' },
  { value: 'NO_COIR', label: 'no coir' },
] as const

export const LAYERS = [
  { value: 'ANY', label: 'all the same' },
  { value: 'YES', label: 'a layer' },
  { value: 'NO', label: 'no layer' },
] as const

const list = (words: string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`

/** "without peat, light and lasting 3 years"; nothing if nothing is wished. */
export const wishWords = (wishes: Wishes | undefined): string => {
  if (!wishes) {
    return ''
  }
  const words: string[] = []
  if (wishes.mineralOnly) {
    words.push('of minerals only')
  }
  if (wishes.fibre === 'NO_PEAT') {
    words.push('without peat')
  }
  if (wishes.fibre === 'NO_COIR') {
    words.push('without coir')
  }
  if (wishes.noCompost) {
    words.push('without compost')
  }
  if (wishes.light) {
    words.push('light')
  }
  if (wishes.cheap) {
    words.push('cheap')
  }
  if (wishes.mostMaterials !== undefined) {
    words.push(
      wishes.mostMaterials === 1 ? 'of one material' : `of at most ${wishes.mostMaterials} materials`,
    )
  }
  if (wishes.lifeYears !== undefined) {
    words.push(`lasting ${wishes.lifeYears} ${wishes.lifeYears === 1 ? 'year' : 'years'}`)
  }
  if (wishes.drainageLayer !== undefined) {
    words.push(wishes.drainageLayer ? 'over a drainage layer' : 'without a drainage layer')
  }
  return list(words)
}

/** The wishes as they are stored: none at all rather than a set of nothing. */
export const tidyWishes = (wishes: Wishes): Wishes | undefined =>
  wishWords(wishes) === '' ? undefined : wishes
