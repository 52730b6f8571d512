import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { hit, names } from '@/testing/names'
import { stubServer, surroundings } from '@/testing/stubbedServer'
import type { Brief, Material, Plant } from '@/api/types'
import MaterialPicker from '@/material/MaterialPicker.vue'
import BriefSentence from '@/need/BriefSentence.vue'
import { NO_WISHES } from '@/need/wishes'
import { startingHabit, startingPot } from '@/need/words'
import BookPage from './BookPage.vue'

const plant = (id: string, name: string, group: string, change: Partial<Plant> = {}): Plant => ({
  id,
  name,
  botanical: `${name} botanica`,
  otherNames: [],
  groupId: group,
  kindId: group,
  groupName: group,
  kindName: group,
  breadth: 'ONE',
  spread: 1.2,
  thirst: 'Leaves hang.',
  airPercent: { low: 20, high: 40 },
  waterPercent: { low: 30, high: 50 },
  easyWaterPercent: { low: 5, high: 20 },
  ph: { low: 5.5, high: 6.5 },
  nMgPerL: { low: 10, high: 60 },
  mostEcDsPerM: 2,
  drying: 'it may dry by half',
  dryingWords: 'half dry',
  usualDays: 7,
  lifeYears: 2,
  light: 'bright',
  tempLowC: 10,
  tempHighC: 30,
  water: 'soft water',
  texture: 'medium',
  rootDepthCm: 10,
  planting: 'At the old depth.',
  rest: 'no season of rest',
  repotYears: 2,
  repotting: 'takes repotting well',
  heightOverWidth: 1,
  roots: 'Roots.',
  acidity: 'Acid.',
  food: 'Food.',
  poison: '',
  trade: '',
  note: '',
  differs: [],
  source: 'common practice (no source)',
  ...change,
})
const plants = [
  plant('jade', 'Jade plant', 'succulents', { otherNames: ['money tree'] }),
  plant('fern', 'Stair fern', 'ferns', { poison: 'Harmful if eaten.' }),
]
const material = (id: string, name: string, change: Partial<Material> = {}) =>
  ({
    id,
    name,
    grade: '1–2 mm',
    roles: ['AIR'],
    section: 'AIR',
    roleWords: ['opens air'],
    does: `${name} opens.`,
    notFor: '',
    ...change,
  }) as Material
const materials = [
  material('perlite', 'Perlite'),
  material('beach_sand', 'Beach sand', { section: 'NEVER', never: true, does: 'Carries sea salt.' }),
]
const sheet = (each: Material) => ({
  material: { ...each, gradeAdvice: '', prepare: 'Wet it.', hazards: ['DUST'], source: 'typical' },
  drainedAirPercent: 44,
  drainedWaterPercent: 32,
  curve: [],
  lines: [{ name: 'pH', unit: '', value: 7, sd: 0.4, decimals: 1 }],
  standIns: [{ id: 'pumice', name: 'Pumice', changes: ['6 times as heavy'] }],
  constituents: [],
})
const served = {
  'GET /api/plants': plants,
  'GET /api/plants/jade': plants[0],
  'GET /api/plants/fern': plants[1],
  'POST /api/named': names({
    money: [hit('PLANT', 'jade', 'Jade plant', { matched: 'money tree', how: 'OTHER' })],
    'stair fenr': { hits: [hit('PLANT', 'fern', 'Stair fern', { how: 'PERHAPS' })], sure: false },
    'fern royale': { hits: [hit('PLANT', 'fern', 'Stair fern')], aside: ['royale'] },
    perl: [hit('MATERIAL', 'perlite', 'Perlite', { how: 'NAME_BEGUN' })],
    'beech sand': { hits: [hit('MATERIAL', 'beach_sand', 'Beach sand', { how: 'MISTYPED' })], sure: false },
  }),
  'GET /api/materials': materials,
  'GET /api/amendments': [],
  'GET /api/materials/perlite/sheet': sheet(materials[0] as Material),
  'GET /api/materials/beach_sand/sheet': sheet(materials[1] as Material),
  'GET /api/cautions': [
    {
      id: 'hot_lime',
      level: 'STOP',
      why: 'Quicklime burns.',
      instead: 'Garden lime.',
      defers: 'See a doctor.',
    },
    { id: 'dust', level: 'NOTE', why: 'Dust harms.', instead: 'Wet it.', defers: '' },
  ],
}
const book = async (chapter: string, ids?: string) => {
  const wrapper = mount(BookPage, {
    props: { chapter, ...(ids ? { ids } : {}) },
    global: { ...surroundings(), stubs: { teleport: true, LineChart: true } },
  })
  await flushPromises()
  return wrapper
}
beforeEach(() => {
  localStorage.clear()
  stubServer(served)
})

