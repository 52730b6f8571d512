import type { BlendCard, Reading } from '@/api/types'

/** How the swatch book is sifted and sorted. */
export type Order = 'CHANGED' | 'NAME' | 'FIT' | Reading['quality']

export interface Filter {
  text: string
  group: string | undefined
  materialIds: string[]
  plantId: string | undefined
  onlyFitting: boolean
  archived: boolean
  order: Order
}

export const NO_FILTER: Filter = {
  text: '',
  group: undefined,
  materialIds: [],
  plantId: undefined,
  onlyFitting: false,
  archived: false,
  order: 'CHANGED',
}

/** The cards that pass: by name or what is in it, by group of plants, by materials that must all be in, by what fits. */
export const filtered = (
  cards: readonly BlendCard[],
  filter: Filter,
  materialName: (id: string) => string,
): BlendCard[] => {
  const wanted = filter.text.trim().toLowerCase()
  return cards.filter((card) => {
    const ids = card.blend.recipe.parts.map((part) => part.materialId)
    const words = [card.blend.name, card.plantName ?? '', ...ids.map(materialName)].join(' ').toLowerCase()
    return (
      (filter.archived || !card.blend.archived) &&
      (wanted === '' || words.includes(wanted)) &&
      (filter.group === undefined || card.groupName === filter.group) &&
      filter.materialIds.every((id) => ids.includes(id)) &&
      (!filter.onlyFitting || card.fits)
    )
  })
}

export const sorted = (cards: readonly BlendCard[], order: Order): BlendCard[] => {
  const all = [...cards]
  if (order === 'CHANGED') {
    return all
  }
  if (order === 'NAME') {
    return all.sort((a, b) => a.blend.name.localeCompare(b.blend.name))
  }
  const value = (card: BlendCard) =>
    order === 'FIT'
      ? (card.fit ?? -1)
      : (card.readings.find((reading) => reading.quality === order)?.value ?? -1)
  return all.sort((a, b) => value(b) - value(a))
}
