import { describe, expect, it } from 'vitest'
import type { Recipe } from '@/api/types'
import { addMaterial, changeBy, fillWith, removeRow, rewrite, scaleToHundred, setDose, sumOf } from './recipe'

const recipe = (measure: Recipe['measure'], ...amounts: number[]): Recipe => ({
  measure,
  parts: amounts.map((amount, i) => ({ materialId: `m${i}`, amount })),
  doses: [],
})
const amounts = (from: Recipe) => from.parts.map((part) => part.amount)

describe('recipe', () => {
  it('steps by parts or by five per cent and stops at nothing', () => {
    expect(amounts(changeBy(recipe('PARTS', 1, 2), 1, 1))).toEqual([1, 3])
    expect(amounts(changeBy(recipe('PERCENT', 60, 40), 0, -1))).toEqual([55, 40])
    expect(amounts(changeBy(recipe('PARTS', 1), 0, -3))).toEqual([0])
  })

  it('adds one more of what is there instead of naming it twice', () => {
    expect(amounts(addMaterial(recipe('PARTS', 1, 2), 'm1'))).toEqual([1, 3])
    expect(addMaterial(recipe('PARTS', 1), 'new').parts).toHaveLength(2)
  })

  it('scales to a hundred in whole per cent', () => {
    expect(amounts(scaleToHundred(recipe('PERCENT', 45, 20, 20, 10)))).toEqual([47, 21, 21, 11])
    expect(sumOf(scaleToHundred(recipe('PERCENT', 1, 1, 1)))).toBe(100)
  })

  it('lets one row fill what is missing', () => {
    expect(amounts(fillWith(recipe('PERCENT', 60, 35), 0))).toEqual([65, 35])
  })

  it('rewrites without changing the proportions', () => {
    expect(amounts(rewrite(recipe('PERCENT', 50, 25, 25), 'PARTS'))).toEqual([2, 1, 1])
    expect(amounts(rewrite(recipe('PARTS', 2, 1, 1), 'PERCENT'))).toEqual([50, 25, 25])
    expect(amounts(rewrite(recipe('PERCENT', 33.5, 66.5), 'PARTS'))).toEqual([3.35, 6.65])
  })

  it('keeps doses in their order', () => {
    let limed = setDose(recipe('PARTS', 1), 'lime', 1)
    limed = setDose(limed, 'granules', 2)
    limed = setDose(limed, 'lime', 1.5)
    expect(limed.doses).toEqual([
      { amendmentId: 'lime', gPerL: 1.5 },
      { amendmentId: 'granules', gPerL: 2 },
    ])
  })

  it('does not change the recipe it was given', () => {
    const before = recipe('PARTS', 1, 2)
    removeRow(before, 0)
    changeBy(before, 0, 1)
    expect(amounts(before)).toEqual([1, 2])
  })
})
