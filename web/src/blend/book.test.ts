import { describe, expect, it } from 'vitest'
import type { BlendCard } from '@/api/types'
import { besidePath, laidOf } from './beside'
import { type Filter, filtered, NO_FILTER, sorted } from './book'

const card = (name: string, ids: string[], change: Partial<BlendCard> = {}, archived = false): BlendCard =>
  ({
    blend: {
      id: name,
      name,
      archived,
      recipe: { measure: 'PARTS', parts: ids.map((materialId) => ({ materialId, amount: 1 })), doses: [] },
    },
    plantName: 'Peace lily',
    groupName: 'aroids',
    shares: [],
    fits: false,
    readings: [{ quality: 'AIR', value: ids.length }],
    stops: [],
    sameAs: [],
    ...change,
  }) as unknown as BlendCard
const cards = [
  card('Cellar', ['peat', 'bark'], { fits: true, fit: 100 }),
  card('Yard', ['bark'], { groupName: 'roses', plantName: 'Patio rose', fit: 40 }),
  card('Old', ['peat'], {}, true),
]
const names = (filter: Partial<Filter>) =>
  filtered(cards, { ...NO_FILTER, ...filter }, (id) => `${id} of the Book`).map((each) => each.blend.name)

describe('the swatch book', () => {
  it('shows what is not laid away', () => {
    expect(names({})).toEqual(['Cellar', 'Yard'])
    expect(names({ archived: true })).toEqual(['Cellar', 'Yard', 'Old'])
  })

  it('is sifted by words, group, materials and what fits', () => {
    expect(names({ text: ' PATIO ' })).toEqual(['Yard'])
    expect(names({ text: 'peat of' })).toEqual(['Cellar'])
    expect(names({ group: 'roses' })).toEqual(['Yard'])
    expect(names({ materialIds: ['bark'] })).toEqual(['Cellar', 'Yard'])
    expect(names({ materialIds: ['bark', 'peat'] })).toEqual(['Cellar'])
    expect(names({ onlyFitting: true })).toEqual(['Cellar'])
    expect(names({ text: 'moon' })).toEqual([])
  })

  it('is sorted by name, fit or a reading', () => {
    const order = (by: Parameters<typeof sorted>[1]) => sorted(cards, by).map((each) => each.blend.name)
    expect(order('NAME')).toEqual(['Cellar', 'Old', 'Yard'])
    expect(order('FIT')[0]).toBe('Cellar')
    expect(order('AIR')[0]).toBe('Cellar')
    expect(order('CHANGED')).toEqual(['Cellar', 'Yard', 'Old'])
  })
})

describe('blends side by side', () => {
  it('are named in the address, and at most three of them', () => {
    expect(besidePath([{ id: 'a' }, { id: 'b', version: 2 }])).toBe('/blends/beside?with=a,b@2')
    expect(laidOf('a,b@2,c,d')).toEqual([{ id: 'a' }, { id: 'b', version: 2 }, { id: 'c' }])
    expect(laidOf(undefined)).toEqual([])
    expect(laidOf('a@x')).toEqual([{ id: 'a' }])
  })
})
