import type { SetUpKind } from '@/api/types'

/** A stroke or a shape of a plant's figure, in units of the mouth's half width: x to the right, y upwards from the surface. */
export interface Piece {
  d: string
  fill?: 'leaf' | 'young' | 'stem' | 'body' | 'flower'
  line?: 'leaf' | 'stem' | 'flower'
  wide?: number
}

export type Figure =
  | 'leafy'
  | 'column'
  | 'caudex'
  | 'stones'
  | 'fern'
  | 'orchid'
  | 'bog'
  | 'bulbs'
  | 'palm'
  | 'rosettes'
  | 'cuttings'
  | 'tree'
  | 'trail'
  | 'climber'

const OF_KIND: Partial<Record<SetUpKind, Figure>> = {
  BOG_TUB: 'bog',
  BULB_PAN: 'bulbs',
  CAUDEX: 'caudex',
  GIANT_TUB: 'climber',
  POLE_CLIMBER: 'climber',
  BARK_ORCHID: 'orchid',
  HANGING_BASKET: 'trail',
  SHALLOW_TRAY: 'tree',
  CUTTINGS: 'cuttings',
  ROSETTE_BOWL: 'rosettes',
}
const OF_GROUP: Record<string, Figure> = {
  desert: 'column',
  stone_caudex: 'caudex',
  jungle_cactus: 'trail',
  fern: 'fern',
  bark_orchid: 'orchid',
  ground_orchid: 'orchid',
  carnivorous: 'bog',
  pitcher_tropical: 'bog',
  palm: 'palm',
  cycad: 'palm',
  bulb: 'bulbs',
  fig: 'tree',
  tray_tree: 'tree',
  epiphytic_vine: 'trail',
}

/** Kinds of plants that look unlike their group, whatever they are set up as. */
const OF_PLANT: Record<string, Figure> = { dwarf_mesemb: 'stones' }

/** What a plant is, as far as its figure goes. */
export interface Kin {
  groupId?: string | undefined
  kindId?: string | undefined
}

/** Which figure stands for a plant: by its kind, by its set-up, or else by its group. */
export const figureOf = (setUp: SetUpKind, plant: Kin | undefined): Figure =>
  OF_PLANT[plant?.kindId ?? ''] ?? OF_KIND[setUp] ?? OF_GROUP[plant?.groupId ?? ''] ?? 'leafy'

const n = (value: number) => Math.round(value * 1000) / 1000
const at = (x: number, y: number) => `${n(x)} ${n(-y)}`
/** A leaf from a point, at an angle from upright, so long and so broad. */
const leaf = (x: number, y: number, turn: number, long: number, broad: number): string => {
  const [s, c] = [Math.sin(turn), Math.cos(turn)]
  const tip = [x + long * s, y + long * c] as const
  const side = (of: number) =>
    [x + 0.5 * long * s + of * broad * c, y + 0.5 * long * c - of * broad * s] as const
  const [left, right] = [side(-1), side(1)]
  return `M${at(x, y)} Q${at(...left)} ${at(...tip)} Q${at(...right)} ${at(x, y)} Z`
}
const stroke = (x: number, y: number, cx: number, cy: number, x2: number, y2: number): string =>
  `M${at(x, y)} Q${at(cx, cy)} ${at(x2, y2)}`
const disc = (x: number, y: number, rx: number, ry: number): string =>
  `M${at(x - rx, y)} a${n(rx)} ${n(ry)} 0 1 0 ${n(2 * rx)} 0 a${n(rx)} ${n(ry)} 0 1 0 ${n(-2 * rx)} 0 Z`
const spread = (count: number, from: number, to: number): number[] =>
  Array.from({ length: count }, (_, i) =>
    count === 1 ? (from + to) / 2 : from + ((to - from) * i) / (count - 1),
  )
const leafPiece = (d: string, young = false): Piece => ({ d, fill: young ? 'young' : 'leaf' })

