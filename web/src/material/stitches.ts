/**
 * How each material is knitted: a colour and a mark, so that it can be told apart in colour, by colour-blind eyes and in black and
 * white. The marks are drawn on the left leg of a stitch and mirrored on the right.
 */
export type Mark =
  | 'plain'
  | 'dots'
  | 'vein'
  | 'bars'
  | 'ring'
  | 'cross'
  | 'specks'
  | 'ladder'
  | 'wave'
  | 'diamond'
  | 'slash'
  | 'hem'
  | 'eye'

export interface Stitch {
  colour: string
  mark: Mark
  thread: string
}

const light = '#f7f8f4'
const dark = '#1d241f'

const stitch = (colour: string, mark: Mark, thread: string): Stitch => ({ colour, mark, thread })

const stitches: Record<string, Stitch> = {
  peat: stitch('#4a3326', 'specks', light),
  coir_pith: stitch('#b98a4b', 'slash', dark),
  coir_chips: stitch('#a9742f', 'bars', light),
  bark_fine: stitch('#8a5a3c', 'dots', light),
  bark_comp: stitch('#5f4630', 'ladder', light),
  bark_coarse: stitch('#7c4f31', 'hem', light),
  orch_fine: stitch('#a3603a', 'vein', light),
  orch_med: stitch('#8f4b2a', 'vein', light),
  orch_coarse: stitch('#7a3b20', 'eye', light),
  perlite_fine: stitch('#f3f4f1', 'specks', dark),
  perlite_med: stitch('#eceff0', 'dots', dark),
  perlite_coarse: stitch('#e2e9ee', 'ring', dark),
  pumice_fine: stitch('#cfc7b8', 'specks', dark),
  pumice_med: stitch('#c2b7a4', 'ring', dark),
  pumice_coarse: stitch('#b3a58d', 'eye', dark),
  scoria: stitch('#7a2f26', 'ring', light),
  calc_clay: stitch('#d58f63', 'cross', dark),
  leca: stitch('#c06a3c', 'eye', light),
  exp_shale: stitch('#8c8a86', 'bars', dark),
  vermiculite: stitch('#d9b45f', 'ladder', dark),
  sand_coarse: stitch('#e0cf9f', 'dots', dark),
  grit_3_6: stitch('#9aa5a6', 'diamond', dark),
  granite_grit: stitch('#b9b4b6', 'cross', dark),
  gravel_fine: stitch('#8e9a8b', 'eye', dark),
  pebbles: stitch('#a8aca0', 'hem', dark),
  charcoal_fine: stitch('#2b3034', 'dots', light),
  charcoal_coarse: stitch('#1f2428', 'diamond', light),
  biochar: stitch('#343a36', 'wave', light),
  rice_hull: stitch('#dfc985', 'slash', dark),
  rice_hull_carb: stitch('#3b3a35', 'slash', light),
  castings: stitch('#4f4d2b', 'wave', light),
  compost: stitch('#3f3a22', 'cross', light),
  leaf_mould: stitch('#6b5a2c', 'vein', light),
  sphagnum_lf: stitch('#8fa35a', 'wave', dark),
  loam: stitch('#7d6142', 'plain', light),
  akadama: stitch('#c98a45', 'ring', dark),
  zeolite: stitch('#a9c0b4', 'diamond', dark),
  rockwool_gran: stitch('#c7d0c3', 'ladder', dark),
}

const unknown = stitch('#9aa39c', 'hem', dark)

export const stitchOf = (materialId: string): Stitch => stitches[materialId] ?? unknown

/** Drawing units of one stitch. */
export const STITCH_WIDTH = 32
export const STITCH_HEIGHT = 28

/** Outline of the left leg of a stitch; the right one is its mirror. A stitch reaches into the one below. */
export const LEG = 'M1.2 1.5 C7.5 2.5 14 8 15.2 15.5 L15.2 33.5 C8.5 30.5 1.6 23 1.2 14.5 Z'

/** Strokes of a mark on the left leg, as path data; drawn without fill. */
export const MARKS: Record<Mark, string> = {
  plain: '',
  dots: 'M5 9 h.1 M9.5 14 h.1 M5.5 17 h.1 M10.5 22 h.1 M7 24.5 h.1',
  specks: 'M4.5 8 l1.2 .6 M8.5 11 l1 .8 M4.5 14 l.9 .9 M11 17 l.8 1 M7 19 l1 .6 M11.5 25 l.8 .8 M6 23 l.8 .8',
  vein: 'M3.5 6.5 C8 11 11.5 18 12.5 28 M6 10 l-1 5 M9 15.5 l-1.6 5.5',
  bars: 'M4 9.5 l6 4.4 M3.6 15.2 l8.6 6.4 M6 22.8 l6.8 5',
  ring: 'M7.8 11.6 a2.4 2.4 0 1 0 .01 0 M9 20.4 a2.2 2.2 0 1 0 .01 0',
  cross: 'M5 9 l4.4 4.4 M9.4 9 L5 13.4 M7.4 18.5 l4.2 4.2 M11.6 18.5 l-4.2 4.2',
  ladder: 'M4 8.2 L11.5 27.5 M5 12.6 l4.6 -1.4 M6.8 17.4 l5 -1.5 M8.7 22.4 l4.4 -1.4',
  wave: 'M3.6 9.5 q2.2 -1.6 4 .6 t4 1.4 M3.8 15.8 q2.2 -1.6 4.2 .7 t4.6 1.6 M6 22.6 q2 -1.4 3.6 .6 t3.4 1.3',
  diamond: 'M7.6 8.6 l2.4 3.2 l-2.4 3.2 l-2.4 -3.2 Z M9.6 18.4 l2.2 3 l-2.2 3 l-2.2 -3 Z',
  slash: 'M9.6 9.4 L4.4 14 M12.2 15.6 L5.6 21.4 M13 22.4 L9.4 25.6',
  hem: 'M4.2 6 C9 9.5 12.3 14.5 12.6 20.5 L12.6 28',
  eye: 'M8.2 10.2 a3.2 3.2 0 1 0 .01 0 M8.2 13.3 h.1 M9.6 21.6 h.1 M9.6 19.6 a2.2 2.2 0 1 0 .01 0',
}
