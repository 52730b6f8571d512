import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Mixing, MixStep, Tap } from '@/api/types'
import { notices } from '@/parts/notices'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import MixPage from './MixPage.vue'
import PreparePage from './PreparePage.vue'
import { scoopWords } from './scoops'

const step = (thingId: string, change: Partial<MixStep> = {}): MixStep => ({
  load: 1,
  turn: 'WET_BASE',
  because: 'The damp base comes first.',
  thingId,
  name: thingId === 'peat' ? 'Peat' : 'Perlite',
  weighed: false,
  scoops: 2.5,
  grams: 0,
  done: 0,
  over: false,
  ...change,
})
const recipe = (peat: number) => ({
  measure: 'PARTS' as const,
  parts: [{ materialId: 'peat', amount: peat }],
  doses: [],
})
const mixing = (change: Partial<Mixing> = {}): Mixing => ({
  id: 'b1',
  revision: 1,
  lot: '2026-11-27-1',
  blendName: 'Cellar mix',
  versionNumber: 2,
  blendId: 'bl1',
  taps: 0,
  loads: 2,
  scoopLitres: 0.5,
  tubLitres: 20,
  steps: [step('peat'), step('perlite', { turn: 'DUSTY', scoops: 1 })],
  next: 0,
  stopped: false,
  mostOffPercent: 0.4,
  madeLitres: 0,
  sheet: recipe(5),
  differs: false,
  back: [],
  tasks: [
    { key: 'guard-DUST', says: 'Mask on.', minutes: [] },
    { key: 'swell-coir', says: 'Swell the brick.', materialId: 'coir', minutes: [10, 40] },
  ],
  ...change,
})
/** A server that stores taps as the real one does: each id once, whatever it is asked. */
const server = (start: Partial<Mixing> = {}, answers: Record<string, unknown> = {}) => {
  const stored = new Map<string, Tap>()
  const state = () => {
    const done = [...stored.values()].reduce(
      (sum, tap) => sum + (tap.kind === 'SCOOPED' ? (tap.amount ?? 0) : 0),
      0,
    )
    return mixing({ steps: [step('peat', { done }), step('perlite')], taps: stored.size, ...start })
  }
  const asked = stubServer({
    'GET /api/batches/b1/mixing': state,
    'POST /api/batches/b1/mixing/taps': ({ body }: { body: Tap }) => {
      stored.set(body.id, body)
      return state()
    },
    'GET /api/batches/b1': { brief: { stage: 'ESTABLISHED' } },
    'GET /api/materials': [],
    'GET /api/amendments': [],
    ...answers,
  })
  return { asked, stored }
}
const open = async (page: object) => {
  const view = mount(page as never, {
    props: { id: 'b1' } as never,
    global: surroundings(),
    attachTo: document.body,
  })
  await flushPromises()
  const press = async (label: string) => {
    await view
      .findAll('button')
      .find((each) => each.text() === label || each.attributes('aria-label') === label)
      ?.trigger('click')
    await flushPromises()
  }
  return { view, press }
}
const kinds = (asked: { path: string; body: unknown }[]) =>
  asked.filter((each) => each.path.endsWith('/taps')).map((each) => (each.body as Tap).kind)

beforeEach(() => {
  localStorage.clear()
  notices.splice(0)
  document.body.innerHTML = ''
  vi.stubGlobal('EventSource', undefined)
})

describe('scoops in words', () => {
  it.each([
    [2.5, '2½'],
    [0.75, '¾'],
    [3, '3'],
    [0, '0'],
  ])('%s is %s', (count, words) => expect(scoopWords(count)).toBe(words))
})

