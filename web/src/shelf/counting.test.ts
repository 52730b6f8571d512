import { describe, expect, it } from 'vitest'
import { ticksOf } from './counting'

describe('the scale of the shelf', () => {
  it('draws round ticks', () => {
    expect(ticksOf(160)).toEqual([0, 50, 100, 150])
    expect(ticksOf(23)).toEqual([0, 5, 10, 15, 20])
    expect(ticksOf(1)).toEqual([0, 0.2, 0.4, 0.6000000000000001, 0.8, 1])
  })
})