const leafy = (): Piece[] =>
  spread(9, -1.25, 1.25).flatMap((turn, i) => {
    const long = 0.75 + 0.3 * ((i * 7) % 3)
    const [x, y] = [0.55 * long * Math.sin(turn), 0.75 * long * Math.cos(turn)]
    return [
      { d: stroke(0.03 * (i - 4), 0, 0.3 * x, 0.7 * y, x, y), line: 'leaf', wide: 0.035 } as Piece,
      leafPiece(leaf(x, y, turn * 1.1, 0.62, 0.2), i % 2 === 0),
    ]
  })
const column = (): Piece[] => [
  {
    d: `M${at(-0.4, 0)} Q${at(-0.56, 0.5)} ${at(-0.3, 0.92)} Q${at(0, 1.1)} ${at(0.3, 0.92)} Q${at(0.56, 0.5)} ${at(0.4, 0)} Z`,
    fill: 'leaf',
  },
  ...[-0.24, -0.08, 0.08, 0.24].map((x): Piece => ({
    d: stroke(x * 0.9, 0.02, x * 1.7, 0.5, x * 0.7, 0.96),
    line: 'stem',
    wide: 0.02,
  })),
]
const caudex = (): Piece[] => [
  {
    d: `M${at(-0.34, -0.05)} Q${at(-0.5, 0.3)} ${at(-0.1, 0.55)} L${at(-0.05, 0.95)} L${at(0.05, 0.95)} L${at(0.1, 0.55)} Q${at(0.5, 0.3)} ${at(0.34, -0.05)} Z`,
    fill: 'body',
  },
  { d: stroke(0, 0.8, 0.2, 1, 0.36, 1.2), line: 'stem', wide: 0.06 },
  { d: stroke(0, 0.7, -0.2, 0.95, -0.32, 1.1), line: 'stem', wide: 0.06 },
  ...[
    [0, 0.95, -0.5],
    [0, 0.95, 0.3],
    [0.36, 1.2, 0.7],
    [0.36, 1.2, -0.2],
    [-0.32, 1.1, -0.9],
    [-0.32, 1.1, 0.1],
  ].map(([x, y, turn], i) => leafPiece(leaf(x ?? 0, y ?? 0, turn ?? 0, 0.34, 0.1), i % 2 === 0)),
]
/** Pairs of thick leaves, cleft in the middle, hardly higher than the grit. */
const stones = (): Piece[] =>
  [
    [-0.62, 0.2, 0.2],
    [-0.18, 0.25, 0.25],
    [0.28, 0.2, 0.21],
    [0.65, 0.16, 0.16],
  ].flatMap(([x = 0, wide = 0, high = 0], i): Piece[] => [
    {
      d: `M${at(x - 0.8 * wide, -0.04)} Q${at(x - 1.15 * wide, high)} ${at(x - 0.5 * wide, high)} Q${at(x - 0.05, high)} ${at(x, 0.84 * high)} Q${at(x + 0.05, high)} ${at(x + 0.5 * wide, high)} Q${at(x + 1.15 * wide, high)} ${at(x + 0.8 * wide, -0.04)} Z`,
      fill: i % 2 === 0 ? 'body' : 'young',
    },
    { d: stroke(x, 0.84 * high, x, 0.6 * high, x, 0.45 * high), line: 'stem', wide: 0.025 },
    ...[-0.5, 0.5].map((side): Piece => ({
      d: stroke(
        x + (side - 0.22) * wide,
        0.86 * high,
        x + side * wide,
        0.78 * high,
        x + (side + 0.22) * wide,
        0.86 * high,
      ),
      line: 'stem',
      wide: 0.025,
    })),
  ])
const fern = (): Piece[] =>
  spread(7, -1.2, 1.2).flatMap((turn) => {
    const [x, y] = [1.15 * Math.sin(turn), 0.75 * Math.cos(turn) + 0.25]
    const frond: Piece = { d: stroke(0, 0, 0.4 * x, 1.05 * y, x, y), line: 'leaf', wide: 0.03 }
    const pinnae = spread(7, 0.25, 0.97).flatMap((k) => {
      const px = 2 * (1 - k) * k * 0.4 * x + k * k * x
      const py = 2 * (1 - k) * k * 1.05 * y + k * k * y
      return [turn - 1.25, turn + 1.25].map((side) => leafPiece(leaf(px, py, side, 0.24 * (1.15 - k), 0.05)))
    })
    return [frond, ...pinnae]
  })
