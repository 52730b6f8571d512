import svgpath from 'svgpath'
import { describe, expect, it } from 'vitest'
import { idsOf } from '@/testing/materialIds'
import { courses } from './knitting'
import { LEG, MARKS, STITCH_WIDTH, stitchOf } from './stitches'
import { OPEN } from './swatch'

/** All points that a path goes through, in the order of its lines. */
const points = (path: string) => {
  const found: [number, number][] = []
  svgpath(path)
    .abs()
    .unshort()
    .unarc()
    .iterate((segment, _, x, y) => {
      const [kind, ...numbers] = segment
      const ends = (numbers as number[]).slice(-2)
      if (kind === 'H') {
        found.push([ends[0] ?? NaN, y])
      } else if (kind === 'V') {
        found.push([x, ends[0] ?? NaN])
      } else if (ends.length === 2) {
        found.push([ends[0] ?? NaN, ends[1] ?? NaN])
      }
    })
  return found
}

describe('courses of a swatch', () => {
  const ids = idsOf('materials')
  const lines = [
    ['leg', LEG, 'peat'],
    ...Object.entries(MARKS)
      .filter(([, path]) => path !== '')
      .map(([mark, path]) => [mark, path, ids.find((id) => stitchOf(id).mark === mark) ?? 'none']),
  ] as [string, string, string][]

  it.each(lines)('draw a %s where it stands on one stitch, and its mirror beside it', (name, path, id) => {
    const [course] = courses([{ row: 0, x: 64, y: 28 }], () => id)
    const drawn = points((name === 'leg' ? course?.legs : course?.marks) ?? '')
    const left = points(path)
    const wanted = [
      ...left.map(([x, y]) => [x + 64, y + 28]),
      ...left.map(([x, y]) => [STITCH_WIDTH - x + 64, y + 28]),
    ]

    expect(drawn).toHaveLength(wanted.length)
    drawn.forEach(([x, y], i) => {
      expect(x).toBeCloseTo(wanted[i]?.[0] ?? NaN, 1)
      expect(y).toBeCloseTo(wanted[i]?.[1] ?? NaN, 1)
    })
  })

  it('are those of one material side by side, from below', () => {
    const found = courses(
      [0, 1, 1, OPEN].map((row, place) => ({ row, x: (place % 2) * 32, y: place < 2 ? 28 : 0 })),
      (row) => ids[row],
    )

    expect(found.map(({ row, stitches }) => [row, stitches])).toEqual([
      [0, 1],
      [1, 1],
      [1, 1],
      [OPEN, 1],
    ])
    expect(found[3]?.marks).toBe('')
  })
})
