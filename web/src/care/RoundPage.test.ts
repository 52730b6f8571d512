import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Round } from '@/api/types'
import { daysAfter, todayHere } from '@/measure/days'
import { notices } from '@/parts/notices'
import { potting } from '@/testing/pots'
import { Refusal, stubServer, surroundings, type Asked } from '@/testing/stubbedServer'
import { useLookQueue } from './lookQueue'
import RoundPage from './RoundPage.vue'

const pot = (id: string, alike = id, change = {}) => ({
  potting: potting(id, { label: `Fern ${id}`, revision: 3, wantsKg: 0.41, ...change }),
  left: 0.2,
  alike,
})
const round: Round = {
  date: '2026-11-27',
  dueInAll: 4,
  places: [
    { place: 'stair', pots: [pot('p1'), pot('p2')] },
    { place: 'lantern room', pots: [pot('s1', 'stones'), pot('s2', 'stones')] },
  ],
  order: ['stair', 'lantern room'],
}
const soon = async () => {
  await new Promise((resolve) => setTimeout(resolve, 30))
  await flushPromises()
}
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/round': round,
    'POST /api/looks/several': [],
    'POST /api/looks/several/taken-back': [],
    'PUT /api/round/places': { places: [] },
    ...answers,
  })
  const view = mount(RoundPage, { global: surroundings(), attachTo: document.body })
  await soon()
  return { view, asked }
}
const sent = (asked: Asked[]) =>
  asked
    .filter((each) => each.path === '/api/looks/several')
    .map((each) => (each.body as { looks: { pottingId: string; answer: string }[] }).looks)
const press = (key: string) =>
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))

