import { describe, expect, it } from 'vitest'
import type { WayOut } from '@/api/types'
import { NO_WISHES } from '@/need/wishes'
import { startingHabit, startingPot } from '@/need/words'
import type { Bench } from './drafts'
import { ofWidth, withRemedy, withWayOut } from './proposals'

const bench: Bench = {
  name: 'Cellar mix',
  brief: {
    stage: 'ESTABLISHED',
    pot: { ...startingPot(), base: 'NO_HOLES', baseCm: 3 },
    habit: { ...startingHabit(), alkalinityMgPerL: 200, waterEcDsPerM: 0.8 },
    wishes: { ...NO_WISHES, light: true, fibre: 'NO_PEAT' },
  },
  recipe: {
    measure: 'PARTS',
    parts: [
      { materialId: 'peat', amount: 3 },
      { materialId: 'perlite_med', amount: 1 },
    ],
    doses: [],
  },
}
const way = (kind: WayOut['kind'], subject: string, value = 0): WayOut => ({
  kind,
  subject,
  value,
  words: '',
  then: [],
})

describe('ways out', () => {
  it('change the pot', () => {
    expect(withWayOut(bench, way('WALL', 'CLAY')).brief.pot?.wall).toBe('CLAY')
    expect(withWayOut(bench, way('BASE', 'ON_FEET')).brief.pot).toMatchObject({ base: 'ON_FEET', baseCm: 0 })
    expect(withWayOut(bench, way('POT_WIDTH', '', 28)).brief.pot).toMatchObject({
      topCm: 28,
      bottomCm: 21,
      heightCm: 26,
    })
  })

  it('change the watering; what was measured of the old water goes', () => {
    expect(withWayOut(bench, way('INTERVAL', '', 16)).brief.habit?.everyDays).toBe(16)
    const habit = withWayOut(bench, way('WATER', 'RAIN')).brief.habit
    expect(habit?.water).toBe('RAIN')
    expect(habit).not.toHaveProperty('alkalinityMgPerL')
    expect(habit).not.toHaveProperty('waterEcDsPerM')
  })

  it('add a material, in parts and in per cent', () => {
    expect(withWayOut(bench, way('MIX', 'perlite_coarse', 2)).recipe.parts.at(-1)).toEqual({
      materialId: 'perlite_coarse',
      amount: 2,
    })
    expect(withWayOut(bench, way('MIX', 'perlite_med', 2)).recipe.parts[1]?.amount).toBe(3)
    const percent: Bench = {
      ...bench,
      recipe: { ...bench.recipe, measure: 'PERCENT', parts: [{ materialId: 'peat', amount: 100 }] },
    }
    expect(
      withWayOut(percent, way('MIX', 'perlite_coarse', 50)).recipe.parts.map((each) => each.amount),
    ).toEqual([67, 33])
  })

  it('make two changes where one is not enough', () => {
    const both = { ...way('WALL', 'CLAY'), then: [way('MIX', 'coir_pith', 2)] }
    const after = withWayOut(bench, both)
    expect(after.brief.pot?.wall).toBe('CLAY')
    expect(after.recipe.parts.at(-1)).toEqual({ materialId: 'coir_pith', amount: 2 })
  })

  it('give a wish up', () => {
    expect(withWayOut(bench, way('WISH', 'light')).brief.wishes).toEqual({ ...NO_WISHES, fibre: 'NO_PEAT' })
    const once = withWayOut(bench, way('WISH', 'fibre'))
    expect(once.brief.wishes).toEqual({ ...NO_WISHES, light: true })
    expect(withWayOut(once, way('WISH', 'light')).brief).not.toHaveProperty('wishes')
  })

  it('leave the bench alone where only the person can act', () => {
    expect(withWayOut(bench, way('ADVICE', ''))).toBe(bench)
  })
})

describe('remedies', () => {
  it('change parts, doses, wall or interval', () => {
    const remedy = { row: 1, value: 4, givingRow: -1, givingValue: 0, words: '' }
    expect(
      withRemedy(bench, { ...remedy, kind: 'PART', subject: 'perlite_med' }).recipe.parts[1]?.amount,
    ).toBe(4)
    expect(withRemedy(bench, { ...remedy, kind: 'DOSE', subject: 'lime' }).recipe.doses).toEqual([
      { amendmentId: 'lime', gPerL: 4 },
    ])
    expect(withRemedy(bench, { ...remedy, kind: 'WALL', subject: 'CLAY' }).brief.pot?.wall).toBe('CLAY')
    expect(withRemedy(bench, { ...remedy, kind: 'INTERVAL', subject: '' }).brief.habit?.everyDays).toBe(4)
  })

  it('a pot of another width keeps its proportions', () => {
    expect(ofWidth(startingPot(), 7)).toMatchObject({ topCm: 7, bottomCm: 5.3, heightCm: 6.5 })
  })
})
