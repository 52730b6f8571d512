import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { LeavePot } from '@/api/types'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import LeavePage from './LeavePage.vue'

const pot = (id: string, change: Partial<LeavePot> = {}): LeavePot => ({
  id,
  label: `Fern ${id}`,
  place: 'stair',
  expectedDays: 4,
  end: 'DRY',
  wants: 1,
  visitEveryDays: 4,
  helps: ['Water it through.', 'Somebody who comes every 4 days.'],
  wantsKg: 0.82,
  leafSign: 'Fronds lose their tension.',
  ...change,
})
const open = async (pots: LeavePot[], answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/leave': { back: '2026-12-09', pots },
    ...answers,
  })
  const view = mount(LeavePage, { global: surroundings() })
  await flushPromises()
  return { view, asked }
}

describe('away for some days', () => {
  it('says who will not make it, what helps, and lists it for who looks after them', async () => {
    const { view } = await open([
      pot('a'),
      pot('b', { end: 'THIRSTY', wants: 0.6, visitEveryDays: 0, helps: ['Water it through.'] }),
      pot('c', { end: 'WAITS', wants: 0.01, visitEveryDays: 0 }),
    ])
    expect(view.text()).toContain('2 pots will want water before.')
    expect(view.findAll('.ends h2').map((each) => each.text())).toEqual([
      'Will be bone dry 1',
      'Will be thirsty 1',
      'Wait until you are back 1',
    ])
    expect(view.text()).toContain('in 60 of 100 cases before you are back')
    const list = view.get('.list').text()
    expect(list).toContain('every 4 d')
    expect(list).toContain('under 820')
    expect(list).not.toContain('Fern b')
  })

  it('says that nobody has to come', async () => {
    const { view } = await open([pot('c', { end: 'WAITS', wants: 0.01, visitEveryDays: 0 })])
    expect(view.text()).toContain('All of them wait until you are back.')
    expect(view.text()).toContain('Nobody has to come.')
  })

  it('says what is wrong with a leave that is none', async () => {
    const { view } = await open([], {
      'GET /api/leave': new Refusal(400, { detail: 'days: 1 to 120' }),
    })
    expect(view.get('[role=alert]').text()).toContain('1 to 120')
  })
})
