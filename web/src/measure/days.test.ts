import { describe, expect, it } from 'vitest'
import { agoWords, daysBetween, inWords, longDate, todayHere } from './days'

describe('days', () => {
  it('are counted by the calendar, over months and clock changes', () => {
    expect(daysBetween('2026-02-27', '2026-03-02')).toBe(3)
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2)
    expect(daysBetween('2026-03-02', '2026-03-01')).toBe(-1)
  })

  it('are said in words', () => {
    expect([inWords(-1), inWords(0), inWords(1), inWords(4)]).toEqual([
      'today',
      'today',
      'tomorrow',
      'in 4 days',
    ])
    expect([agoWords(0), agoWords(1), agoWords(9)]).toEqual(['today', 'yesterday', '9 days ago'])
    expect(longDate('2026-11-23')).toContain('23 November')
    expect(todayHere()).toMatch(/^\d{4}-\d\d-\d\d$/)
  })
})
