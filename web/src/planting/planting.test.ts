import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import type { Asked, Places, Pot, SetUp } from '@/api/types'
import { notices } from '@/parts/notices'
import { spread } from '@/parts/spread'
import { placing, plainSetUp, pot, section, usual } from '@/testing/pots'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import { figureOf, HIGH, piecesOf, type Figure } from './figures'
import { handy, lieOf, linesOf } from './geometry'
import NewcomerPanel from './NewcomerPanel.vue'
import PlacingPanel from './PlacingPanel.vue'
import PotDrawing from './PotDrawing.vue'
import PotStep from './PotStep.vue'
import RootsStep from './RootsStep.vue'
import SetUpFields from './SetUpFields.vue'
import TemplateChooser from './TemplateChooser.vue'
import { useSeams } from './useSeams'
import { holedAs } from './useUsual'
import WorkStep from './WorkStep.vue'

const setUp = (change: Partial<SetUp> = {}): SetUp => ({
  ...plainSetUp,
  beds: [
    {
      name: 'grit',
      depthCm: 2,
      recipe: { measure: 'PARTS', parts: [{ materialId: 'grit_3_6', amount: 1 }], doses: [] },
    },
  ],
  ball: { widthCm: 10, heightCm: 9, aboveCm: 0 },
  dressing: 'BARK',
  dressingCm: 1,
  ...change,
})
describe('how a pot lies in a drawing', () => {
  it('keeps to scale and within its space', () => {
    const lie = lieOf(pot, { top: 10, left: 20, high: 300, wide: 200 })

    expect(lie.scale).toBeCloseTo(10)
    expect(lie.y(18)).toBeCloseTo(10)
    expect(lie.y(0) - lie.y(18)).toBeCloseTo(180)
    expect(2 * lie.half(18)).toBeCloseTo(200)
    expect(2 * lie.half(0)).toBeCloseTo(150)
  })

  it('keeps labels apart, in order, and near to where they belong', () => {
    for (let round = 0; round < 200; round++) {
      const wanted = Array.from({ length: 1 + (round % 9) }, (_, i) => ({
        at: (i * 37 + round * 13) % 300,
        high: 17 + 17 * ((i + round) % 2),
      })).sort((a, b) => a.at - b.at)
      const places = spread(wanted, 0, 340)
      places.slice(1).forEach((place, i) => {
        expect(place - (places[i] ?? 0)).toBeGreaterThanOrEqual((wanted[i]?.high ?? 0) - 1e-9)
      })
      expect(places[0]).toBeGreaterThanOrEqual(0)
    }
    expect(spread([{ at: 50, high: 17 }], 0, 300)).toEqual([50])
  })

  it('breaks long labels between words', () => {
    expect(linesOf('horticultural charcoal, coarse, 1.5 cm', 24)).toEqual([
      'horticultural charcoal,',
      'coarse, 1.5 cm',
    ])
    expect(handy(3.27)).toBe(3.5)
    expect(handy(3.27, true)).toBeCloseTo(3.3)
  })

  it('has a figure for every plant that stays within its height', () => {
    ;(Object.keys(HIGH) as Figure[]).forEach((figure) => expect(piecesOf(figure).length).toBeGreaterThan(2))
    expect(figureOf('PLAIN', { groupId: 'fern' })).toBe('fern')
    expect(figureOf('PLAIN', undefined)).toBe('leafy')
    expect(figureOf('BOG_TUB', { groupId: 'fern' })).toBe('bog')
    const lithops = { groupId: 'stone_caudex', kindId: 'dwarf_mesemb' }
    expect(figureOf('CAUDEX', lithops)).toBe('stones')
    expect(figureOf('CAUDEX', { ...lithops, kindId: 'other' })).toBe('caudex')
  })
})

