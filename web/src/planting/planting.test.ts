import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import type { Pot, Section, SetUp } from '@/api/types'
import { notices } from '@/parts/notices'
import { spread } from '@/parts/spread'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import { figureOf, HIGH, piecesOf, type Figure } from './figures'
import { handy, lieOf, linesOf } from './geometry'
import PlacingPanel from './PlacingPanel.vue'
import PotDrawing from './PotDrawing.vue'
import RootsStep from './RootsStep.vue'
import SetUpFields from './SetUpFields.vue'
import TemplateChooser from './TemplateChooser.vue'
import { useSeams } from './useSeams'
import { plainSetUp } from './words'
import WorkStep from './WorkStep.vue'

const pot: Pot = {
  shape: 'ROUND',
  topCm: 20,
  bottomCm: 15,
  heightCm: 18,
  wall: 'CLAY',
  base: 'ON_FEET',
  baseCm: 0,
  layerCm: 2,
  layerMaterialId: 'pebbles',
}
const setUp = (change: Partial<SetUp> = {}): SetUp => ({
  ...plainSetUp(pot),
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
const section: Section = {
  fillCm: 16.5,
  settledCm: 15.5,
  underMixCm: 4,
  layerName: 'pebbles',
  wetFootCm: 1.2,
  mixLitres: 2.4,
  fillLitres: 3.4,
  airPercent: 24,
  waterPercent: 48,
  levels: [
    {
      name: 'grit',
      fromCm: 2,
      toCm: 4,
      litres: 0.4,
      airPercent: 40,
      waterPercent: 8,
      wetZoneCm: 0,
      overBreak: false,
    },
    {
      name: 'the mix',
      fromCm: 4,
      toCm: 16.5,
      litres: 3,
      airPercent: 22,
      waterPercent: 52,
      wetZoneCm: 1.2,
      overBreak: true,
    },
  ],
  slices: [
    { fromCm: 2, toCm: 4, water: 0.1, air: 0.4 },
    { fromCm: 4, toCm: 16.5, water: 0.5, air: 0.2 },
  ],
  wateredKg: 4,
  wantsKg: 3.5,
  dryKg: 3,
  days: 4,
  lowDays: 3,
  highDays: 5,
  wantsShare: 0.5,
  curves: [],
  effects: [],
}

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
    expect(figureOf('PLAIN', 'fern')).toBe('fern')
    expect(figureOf('PLAIN', undefined)).toBe('leafy')
    expect(figureOf('BOG_TUB', 'fern')).toBe('bog')
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
    key('layer', 'ArrowUp')
    expect(state.value.pot.layerCm).toBeCloseTo(2.5)
    key('bed 0', 'ArrowDown', true)
    expect(state.value.setUp.beds[0]?.depthCm).toBeCloseTo(1.9)
    key('fill', 'ArrowDown')
    expect((state.value.pot.fill ?? 0) * 18).toBeCloseTo(16)
    key('dressing', 'End')
    expect(state.value.setUp.dressingCm).toBeCloseTo(1.5)
    key('ball', 'ArrowUp')
    expect(state.value.setUp.ball?.aboveCm).toBeCloseTo(0.5)
  })

  it('stop where there is no room', () => {
    const { state, key } = drawn()
    for (let i = 0; i < 60; i++) {
      key('layer', 'ArrowUp')
    }
    expect(state.value.pot.layerCm).toBeLessThanOrEqual(0.7 * 18)
    key('layer', 'Home')
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
  it('makes room for a dressing, and takes out a layer', async () => {
    stubServer({ 'GET /api/materials': [], 'GET /api/amendments': [] })
    const view = mount(SetUpFields, {
      props: { pot: { ...pot, fill: 1 }, setUp: setUp({ dressing: 'NONE', dressingCm: 0 }) },
      global: surround(),
    })
    await view.get('input[type=radio][value=SPHAGNUM]').setValue(true)
    expect(view.emitted('update:setUp')?.at(-1)?.[0]).toMatchObject({ dressing: 'SPHAGNUM', dressingCm: 1.5 })
    expect((view.emitted('update:pot')?.at(-1)?.[0] as Pot).fill).toBeCloseTo(1 - 1.5 / 18)
    await view.get('button[aria-label="Take out grit"]').trigger('click')
    expect(view.emitted('update:setUp')?.at(-1)?.[0]).toMatchObject({ beds: [] })
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
  const asked = {
    what: 'PLANTS' as const,
    ownCm: 4,
    count: 2,
    widthCm: 6,
    wallCm: 1,
    pattern: 'RINGS' as const,
    facing: 'INWARD' as const,
  }

  it('are drawn, and one is moved by the arrow keys', async () => {
    vi.useFakeTimers()
    stubServer({
      'POST /api/planting/placing': {
        spots: [
          { x: -4, y: 0, facingDeg: 0 },
          { x: 4, y: 0, facingDeg: 180 },
        ],
        apartCm: 8,
        fromWallCm: 5,
        most: 5,
      },
      'POST /api/planting/placing/moved': { spots: [], apartCm: 3, fromWallCm: 5, most: 2 },
    })
    const view = mount(PlacingPanel, {
      props: { pot, modelValue: asked, spots: undefined },
      global: surround(),
    })
    await vi.advanceTimersByTimeAsync(300)
    expect(view.findAll('.spot')).toHaveLength(2)
    expect(view.text()).toContain('Up to 5 fit so.')
    await view.findAll('.spot')[1]?.trigger('keydown', { key: 'ArrowLeft' })
    expect(view.emitted('update:spots')?.at(-1)?.[0]).toMatchObject([{ x: -4 }, { x: 3.5 }])
    vi.useRealTimers()
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
