import { describe, expect, it } from 'vitest'
import { EMPTY_DRAIN, KITCHEN_SIEVES, measuredOf, notedOf } from './measuring'

describe('what was measured of a lot', () => {
  it('does not count while a figure is open', () => {
    expect(measuredOf({ ph: 5.5 }, { drain: EMPTY_DRAIN })).toEqual({ ph: 5.5 })
    expect(measuredOf({}, { drain: { heightCm: 10, airPercent: 30, waterPercent: undefined } })).toEqual({})
    expect(measuredOf({}, { sieves: KITCHEN_SIEVES, throughAll: 20 })).toEqual({})
    expect(measuredOf({}, { sieves: [{ openingMm: 1, stays: 3 }], throughAll: undefined })).toEqual({})
  })

  it('counts when it is complete', () => {
    expect(measuredOf({}, { drain: { heightCm: 10, airPercent: 30, waterPercent: 45 } })).toEqual({
      drain: { heightCm: 10, airPercent: 30, waterPercent: 45 },
    })
    const sieves = [
      { openingMm: 1, stays: 0 },
      { openingMm: 2, stays: 40 },
    ]
    expect(measuredOf({ ph: 6 }, { sieves, throughAll: 60 })).toEqual({
      ph: 6,
      sieves: { sieves, throughAll: 60 },
    })
  })

  it('no longer counts when it is taken out', () => {
    const measured = { ph: 6, drain: { heightCm: 10, airPercent: 30, waterPercent: 45 } }
    expect(measuredOf(measured, {})).toEqual({ ph: 6 })
    expect(measuredOf(measured, notedOf(measured))).toEqual(measured)
  })
})