const orchid = (): Piece[] => [
  ...[
    [-1.15, 0.95],
    [1.1, 0.95],
    [-0.75, 0.85],
    [0.7, 0.8],
  ].map(([turn, long], i) => leafPiece(leaf(0, 0.04, turn ?? 0, long ?? 0, 0.17), i > 1)),
  { d: stroke(0.03, 0.05, 0.1, 1.1, 0.75, 1.3), line: 'stem', wide: 0.035 },
  ...[
    [0.42, 1.16],
    [0.6, 1.27],
    [0.76, 1.28],
  ].flatMap(([x, y]) =>
    [-0.09, 0, 0.09].map((off): Piece => ({
      d: disc((x ?? 0) + off, (y ?? 0) - Math.abs(off) * 0.7, 0.075, 0.06),
      fill: 'flower',
    })),
  ),
]
const bog = (): Piece[] => [
  ...[-0.62, -0.5, -0.38].map((x, i): Piece => {
    const high = 0.75 + 0.2 * i
    return {
      d: `M${at(x, 0)} L${at(x - 0.09, high)} Q${at(x, high + 0.14)} ${at(x + 0.12, high)} Z`,
      fill: i === 1 ? 'flower' : 'young',
    }
  }),
  ...spread(9, -1.3, 1.3).flatMap((turn): Piece[] => {
    const [x, y] = [0.34 + 0.42 * Math.sin(turn), 0.36 * Math.cos(turn) + 0.04]
    return [
      {
        d: stroke(0.34, 0, 0.34 + 0.2 * Math.sin(turn), 0.3 * Math.cos(turn), x, y),
        line: 'leaf',
        wide: 0.022,
      },
      { d: disc(x, y, 0.05, 0.05), fill: 'flower' },
    ]
  }),
]
const bulbs = (): Piece[] =>
  [-0.55, 0, 0.55].flatMap((x): Piece[] => [
    {
      d: `M${at(x - 0.015, 0.02)} C${at(x - 0.06, -0.06)} ${at(x - 0.17, -0.1)} ${at(x - 0.15, -0.22)} Q${at(x, -0.34)} ${at(x + 0.15, -0.22)} C${at(x + 0.17, -0.1)} ${at(x + 0.06, -0.06)} ${at(x + 0.015, 0.02)} Z`,
      fill: 'body',
    },
    ...[-0.35, 0.35].map((turn) => leafPiece(leaf(x, 0, turn, 0.85, 0.07), turn > 0)),
    { d: stroke(x, 0, x, 0.5, x + 0.03, 0.95), line: 'leaf', wide: 0.03 },
    ...[-0.5, 0, 0.5].map((turn): Piece => ({ d: leaf(x + 0.03, 0.9, turn, 0.26, 0.09), fill: 'flower' })),
  ])
const palm = (): Piece[] => [
  { d: stroke(0, 0, -0.04, 0.35, 0, 0.7), line: 'stem', wide: 0.1 },
  ...spread(8, -1.5, 1.5).flatMap((turn): Piece[] => {
    const [x, y] = [0.95 * Math.sin(turn), 0.7 + 0.55 * Math.cos(turn)]
    return [
      { d: stroke(0, 0.68, 0.5 * x, y + 0.3, x, y), line: 'leaf', wide: 0.025 },
      ...spread(5, 0.4, 0.98).flatMap((k) => {
        const px = 2 * (1 - k) * k * 0.5 * x + k * k * x
        const py = (1 - k) * (1 - k) * 0.68 + 2 * (1 - k) * k * (y + 0.3) + k * k * y
        return [-0.9, 0.9].map((side) => leafPiece(leaf(px, py, turn * 1.4 + side, 0.26, 0.03)))
      }),
    ]
  }),
]
const rosette = (x: number, size: number): Piece[] =>
  spread(7, -1.45, 1.45).map((turn, i) =>
    leafPiece(leaf(x, 0, turn, size * (1 - 0.16 * Math.abs(Math.cos(turn))), 0.3 * size), i % 2 === 0),
  )
