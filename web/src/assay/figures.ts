import type { BenchTest, TestKind } from '@/api/types'

/** All figures that any test of a heap asks for. */
export interface Figures {
  containerL: number
  heightCm: number
  waterInL: number
  drainedL: number
  moistureL: number
  wetG: number
  dryG: number
  shows: NonNullable<BenchTest['shows']>
  depthCm: number
  seconds: number
  reading: number
  method: NonNullable<BenchTest['method']>
  dsPerM: number
  extract: NonNullable<BenchTest['extract']>
  waterPercent: number
}

export const START: Figures = {
  containerL: 1,
  heightCm: 12,
  waterInL: 0,
  drainedL: 0,
  moistureL: 0,
  wetG: 0,
  dryG: 0,
  shows: 'HOLDS_SHAPE',
  depthCm: 2,
  seconds: 5,
  reading: 6,
  method: 'SLURRY',
  dsPerM: 0.5,
  extract: 'SLURRY',
  waterPercent: 35,
}

/** The test that a kind makes of its figures. */
export const testOf = (kind: TestKind['kind'], it: Figures): BenchTest => {
  switch (kind) {
    case 'DRAINAGE':
      return {
        kind,
        containerL: it.containerL,
        heightCm: it.heightCm,
        waterInL: it.waterInL,
        drainedL: it.drainedL,
        moistureL: it.moistureL,
      }
    case 'WEIGHING':
      return { kind, containerL: it.containerL, heightCm: it.heightCm, wetG: it.wetG, dryG: it.dryG }
    case 'SQUEEZE':
      return { kind, shows: it.shows }
    case 'PONDING':
      return { kind, depthCm: it.depthCm, seconds: it.seconds }
    case 'SALTS':
      return { kind, dsPerM: it.dsPerM, extract: it.extract }
    case 'MOISTURE':
      return { kind, water: it.waterPercent / 100 }
    case 'PH_PROBE':
      return { kind: 'PH', reading: it.reading, method: 'PROBE' }
    case 'PH_SLURRY':
      return { kind: 'PH', reading: it.reading, method: it.method === 'PROBE' ? 'SLURRY' : it.method }
  }
}
