import { describe, expect, it } from 'vitest'
import type { FindState, Recipe } from '@/api/types'
import { askedFor, isOver, NOTHING_SAID, progressWords } from './asked'

const recipe: Recipe = {
  measure: 'PARTS',
  parts: [
    { materialId: 'peat', amount: 4 },
    { materialId: 'perlite_coarse', amount: 2 },
  ],
  doses: [],
}
const state = (more: Partial<FindState>): FindState => ({
  id: 'one',
  form: 'FIND',
  state: 'SEARCHING',
  stage: 'looking for the closest',
  share: 0.25,
  covered: 12_100_000,
  total: 48_300_000,
  says: '',
  leftOut: [],
  candidates: 25,
  ...more,
})

describe('the request of a search', () => {
  it('sends the brief alone where the blend does not count', () => {
    const body = askedFor(NOTHING_SAID, { stage: 'YOUNG' }, recipe, [], 'blend')
    expect(body.recipe).toBeUndefined()
    expect(body.briefs).toEqual([{ stage: 'YOUNG' }])
    expect(body.limeId).toBe('dolomite')
    expect(body.batchLitres).toBeUndefined()
  })
  it('sends locked rows with the blend', () => {
    const body = askedFor(NOTHING_SAID, { stage: 'YOUNG' }, recipe, ['perlite_coarse', 'gone'], 'blend')
    expect(body.lockedRows).toEqual([1])
    expect(body.recipe).toEqual(recipe)
  })
  it('bettering has its own numbers, and locks nothing', () => {
    const body = askedFor({ ...NOTHING_SAID, form: 'IMPROVE' }, { stage: 'YOUNG' }, recipe, ['peat'], 'blend')
    expect(body.mostMaterials).toBe(3)
    expect(body.mostParts).toBe(8)
    expect(body.lockedRows).toEqual([])
    expect(body.recipe).toEqual(recipe)
  })
  it('says which row is missing only where one is', () => {
    expect(askedFor({ ...NOTHING_SAID, row: 1 }, { stage: 'YOUNG' }, recipe, [], 'blend').row).toBeUndefined()
    expect(
      askedFor({ ...NOTHING_SAID, form: 'REPLACE', row: 1 }, { stage: 'YOUNG' }, recipe, [], 'blend').row,
    ).toBe(1)
  })
  it('passes wrong numbers on, so that they are said and not silently changed', () => {
    expect(
      askedFor({ ...NOTHING_SAID, mostMaterials: 9 }, { stage: 'YOUNG' }, recipe, [], 'blend').mostMaterials,
    ).toBe(9)
  })
})

describe('how far a search is', () => {
  it('tells what is settled, the best so far and what could still be had', () => {
    expect(progressWords(state({ bestFit: 93.2, gap: 5.1 }))).toBe(
      'looking for the closest: 12.1 million of 48.3 million recipes settled; the best so far fits 93, at most 5 more could be had',
    )
    expect(progressWords(state({ bestFit: 93.2, gap: 0 }))).not.toContain('more could')
  })
  it('tells when others are before it, and the beginning and the end', () => {
    expect(progressWords(state({ state: 'WAITING' }))).toContain('waiting for another search')
    expect(progressWords(state({ stage: '' }))).toContain('laying out')
    expect(progressWords(state({ stage: 'working out why', total: 1 }))).toBe('working out why …')
  })
  it('knows its ends', () => {
    expect((['DONE', 'CANCELLED', 'FAILED'] as const).every((each) => isOver(state({ state: each })))).toBe(
      true,
    )
    expect(isOver(state({}))).toBe(false)
  })
})
