/** What the close-up draws: grains of each material, chosen from its grade. Plain data, the same for the same blend. */

export type Shape = 'ROUND' | 'ANGULAR' | 'FLAKE' | 'STRAND' | 'CRUMB'

/** A material of the blend as the drawing needs it; sizes in millimetres. */
export interface GrainKind {
  id: string
  share: number
  d10: number
  d50: number
  d90: number
  shape: Shape
  colour: string
}

/** One grain. Its key stays the same from change to change, so that it can stay where it lies. */
export interface Grain {
  key: string
  kind: number
  shape: Shape
  long: number
  broad: number
  /** Where it is let go, and how soon, both from 0 to 1. */
  across: number
  order: number
  turn: number
}

export interface Chosen {
  grains: Grain[]
  /** Share of the solid area that is too fine to be drawn grain by grain, by kind. */
  fines: number[]
}

const STRATA = 10
/** More is poured than the section takes, so that its top is out of sight. */
const SPARE = 1.08
/** Share of a section that solid grains fill when they have come to rest; by eye. */
const SOLID = 0.86
const BROADNESS: Record<Shape, number> = { ROUND: 0.92, ANGULAR: 0.78, FLAKE: 0.36, STRAND: 0.12, CRUMB: 0.8 }

/** A number from 0 to 1 that always belongs to the same words. */
export const chance = (words: string): number => {
  let hash = 2166136261
  for (let i = 0; i < words.length; i++) {
    hash = Math.imul(hash ^ words.charCodeAt(i), 16777619)
  }
  hash ^= hash >>> 15
  hash = Math.imul(hash, 2246822519)
  hash ^= hash >>> 13
  return (hash >>> 0) / 4294967296
}

/** The size that a share of the volume lies below, straight between the three sieves on a scale of logarithms. */
export const sizeAt = (kind: Pick<GrainKind, 'd10' | 'd50' | 'd90'>, share: number): number => {
  const [low, mid, high] = [Math.log(kind.d10), Math.log(kind.d50), Math.log(kind.d90)]
  const slope = share < 0.5 ? (mid - low) / 0.4 : (high - mid) / 0.4
  return Math.exp(mid + slope * (share - 0.5))
}

/**
 * Chooses the grains that fill a section.
 *
 * @param widthMm width of the section
 * @param heightMm its height; some more is poured, so that the top is out of sight
 * @param most most grains to draw one by one
 */
export const chooseGrains = (
  kinds: readonly GrainKind[],
  widthMm: number,
  heightMm: number,
  most = 460,
): Chosen => {
  const area = widthMm * heightMm * SOLID * SPARE
  let least = widthMm / 55
  for (;;) {
    const chosen = above(kinds, area, least)
    if (chosen.grains.length <= most) {
      return chosen
    }
    least *= 1.15
  }
}

/** Share of the volume that is finer than a size. */
const finer = (kinds: readonly GrainKind[], whole: number, least: number): number =>
  kinds.reduce((sum, kind) => {
    const strata = Array.from({ length: STRATA }, (_, i) => sizeAt(kind, (i + 0.5) / STRATA))
    return sum + ((kind.share / whole) * strata.filter((size) => size < least).length) / STRATA
  }, 0)

/** The grains above a size: they fill the section among themselves, and what is finer lies between them. */
const above = (kinds: readonly GrainKind[], solid: number, least: number): Chosen => {
  const grains: Grain[] = []
  const fines = kinds.map(() => 0)
  const whole = kinds.reduce((sum, kind) => sum + kind.share, 0) || 1
  const area = solid / Math.max(0.3, 1 - finer(kinds, whole, least))
  kinds.forEach((kind, row) => {
    for (let stratum = 0; stratum < STRATA; stratum++) {
      const size = sizeAt(kind, (stratum + 0.5) / STRATA)
      const part = ((kind.share / whole) * area) / STRATA
      if (size < least) {
        fines[row] = (fines[row] ?? 0) + part / area
        continue
      }
      const broad = BROADNESS[kind.shape]
      const long = kind.shape === 'STRAND' ? size * 2.2 : size / Math.sqrt(broad)
      const each = long * long * broad * (kind.shape === 'ROUND' ? Math.PI / 4 : 0.8)
      const first = `${kind.id}:${stratum}`
      const count = Math.floor(part / each + chance(first))
      for (let i = 0; i < count; i++) {
        const key = `${first}:${i}`
        const swing = 0.85 + 0.3 * chance(`${key}s`)
        grains.push({
          key,
          kind: row,
          shape: kind.shape,
          long: long * swing,
          broad: long * broad * swing,
          across: chance(`${key}x`),
          order: chance(`${key}o`),
          turn: chance(`${key}t`) * Math.PI * 2,
        })
      }
    }
  })
  grains.sort((a, b) => a.order - b.order)
  return { grains, fines }
}

/** Corners of a grain around its middle, a little irregular and always the same for the same grain. */
export const outline = (grain: Grain): [number, number][] => {
  const corners = grain.shape === 'STRAND' ? 4 : grain.shape === 'FLAKE' ? 6 : 8
  const rough = grain.shape === 'ROUND' ? 0.05 : grain.shape === 'CRUMB' ? 0.22 : 0.16
  return Array.from({ length: corners }, (_, i) => {
    const angle = ((i + 0.5) / corners) * Math.PI * 2
    const reach = 0.5 * (1 - rough + rough * 2 * (chance(`${grain.key}c${i}`) - 0.25))
    const square = grain.shape === 'STRAND' ? 1.3 : 1
    return [Math.cos(angle) * grain.long * reach * square, Math.sin(angle) * grain.broad * reach * square]
  })
}