const rosettes = (): Piece[] => [...rosette(-0.5, 0.42), ...rosette(0.52, 0.36), ...rosette(0.02, 0.3)]
const cuttings = (): Piece[] =>
  [-0.55, -0.05, 0.45].flatMap((x, i): Piece[] => [
    { d: stroke(x, -0.18, x, 0.2, x + 0.04, 0.5), line: 'stem', wide: 0.035 },
    ...[
      [-0.8, 0.3],
      [0.8, 0.38],
      [-0.5, 0.5],
      [0.4, 0.52],
    ].map(([turn, y]) => leafPiece(leaf(x + 0.03, y ?? 0, turn ?? 0, 0.34, 0.1), i + (turn ?? 0) > 0)),
  ])
const tree = (): Piece[] => [
  {
    d: `M${at(-0.2, -0.02)} Q${at(-0.02, 0.2)} ${at(-0.08, 0.55)} L${at(0.04, 0.58)} Q${at(0.1, 0.2)} ${at(0.24, -0.02)} Z`,
    fill: 'body',
  },
  { d: stroke(-0.02, 0.5, 0.2, 0.6, 0.5, 0.72), line: 'stem', wide: 0.06 },
  { d: stroke(-0.02, 0.5, -0.2, 0.7, -0.42, 0.82), line: 'stem', wide: 0.06 },
  ...[
    [-0.44, 0.9, 0.36, 0.17],
    [0.5, 0.82, 0.34, 0.15],
    [0.04, 1.02, 0.4, 0.2],
  ].map(([x, y, rx, ry], i): Piece => ({
    d: disc(x ?? 0, y ?? 0, rx ?? 0, ry ?? 0),
    fill: i === 2 ? 'young' : 'leaf',
  })),
]
const trail = (): Piece[] =>
  spread(6, -1, 1).flatMap((side, i): Piece[] => {
    const [x, y] = [1.14 * side, -0.5 - 0.35 * ((i * 5) % 3)]
    const over = 0.34 + 0.1 * (i % 2)
    return [
      {
        d: `M${at(0.25 * side, 0)} Q${at(0.8 * side, over)} ${at(1.08 * side, 0.12)} T${at(x, y)}`,
        line: 'leaf',
        wide: 0.035,
      },
      ...spread(4, -0.02, 1).map((k) =>
        leafPiece(
          leaf(
            1.09 * side + 0.06 * side * k,
            0.14 + (y - 0.14) * Math.max(0, k),
            side > 0 ? 1.9 : -1.9,
            0.22,
            0.08,
          ),
          i % 2 === 0,
        ),
      ),
      leafPiece(leaf(0.5 * side, over * 0.55, side * 0.6, 0.3, 0.09)),
    ]
  })
const climber = (): Piece[] => [
  {
    d: `M${at(0.1, 0)} C${at(0.18, 0.6)} ${at(-0.12, 0.9)} ${at(0.06, 1.5)} S${at(0.04, 2.2)} ${at(0.02, 2.5)}`,
    line: 'leaf',
    wide: 0.06,
  },
  ...spread(7, 0.35, 2.4).map((y, i) =>
    leafPiece(
      leaf(i % 2 === 0 ? 0.1 : -0.02, y, (i % 2 === 0 ? 1 : -1) * (1.1 - 0.06 * i), 0.66 - 0.05 * i, 0.2),
      i > 4,
    ),
  ),
]
const FIGURES: Record<Figure, () => Piece[]> = {
  leafy,
  column,
  caudex,
  stones,
  fern,
  orchid,
  bog,
  bulbs,
  palm,
  rosettes,
  cuttings,
  tree,
  trail,
  climber,
}
/** How high each stands over the surface, in half widths of the mouth. */
export const HIGH: Record<Figure, number> = {
  leafy: 1.55,
  column: 1.1,
  caudex: 1.5,
  stones: 0.3,
  fern: 1.1,
  orchid: 1.4,
  bog: 1.3,
  bulbs: 1.2,
  palm: 1.4,
  rosettes: 0.45,
  cuttings: 0.9,
  tree: 1.25,
  trail: 0.45,
  climber: 2.6,
}

/** The pieces of a figure. */
export const piecesOf = (figure: Figure): Piece[] => FIGURES[figure]()
