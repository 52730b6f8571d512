import { describe, expect, it } from 'vitest'
import { readonly } from 'vue'
import type { OwnMaterialFacts } from '@/api/types'
import { draftOf, emptyDraft, factsOf, missing } from './ownDraft'

describe('own materials while they are written down', () => {
  it('become the facts of the chosen kind only', () => {
    const draft = { ...emptyDraft(), name: ' Lake loam ' }
    const soil = { afterMinuteCm: 4, afterHoursCm: 8, clearCm: 10, organicPercent: 3, ph: 6.5 }
    expect(factsOf({ ...draft, kind: 'soil', soil })).toEqual({ name: 'Lake loam', soil })
    expect(factsOf({ ...draft, kind: 'mix' })).toEqual({ name: 'Lake loam', mix: draft.mix })
    expect(factsOf({ ...draft, kind: 'plain' })).toEqual({
      name: 'Lake loam',
      plain: { matter: 'WOODY', fromMm: 2, toMm: 8 },
    })
  })

  it('leave open what is not known', () => {
    const draft = emptyDraft()
    const facts = factsOf({ ...draft, kind: 'plain', plain: { ...draft.plain, ph: 6, natures: ['FED'] } })
    expect(facts.plain).toEqual({ matter: 'WOODY', fromMm: 2, toMm: 8, ph: 6, natures: ['FED'] })
  })

  it('come back as they were stored', () => {
    const facts = {
      name: 'Crushed tile',
      plain: {
        matter: 'POROUS_STONE' as const,
        fromMm: 2,
        toMm: 6,
        gPerL: 900,
        drain: { heightCm: 10, airPercent: 40, waterPercent: 20 },
      },
    }
    expect(factsOf(draftOf('own_tile', facts))).toEqual(facts)
    const mix = {
      name: 'M',
      mix: { parts: [{ materialId: 'peat', amount: 2 }], certainty: 'KNOWN' as const, fed: true },
    }
    expect(factsOf(draftOf('own_m', mix))).toEqual(mix)
  })

  it('can be written to although the facts cannot', () => {
    const facts = readonly({
      name: 'M',
      mix: { parts: [{ materialId: 'peat', amount: 2 }], certainty: 'KNOWN' as const, fed: false },
    })
    const draft = draftOf('own_m', facts as OwnMaterialFacts)
    draft.mix.parts = [...draft.mix.parts, { materialId: 'loam', amount: 1 }]
    expect(factsOf(draft).mix?.parts).toHaveLength(2)
    expect(facts.mix.parts).toHaveLength(1)
  })

  it('say what is missing', () => {
    expect(missing(emptyDraft())).toContain('at least one material')
    expect(missing({ ...emptyDraft(), kind: 'soil' })).toContain('three heights')
    expect(missing({ ...emptyDraft(), kind: 'plain' })).toBeUndefined()
  })
})
