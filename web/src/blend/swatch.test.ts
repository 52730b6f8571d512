import { describe, expect, it } from 'vitest'
import { knit, OPEN, stitchCounts } from './swatch'

describe('swatch', () => {
  it('gives a stitch to the largest remainders until a hundred are knitted', () => {
    expect(stitchCounts([1 / 3, 1 / 3, 1 / 3])).toEqual([34, 33, 33, 0])
    expect(stitchCounts([3 / 8, 2 / 8, 1 / 8, 1 / 8, 1 / 8])).toEqual([38, 25, 13, 12, 12, 0])
  })

  it('leaves open what no material fills', () => {
    expect(stitchCounts([0.6, 0.35])).toEqual([60, 35, 5])
    expect(knit([0.6, 0.35]).filter((row) => row === OPEN)).toHaveLength(5)
  })

  it('is all open for nothing', () => {
    expect(knit([])).toEqual(Array(100).fill(OPEN))
  })

  it('always knits a hundred', () => {
    for (let seed = 1; seed < 200; seed++) {
      const parts = Array.from({ length: 1 + (seed % 9) }, (_, i) => ((seed * (i + 3) * 7919) % 13) + 0.1)
      const sum = parts.reduce((a, b) => a + b, 0)
      expect(knit(parts.map((part) => part / sum)), `seed ${seed}`).toHaveLength(100)
    }
  })
})
