import { describe, expect, it } from 'vitest'
import { NO_WISHES, tidyWishes, wishWords } from './wishes'

describe('wishes', () => {
  it('read as part of a sentence', () => {
    expect(wishWords(undefined)).toBe('')
    expect(wishWords({ ...NO_WISHES, fibre: 'NO_PEAT' })).toBe('without peat')
    expect(wishWords({ ...NO_WISHES, fibre: 'NO_PEAT', light: true, lifeYears: 3 })).toBe(
      'without peat, light and lasting 3 years',
    )
    expect(wishWords({ ...NO_WISHES, mostMaterials: 1, lifeYears: 1 })).toBe(
      'of one material and lasting 1 year',
    )
    expect(wishWords({ ...NO_WISHES, drainageLayer: false })).toBe('without a drainage layer')
  })

  it('are not stored when there is none', () => {
    expect(tidyWishes({ ...NO_WISHES, fibre: 'EITHER' })).toBeUndefined()
    expect(tidyWishes({ ...NO_WISHES, cheap: true })).toEqual({ ...NO_WISHES, cheap: true })
  })
})