describe('the Book of plants', () => {
  it('lists them by group and finds them by any name', async () => {
    const wrapper = await book('plants')
    expect(wrapper.findAll('section h2').map((each) => each.text())).toEqual(['succulents', 'ferns'])
    await wrapper.get('#seek').setValue('money')
    await vi.waitFor(() => expect(wrapper.findAll('section li')).toHaveLength(1))
    expect(wrapper.get('section li').text()).toContain('money tree')
  })

  it('says what is not in the Book, what it may be called, and how to go on', async () => {
    const wrapper = await book('plants')
    await wrapper.get('#seek').setValue('stair fenr')
    await vi.waitFor(() =>
      expect(wrapper.get('.say').text()).toContain('is not in the Book. It may be called'),
    )
    expect(wrapper.findAll('section li')).toHaveLength(1)
    await wrapper.get('#seek').setValue('wombat')
    await vi.waitFor(() => expect(wrapper.get('.say a').attributes('href')).toBe('/book/unknown'))
    expect(wrapper.findAll('section li')).toHaveLength(0)
    await wrapper.get('#seek').setValue('fern royale')
    await vi.waitFor(() => expect(wrapper.get('.found .soft').text()).toContain('“royale”'))
  })

  it('lays those that are ticked side by side', async () => {
    const wrapper = await book('plants')
    expect(wrapper.text()).toContain('tick up to three')
    for (const tick of wrapper.findAll('input[type=checkbox]')) {
      await tick.setValue(true)
    }
    expect(wrapper.get('.seek button').text()).toBe('Lay 2 side by side')

    const both = await book('plants', 'jade+fern')
    expect(both.findAll('header h2').map((each) => each.text())).toEqual(['Jade plant', 'Stair fern'])
    expect(both.findAll('.band-strip')).toHaveLength(16)
    expect(both.get('.poison').text()).toContain('Harmful if eaten.')
  })

  it('says so when there is no such plant', async () => {
    expect((await book('plants', 'nothing')).text()).toContain('The Book has no plant “nothing”.')
  })
})

describe('the Book of materials', () => {
  it('keeps apart what is never used, with the reason', async () => {
    const wrapper = await book('materials')
    expect(wrapper.get('.never').text()).toContain('Carries sea salt.')
  })

  it('opens one with figures, spread, handling and what changes with a stand-in', async () => {
    const text = (await book('materials', 'perlite')).text()
    expect(text).toContain('7.0')
    expect(text).toContain('± 0.4')
    expect(text).toContain('solids 24 %')
    expect(text).toContain('Dust: mask')
    expect(text).toContain('6 times as heavy')
  })

  it('passes on what the server says of an unknown one', async () => {
    expect((await book('materials', 'nothing')).get('[role=alert]').text()).toContain('nothing at GET')
  })
})

describe('the Book of cautions', () => {
  it('goes from stops to notes and can be searched', async () => {
    const wrapper = await book('cautions')
    expect(wrapper.findAll('section h2').map((each) => each.text())).toEqual(['Stop', 'Note'])
    await wrapper.get('#seek').setValue('doctor')
    expect(wrapper.findAll('section li')).toHaveLength(1)
  })
})

describe('material picker', () => {
  it('finds by name and by what it does, and the nearest otherwise', async () => {
    const wrapper = mount(MaterialPicker, {
      props: { label: 'Add', inputId: 'add' },
      global: surroundings(),
    })
    const complete = async (query: string) => {
      wrapper.findComponent({ name: 'AutoComplete' }).vm.$emit('complete', { query })
      await flushPromises()
      return (wrapper.findComponent({ name: 'AutoComplete' }).props('suggestions') as Material[]).map(
        (each) => each.id,
      )
    }
    expect(await complete('perl')).toEqual(['perlite'])
    expect(await complete('opens air')).toEqual(['perlite', 'beach_sand'])
    expect(await complete('beech sand')).toEqual(['beach_sand'])
    wrapper.findComponent({ name: 'AutoComplete' }).vm.$emit('option-select', { value: materials[0] })
    expect(wrapper.emitted('chosen')).toEqual([[materials[0]]])
  })
})

describe('the brief as a sentence', () => {
  const sentence = async (brief: Brief) => {
    const wrapper = mount(BriefSentence, { props: { modelValue: brief }, global: surroundings() })
    await flushPromises()
    return wrapper.get('.brief').text().replace(/\s+/g, ' ')
  }

  it('names what is still open', async () => {
    expect(await sentence({ stage: 'ESTABLISHED' })).toBe(
      'For a plant (which?) in a pot (which?), kept in the room (which?); I water now and then (how often?). I want it as the plant does.',
    )
  })

  it('says everything that was told', async () => {
    vi.useRealTimers()
    expect(
      await sentence({
        stage: 'YOUNG',
        plantId: 'jade',
        companionIds: ['fern'],
        spread: 2,
        pot: { ...startingPot(), base: 'HANGING' },
        place: {
          name: 'yard',
          temperatureC: 16,
          humidityPercent: 70,
          light: 'SUN',
          draught: 'BREEZY',
          dailyLightMol: 12,
          rainMmPerWeek: 14,
        },
        habit: { ...startingHabit(), alkalinityMgPerL: 180, hand: 'OFTEN_TOO_LATE' },
        wishes: { ...NO_WISHES, fibre: 'NO_PEAT', school: 'MINERAL' },
      }),
    ).toBe(
      'For a young jade plant, together with stair fern, twice as wide as its pot in a 14 cm plastic pot hanging, kept in the yard, 16 °C, 70 %, 12 mol of light, rain; ' +
        'I water thoroughly, about every 7 days with soft tap water, 180 mg/L alkalinity and am often too late. I want it all mineral and without peat.',
    )
  })
})
