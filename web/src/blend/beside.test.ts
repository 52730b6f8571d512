import { describe, expect, it } from 'vitest'
import { besidePath, laidOf } from './beside'

describe('blends side by side', () => {
  it('are named in the address, and at most three of them', () => {
    expect(besidePath([{ id: 'a' }, { id: 'b', version: 2 }])).toBe('/blends/beside?with=a,b@2')
    expect(laidOf('a,b@2,c,d')).toEqual([{ id: 'a' }, { id: 'b', version: 2 }, { id: 'c' }])
    expect(laidOf(undefined)).toEqual([])
    expect(laidOf('a@x')).toEqual([{ id: 'a' }])
  })
})
