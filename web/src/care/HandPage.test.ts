import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Hand } from '@/api/types'
import { stubServer, surroundings } from '@/testing/stubbedServer'
import HandPage from './HandPage.vue'

const hand: Hand = {
  says: 'you say every 6 days; it is every 9 days, mostly 8 to 10 (17 waterings)',
  places: [
    { place: 'stair', everyDays: 9.2, lowDays: 8, highDays: 10, waterings: 17, says: 'you say every 6 days' },
    { everyDays: 2.5, lowDays: 1.5, highDays: 4, waterings: 5, says: 'as said' },
  ],
  misfitsInAll: 3,
  misfits: [
    {
      id: 'p1',
      label: 'Fern, stair',
      place: 'stair',
      says: 'wants water after 4 days and gets it every 9 days: too seldom',
      ways: ['another mix'],
    },
  ],
}
const open = async (answer: Hand) => {
  stubServer({
    'GET /api/hand': answer,
    'GET /api/hand/p1/ways': { ways: ['in plastic of the same size it would want water after 8 days'] },
  })
  const view = mount(HandPage, { global: surroundings() })
  await flushPromises()
  return view
}

describe('the hand', () => {
  it('says what is done against what is said, place by place', async () => {
    const view = await open(hand)
    expect(view.find('.says').text()).toContain('every 9 days')
    const rows = view.findAll('tbody tr').map((row) => row.text())
    expect(rows[0]).toMatch(/stair.*9 d.*8–10.*17/s)
    expect(rows[1]).toMatch(/elsewhere.*2\.5 d/s)
  })

  it('names pots that do not fit, with ways out, and how many more there are', async () => {
    const view = await open(hand)
    const article = view.get('article')
    expect(article.get('a').attributes('href')).toBe('/pots/p1')
    expect(article.findAll('li').map((each) => each.text())).toEqual([
      'in plastic of the same size it would want water after 8 days',
      'another mix',
    ])
    expect(view.text()).toContain('2 more come once these are seen to.')
  })

  it('says so while nothing is known, and where all fit', async () => {
    const view = await open({ places: [], misfits: [], misfitsInAll: 0 })
    expect(view.text()).toContain('Nothing is known yet')
    expect(view.text()).toContain('All of them get water')
  })
})