describe('seams', () => {
  const drawn = () => {
    const state = ref({ pot, setUp: setUp() })
    const seams = useSeams(
      () => state.value.pot,
      () => state.value.setUp,
      () => section,
      (pixels) => pixels,
      (nextPot, nextSetUp) => (state.value = { pot: nextPot, setUp: nextSetUp }),
    )
    const key = (id: string, name: string, shiftKey = false) => {
      const seam = seams.seams.value.find((each) => each.id === id)
      seams.key(
        new KeyboardEvent('keydown', { key: name, shiftKey }),
        seam as NonNullable<typeof seam>,
        handy,
      )
    }
    return { state, seams, key }
  }

  it('go up and down by arrow keys, finely with shift', () => {
    const { state, key } = drawn()
    key('LAYER 0', 'ArrowUp')
    expect(state.value.pot.layerCm).toBeCloseTo(2.5)
    key('BED 0', 'ArrowDown', true)
    expect(state.value.setUp.beds[0]?.depthCm).toBeCloseTo(1.9)
    key('SURFACE 0', 'ArrowDown')
    expect((state.value.pot.fill ?? 0) * 18).toBeCloseTo(16)
    key('DRESSING 0', 'End')
    expect(state.value.setUp.dressingCm).toBeCloseTo(1.5)
    key('BALL 0', 'ArrowUp')
    expect(state.value.setUp.ball?.aboveCm).toBeCloseTo(0.5)
  })

  it('count every press, also before the next section has come', () => {
    const { state, key } = drawn()
    key('BED 0', 'ArrowUp')
    key('BED 0', 'ArrowUp')
    key('BALL 0', 'ArrowUp')
    key('BALL 0', 'ArrowDown')
    expect(state.value.setUp.beds[0]?.depthCm).toBeCloseTo(3)
    expect(state.value.setUp.ball?.aboveCm).toBeCloseTo(0)
  })

  it('stop where there is no room', () => {
    const { state, key } = drawn()
    for (let i = 0; i < 60; i++) {
      key('LAYER 0', 'ArrowUp')
    }
    expect(state.value.pot.layerCm).toBeCloseTo(12.6)
    key('LAYER 0', 'Home')
    expect(state.value.pot.layerCm).toBeCloseTo(0.5)
  })
})

const surround = () => ({ ...surroundings(), stubs: { Select: true } })
const draw = (change: Partial<SetUp> = {}, edit = false) => {
  stubServer({ 'GET /api/materials': [], 'GET /api/amendments': [] })
  return mount(PotDrawing, {
    props: {
      pot,
      setUp: setUp(change),
      kind: 'PLAIN',
      section,
      recipe: { measure: 'PARTS', parts: [], doses: [] },
      blendName: 'Stair fern',
      name: 'Fern',
      edit,
    },
    global: surround(),
  })
}

describe('the drawing', () => {
  beforeEach(() => {
    vi.stubGlobal('matchMedia', (query: string) => ({
      matches: false,
      media: query,
      addEventListener: () => {},
      removeEventListener: () => {},
    }))
  })

  it('says all that it shows for who cannot see it', () => {
    const said = draw({
      pole: { kind: 'FILLED', widthCm: 4, heightCm: 60 },
      channelCm: 3,
      feed: 'HALF_DEPTH',
    })
      .get('svg.portrait')
      .attributes('aria-label')

    for (const words of [
      'rim, 18',
      'bark on top, 1',
      'root ball, 10',
      'filled pole, 4',
      'channel of stones, 3',
      'ring of feed',
      'grit, 2',
      'pebbles, 2',
      '4 holes of 8 mm',
      'wet foot, 1.2',
    ]) {
      expect(said).toContain(words)
    }
  })

  it('has sliders only where it may be changed', () => {
    expect(draw().findAll('[role=slider]')).toHaveLength(0)
    const sliders = draw({}, true).findAll('[role=slider]')
    expect(sliders.map((each) => each.attributes('aria-label'))).toEqual([
      'Height of the drainage layer',
      'Top of grit',
      'Surface of the mix',
      'Top of the dressing',
      'Foot of the root ball',
    ])
  })
})

