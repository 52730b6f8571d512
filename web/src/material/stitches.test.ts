import { describe, expect, it } from 'vitest'
import { idsOf } from '@/testing/materialIds'
import { isBead, MARKS, stitchOf } from './stitches'

const scooped = [...idsOf('materials'), ...idsOf('soils')]
const weighed = idsOf('amendments')

/** Lightness as the eye sees it, 0 black to 100 white (CIE 1976 L*). */
const lightness = (colour: string): number => {
  const part = (at: number) => {
    const share = Number.parseInt(colour.slice(at, at + 2), 16) / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  }
  const y = 0.2126 * part(1) + 0.7152 * part(3) + 0.0722 * part(5)
  return y > 0.008856 ? 116 * Math.cbrt(y) - 16 : 903.3 * y
}

describe('stitches', () => {
  it.each([
    ['scooped', scooped, 80],
    ['weighed', weighed, 15],
  ])('what is %s has one of its own that can be told apart without colour', (_, ids, least) => {
    expect(ids.length).toBeGreaterThan(least)
    const alike = ids.flatMap((a, i) =>
      ids
        .slice(i + 1)
        .filter(
          (b) =>
            stitchOf(a).mark === stitchOf(b).mark &&
            Math.abs(lightness(stitchOf(a).colour) - lightness(stitchOf(b).colour)) < 6,
        )
        .map((b) => `${a} and ${b}`),
    )
    expect(alike).toEqual([])
  })

  it('the mark stands out from the yarn', () => {
    for (const id of [...scooped, ...weighed]) {
      const { colour, thread } = stitchOf(id)
      expect(Math.abs(lightness(colour) - lightness(thread)), id).toBeGreaterThan(32)
    }
  })

  it('beads are for what is weighed only', () => {
    expect(weighed.filter((id) => !isBead(id))).toEqual([])
    expect(scooped.filter(isBead)).toEqual([])
  })

  it("materials of the person's own keep their stitch and rarely share it", () => {
    const own = Array.from({ length: 12 }, (_, i) => `own_mix_${i}`)
    expect(own.map(stitchOf)).toEqual(own.map(stitchOf))
    expect(new Set(own.map((id) => `${stitchOf(id).colour} ${stitchOf(id).mark}`)).size).toBeGreaterThan(8)
  })

  it('every mark but the plain one is drawn', () => {
    for (const [mark, path] of Object.entries(MARKS)) {
      expect(path === '', mark).toBe(mark === 'plain')
    }
  })
})
