import { describe, expect, it } from 'vitest'
import { merge } from './merge'

const base = { name: 'Cellar mix', recipe: { parts: [1, 2], scoop: 1 }, note: 'old' }

describe('two changes of one thing', () => {
  it('go together where they touch different fields, however deep', () => {
    expect(
      merge(
        base,
        { ...base, recipe: { parts: [1, 3], scoop: 1 } },
        { ...base, recipe: { parts: [1, 2], scoop: 2 } },
      ),
    ).toEqual({ ...base, recipe: { parts: [1, 3], scoop: 2 } })
  })
  it('are told apart where they touch the same field, and a list is one field', () => {
    expect(merge(base, { ...base, name: 'Mine' }, { ...base, name: 'Theirs' })).toBeUndefined()
    expect(
      merge(
        base,
        { ...base, recipe: { ...base.recipe, parts: [9, 2] } },
        { ...base, recipe: { ...base.recipe, parts: [1, 9] } },
      ),
    ).toBeUndefined()
  })
  it('are one where both changed the same to the same', () => {
    expect(merge(base, { ...base, note: 'new' }, { ...base, note: 'new', name: 'Theirs' })).toEqual({
      ...base,
      note: 'new',
      name: 'Theirs',
    })
  })
  it('keep what was taken out and what was put in', () => {
    const more: { a?: number; b?: number; c?: number } = { a: 1, b: 2 }
    expect(merge(more, { b: 2 }, { a: 1, b: 2, c: 3 })).toEqual({ b: 2, c: 3 })
  })
})
