import { describe, expect, it } from 'vitest'
import type { Recipe } from '@/api/types'
import {
  addMaterial,
  changeBy,
  fillWith,
  moveEdge,
  moveRow,
  removeRow,
  replaceRow,
  rewrite,
  scaleToHundred,
  setDose,
  splitRow,
  sumOf,
} from './recipe'
import { countable, withScoops } from './counting'
import { takenOver } from './written'

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

describe('rows', () => {
  it('change places', () => {
    expect(moveRow(recipe('PARTS', 1, 2, 3), 0, 2).parts.map((part) => part.materialId)).toEqual([
      'm1',
      'm2',
      'm0',
    ])
    expect(moveRow(recipe('PARTS', 1, 2), 1, 2)).toEqual(recipe('PARTS', 1, 2))
  })

  it('are replaced, and become one with a row of the same', () => {
    expect(replaceRow(recipe('PARTS', 4, 2), 0, 'new').parts[0]).toEqual({ materialId: 'new', amount: 4 })
    const joined = replaceRow(recipe('PARTS', 4, 2), 0, 'm1')
    expect(joined.parts).toEqual([{ materialId: 'm1', amount: 6 }])
  })

  it('give half of themselves to another grade', () => {
    expect(splitRow(recipe('PARTS', 3, 1), 0, 'fine').parts).toEqual([
      { materialId: 'm0', amount: 1.5 },
      { materialId: 'fine', amount: 1.5 },
      { materialId: 'm1', amount: 1 },
    ])
    expect(sumOf(splitRow(recipe('PARTS', 3, 1), 0, 'm1'))).toBe(4)
  })

  it('are moved at their edge, in quarter parts or whole per cent, and keep their sum', () => {
    expect(amounts(moveEdge(recipe('PARTS', 4, 4), 0, 10))).toEqual([4.75, 3.25])
    // one stitch always moves it, though it is less than a quarter part
    expect(amounts(moveEdge(recipe('PARTS', 4, 4), 0, 1))).toEqual([4.25, 3.75])
    expect(amounts(moveEdge(recipe('PERCENT', 50, 40), 0, -7))).toEqual([43, 47])
    expect(amounts(moveEdge(recipe('PERCENT', 50, 40), 0, 80))).toEqual([90, 0])
    expect(moveEdge(recipe('PARTS', 1), 0, 5)).toEqual(recipe('PARTS', 1))
  })

  it('grow by scoops, whatever they were written in', () => {
    expect(amounts(withScoops(recipe('PARTS', 1, 2), 'm1', 0.5))).toEqual([1, 2.5])
    expect(withScoops(recipe('PARTS', 1), 'new', 0.24).parts[1]).toEqual({ materialId: 'new', amount: 0.24 })
    expect(withScoops(recipe('PERCENT', 60, 40), 'm0', 1)).toMatchObject({ measure: 'PARTS' })
    expect(countable(recipe('PARTS', 1), ['s', 'm0'], ['x', 's'])).toEqual(['s', 'm0', 'x'])
  })

  it('are taken over from what was written, once for each thing that is meant', () => {
    const line = (typed: string, amount: number, dose = false) => ({
      typed,
      amount,
      dose,
      choices: [],
      known: true,
      certain: true,
      says: '',
    })
    const written = {
      measure: 'PARTS' as const,
      notes: [],
      lines: [line('2 bark', 2), line('1 more bark', 1), line('moonstone', 1), line('2 g/L lime', 2, true)],
    }
    const ids: Record<string, string> = { '2 bark': 'bark', '1 more bark': 'bark', '2 g/L lime': 'lime' }
    expect(takenOver(written, (each) => ids[each.typed] ?? '')).toEqual({
      measure: 'PARTS',
      parts: [{ materialId: 'bark', amount: 3 }],
      doses: [{ amendmentId: 'lime', gPerL: 2 }],
    })
  })
})