describe('at the tub', () => {
  it('says one thing to do, and counts scoop by scoop, the last as small as it is', async () => {
    const { stored } = server()
    const { view, press } = await open(MixPage)
    expect(view.get('.huge').text()).toContain('2½ scoops')
    expect(view.get('.where').text()).toContain('Load 1 of 2')
    await press('Next scoop is in')
    await press('Next scoop is in')
    expect(view.text()).toContain('2 of 2½ in')
    await press('½ scoop is in')
    expect([...stored.values()].map((each) => each.amount)).toEqual([1, 1, 0.5])
  })

  it('never counts one too many of quick taps', async () => {
    const { stored } = server()
    const { view } = await open(MixPage)
    const button = view.findAll('button').find((each) => each.text() === 'Next scoop is in')
    for (let i = 0; i < 6; i++) {
      void button?.trigger('click')
      await Promise.resolve()
    }
    await flushPromises()
    expect([...stored.values()].map((each) => each.amount)).toEqual([1, 1, 0.5])
  })

  it('takes back, gives up what ran out, and leaves off', async () => {
    const { asked } = server({ lastTapId: 't9' })
    const { press } = await open(MixPage)
    await press('Undo')
    await press('It ran out')
    await press('Leave off here')
    expect(kinds(asked)).toEqual(['UNDONE', 'RAN_OUT', 'STOPPED'])
  })

  it('keeps what cannot be sent, and sends it with the same id when it can', async () => {
    let down = true
    const stored = new Map<string, Tap>()
    stubServer({
      'GET /api/batches/b1/mixing': mixing(),
      'GET /api/batches/b1': { brief: { stage: 'ESTABLISHED' } },
      'GET /api/materials': [],
      'GET /api/amendments': [],
      'POST /api/batches/b1/mixing/taps': ({ body }: { body: Tap }) => {
        if (down) {
          return new Refusal(503, { detail: 'not now' })
        }
        stored.set(body.id, body)
        return mixing({ taps: 1 })
      },
    })
    const first = await open(MixPage)
    await first.press('Next scoop is in')
    expect(first.view.get('[role=status]').text()).toContain('1 tap is not sent yet')
    first.view.unmount()
    down = false
    await open(MixPage)
    await flushPromises()
    expect(stored.size).toBe(1)
    expect(JSON.parse(localStorage.getItem('loose-knit.taps.b1') ?? '{}')).toEqual({ taps: [] })
  })

  it('says what a refused tap was refused for, and goes on', async () => {
    server(
      {},
      { 'POST /api/batches/b1/mixing/taps': new Refusal(422, { detail: 'Scoops come in quarters.' }) },
    )
    const { press } = await open(MixPage)
    await press('Next scoop is in')
    expect(notices.at(-1)?.words).toContain('Scoops come in quarters.')
    expect(localStorage.getItem('loose-knit.taps.b1')).toContain('[]')
  })

  it('shows what a slip does and what brings it back', async () => {
    const reading = (value: number) => ({
      readings: [
        { quality: 'AIR', label: 'Air after draining', value, decimals: 0, unit: '%', words: 'still fits' },
      ],
    })
    let made = true
    const { stored } = server(
      {
        differs: true,
        made: recipe(6),
        next: undefined as never,
        back: [
          { load: 1, thingId: 'perlite', name: 'Perlite', scoops: 0.75, grams: 0 },
          { load: 1, thingId: 'lime', name: 'Lime', scoops: 0, grams: 2 },
        ],
      },
      { 'POST /api/evaluate': () => reading((made = !made) ? 50 : 51) },
    )
    const { view } = await open(MixPage)
    await vi.waitFor(() => expect(view.get('.slip').text()).toContain('50 → 51 %: still fits'))
    expect(view.get('.back').text()).toContain('add ¾ scoop of perlite')
    expect(view.get('.huge').text()).toBe('All is in.')
    for (const way of view.findAll('.back button')) {
      await way.trigger('click')
    }
    await flushPromises()
    expect(
      [...stored.values()].map(({ kind, load, thingId, amount }) => [kind, load, thingId, amount]),
    ).toEqual([
      ['SCOOPED', 1, 'perlite', 0.75],
      ['WEIGHED', 1, 'lime', 2],
    ])
  })
})

describe('before mixing', () => {
  it('ticks off and takes back, and counts down a wait that began on another device', async () => {
    const begunAt = new Date(Date.now() - 60_000).toISOString()
    const { asked } = server({
      tasks: [
        { key: 'guard-DUST', says: 'Mask on.', minutes: [], tickedBy: 't1' },
        { key: 'swell-coir', says: 'Swell the brick.', minutes: [10, 40], begunAt, begunMinutes: 10 },
      ],
    })
    const { view, press } = await open(PreparePage)
    expect(view.get('[role=timer]').text()).toMatch(/^(9:00|8:5\d)$/)
    expect(view.text()).toContain('1 thing is open')
    for (const box of view.findAll('input[type=checkbox]')) {
      await box.trigger('change')
    }
    await press('40 min in cold')
    expect(kinds(asked)).toEqual(['UNDONE', 'TICKED', 'BEGUN'])
  })
})
