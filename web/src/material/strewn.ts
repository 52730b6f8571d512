import { chance, type Shape } from './grains'
import { stitchOf } from './stitches'

/** A grain of a drawing that shows a material lying somewhere; not one by one as in the close-up. */
export interface Dot {
  key: string
  x: number
  y: number
  rx: number
  ry: number
  turn: number
  colour: string
}

/** How much broader a grain is than it is high, by eye. */
const FLATNESS: Record<Shape, number> = { ROUND: 0.86, ANGULAR: 0.86, CRUMB: 0.86, FLAKE: 0.5, STRAND: 0.3 }
const LEAST_SIZE = 0.75
const SIZE_SPREAD = 0.55

/** Grains of a material strewn over an area, always the same ones for the same words: as many as cover such a share of it. */
export const strewn = (
  what: {
    id: string
    shape: Shape
    radius: number
    area: number
    cover: number
    most: number
    seed?: string
  },
  place: (seed: string) => { x: number; y: number },
): Dot[] => {
  const { id, shape, radius, area, cover, most } = what
  const count = Math.max(0, Math.min(most, Math.ceil((cover * area) / (Math.PI * radius * radius))))
  return Array.from({ length: count }, (_, i) => {
    const key = `${what.seed ?? ''}${id} ${i}`
    const rx = radius * (LEAST_SIZE + SIZE_SPREAD * chance(`${key} r`))
    return {
      key,
      ...place(key),
      rx,
      ry: rx * FLATNESS[shape],
      turn: 180 * chance(`${key} t`),
      colour: stitchOf(id).colour,
    }
  })
}
