import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Places, Portrait, Pot, Potting } from '@/api/types'
import { notices } from '@/parts/notices'
import { placing, plainSetUp, potting } from '@/testing/pots'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import PotPage from './PotPage.vue'

const clay: Pot = {
  shape: 'ROUND',
  topCm: 14,
  bottomCm: 10,
  heightCm: 13,
  wall: 'CLAY',
  base: 'ON_FEET',
  baseCm: 0,
  layerCm: 2,
  layerMaterialId: 'pebbles',
}

const portrait = (change: Partial<Portrait> = {}): Portrait => ({
  potting: potting('p1', {
    label: 'Fern, stair',
    brief: { plantId: 'fern', stage: 'ESTABLISHED', pot: clay } as Potting['brief'],
  }),
  recipe: { measure: 'PARTS', parts: [{ materialId: 'peat', amount: 3 }], doses: [] },
  today: '2026-11-27',
  section: {
    fillCm: 12,
    settledCm: 11,
    underMixCm: 2,
    layerName: 'Pebbles',
    wetFootCm: 2.4,
    mixLitres: 1.2,
    slices: [
      { fromCm: 2, toCm: 7, water: 0.7, air: 0.1 },
      { fromCm: 7, toCm: 12, water: 0.5, air: 0.3 },
    ],
    wateredKg: 1.9,
    wantsKg: 1.5,
    dryKg: 1.1,
    days: 3.4,
    lowDays: 2,
    highDays: 5,
    wantsShare: 0.55,
    curves: [
      {
        wall: 'CLAY',
        own: true,
        left: [1, 0.8, 0.6, 0.45, 0.3],
        early: [1, 0.7, 0.4, 0.2, 0.1],
        late: [1, 0.9, 0.8, 0.7, 0.6],
      },
      { wall: 'PLASTIC', own: false, left: [1, 0.9, 0.8, 0.7, 0.6], early: [], late: [] },
    ],
    fillLitres: 1.2,
    airPercent: 20,
    waterPercent: 60,
    levels: [
      {
        name: 'the mix',
        fromCm: 2,
        toCm: 12,
        litres: 1.2,
        airPercent: 20,
        waterPercent: 60,
        wetZoneCm: 2.4,
        overBreak: true,
      },
    ],
    effects: ['Pebbles: the wet foot stands 2 cm higher.'],
    seams: [],
  },
  setUp: plainSetUp,
  now: { years: 0.2, sunkCm: 0.4, airPercent: 19, airThenPercent: 20, leastAirPercent: 10 },
  given: [{ what: 'Granules, in the mix', on: '2026-05-01', grams: 6, left: 0.25, says: '25 % left' }],
  ahead: [
    { kind: 'FEED', what: 'feed', on: '2027-03-01', because: 'what the mix brought lasts about 5 months' },
  ],
  family: [],
  hint: 'It may never dry out.',
  ...change,
})
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/pottings/p1/portrait': portrait(),
    'GET /api/pottings/p1/looks': [
      { id: 'l1', lookedOn: '2026-10-20', answer: 'BONE_DRY' },
      { id: 'l2', lookedOn: '2026-11-25', answer: 'WATERED' },
    ],
    'GET /api/pottings/p1/events': [
      { id: 'e1', on: '2026-11-01', kind: 'FED', words: 'granules', amount: 2, canBeTakenBack: true },
    ],
    'GET /api/plants/fern': {},
    'POST /api/looks': {},
    'DELETE /api/pot-events/e1': {},
    'GET /api/materials': [],
    'GET /api/amendments': [],
    ...answers,
  })
  const view = mount(PotPage, {
    props: { id: 'p1' },
    global: { ...surroundings(), stubs: { LineChart: true } },
  })
  await flushPromises()
  return { view, asked }
}

describe('the page of a pot', () => {
  beforeEach(() => notices.splice(0))

  it('says in words what the drawing shows, with labels that keep apart', async () => {
    const { view } = await open()
    const drawing = view.get('svg.portrait')

    expect(drawing.attributes('aria-label')).toContain('filled to 12')
    expect(drawing.attributes('aria-label')).toContain('in a year 11')
    expect(drawing.attributes('aria-label')).toContain('wet foot, 2.4')
    const heights = drawing
      .findAll('text')
      .filter((each) => each.attributes('text-anchor') === undefined)
      .map((each) => Number(each.attributes('y')))
    heights.slice(1).forEach((y, i) => expect(y - (heights[i] ?? 0)).toBeGreaterThanOrEqual(16))
  })

  it('says how to tell that it wants water, and what was seen', async () => {
    const { view } = await open()

    expect(view.text()).toContain('under 1.5')
    expect(view.text()).toContain('It may never dry out.')
    expect(view.text()).toContain('2 looks, once bone dry')
    expect(view.findAll('.look')).toHaveLength(2)
  })

  it('takes a look, with a way back', async () => {
    const { view, asked } = await open()
    await view.get('.acts button').trigger('click')
    await flushPromises()

    expect(asked.find((each) => each.method === 'POST')?.body).toMatchObject({
      pottingId: 'p1',
      answer: 'WATERED',
    })
    expect(notices[0]?.undo).toBeDefined()
  })

  it('says what comes next, what happened, and takes a step back', async () => {
    const { view, asked } = await open()

    expect(view.text()).toContain('By its looks it dries 12 % sooner')
    expect(view.text()).toContain('what the mix brought lasts about 5 months')
    expect(view.get('.history').text()).toContain('fed, 2.0 g: granules')
    await view.get('.history button').trigger('click')
    await flushPromises()
    expect(asked.map((each) => `${each.method} ${each.path}`)).toContain('DELETE /api/pot-events/e1')
  })

  it('shows where several stand, not to be moved here', async () => {
    const places: Places = {
      spacing: 'BULBS_APART',
      ownCm: 3,
      wallCm: 1,
      pattern: 'RINGS',
      facing: 'AHEAD',
      byHand: true,
      spots: placing().spots,
    }
    const { view, asked } = await open({
      'GET /api/pottings/p1/portrait': portrait({ setUp: { ...plainSetUp, places } }),
      'POST /api/planting/placing/placed': placing({ depth: 'Necks just under the surface.' }),
    })
    await new Promise((resolve) => setTimeout(resolve, 200))
    await flushPromises()

    expect(asked.find((each) => each.path.endsWith('/placed'))?.body).toMatchObject({ places: { ownCm: 3 } })
    expect(view.findAll('.above .own')).toHaveLength(2)
    expect(view.findAll('.above [role=button]')).toHaveLength(0)
    expect(view.text()).toContain('Necks just under the surface.')
  })

  it('says why a pot cannot be drawn', async () => {
    const { view } = await open({
      'GET /api/pottings/p1/portrait': new Refusal(422, { detail: 'Its plant is not known any more.' }),
    })

    expect(view.get('[role=alert]').text()).toContain('not known any more')
  })
})
