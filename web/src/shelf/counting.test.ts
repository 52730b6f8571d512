import { describe, expect, it } from 'vitest'
import type { Lot } from '@/api/types'
import { afterBatch, ticksOf } from './counting'

const lot = (id: string, materialId: string, leftLitres: number, inUse: boolean): Lot => ({
  id,
  revision: 0,
  facts: {
    materialId,
    sold: 'LOOSE_LITRES',
    amount: 20,
    swell: 0,
    leftLitres,
    fed: false,
    rinsed: false,
    quarantined: false,
  },
  materialName: materialId,
  fullLitres: 20,
  low: false,
  inUse,
  findings: [],
})

describe('counting after a batch', () => {
  it('takes from the lot in use first, then from the next', () => {
    const lots = [
      lot('new', 'peat', 20, false),
      lot('old', 'peat', 3, true),
      lot('p', 'perlite_med', 8, true),
    ]
    expect(afterBatch(lots, [{ materialId: 'peat', litres: 4.5 }])).toEqual({ old: 0, new: 18.5 })
    expect(
      afterBatch(lots, [
        { materialId: 'perlite_med', litres: 2 },
        { materialId: 'perlite_med', litres: 1.25 },
      ]),
    ).toEqual({ p: 4.75 })
  })

  it('never goes below nothing and leaves the rest alone', () => {
    expect(afterBatch([lot('p', 'peat', 1, true)], [{ materialId: 'peat', litres: 9 }])).toEqual({ p: 0 })
    expect(afterBatch([lot('p', 'peat', 1, true)], [{ materialId: 'loam', litres: 9 }])).toEqual({})
  })

  it('draws round ticks', () => {
    expect(ticksOf(160)).toEqual([0, 50, 100, 150])
    expect(ticksOf(23)).toEqual([0, 5, 10, 15, 20])
    expect(ticksOf(1)).toEqual([0, 0.2, 0.4, 0.6000000000000001, 0.8, 1])
  })
})
