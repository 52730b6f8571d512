import type { Proposal } from '@/api/types'

/** A mix that was found, for tests: of one part of a material, with whatever is to be different. */
export const proposalOf = (materialId: string, other: Partial<Proposal> = {}) =>
  ({
    titles: [],
    titleWords: 'the closest',
    recipe: { measure: 'PARTS', parts: [{ materialId, amount: 1 }], doses: [] },
    words: materialId,
    fit: 90,
    summary: 'Fits all.',
    givesUp: [],
    doseWords: [],
    wetKgPerL: 1,
    lifeYears: 2,
    chancePercent: 10,
    toBuy: [],
    reasons: [],
    readings: [],
    stops: [],
    ...other,
  }) as unknown as Proposal
