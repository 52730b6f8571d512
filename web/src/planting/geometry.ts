import type { Pot } from '@/api/types'

/** How a pot lies in a drawing: centimetres above its inside bottom to pixels, its walls, and slabs across it. */
export interface Lie {
  scale: number
  middle: number
  y: (cm: number) => number
  half: (cm: number) => number
  slab: (fromCm: number, toCm: number) => string
}

/** Lays a pot into a space: its rim at so many pixels from the top, no higher and no wider than the space. */
export const lieOf = (
  pot: Pick<Pot, 'topCm' | 'bottomCm' | 'heightCm'>,
  space: { top: number; left: number; high: number; wide: number },
): Lie => {
  const widest = Math.max(pot.topCm, pot.bottomCm)
  const scale = Math.min(space.high / pot.heightCm, space.wide / widest)
  const middle = space.left + (widest * scale) / 2
  const y = (cm: number) => space.top + (pot.heightCm - cm) * scale
  const half = (cm: number) => ((pot.bottomCm + ((pot.topCm - pot.bottomCm) * cm) / pot.heightCm) * scale) / 2
  return {
    scale,
    middle,
    y,
    half,
    slab: (from, to) =>
      `M${middle - half(from)} ${y(from)} H${middle + half(from)} L${middle + half(to)} ${y(to)} H${middle - half(to)} Z`,
  }
}

/** Lines of words, none longer than so many letters unless a single word is. */
export const linesOf = (words: string, most: number): string[] =>
  words.split(' ').reduce<string[]>((lines, word) => {
    const last = lines.at(-1)
    if (last !== undefined && last.length + 1 + word.length <= most) {
      lines[lines.length - 1] = `${last} ${word}`
    } else {
      lines.push(word)
    }
    return lines
  }, [])

/** Rounds a length as people set it: to half a centimetre, or finer where it is small. */
export const handy = (cm: number, fine = false): number => {
  const step = fine ? 0.1 : 0.5
  return Math.round(cm / step) * step
}
