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
  | 'chevron'
  | 'grid'
  | 'star'
  | 'zigzag'
  | 'comma'
  | 'stripe'
  | 'triangle'
  | 'arcs'
  | 'box'
  | 'tee'
  | 'pips'

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
  exp_shale: stitch('#8c8a86', 'hem', dark),
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
  leaf_mould: stitch('#6b5a2c', 'comma', light),
  sphagnum_lf: stitch('#8fa35a', 'wave', dark),
  loam: stitch('#7d6142', 'plain', light),
  akadama: stitch('#c98a45', 'ring', dark),
  zeolite: stitch('#a9c0b4', 'diamond', dark),
  rockwool_gran: stitch('#c7d0c3', 'ladder', dark),
  peat_fine: stitch('#56402f', 'chevron', light),
  peat_coarse: stitch('#3d2a1d', 'grid', light),
  peat_fed: stitch('#5b3a45', 'star', light),
  coir_fibre: stitch('#9c6a33', 'zigzag', light),
  pine_fines: stitch('#94674a', 'comma', light),
  pine_large: stitch('#6a3c22', 'stripe', light),
  tree_fern: stitch('#3b3227', 'triangle', light),
  sphagnum_chop: stitch('#a5b46e', 'arcs', dark),
  pine_needles: stitch('#7d5f35', 'box', light),
  wood_fibre: stitch('#d8bd8f', 'tee', dark),
  cork: stitch('#c2925f', 'pips', dark),
  nut_shells: stitch('#75482c', 'tee', light),
  perlite_fed: stitch('#dfe6cf', 'grid', dark),
  pumice_dust: stitch('#d6cfc4', 'triangle', dark),
  acid_pumice: stitch('#c9b36d', 'star', dark),
  lava_coarse: stitch('#5b2a2a', 'arcs', light),
  akadama_fine: stitch('#d39a58', 'chevron', dark),
  diatomite: stitch('#efe2cd', 'stripe', dark),
  leca_fine: stitch('#cc7a4c', 'box', dark),
  exp_slate: stitch('#6d7076', 'pips', light),
  brick: stitch('#b2523c', 'grid', light),
  vermiculite_coarse: stitch('#c49a43', 'comma', dark),
  zeolite_coarse: stitch('#8fb0a2', 'zigzag', dark),
  rockwool_cubes: stitch('#b4c4b4', 'bars', dark),
  sand_fine: stitch('#ead9b0', 'box', dark),
  sand_silica: stitch('#e9e5d8', 'pips', dark),
  grit_1_3: stitch('#a7afb0', 'stripe', dark),
  bog_silica: stitch('#d7dcd9', 'comma', dark),
  lime_chips: stitch('#dcdccf', 'chevron', dark),
  activated_carbon: stitch('#15181b', 'zigzag', light),
  rice_hull_fresh: stitch('#ecd794', 'hem', dark),
  green_waste: stitch('#4a5230', 'triangle', light),
  manure: stitch('#584226', 'bars', light),
  mushroom_compost: stitch('#665a4c', 'arcs', light),
  loam_turf: stitch('#6d4f33', 'diamond', light),
  bagged_potting: stitch('#4b4038', 'zigzag', light),
  polystyrene: stitch('#f6f7f8', 'star', dark),
  beach_sand: stitch('#e3cf9a', 'vein', dark),
  unknown_sand: stitch('#b9a888', 'tee', dark),
  builders_rubble: stitch('#a59c94', 'triangle', dark),
  sand_river: stitch('#d2bd8b', 'pips', dark),
  bagged_house: stitch('#564a3e', 'pips', light),
  bagged_cactus: stitch('#8b7a62', 'wave', light),
  bagged_orchid: stitch('#76543a', 'wave', light),
  floral_foam: stitch('#7fae7a', 'vein', dark),
  hydrogel: stitch('#dbeaf2', 'wave', dark),
  loamy_sand: stitch('#c7a877', 'grid', dark),
  sandy_loam: stitch('#b08d61', 'specks', dark),
  medium_loam: stitch('#94714b', 'star', light),
  silt_loam: stitch('#a08a6a', 'ladder', dark),
  clay_loam: stitch('#8a5f44', 'cross', light),
  clay_soil: stitch('#a5664a', 'stripe', light),
}

