import type { BenchTest } from '@/api/types'

export type Kind = BenchTest['kind']

export const KINDS: { value: Kind; label: string }[] = [
  { value: 'DRAINAGE', label: 'Drainage' },
  { value: 'WEIGHING', label: 'Weights' },
  { value: 'PH', label: 'pH' },
  { value: 'PONDING', label: 'Poured water' },
  { value: 'SQUEEZE', label: 'Squeeze' },
]

export const kindLabel = (kind: Kind): string => KINDS.find((each) => each.value === kind)?.label ?? kind

export const HOW: Record<Kind, string> = {
  DRAINAGE:
    'Fill a tub with holes, tap it, water it once and let it settle. Stand it in water until the surface shines, note how much it took up; let it drain half an hour and catch what runs out.',
  WEIGHING:
    'Weigh a known volume of settled mix drained for half an hour, and again when it is dry: two days in a warm oven below 100 °C with the window open, or weeks in the sun. Leave the tub out of both weights.',
  PH: 'Stir one part of mix into two parts of distilled water, wait ten minutes, read. Calibrate the meter first.',
  PONDING: 'Pour water a hand’s breadth deep on the settled, moist mix and time until it has sunk in.',
  SQUEEZE: 'Squeeze a handful of mix as moist as you would pot with. Broad, but better than nothing.',
}

export const SHOWS: { value: NonNullable<BenchTest['shows']>; label: string }[] = [
  { value: 'RUNS_FREELY', label: 'water runs' },
  { value: 'FEW_DROPS', label: 'a few drops' },
  { value: 'HOLDS_SHAPE', label: 'holds, no drops' },
  { value: 'CRUMBLES', label: 'crumbles' },
]

export const METHODS: { value: NonNullable<BenchTest['method']>; label: string }[] = [
  { value: 'SLURRY', label: 'slurry in distilled water' },
  { value: 'CALCIUM_CHLORIDE', label: 'slurry in calcium chloride' },
  { value: 'PROBE', label: 'probe in the mix' },
  { value: 'POUR_THROUGH', label: 'water poured through' },
]