describe('the round', () => {
  beforeEach(() => {
    const queue = useLookQueue()
    ;[...queue.waiting.value, ...queue.stuck.value].forEach((each) => queue.drop(each.id))
    notices.splice(0)
    window.localStorage.clear()
    document.body.innerHTML = ''
  })

  it('goes place by place, those alike together, and says how to tell', async () => {
    const { view } = await open()
    expect(view.findAll('h2').map((each) => each.text())).toEqual(['stair', 'lantern room'])
    expect(view.findAll('.round-card')).toHaveLength(3)
    expect(view.findAll('.round-card')[2]?.text()).toContain('2 × Maidenhair fern')
    expect(view.findAll('.round-card')[0]?.text()).toContain('lift: under 410')
    await view.findAll('.round-card')[2]?.get('.links button').trigger('click')
    expect(view.findAll('.round-card')).toHaveLength(4)
  })

  it('takes an answer in one tap, with the revision that was seen and a way back', async () => {
    const { view, asked } = await open()
    await view.findAll('.round-card')[0]?.get('.answer.STILL_MOIST').trigger('click')
    await soon()
    expect(sent(asked)[0]).toMatchObject([
      { pottingId: 'p1', answer: 'STILL_MOIST', revision: 3, on: todayHere() },
    ])
    await notices[0]?.undo?.()
    expect(asked.some((each) => each.path.endsWith('taken-back'))).toBe(true)
  })

  it('takes one answer for all that are alike, and for a whole place', async () => {
    const { view, asked } = await open()
    await view.findAll('.round-card')[2]?.get('.answer.WATERED').trigger('click')
    await soon()
    expect(sent(asked)[0]?.map((each) => each.pottingId)).toEqual(['s1', 's2'])
    await view.get('button[aria-label="All watered: stair"]').trigger('click')
    await soon()
    expect(sent(asked)[1]?.map((each) => each.pottingId)).toEqual(['p1', 'p2'])
  })

  it('is walked by keys', async () => {
    const { view, asked } = await open()
    press('ArrowDown')
    await soon()
    expect(view.get('.round-card.at').text()).toContain('Fern p2')
    press('3')
    await soon()
    expect(sent(asked)[0]).toMatchObject([{ pottingId: 'p2', answer: 'BONE_DRY' }])
  })

  it('can still tell of yesterday', async () => {
    const { view, asked } = await open()
    await view.get('input[type=radio][value=yesterday]').setValue(true)
    await view.findAll('.round-card')[0]?.get('.answer.WATERED').trigger('click')
    await soon()
    expect(sent(asked)[0]).toMatchObject([{ on: daysAfter(todayHere(), -1) }])
  })

  it('swipes on a phone: right is watered, left is still moist', async () => {
    const { view, asked } = await open()
    const card = view.findAll('.round-card')[0]
    const touch = (x: number) => ({ touches: [{ clientX: x, clientY: 10 }] })
    await card?.trigger('touchstart', touch(200))
    await card?.trigger('touchmove', touch(60))
    await card?.trigger('touchend')
    await soon()
    expect(sent(asked)[0]).toMatchObject([{ pottingId: 'p1', answer: 'STILL_MOIST' }])
    const next = view.findAll('.round-card')[0]
    await next?.trigger('touchstart', touch(60))
    await next?.trigger('touchmove', touch(90))
    await next?.trigger('touchend')
    await soon()
    expect(sent(asked)).toHaveLength(1)
  })

  it('keeps answers without network, in order, and sends each once', async () => {
    let reached = false
    const { view, asked } = await open({
      'POST /api/looks/several': () => {
        if (!reached) {
          throw new TypeError('no network')
        }
        return []
      },
    })
    await view.findAll('.round-card')[0]?.get('.answer.WATERED').trigger('click')
    await soon()
    await view.findAll('.round-card')[0]?.get('.answer.STILL_MOIST').trigger('click')
    await soon()
    expect(view.text()).toContain('2 answers are kept here')
    expect(JSON.parse(window.localStorage.getItem('loose-knit.looks') ?? '[]')).toHaveLength(2)
    reached = true
    window.dispatchEvent(new Event('online'))
    await soon()
    const through = sent(asked).slice(-2)
    expect(through.map((looks) => looks[0]?.pottingId)).toEqual(['p1', 'p2'])
    expect(view.text()).not.toContain('kept here')
    expect(window.localStorage.getItem('loose-knit.looks')).toBe('[]')
  })

  it('takes an answer back that was never sent', async () => {
    const { view, asked } = await open({
      'POST /api/looks/several': () => {
        throw new TypeError('no network')
      },
    })
    await view.findAll('.round-card')[0]?.get('.answer.WATERED').trigger('click')
    await soon()
    await notices.at(-1)?.undo?.()
    await soon()
    expect(useLookQueue().waiting.value).toHaveLength(0)
    expect(asked.some((each) => each.path.endsWith('taken-back'))).toBe(false)
    expect(view.findAll('.round-card')).toHaveLength(3)
  })

  it('asks what is to stand where somebody else told something meanwhile', async () => {
    const { view, asked } = await open({
      'POST /api/looks/several': (one: Asked) =>
        (one.body as { looks: { revision?: number }[] }).looks[0]?.revision === undefined
          ? []
          : new Refusal(409, { detail: 'The pot has changed.', current: {} }),
    })
    await view.findAll('.round-card')[0]?.get('.answer.WATERED').trigger('click')
    await soon()
    expect(view.get('[role=alert]').text()).toContain('Somebody told something of it meanwhile.')
    await view.get('[role=alert] button').trigger('click')
    await soon()
    expect(sent(asked)).toHaveLength(2)
    expect(view.find('[role=alert]').exists()).toBe(false)
  })

  it('lets the others through where one of a place is refused', async () => {
    const { view, asked } = await open({
      'POST /api/looks/several': (one: Asked) =>
        (one.body as { looks: { pottingId: string }[] }).looks.some((look) => look.pottingId === 'p2')
          ? new Refusal(422, { detail: 'Fern p2 was lent meanwhile.' })
          : [],
    })
    await view.get('button[aria-label="All watered: stair"]').trigger('click')
    await soon()
    expect(sent(asked).map((looks) => looks.map((look) => look.pottingId))).toEqual([
      ['p1', 'p2'],
      ['p1'],
      ['p2'],
    ])
    expect(view.findAll('[role=alert]')).toHaveLength(1)
    expect(view.get('[role=alert]').text()).toContain('Not sent: Fern p2.')
  })

  it('keeps one list with another window', async () => {
    const { view } = await open({
      'POST /api/looks/several': () => {
        throw new TypeError('no network')
      },
    })
    await view.findAll('.round-card')[0]?.get('.answer.WATERED').trigger('click')
    await soon()
    const mine = JSON.parse(window.localStorage.getItem('loose-knit.looks') ?? '[]') as { looks: object[] }[]
    const theirs = [{ ...mine[0], id: 'theirs', looks: [{ id: 'x', pottingId: 'p2', answer: 'WATERED' }] }]
    window.localStorage.setItem('loose-knit.looks', JSON.stringify([...mine, ...theirs]))
    window.dispatchEvent(new StorageEvent('storage', { key: 'loose-knit.looks' }))
    await view.findAll('.round-card')[0]?.get('.answer.SKIPPED').trigger('click')
    await soon()
    expect(JSON.parse(window.localStorage.getItem('loose-knit.looks') ?? '[]')).toHaveLength(3)
  })

  it('says why an answer is refused, and drops it only when told', async () => {
    const { view } = await open({
      'POST /api/looks/several': new Refusal(422, { detail: 'Fern p1 was lent meanwhile.' }),
    })
    await view.findAll('.round-card')[0]?.get('.answer.WATERED').trigger('click')
    await soon()
    expect(view.get('[role=alert]').text()).toContain('Fern p1 was lent meanwhile.')
    await view.get('[role=alert] button').trigger('click')
    expect(useLookQueue().stuck.value).toHaveLength(0)
  })

  it('shows the round as it was where the server cannot be reached', async () => {
    await open()
    vi.unstubAllGlobals()
    const { view } = await open({
      'GET /api/round': () => {
        throw new TypeError('no network')
      },
    })
    await vi.waitFor(() => expect(view.text()).toContain('this is the round as it was at'), 4000)
    expect(view.findAll('.round-card')).toHaveLength(3)
  })

  it('puts places into the order in which they are walked', async () => {
    const { view, asked } = await open()
    await view.get('button[aria-label="lantern room: earlier"]').trigger('click')
    await soon()
    expect(asked.find((each) => each.method === 'PUT')?.body).toEqual({ places: ['lantern room', 'stair'] })
  })

  it('takes a weight along with the answer, and marks what it suggests', async () => {
    const { view, asked } = await open({
      'POST /api/pottings/p1/scale': { grams: 548, left: 0.3, suggests: 'WATERED', says: '30 % is left' },
    })
    const card = view.findAll('.round-card')[0]
    const press = async (words: string) => {
      await card
        ?.findAll('button')
        .find((each) => each.text().startsWith(words))
        ?.trigger('click')
      await soon()
    }
    await press('Weigh')
    await press('Put it on the scale')
    expect(card?.text()).toContain('30 % is left')
    expect(card?.get('.suggested').text()).toBe('Watered')
    await press('Still moist')
    const looks = asked.find((each) => each.path === '/api/looks/several')?.body as {
      looks: { grams?: number; answer: string }[]
    }
    expect(looks.looks[0]).toMatchObject({ grams: 548, answer: 'STILL_MOIST' })
  })

  it('says what is wrong with a weight', async () => {
    const { view } = await open({
      'POST /api/pottings/p1/weight': new Refusal(422, {
        detail: 'The weight is -2. Allowed: 1 to 500000 g.',
      }),
    })
    const card = view.findAll('.round-card')[0]
    await card
      ?.findAll('button')
      .find((each) => each.text() === 'Weigh')
      ?.trigger('click')
    await card?.get('#weight-p1').setValue('-2')
    await card
      ?.findAll('button')
      .find((each) => each.text() === 'What does that say?')
      ?.trigger('click')
    await soon()
    expect(card?.get('[role=alert]').text()).toContain('The weight is -2')
    expect(card?.find('.suggested').exists()).toBe(false)
  })
})
