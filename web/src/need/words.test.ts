import { describe, expect, it } from 'vitest'
import { everyWords, labelOf, WALLS, withArticle } from './words'

describe('words of the brief', () => {
  it('say how often', () => {
    expect(everyWords(1)).toBe('every day')
    expect(everyWords(5)).toBe('every 5 days')
    expect(everyWords(2.5)).toBe('every 2.5 days')
  })

  it('take the right article', () => {
    expect(withArticle('established fern')).toBe('an established fern')
    expect(withArticle('young fern')).toBe('a young fern')
  })

  it('name what was chosen', () => {
    expect(labelOf(WALLS, 'CLAY')).toBe('unglazed clay')
  })
})