describe('what is typed', () => {
  const typed = async (given: Pot, set: SetUp) => {
    vi.useFakeTimers()
    stubServer({ 'GET /api/materials': [], 'GET /api/amendments': [], 'POST /api/planting/usual': usual })
    const view = mount(SetUpFields, { props: { pot: given, setUp: set }, global: surround() })
    await vi.advanceTimersByTimeAsync(100)
    vi.useRealTimers()
    await flushPromises()
    return view
  }

  it('makes room for a dressing, and takes out a layer', async () => {
    const view = await typed({ ...pot, fill: 1 }, setUp({ dressing: 'NONE', dressingCm: 0 }))
    await view.get('input[type=radio][value=SPHAGNUM]').setValue(true)
    expect(view.emitted('update:setUp')?.at(-1)?.[0]).toMatchObject({ dressing: 'SPHAGNUM', dressingCm: 1.5 })
    expect((view.emitted('update:pot')?.at(-1)?.[0] as Pot).fill).toBeCloseTo(0.91)
    await view.get('button[aria-label="Take out grit"]').trigger('click')
    expect(view.emitted('update:setUp')?.at(-1)?.[0]).toMatchObject({ beds: [] })
  })

  it('begins a pole and a ball with what is usual for the pot', async () => {
    const { ball: _ball, ...bare } = setUp()
    const view = await typed(pot, bare)
    await view.get('input[type=radio][value=TRELLIS]').setValue(true)
    expect(view.emitted('update:setUp')?.at(-1)?.[0]).toMatchObject({
      pole: { kind: 'TRELLIS', widthCm: 14 },
    })
    await view.get('#has-ball').setValue(true)
    expect(view.emitted('update:setUp')?.at(-1)?.[0]).toMatchObject({ ball: usual.ball })
  })

  it('has holes as its pot has', () => {
    const closed = { ...usual, start: { ...plainSetUp, holes: 0 } }
    expect(holedAs(plainSetUp, closed).holes).toBe(0)
    expect(holedAs({ ...plainSetUp, holes: 0 }, usual).holes).toBe(4)
    expect(holedAs({ ...plainSetUp, holes: 1 }, usual).holes).toBe(1)
  })
})

describe('a template', () => {
  it('is taken with its reasons, and taken back', async () => {
    const template = {
      kind: 'BOG_TUB',
      pot: { ...pot, base: 'NO_HOLES', baseCm: 12 },
      setUp: setUp({ holes: 0 }),
      choices: [{ about: 'wall', because: 'Unglazed clay gives off minerals.', suits: false }],
    }
    stubServer({
      'GET /api/planting/kinds': [{ kind: 'BOG_TUB', name: 'bog tub', forWhat: 'bog plants', usual: true }],
      'POST /api/planting/template': template,
    })
    const view = mount(TemplateChooser, { props: { kind: 'PLAIN', pot, setUp: setUp() }, global: surround() })
    await flushPromises()
    await view.get('.kinds button').trigger('click')
    await flushPromises()
    expect(view.emitted('taken')?.[0]?.[0]).toEqual(template)
    expect(view.get('.attention').text()).toContain('minerals')
    expect(view.get('.usual').text()).toBe('usual for this plant')
    await view.findAll('button').at(-1)?.trigger('click')
    expect(view.emitted('taken')?.[1]?.[0]).toMatchObject({ kind: 'PLAIN', pot })
  })
})

describe('places', () => {
  const places = (change: Partial<Places> = {}): Places => ({
    spacing: 'PLANTS',
    ownCm: 4,
    wallCm: 1,
    pattern: 'RINGS',
    facing: 'INWARD',
    byHand: false,
    spots: placing().spots,
    ...change,
  })
  const panel = async (given: Places | undefined) => {
    vi.useFakeTimers()
    const asked = stubServer({
      'POST /api/planting/placing': placing(),
      'POST /api/planting/placing/placed': placing({ apartCm: 3, crowded: true }),
    })
    const view = mount(PlacingPanel, { props: { pot, modelValue: given }, global: surround() })
    await vi.advanceTimersByTimeAsync(300)
    return { view, asked }
  }

  afterEach(() => {
    vi.useRealTimers()
  })

  it('are laid, and one is moved by the arrow keys', async () => {
    const { view, asked } = await panel(places())
    expect(asked[0]?.body).toMatchObject({ count: 2, spacing: 'PLANTS', ownCm: 4 })
    expect(view.findAll('.spot')).toHaveLength(2)
    expect(view.text()).toContain('Up to 5 fit so.')
    expect(view.text()).toContain('Each at its old depth.')
    await view.findAll('.spot')[1]?.trigger('keydown', { key: 'ArrowLeft' })
    expect(view.emitted('update:modelValue')?.at(-1)?.[0]).toMatchObject({
      byHand: true,
      spots: [{ x: -4 }, { x: 3.5 }],
    })
  })

  it('say where they stand too close once moved by hand, and are laid anew', async () => {
    const { view } = await panel(places({ byHand: true }))
    expect(view.get('.attention').text()).toContain('Closer than you told.')
    await view.get('.attention button').trigger('click')
    expect(view.emitted('update:modelValue')?.at(-1)?.[0]).toMatchObject({ byHand: false })
  })

  it('are none for a plant alone, until ticked', async () => {
    const { view, asked } = await panel(undefined)
    expect(asked).toHaveLength(0)
    expect(view.text()).toContain('One plant stands in the middle.')
    await view.get('#placing-several').setValue(true)
    expect(view.emitted('update:modelValue')?.at(-1)?.[0]).toMatchObject({ spacing: 'PLANTS', spots: [] })
  })
})

