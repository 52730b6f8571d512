import { describe, expect, it } from 'vitest'
import { placeOn, scaleOf, ticksOf } from './gauge'

describe('gauge', () => {
  it('holds value, interval and band', () => {
    const scale = scaleOf({ quality: 'DRY_DAYS', value: 6.1, high80: 8.9, targetHigh: 5 })
    expect(scale.high).toBeGreaterThanOrEqual(8.9)
    expect(ticksOf(scale)[0]).toBe(0)
    expect(ticksOf(scale).at(-1)).toBe(scale.high)
    expect(ticksOf(scale).length).toBeLessThanOrEqual(8)
  })

  it('has a scale even for nothing', () => {
    expect(scaleOf({ quality: 'WEIGHT', value: 0, high80: 0 }).high).toBeGreaterThan(0)
  })

  it('keeps marks on the scale', () => {
    const scale = scaleOf({ quality: 'PH', value: 4, high80: 5 })
    expect(placeOn(scale, 2)).toBe(0)
    expect(placeOn(scale, 6)).toBe(0.5)
    expect(placeOn(scale, 12)).toBe(1)
  })
})
