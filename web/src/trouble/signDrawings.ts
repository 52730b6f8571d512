import type { Sign } from '@/api/types'

/** Inks of the drawings of signs; each has a place in the theme. */
export type SignInk = 'green' | 'pale' | 'yellow' | 'brown' | 'black' | 'red' | 'water' | 'white' | 'none'

/** A stroke or patch over the scene, in a square of 56. */
export interface Mark {
  d: string
  fill?: SignInk
  line?: SignInk
  thin?: boolean
}

/** What a sign is drawn as: a leaf near by, a plant in its pot, the mix from the front, a root ball, or nothing but its marks. */
export interface SignScene {
  scene: 'leaf' | 'plant' | 'mix' | 'roots' | 'plain'
  /** Ink of the leaf, or of all leaves of the plant. */
  leaf?: SignInk
  lower?: SignInk
  top?: SignInk
  marks?: readonly Mark[]
  /** How the plant stands. */
  stands?: 'hanging' | 'leaning' | 'long' | 'low'
}

const dots = (points: readonly (readonly [number, number, number])[]) =>
  points
    .map(([x, y, r]) => `M${x - r} ${y} a${r} ${r} 0 1 0 ${2 * r} 0 a${r} ${r} 0 1 0 ${-2 * r} 0`)
    .join(' ')
const EDGE = 'M7 49 C6 26 22 8 49 7 C50 33 33 50 7 49 Z M13 43 C33 43 43 30 43 13 C24 15 13 27 13 43 Z'
const RAIN = 'M28 4 V12 M24 9 L28 13 L32 9'
const FLY = 'M0 0 l3 -2 M0 0 l-3 -2 M0 -1 v3'
const at = (x: number, y: number, path: string) =>
  path.replace(/M(-?\d+) (-?\d+)/g, (_, a: string, b: string) => `M${x + Number(a)} ${y + Number(b)}`)

