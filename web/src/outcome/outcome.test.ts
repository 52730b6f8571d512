import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Fared } from '@/api/types'
import { notices } from '@/parts/notices'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import AskAfter from './AskAfter.vue'
import OutcomePage from './OutcomePage.vue'

const group = (key: string, change: Partial<Fared> = {}): Fared => ({
  key,
  name: `Blend ${key}`,
  plants: 12,
  lost: 1,
  afterAYear: { days: 365, share: 0.92, low: 0.7, high: 0.98 },
  curve: [
    { days: 0, share: 1, low: 0.75, high: 1 },
    { days: 365, share: 0.92, low: 0.7, high: 0.98 },
  ],
  pace: { pots: 10, mean: 0.9, low: 0.8, high: 1.01 },
  thriving: 3,
  fair: 1,
  poor: 0,
  flowered: 0,
  few: false,
  ...change,
})
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/outcomes': [
      group('a'),
      group('b', { plants: 3, few: true, lost: 0, thriving: 0, fair: 0 }),
      { ...group('c'), afterAYear: undefined, pace: undefined },
    ],
    'GET /api/outcomes/comparison': {
      days: 365,
      difference: 0.1,
      low: -0.1,
      high: 0.3,
      chiSquare: 1.2,
      p: 0.27,
      words: ['No winner: the difference lies between -10 % and 30 %.'],
    },
    ...answers,
  })
  const view = mount(OutcomePage, { global: { ...surroundings(), stubs: { LineChart: true } } })
  await flushPromises()
  return { view, asked }
}

describe('what did well', () => {
  beforeEach(() => notices.splice(0))

  it('says shares with their ranges, and that few are few', async () => {
    const { view } = await open()
    const rows = view.findAll('tbody tr').map((each) => each.text())
    expect(rows[0]).toContain('92 % (70 to 98)')
    expect(rows[0]).toContain('90 % of the days reckoned (80 to 101, 10 pots)')
    expect(rows[0]).toContain('3 well, 1 fairly, 0 poorly')
    expect(rows[1]).toContain('few')
    expect(rows[2]).toContain('none watched for a year yet')
    expect(rows[2]).toContain('too few looks')
  })

  it('lays two side by side, and names no winner where the range covers none', async () => {
    const { view, asked } = await open()
    const ticks = view.findAll('tbody input')
    await ticks[0]?.setValue(true)
    await ticks[1]?.setValue(true)
    await flushPromises()
    const query = asked.find((each) => each.path.endsWith('/comparison'))?.query
    expect([query?.get('by'), query?.get('one'), query?.get('other')]).toEqual(['BLEND', 'a', 'b'])
    expect(view.get('.compared').text()).toContain('No winner')
    expect(view.get('.compared').text()).toContain('between -10 and 30')
    await ticks[2]?.setValue(true)
    await flushPromises()
    expect(asked.at(-1)?.query.get('one')).toBe('b')
  })

  it('is put together otherwise, and forgets what was chosen', async () => {
    const { view, asked } = await open()
    await view.findAll('tbody input')[0]?.setValue(true)
    await view.get('input[type=radio][value=PLACE]').setValue(true)
    await flushPromises()
    expect(asked.at(-1)?.query.get('by')).toBe('PLACE')
    expect(view.findAll('tr.on')).toHaveLength(0)
  })

  it('says where to begin, and why nothing can be shown', async () => {
    expect((await open({ 'GET /api/outcomes': [] })).view.text()).toContain('No pot has been watched yet.')
    const { view } = await open({ 'GET /api/outcomes': new Refusal(500, { detail: 'Broken.' }) })
    expect(view.get('[role=alert]').text()).toContain('Broken.')
  })
})

describe('how a plant does', () => {
  it('is asked after in one tap, with a way back', async () => {
    notices.splice(0)
    const asked = stubServer({
      'GET /api/outcomes/to-ask': [{ id: 'p1', label: 'Fern', blendName: 'Stair fern' }],
      'POST /api/pottings/p1/events': {},
      'DELETE /api/pot-events/x': {},
    })
    const view = mount(AskAfter, { global: surroundings() })
    await flushPromises()
    await view.findAll('.answers button')[0]?.trigger('click')
    await flushPromises()
    expect(asked.find((each) => each.method === 'POST')?.body).toMatchObject({ kind: 'THRIVING' })
    expect(notices[0]?.words).toBe('Fern: does well.')
    expect(notices[0]?.undo).toBeDefined()
  })
})
