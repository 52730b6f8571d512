import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { MARKS, stitchOf } from './stitches'

const table = readFileSync('../core/src/main/resources/looseknit/core/material/materials.csv', 'utf8')
const ids = table
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => line.split(',')[0] ?? '')
  .filter((id) => id !== 'humus')

describe('stitches', () => {
  it('there is one of its own for every material of the Book', () => {
    const seen = new Set(ids.map((id) => `${stitchOf(id).colour} ${stitchOf(id).mark}`))
    expect(ids.length).toBeGreaterThan(20)
    expect(seen.size).toBe(ids.length)
    expect(ids.filter((id) => stitchOf(id) === stitchOf('not in the Book'))).toEqual([])
  })

  it('every mark but the plain one is drawn', () => {
    for (const [mark, path] of Object.entries(MARKS)) {
      expect(path === '', mark).toBe(mark === 'plain')
    }
  })
})
