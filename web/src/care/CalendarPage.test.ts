import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { notices } from '@/parts/notices'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import CalendarPage from './CalendarPage.vue'

const calendar = {
  today: '2026-11-27',
  pots: 3,
  reckoned: 2,
  entries: [
    { kind: 'FEED', on: '2026-11-27', subject: 'p1', label: 'Fern', what: 'feed', because: 'five months' },
    { kind: 'FEED', on: '2026-11-27', subject: 'p3', label: 'Ivy', what: 'feed', because: 'five months' },
    { kind: 'BATCH_TEST', on: '2026-11-28', subject: 'b1', label: 'Stair fern, lot 2' },
    { kind: 'REPOT', on: '2026-11-28', subject: 'p2', label: 'Lily', what: 'repot', because: 'roots' },
    { kind: 'TROUBLE', on: '2026-11-28', subject: 'p2', label: 'Lily', what: 'too wet' },
  ],
}
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/calendar': calendar,
    'POST /api/pot-events/together': [],
    'POST /api/pot-events/together/taken-back': [],
    ...answers,
  })
  const view = mount(CalendarPage, { global: surroundings() })
  await flushPromises()
  return { view, asked }
}

describe('what else is due', () => {
  beforeEach(() => notices.splice(0))

  it('is said day by day with its reason and where to go', async () => {
    const { view } = await open()
    expect(view.findAll('h2').map((each) => each.text())).toEqual([
      expect.stringContaining('today'),
      expect.stringContaining('tomorrow'),
    ])
    expect(view.text()).toContain('five months')
    expect(view.text()).toContain('see how it does: too wet')
    expect(view.text()).toContain('2 of 3 pots are reckoned')
    expect(view.get('a[href="/pots/p2?open=REPOTTED"]').text()).toBe('Repot')
    expect(view.find('a[href="/batches/b1/test"]').exists()).toBe(true)
    expect(view.get('.ways a').attributes('href')).toContain('/api/calendar.ics')
  })

  it('is told as done, with a way back', async () => {
    const { view, asked } = await open()
    await view.get('button[aria-label="Fed: 2 pots"]').trigger('click')
    await flushPromises()
    expect(asked.find((each) => each.method === 'POST')?.body).toMatchObject({
      pottingIds: ['p1', 'p3'],
      event: { kind: 'FED' },
    })
    await notices[0]?.undo?.()
    expect(asked.some((each) => each.path.endsWith('taken-back'))).toBe(true)
  })

  it('is asked for as far ahead as wanted', async () => {
    const { view, asked } = await open()
    await view.get('input[type=radio][value="365"]').setValue(true)
    await flushPromises()
    expect(asked.at(-1)?.query.get('days')).toBe('365')
  })

  it('says that nothing is due, and why it cannot tell', async () => {
    expect((await open({ 'GET /api/calendar': { ...calendar, entries: [] } })).view.text()).toContain(
      'Nothing is due in this time.',
    )
    const { view } = await open({ 'GET /api/calendar': new Refusal(500, { detail: 'Broken.' }) })
    expect(view.get('[role=alert]').text()).toContain('Broken.')
  })
})
