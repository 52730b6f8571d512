import type { Reading } from '@/api/types'

/** Ends of the scale on which a reading is drawn, so that value, interval and band can all be seen. */
export interface Scale {
  low: number
  high: number
  tick: number
}

const fixed: Partial<Record<Reading['quality'], Scale>> = {
  AIR: { low: 0, high: 70, tick: 10 },
  WATER: { low: 0, high: 100, tick: 20 },
  EASY_WATER: { low: 0, high: 40, tick: 10 },
  PH: { low: 3, high: 9, tick: 1 },
  LIFE: { low: 0, high: 10, tick: 2 },
}

export type Tone = 'in' | 'little' | 'out' | 'free'

/** How a verdict looks. */
export const toneOf = (verdict: Reading['verdict']): Tone => {
  switch (verdict) {
    case 'FITS':
      return 'in'
    case 'A_LITTLE_LOW':
    case 'A_LITTLE_HIGH':
      return 'little'
    case 'TOO_LOW':
    case 'TOO_HIGH':
      return 'out'
    default:
      return 'free'
  }
}

/** Readings that are said in a line rather than drawn: they are read by their words. */
const IN_A_LINE: ReadonlySet<Reading['quality']> = new Set([
  'MAKE_UP',
  'GRAIN',
  'EASY_WATER',
  'SALTS',
  'HOLDS_FOOD',
  'WETS_AGAIN',
])
export const inALine = (reading: Pick<Reading, 'quality'>): boolean => IN_A_LINE.has(reading.quality)

const steps = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000]

export const scaleOf = (reading: Pick<Reading, 'quality' | 'value' | 'high80' | 'targetHigh'>): Scale => {
  const known = fixed[reading.quality]
  if (known) {
    return known
  }
  const top = Math.max(reading.high80, reading.targetHigh ?? 0, reading.value) * 1.15 || 1
  const tick = steps.find((step) => top / step <= 6) ?? 2000
  return { low: 0, high: Math.ceil(top / tick) * tick, tick }
}

/** Place of a value on a scale, 0 to 1, held within the scale. */
export const placeOn = (scale: Scale, value: number): number =>
  Math.min(1, Math.max(0, (value - scale.low) / (scale.high - scale.low)))

export const ticksOf = (scale: Scale): number[] => {
  const count = Math.round((scale.high - scale.low) / scale.tick)
  return Array.from({ length: count + 1 }, (_, i) => scale.low + i * scale.tick)
}