/** What is weighed and not scooped: drawn as a bead instead of a stitch. */
const beads: Record<string, Stitch> = {
  lime: stitch('#eceae2', 'chevron', dark),
  lime_flour: stitch('#f5f4ee', 'grid', dark),
  dolomite: stitch('#d8d4ca', 'star', dark),
  oyster_shell: stitch('#cfc5c7', 'zigzag', dark),
  hydrated_lime: stitch('#fbfaf6', 'comma', dark),
  quicklime: stitch('#e2ded2', 'stripe', dark),
  sulfur: stitch('#e6d34f', 'triangle', dark),
  gypsum: stitch('#e5dfe0', 'arcs', dark),
  granules: stitch('#5f8a52', 'box', light),
  bone_meal: stitch('#e0d6bd', 'tee', dark),
  granules_lean: stitch('#86a86f', 'pips', dark),
  granules_palm: stitch('#3f6f4a', 'dots', light),
  seed_cake: stitch('#a08a4a', 'vein', dark),
  neem_cake: stitch('#7d7446', 'pips', light),
  mustard_cake: stitch('#b59a3c', 'wave', dark),
  cottonseed_meal: stitch('#6e6152', 'pips', light),
  soybean_meal: stitch('#c9b27a', 'pips', dark),
  blood_meal: stitch('#6b2430', 'bars', light),
  hoof_horn: stitch('#8c7a66', 'ring', light),
  kelp: stitch('#38503a', 'cross', light),
  rock_phosphate: stitch('#b8b0a0', 'specks', dark),
  epsom: stitch('#dfeaf0', 'ladder', dark),
  eggshell: stitch('#ecdcc8', 'wave', dark),
  wood_ash: stitch('#9c9c9a', 'diamond', dark),
}

/** Yarn for materials of the person's own, which no table foresees. */
const ownColours = ['#5e7f9c', '#7f6aa0', '#4f8a83', '#9c6485', '#6f8f3f', '#a8843a', '#7d88b8', '#b06a5a']
const ownMarks: Mark[] = [
  'chevron',
  'ring',
  'grid',
  'dots',
  'zigzag',
  'bars',
  'star',
  'arcs',
  'diamond',
  'wave',
  'box',
]

/** Always the same for the same name, and spread over colours and marks for different ones. */
const ownStitch = (id: string): Stitch => {
  let hash = 0
  for (const letter of id) {
    hash = (hash * 31 + letter.charCodeAt(0)) % 1_000_003
  }
  return stitch(
    ownColours[hash % ownColours.length] as string,
    ownMarks[Math.floor(hash / ownColours.length) % ownMarks.length] as Mark,
    light,
  )
}

export const isBead = (id: string): boolean => id in beads

export const stitchOf = (id: string): Stitch => stitches[id] ?? beads[id] ?? ownStitch(id)

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
  chevron: 'M4 9 L8 13.5 L12.5 14 M4.5 15 L9 20 L13.5 20.5 M8 22 L11 26 L14 27',
  grid: 'M4 8 L13 19 M3.6 13 L13.4 25 M8 7.5 L4.4 15 M12 12.5 L7 20.5 M13.6 19 L10.4 26',
  star: 'M7 9 v5.4 M4.6 10.4 l4.8 2.6 M9.4 10.4 l-4.8 2.6 M10.6 18.6 v5.4 M8.2 20 l4.8 2.6 M13 20 l-4.8 2.6',
  zigzag: 'M4 8 L9 11 L5.4 15 L11.6 18.6 L8.4 22.6 L13.4 26',
  comma: 'M5.6 8.6 q2.4 1 .8 3.8 M9.8 14 q2.4 1 .8 3.8 M6 16 q2.2 1 .8 3.6 M11.6 21.6 q2.2 1 .6 3.8',
  stripe: 'M5.2 6.5 V19 M8.6 9.4 V23.4 M12 12.8 V28',
  triangle: 'M7 9.4 l2.6 4.4 h-5.2 Z M10.4 18.4 l2.4 4.4 h-4.8 Z',
  arcs: 'M4 14 C8 17 11 22 13 29 M6.5 10 C9 12.5 11.5 16 13.4 20',
  box: 'M5.4 9.6 h4 v4 h-4 Z M8.6 18.6 h4 v4 h-4 Z',
  tee: 'M4.6 9.6 h5 M7.1 9.6 v4.6 M8.4 18.2 h5 M10.9 18.2 v4.8',
  pips: 'M4.6 9.4 h.1 M8 11 h.1 M5 13.4 h.1 M9.4 17.6 h.1 M12.4 19.4 h.1 M10 21.4 h.1 M12.6 25 h.1',
  eye: 'M8.2 10.2 a3.2 3.2 0 1 0 .01 0 M8.2 13.3 h.1 M9.6 21.6 h.1 M9.6 19.6 a2.2 2.2 0 1 0 .01 0',
}
