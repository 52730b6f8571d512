import { describe, expect, it } from 'vitest'
import { startingHabit, startingPot } from '@/need/words'
import type { Bench } from './bench'
import { withProposal } from './proposals'

const bench: Bench = {
  name: 'Cellar mix',
  brief: { stage: 'ESTABLISHED', pot: startingPot(), habit: startingHabit() },
  recipe: {
    measure: 'PARTS',
    parts: [
      { materialId: 'peat', amount: 3 },
      { materialId: 'perlite_med', amount: 1 },
    ],
    doses: [],
    scoop: 'HEAPED',
  },
}

describe('a proposal that is taken', () => {
  it('lays the brief that was promised on the bench and leaves a recipe that it does not touch', () => {
    const brief = { ...bench.brief, pot: { ...startingPot(), wall: 'CLAY' as const } }
    const after = withProposal(bench, { words: 'A pot of clay', after: { brief } })
    expect(after).toEqual({ ...bench, brief })
  })

  it('lays the recipe that was promised on the bench; the scoop stays the own one', () => {
    const recipe = { measure: 'PARTS' as const, parts: [{ materialId: 'bark_fine', amount: 1 }], doses: [] }
    const after = withProposal(bench, { words: 'Bark', after: { brief: bench.brief, recipe } })
    expect(after.recipe).toEqual({ ...recipe, scoop: bench.recipe.scoop })
    expect(after.name).toBe('Cellar mix')
  })

  it('leaves the bench alone where only the person can act', () => {
    expect(withProposal(bench, { words: 'Or wait.' })).toBe(bench)
  })
})
