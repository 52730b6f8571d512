import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import PriceListPanel from './PriceListPanel.vue'

const pack = { materialId: 'peat', sold: 'PRESSED_LITRES', amount: 70, swell: 1.6, price: 21 }
const list = {
  supplier: 'mainland boat',
  asOf: '2026-05-01',
  same: 4,
  unknown: ['Ballast shingle'],
  changes: [
    { id: 'p1', becomes: 'DEARER', facts: pack, materialName: 'Sphagnum peat', now: 23.5 },
    { id: 'p2', becomes: 'NEW', facts: pack, materialName: 'Zeolite', now: 8 },
    { id: 'p3', becomes: 'NO_LONGER_SOLD', facts: pack, materialName: 'Grit' },
  ],
}
const open = async (answer: unknown) => {
  const asked = stubServer({
    'GET /api/shelf/price-list': answer,
    'POST /api/shelf/price-list/take': { ...list, changes: [] },
    'GET /api/shelf': {
      count: 0,
      lowCount: 0,
      low: [],
      there: [],
      withSomeLeft: [],
      largestLitres: 0,
      sections: [],
    },
    'GET /api/shelf/offers': [],
    'GET /api/shelf/ways': [],
  })
  const view = mount(PriceListPanel, { global: surroundings() })
  await flushPromises()
  return { view, asked }
}
const press = async (view: Awaited<ReturnType<typeof open>>['view'], words: string) => {
  await view
    .findAll('button')
    .find((each) => each.text() === words)
    ?.trigger('click')
  await flushPromises()
}

describe('prices of a supplier', () => {
  it('are shown beside what is noted, and only what is ticked is taken over', async () => {
    const { view, asked } = await open(list)
    expect(view.find('table').exists()).toBe(false)
    await press(view, 'Ask for today’s prices')
    expect(view.text()).toMatch(/4 as noted, 3 others.*Sphagnum peat.*dearer.*21\.00.*23\.50/s)
    expect(view.text()).toContain('Not in the Book: Ballast shingle.')
    await view.get('form').trigger('submit')
    await flushPromises()
    const taken = asked.find((each) => each.method === 'POST')?.body as { changes: { id: string }[] }
    expect(taken.changes.map((each) => each.id)).toEqual(['p1', 'p3'])
    expect(view.find('table').exists()).toBe(false)
  })

  it('say so where there are none to be had', async () => {
    const { view } = await open(new Refusal(422, { detail: 'The supplier cannot be reached.' }))
    await press(view, 'Ask for today’s prices')
    expect(view.get('[role=alert]').text()).toContain('cannot be reached')
  })
})
