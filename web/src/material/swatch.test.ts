import { describe, expect, it } from 'vitest'
import { edges, knit, knitThrough, OPEN, stitchCounts } from './swatch'

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

  it('knits through with the same stitches, spread evenly', () => {
    const shares = [0.5, 0.3, 0.15]
    const through = knitThrough(shares)
    const count = (chart: number[], row: number) => chart.filter((each) => each === row).length
    for (const row of [0, 1, 2, OPEN]) {
      expect(count(through, row)).toBe(count(knit(shares), row))
    }
    // every quarter of the chart has about its share of the first material
    for (const [fromX, fromY] of [
      [0, 0],
      [5, 0],
      [0, 5],
      [5, 5],
    ] as const) {
      const quarter = through.filter((_, place) => {
        const [x, y] = [place % 10, Math.floor(place / 10)]
        return x >= fromX && x < fromX + 5 && y >= fromY && y < fromY + 5
      })
      expect(count(quarter, 0)).toBeGreaterThan(8)
      expect(count(quarter, 0)).toBeLessThan(18)
    }
  })

  it('knows where one row ends and the next begins', () => {
    expect(edges([0.5, 0.3, 0.2])).toEqual([
      { row: 0, place: 50 },
      { row: 1, place: 80 },
    ])
    expect(edges([1])).toEqual([])
  })
})
