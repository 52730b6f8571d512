import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { useKept } from './useKept'

describe('a kept value', () => {
  beforeEach(() => localStorage.clear())

  it('outlives a reload', async () => {
    const first = useKept('form', { days: 7, way: 'often' })
    first.value.days = 9
    await nextTick()

    expect(useKept('form', { days: 7, way: 'often' }).value).toEqual({ days: 9, way: 'often' })
  })

  it('fills up what an older shape lacks', () => {
    localStorage.setItem('form', '{"days":3}')

    expect(useKept('form', { days: 7, scatter: 2 }).value).toEqual({ days: 3, scatter: 2 })
  })

  it('starts over when what was kept cannot be read', () => {
    localStorage.setItem('form', '{"days":')

    expect(useKept('form', { days: 7 }).value).toEqual({ days: 7 })
  })
})