/** Drawings of the signs that can be seen; those that say that all is well have none. */
export const SIGN_DRAWINGS: Partial<Record<Sign, SignScene>> = {
  YELLOW_OLD: { scene: 'plant', lower: 'yellow' },
  YELLOW_DROPPING: {
    scene: 'plant',
    leaf: 'yellow',
    marks: [{ d: 'M6 47 C9 43 13 42 16 43 C14 47 10 49 6 47 Z', fill: 'yellow', line: 'brown' }],
  },
  GREEN_VEINS: { scene: 'leaf', leaf: 'pale' },
  TWISTED_YOUNG: {
    scene: 'plant',
    top: 'none',
    marks: [{ d: 'M28 18 C20 14 34 11 27 7 C23 4 31 3 30 6', line: 'green' }],
  },
  PALE_ALL: { scene: 'plant', leaf: 'pale' },
  DARK_SOFT: { scene: 'plant', leaf: 'black' },
  REDDISH: { scene: 'leaf', leaf: 'red' },
  BROWN_TIPS: {
    scene: 'leaf',
    marks: [{ d: 'M49 7 C50 14 48 20 46 24 C42 18 38 14 32 10 C38 8 44 7 49 7 Z', fill: 'brown' }],
  },
  BROWN_EDGES: { scene: 'leaf', marks: [{ d: EDGE, fill: 'brown' }] },
  CRISP: {
    scene: 'leaf',
    leaf: 'brown',
    marks: [{ d: 'M20 12 L24 18 L30 11 M44 30 L38 30 L40 38 M16 34 L22 36', line: 'black' }],
  },
  HANGS_WET: {
    scene: 'plant',
    stands: 'hanging',
    marks: [{ d: 'M18 42 H38 L36.5 51 H19.5 Z', fill: 'water' }],
  },
  HANGS_DRY: {
    scene: 'plant',
    stands: 'hanging',
    marks: [{ d: 'M22 44 l3 4 l-2 3 M31 43 l-2 4 l3 4', line: 'brown', thin: true }],
  },
  WRINKLED: {
    scene: 'leaf',
    marks: [
      {
        d: 'M14 40 C18 36 16 32 20 29 M22 44 C26 39 25 36 30 33 M24 26 C28 22 27 19 32 17 M34 40 C36 34 36 31 41 26',
        line: 'black',
        thin: true,
      },
    ],
  },
  SOFT_SPOTS: {
    scene: 'leaf',
    marks: [
      {
        d: dots([
          [22, 34, 5],
          [34, 23, 6.5],
          [35, 36, 3.5],
        ]),
        fill: 'black',
      },
    ],
  },
  BLEACHED: {
    scene: 'leaf',
    marks: [{ d: 'M24 16 C32 12 40 14 42 20 C36 28 26 28 22 24 Z', fill: 'white', line: 'brown' }],
  },
  SPECKLED: {
    scene: 'leaf',
    marks: [
      {
        d: dots([
          [16, 40, 1],
          [20, 32, 1],
          [25, 38, 1],
          [24, 24, 1],
          [31, 30, 1],
          [30, 18, 1],
          [38, 22, 1],
          [38, 33, 1],
          [43, 14, 1],
          [18, 26, 1],
          [34, 13, 1],
        ]),
        fill: 'white',
      },
    ],
  },
  CORKY: {
    scene: 'leaf',
    marks: [
      {
        d: dots([
          [20, 36, 3],
          [29, 27, 3],
          [37, 18, 3],
          [31, 38, 2.5],
          [22, 22, 2.5],
        ]),
        fill: 'brown',
        line: 'black',
      },
    ],
  },
  SOFT_BASE: {
    scene: 'plant',
    marks: [{ d: 'M25 39 C24 34 26 30 28 30 C30 30 32 34 31 39 Z', fill: 'black' }],
  },
  BURIED_BASE: { scene: 'plant', stands: 'low', marks: [{ d: 'M17 38 H39', line: 'brown' }] },
  HEAVY: {
    scene: 'plain',
    marks: [
      { d: 'M15 14 H41 L37 38 H19 Z', fill: 'water', line: 'brown' },
      { d: 'M28 42 V53 M22 48 L28 54 L34 48', line: 'black' },
    ],
  },
  LIGHT: {
    scene: 'plain',
    marks: [
      { d: 'M15 24 H41 L37 48 H19 Z', fill: 'none', line: 'brown' },
      { d: 'M28 18 V5 M22 10 L28 4 L34 10', line: 'black' },
    ],
  },
  STANDS_ON_TOP: { scene: 'mix', marks: [{ d: 'M9 15 H47 L46 22 H10 Z', fill: 'water' }] },
  RUNS_PAST: {
    scene: 'mix',
    marks: [
      { d: 'M11 20 C11 30 13 40 15 52 M45 20 C45 30 43 40 41 52', line: 'water' },
      { d: RAIN, line: 'water' },
    ],
  },
  WHITE_CRUST: {
    scene: 'mix',
    marks: [
      {
        d: 'M9 20 C13 16 17 20 21 17 C26 20 30 16 35 19 C40 16 44 20 47 19 L46 24 H10 Z',
        fill: 'white',
        line: 'brown',
      },
    ],
  },
  GREEN_FILM: { scene: 'mix', marks: [{ d: 'M9 20 H47 L46 24 H10 Z', fill: 'green' }] },
  MOULD: {
    scene: 'mix',
    marks: [
      {
        d: dots([
          [17, 18, 4],
          [23, 16, 5],
          [30, 18, 4],
          [38, 17, 5],
        ]),
        fill: 'white',
        line: 'brown',
        thin: true,
      },
    ],
  },
  SOUR: {
    scene: 'mix',
    marks: [{ d: 'M18 15 C14 11 22 9 18 4 M28 15 C24 11 32 9 28 4 M38 15 C34 11 42 9 38 4', line: 'brown' }],
  },
  ROOTS_ROTTEN: { scene: 'roots', leaf: 'black' },
  ROOTS_PAPERY: { scene: 'roots', leaf: 'pale' },
  ROOTS_CIRCLING: {
    scene: 'roots',
    leaf: 'white',
    marks: [
      { d: 'M14 30 C22 36 34 36 42 30 M15 37 C23 43 33 43 41 37 M16 44 C24 50 32 50 40 44', line: 'brown' },
    ],
  },
  ROOTS_OUT: {
    scene: 'mix',
    marks: [{ d: 'M20 52 C18 54 20 55 18 56 M28 52 V56 M36 52 C38 54 35 55 38 56', line: 'brown' }],
  },
  HOLES_BLOCKED: { scene: 'mix', marks: [{ d: 'M4 50 H52 L50 55 H6 Z', fill: 'water' }] },
  NO_GROWTH: {
    scene: 'plant',
    stands: 'low',
    marks: [{ d: 'M46 16 V34 M42 20 L46 15 L50 20 M41 35 L51 15', line: 'red', thin: true }],
  },
  LONG_THIN: { scene: 'plant', stands: 'long', leaf: 'pale' },
  SMALL_LEAVES: {
    scene: 'plant',
    top: 'none',
    marks: [
      {
        d: 'M28 14 C27 12 27 11 28 9 C29 11 29 12 28 14 Z M28 18 C25 18 24 17 23 15 C26 15 27 16 28 18 Z M28 18 C31 18 32 17 33 15 C30 15 29 16 28 18 Z',
        fill: 'green',
      },
    ],
  },
  LEANS: {
    scene: 'plant',
    stands: 'leaning',
    marks: [{ d: `${dots([[50, 8, 4]])} M44 13 L40 16 M50 14 V19`, line: 'yellow' }],
  },
  WOBBLES: {
    scene: 'plant',
    marks: [{ d: 'M8 14 C5 18 5 24 8 28 M48 14 C51 18 51 24 48 28', line: 'black', thin: true }],
  },
  GNATS: {
    scene: 'mix',
    marks: [
      {
        d: [at(16, 12, FLY), at(28, 8, FLY), at(40, 13, FLY), at(22, 15, FLY)].join(' '),
        line: 'black',
        thin: true,
      },
    ],
  },
  WEBS: {
    scene: 'plant',
    marks: [
      {
        d: 'M12 22 L28 8 L44 22 M16 19 L24 24 M40 19 L32 24 M20 15 L28 26 L36 15',
        line: 'black',
        thin: true,
      },
    ],
  },
  STICKY: {
    scene: 'leaf',
    marks: [
      {
        d: dots([
          [20, 36, 2.5],
          [26, 30, 2.5],
          [32, 24, 2.5],
        ]),
        fill: 'white',
        line: 'brown',
      },
      { d: 'M40 38 C38 42 38 45 40 45 C42 45 42 42 40 38 Z', fill: 'water' },
    ],
  },
  TRAPS_SOME_BLACK: {
    scene: 'plain',
    marks: [
      { d: 'M28 54 C18 46 12 38 8 28 C4 22 12 18 15 25 C17 33 22 42 28 54 Z', fill: 'black' },
      { d: 'M28 54 C27 40 24 26 22 16 C20 8 34 8 34 16 C32 26 29 40 28 54 Z', fill: 'green' },
      { d: 'M28 54 C34 46 40 38 42 28 C46 20 54 26 49 31 C43 40 36 46 28 54 Z', fill: 'green' },
    ],
  },
  TRAPS_ALL_BLACK: {
    scene: 'plain',
    marks: [
      {
        d: 'M28 54 C18 46 12 38 8 28 C4 22 12 18 15 25 C17 33 22 42 28 54 Z M28 54 C27 40 24 26 22 16 C20 8 34 8 34 16 C32 26 29 40 28 54 Z',
        fill: 'black',
      },
      { d: 'M28 54 C34 46 40 38 42 28 C46 20 54 26 49 31 C43 40 36 46 28 54 Z', fill: 'black' },
    ],
  },
  BUDS_DROP: {
    scene: 'plant',
    top: 'red',
    marks: [
      {
        d: dots([
          [12, 48, 3.5],
          [46, 50, 3],
        ]),
        fill: 'red',
      },
    ],
  },
  DROPS_GREEN: {
    scene: 'plant',
    lower: 'none',
    marks: [
      {
        d: 'M4 48 C7 44 11 43 14 44 C12 48 8 50 4 48 Z M42 51 C45 47 49 46 52 47 C50 51 46 53 42 51 Z',
        fill: 'green',
      },
    ],
  },
  COLD_GLASS: {
    scene: 'plain',
    marks: [
      { d: 'M12 6 H44 V50 H12 Z M28 6 V50 M12 28 H44', line: 'water' },
      { d: 'M20 17 V23 M17 18.5 L23 21.5 M23 18.5 L17 21.5', line: 'water', thin: true },
    ],
  },
  HEATER: {
    scene: 'plain',
    marks: [
      { d: 'M10 26 H46 V50 H10 Z M18 26 V50 M28 26 V50 M38 26 V50', line: 'black' },
      { d: 'M18 20 C15 16 21 13 18 8 M28 20 C25 16 31 13 28 8 M38 20 C35 16 41 13 38 8', line: 'red' },
    ],
  },
}