describe('roots and work', () => {
  it('tell what the roots come to', async () => {
    vi.useFakeTimers()
    stubServer({
      'POST /api/planting/roots': {
        state: 'MUCH_ROT',
        words: 'much rot',
        actions: ['Cut back all that is soft.'],
        stage: 'RECOVERING',
        broke: true,
        left: 0.4,
      },
    })
    const view = mount(RootsStep, {
      props: {
        brief: { plantId: 'pothos', stage: 'ESTABLISHED' },
        modelValue: {
          colour: 'BLACK',
          smell: 'SOUR',
          firmness: 'SOFT',
          growth: 'SPARSE',
          ball: 'FALLS_APART',
          oldMix: 'SLUDGE',
        },
      },
      global: surround(),
    })
    await vi.advanceTimersByTimeAsync(300)
    vi.useRealTimers()
    await flushPromises()
    expect(view.text()).toContain('Cut back all that is soft.')
    expect(view.text()).toContain('recovering from rot')
    expect(view.emitted('found')?.[0]?.[0]).toMatchObject({ left: 0.4 })
    await view.get('input[type=radio][value=TAN]').setValue(true)
    expect(view.emitted('update:modelValue')?.at(-1)?.[0]).toMatchObject({ colour: 'TAN', smell: 'SOUR' })
  })

  it('are ticked off in order', async () => {
    vi.useFakeTimers()
    stubServer({
      'POST /api/planting/plan': [
        { step: 'SET', words: 'Set it at its old depth.', easilyForgotten: false, waitMinutes: 0 },
        { step: 'WEIGH', words: 'Weigh it.', easilyForgotten: true, waitMinutes: 30 },
      ],
    })
    const view = mount(WorkStep, {
      props: {
        asked: { recipe: { measure: 'PARTS', parts: [], doses: [] }, brief: { stage: 'ESTABLISHED', pot } },
        setUp: setUp(),
        kind: 'PLAIN',
        several: false,
        roots: undefined,
        done: [],
      },
      global: surround(),
    })
    await vi.advanceTimersByTimeAsync(300)
    expect(view.text()).toContain('2 things left')
    expect(view.text()).toContain('easily forgotten')
    await view.get('.waits button').trigger('click')
    await vi.advanceTimersByTimeAsync(61_000)
    await nextTick()
    expect(view.get('[role=timer]').text()).toBe('28:59')
    await view.get('input[type=checkbox]').setValue(true)
    expect(view.emitted('update:done')?.[0]?.[0]).toEqual(['SET Set it at its old depth.'])
    vi.useRealTimers()
  })
})

describe('what is refused', () => {
  it('is said where it happened', async () => {
    stubServer({
      'GET /api/planting/kinds': [{ kind: 'CAUDEX', name: 'caudex', forWhat: 'bodies', usual: false }],
      'POST /api/planting/template': new Refusal(422, { detail: 'The pot is no pot.' }),
    })
    notices.splice(0)
    const view = mount(TemplateChooser, { props: { kind: 'PLAIN', pot, setUp: setUp() }, global: surround() })
    await flushPromises()
    await view.get('.kinds button').trigger('click')
    await flushPromises()
    expect(notices[0]?.words).toContain('The pot is no pot.')
    expect(view.emitted('taken')).toBeUndefined()
  })
})

