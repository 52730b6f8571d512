import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { notices } from '@/parts/notices'
import { potting } from '@/testing/pots'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import PotsPage from './PotsPage.vue'

const pots = [
  potting('p1', { label: 'Fern, stair' }),
  potting('p2', { label: 'Aloe', setUpKind: 'BULB_PAN' }),
  potting('p3', { label: 'Lost one', state: 'LOST' }),
]
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/pottings': { total: 3, places: [{ place: 'stair', pots: 3 }], pottings: pots },
    'GET /api/planting/kinds': [{ kind: 'BULB_PAN', name: 'bulb pan', forWhat: 'bulbs', usual: false }],
    'GET /api/blends/names': { names: [], further: false },
    'POST /api/pot-events/together': [],
    'POST /api/pot-events/together/taken-back': [],
    ...answers,
  })
  const view = mount(PotsPage, { global: { ...surroundings(), stubs: { Select: true, teleport: true } } })
  await flushPromises()
  return { view, asked }
}

describe('the pots', () => {
  beforeEach(() => {
    notices.splice(0)
    window.localStorage.clear()
  })

  it('are listed with what they are, when they are looked at, and what became of them', async () => {
    const { view } = await open()
    const rows = view.findAll('tbody tr')

    expect(rows).toHaveLength(3)
    expect(rows[0]?.text()).toContain('Fern, stair')
    expect(rows[0]?.text()).toContain('3 d (2.0–5)')
    expect(rows[1]?.text()).toContain('bulb')
    expect(rows[2]?.text().toLowerCase()).toContain('lost')
  })

  it('are told something together, with a way back', async () => {
    const { view, asked } = await open()
    const ticks = view.findAll('tbody input[type=checkbox]')
    await ticks[0]?.setValue(true)
    await ticks[1]?.setValue(true)
    expect(view.get('.together').text()).toContain('2')
    await view.get('.together button').trigger('click')
    await view.getComponent({ name: 'PotTell' }).vm.$emit('tell', { id: 'e1', kind: 'FED', on: '2026-11-27' })
    await flushPromises()
    expect(asked.find((each) => each.path === '/api/pot-events/together')?.body).toMatchObject({
      pottingIds: ['p1', 'p2'],
      event: { kind: 'FED' },
    })
    expect(view.find('.together').exists()).toBe(false)
    await notices[0]?.undo?.()
    expect(asked.find((each) => each.path.endsWith('taken-back'))?.body).toEqual({
      pottingIds: ['p1', 'p2'],
      eventId: 'e1',
    })
  })

  it('stay chosen where they could not be told', async () => {
    const { view } = await open({
      'POST /api/pot-events/together': new Refusal(422, { detail: 'One of them is not here any more.' }),
    })
    await view.get('thead input').setValue(true)
    await view.get('.together button').trigger('click')
    await view.getComponent({ name: 'PotTell' }).vm.$emit('tell', { id: 'e1', kind: 'FED', on: '2026-11-27' })
    await flushPromises()
    expect(notices[0]?.words).toContain('not here any more')
    expect(view.get('.together').text()).toContain('3')
  })

  it('can be looked through, also for those that are gone', async () => {
    const { view, asked } = await open({
      'GET /api/pottings': (one: { query: URLSearchParams }) =>
        one.query.get('gone') === 'true'
          ? { total: 0, places: [], pottings: [] }
          : { total: 3, places: [{ place: 'stair', pots: 3 }], pottings: pots },
    })
    await view.get('input[type=radio][value=gone]').setValue(true)
    await flushPromises()
    expect(asked.at(-1)?.query.get('gone')).toBe('true')
    expect(view.find('tbody').exists()).toBe(false)
    await view.get('input[type=radio][value=here]').setValue(true)
    await view.get('#pots-words').setValue('fern')
    await new Promise((resolve) => setTimeout(resolve, 250))
    await flushPromises()
    expect(asked.at(-1)?.query.get('words')).toBe('fern')
  })

  it('say where to begin when there is none', async () => {
    const { view } = await open({ 'GET /api/pottings': { total: 0, places: [], pottings: [] } })
    expect(view.text()).toContain('No pot')
  })
})
