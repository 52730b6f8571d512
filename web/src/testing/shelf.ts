import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, vi } from 'vitest'
import type { Lot, LotFacts, Material } from '@/api/types'
import type { Asked } from './stubbedServer'

/** A small shelf for tests: one material, a lot of it, and what the server says of them. */
const peat = {
  id: 'peat',
  name: 'Sphagnum peat',
  grade: '0.2–6 mm',
  form: 'BALE',
  roles: ['WATER'],
  roleWords: ['holds water'],
  section: 'WATER',
  own: false,
  never: false,
} as unknown as Material
const SOLD = [
  { sold: 'LOOSE_LITRES', words: 'loose, by volume', measure: 'VOLUME', usualSwell: 0 },
  { sold: 'PRESSED_LITRES', words: 'pressed bale, by volume', measure: 'VOLUME', usualSwell: 1.6 },
]
export const facts: LotFacts = {
  materialId: 'peat',
  sold: 'PRESSED_LITRES',
  amount: 70,
  swell: 1.6,
  leftLitres: 112,
  fed: false,
  rinsed: false,
  quarantined: false,
}
export const lot = (change: Partial<Lot> = {}): Lot => ({
  id: 'l1',
  revision: 3,
  facts,
  materialName: 'Sphagnum peat',
  fullLitres: 112,
  pricePerLitre: 0.125,
  low: false,
  inUse: true,
  ...change,
})
export const glance = (lots: Lot[], count = lots.length, lowMaterials = 0) => ({
  count,
  lowCount: lots.filter((each) => each.low).length,
  low: lots
    .filter((each) => each.low)
    .map((each) => ({ materialId: each.facts.materialId, materialName: each.materialName, leftLitres: 4 })),
  lowMaterials,
  there: lots.map((each) => each.facts.materialId),
  withSomeLeft: lots.map((each) => each.facts.materialId),
  largestLitres: Math.max(0, ...lots.map((each) => each.fullLitres)),
  sections: lots.length === 0 ? [] : [{ section: 'WATER', count, lots }],
})
export const books = {
  'GET /api/materials': [peat],
  'GET /api/amendments': [],
  'GET /api/shelf/ways-sold': SOLD,
  'GET /api/shelf': glance([lot()]),
  'GET /api/shelf/offers': [],
}

/** Waits until everything that was asked for is there. */
export const settle = async () => {
  await vi.advanceTimersByTimeAsync(1000)
  await flushPromises()
}
export const sent = (asked: Asked[], what: string) =>
  asked.filter((each) => `${each.method} ${each.path}` === what)

/** Nothing is remembered from test to test, and no test waits for a clock. */
export const eachAnewWithoutWaiting = () => {
  beforeEach(() => {
    localStorage.clear()
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })
}