describe('a newcomer', () => {
  it('is told to wait, by the day it came', async () => {
    vi.useFakeTimers()
    const asked = stubServer({
      'POST /api/planting/newcomer': {
        from: '2026-12-05',
        shouldWait: true,
        betterSeason: false,
        words: ['Seven days to get used to the place.'],
      },
    })
    const view = mount(NewcomerPanel, {
      props: {
        plantId: 'fern',
        modelValue: { arrivedOn: '2026-11-28', suffered: true, flowering: false, southern: false },
      },
      global: surround(),
    })
    await vi.advanceTimersByTimeAsync(300)
    vi.useRealTimers()
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ plantId: 'fern', arrivedOn: '2026-11-28', suffered: true })
    expect(view.get('.attention').text()).toContain('Seven days')
    await view.get('#flowering').setValue(true)
    expect(view.emitted('update:modelValue')?.at(-1)?.[0]).toMatchObject({ flowering: true, suffered: true })
  })
})

describe('which pot', () => {
  const small: Pot = { ...pot, topCm: 12, bottomCm: 9, heightCm: 11, layerCm: 0 }
  const kind = { id: 'k1', revision: 0, name: 'Clay 12', form: 'POT', pot: small, owned: 6, litresToRim: 1 }
  const choice = (of: Pot, words: string) => ({
    pot: of,
    timesTheBall: 1.3,
    depthToGrowCm: 3,
    fit: 'RIGHT',
    words,
    days: 4.2,
    lowDays: 3,
    highDays: 6,
    tipsAtDeg: 21.4,
  })
  const step = async (answers: Record<string, unknown> = {}) => {
    const asked = stubServer({
      'GET /api/materials': [],
      'GET /api/amendments': [],
      'GET /api/pot-kinds': [kind],
      'POST /api/planting/usual': usual,
      'POST /api/planting/choice': [choice(small, 'about right'), choice(pot, 'roomy')],
      ...answers,
    })
    const view = mount(PotStep, {
      props: {
        asked: {
          recipe: { measure: 'PARTS', parts: [], doses: [] },
          brief: { plantId: 'fern', stage: 'ESTABLISHED', pot, place: { name: 'stair' } } as Asked['brief'],
        } as Asked,
        left: 0.6,
        pot,
        setUp: setUp(),
      },
      global: { ...surround(), stubs: { Select: true, PotField: true } },
    })
    await vi.waitFor(() => expect(view.findAll('.pots li')).toHaveLength(2))
    return { view, asked }
  }

  it('is chosen among what one has, by what is left of the ball', async () => {
    const { view, asked } = await step()
    expect(asked.find((each) => each.path === '/api/planting/choice')?.body).toMatchObject({
      left: 0.6,
      ball: { widthCm: 10, heightCm: 9 },
    })
    const rows = view.findAll('.pots li')
    expect(rows).toHaveLength(2)
    expect(rows[0]?.text()).toContain('Clay 12')
    expect(rows[0]?.text()).toContain('about right')
    await rows[0]?.get('button').trigger('click')
    expect(view.emitted('update:pot')?.at(-1)?.[0]).toEqual(small)
  })

  it('is asked about a ball that is usual for the pot where none is told', async () => {
    const { view, asked } = await step()
    const { ball: _ball, ...bare } = setUp()
    await view.setProps({ setUp: bare })
    await vi.waitFor(() =>
      expect(asked.filter((each) => each.path === '/api/planting/choice').at(-1)?.body).toMatchObject({
        ball: usual.ball,
      }),
    )
  })

  it('says what is wrong with a vessel, and keeps what was typed', async () => {
    notices.splice(0)
    const { view } = await step({
      'POST /api/planting/vessel': new Refusal(422, { detail: 'A pot is 2 to 200 cm wide.' }),
    })
    await view.get('button[aria-label="Take by width"]').trigger('click')
    await flushPromises()
    expect(notices[0]?.words).toContain('2 to 200 cm')
    expect(view.emitted('update:pot')).toBeUndefined()
  })

  it('is kept as a kind, and forgotten with a way back', async () => {
    notices.splice(0)
    const { view, asked } = await step({ 'DELETE /api/pot-kinds/k1': {}, 'PUT /api/pot-kinds/k1': {} })
    await view.get('.kept button').trigger('click')
    await flushPromises()
    await notices[0]?.undo?.()
    expect(asked.map((each) => `${each.method} ${each.path}`)).toEqual(
      expect.arrayContaining(['DELETE /api/pot-kinds/k1', 'PUT /api/pot-kinds/k1']),
    )
    expect(asked.find((each) => each.method === 'PUT')?.body).toMatchObject({ name: 'Clay 12', owned: 6 })
  })
})
