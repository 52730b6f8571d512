import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import type { FindState, Proposal } from '@/api/types'
import FindForm from './FindForm.vue'
import FoundList from './FoundList.vue'
import { askedFor, NOTHING_SAID, type Wanted } from './asked'
import { useFind } from './useFind'

const proposal = (more: Partial<Proposal> = {}): Proposal => ({
  titles: ['CLOSEST'],
  titleWords: 'the closest',
  recipe: {
    measure: 'PARTS',
    parts: [
      { materialId: 'peat', amount: 3 },
      { materialId: 'perlite_coarse', amount: 1 },
    ],
    doses: [{ amendmentId: 'dolomite', gPerL: 1.5 }],
  },
  words: '3 Sphagnum peat, 1 Perlite, coarse',
  fit: 93.4,
  summary: 'Fits all but food.',
  doseWords: [],
  givesUp: ['12 % dearer'],
  costPerLitre: 0.4,
  wetKgPerL: 0.8,
  lifeYears: 3,
  chancePercent: 21,
  toBuy: [{ materialId: 'peat', name: 'Sphagnum peat' }],
  mostLitres: 12,
  reasons: [{ materialId: 'peat', name: 'Sphagnum peat', words: 'water held 45 %, without it 20 %' }],
  readings: [
    {
      quality: 'AIR',
      label: 'Air',
      figure: '30 %',
      value: 30,
      target: '25–40 %',
      verdict: 'FITS',
      words: 'fits',
    },
    {
      quality: 'FOOD',
      label: 'Food',
      figure: '10 mg N/L',
      value: 10,
      target: '30–120 mg N/L',
      verdict: 'TOO_LOW',
      words: 'hungry',
    },
    {
      quality: 'LIFE',
      label: 'Life',
      figure: '3 years',
      value: 3,
      target: '',
      verdict: 'NO_TARGET',
      words: '',
    },
  ],
  stops: [],
  ...more,
})
const state = (more: Partial<FindState> = {}): FindState => ({
  id: 'one',
  form: 'FIND',
  state: 'DONE',
  stage: '',
  share: 1,
  covered: 10,
  total: 10,
  says: '',
  leftOut: [{ materialId: 'compost', name: 'Garden compost', why: 'It is in quarantine because of gnats.' }],
  candidates: 3,
  answer: {
    proposals: [proposal(), proposal({ titles: [], titleWords: '' })],
    byCount: [{ count: 1, fit: 71, words: '1 perlite' }],
    proof: { proved: true, total: 10, read: 3, gap: 0, millis: 5, words: 'No other recipe scores better.' },
    clash: {
      says: 'Food cannot be had together with salts.',
      waysOut: ['Water every 9 days: then something fits all.'],
    },
    wouldHelp: [
      { id: 'pumice', name: 'Pumice', fit: 97, words: 'Pumice would raise the fit from 93 to 97.' },
    ],
    exactPartsGain: 1.24,
    said: [],
    splits: [],
  },
  ...more,
})

beforeEach(() => localStorage.clear())

const press = async (view: VueWrapper, words: string) =>
  view
    .findAll('button')
    .find((each) => each.text() === words)
    ?.trigger('click')

describe('what was found', () => {
  it('shows proposals, what stands in the way, the proof and what was left out', async () => {
    stubServer({ 'GET /api/materials': [], 'GET /api/amendments': [] })
    const view = mount(FoundList, { props: { state: state() }, global: surroundings() })
    await flushPromises()
    const said = view.text()
    expect(said).toContain('Food cannot be had together with salts.')
    expect(said).toContain('Water every 9 days')
    expect(said).toContain('Pumice would raise the fit')
    expect(said).toContain('gain 1.2 points')
    expect(said).toContain('1 material: 71')
    expect(said).toContain('Garden compost (It is in quarantine because of gnats)')
    expect(said).toContain('with 2 materials')
    expect(said).toContain('30–120 mg N/L wanted')
    expect(said).toContain('to buy')
    expect(said).not.toContain('Life')
  })
  it('gives a proposal to whoever takes it', async () => {
    stubServer({ 'GET /api/materials': [], 'GET /api/amendments': [] })
    const view = mount(FoundList, { props: { state: state() }, global: surroundings() })
    await press(view, 'Take it over (2)')
    expect(view.emitted('take')?.[0]).toEqual([state().answer?.proposals[1]])
  })
  it('says what went wrong', () => {
    stubServer({ 'GET /api/materials': [], 'GET /api/amendments': [] })
    const { answer: _none, ...bare } = state({ state: 'FAILED', says: 'Something went wrong on the way.' })
    const view = mount(FoundList, { props: { state: bare }, global: surroundings() })
    expect(view.get('[role=alert]').text()).toContain('Something went wrong')
  })
})

describe('the form of a search', () => {
  const form = async (wanted: Partial<Wanted>) => {
    stubServer({
      'GET /api/materials': [],
      'GET /api/amendments': [
        { id: 'dolomite', name: 'Dolomite', kind: 'LIME' },
        { id: 'granules', name: 'Granules', kind: 'FEED' },
      ],
    })
    const view = mount(FindForm, {
      props: {
        modelValue: { ...NOTHING_SAID, ...wanted },
        recipe: proposal().recipe,
        locked: ['peat'],
        running: false,
      },
      global: surroundings(),
    })
    await flushPromises()
    return view
  }
  it('asks only what the form needs', async () => {
    expect((await form({ form: 'REPLACE' })).text()).toContain('Missing is')
    expect((await form({ form: 'IMPROVE' })).text()).toContain('Extra parts')
    expect((await form({ form: 'USE_UP' })).text()).not.toContain('Enough for')
    expect((await form({ among: 'CHOSEN', chosenIds: ['peat'] })).text()).toContain('Pick')
  })
  it('locks rows and sets shares', async () => {
    const view = await form({ shares: [{ materialId: 'bark', leastPercent: 10, mostPercent: 100 }] })
    await view.get('.locks input').trigger('change')
    expect(view.emitted('lock')?.[0]).toEqual(['peat'])
    await press(view, 'forget it')
    expect((view.emitted('update:modelValue')?.[0]?.[0] as Wanted).shares).toEqual([])
  })
})

describe('following a search', () => {
  const body = askedFor(NOTHING_SAID, { stage: 'YOUNG' }, proposal().recipe, [], 'blend')
  const within = <T>(work: () => T) => {
    let made: T | undefined
    const view = mount({ setup: () => ((made = work()), () => null) }, { global: surroundings() })
    return { made: made as T, view }
  }
  it('begins, hears the end by asking where there is no stream, and is found again', async () => {
    vi.stubGlobal('EventSource', undefined)
    vi.spyOn(crypto, 'randomUUID').mockReturnValue('00000000-0000-0000-0000-000000000001')
    const path = '/api/finds/00000000-0000-0000-0000-000000000001'
    stubServer({
      [`POST ${path}`]: state({ state: 'SEARCHING', id: '00000000-0000-0000-0000-000000000001' }),
      [`GET ${path}`]: state(),
    })
    const { made } = within(() => useFind('here'))
    await made.start(body)
    await flushPromises()
    expect(made.state.value?.state).toBe('DONE')
    expect(localStorage.getItem('loose-knit.find.here')).toContain('0001')

    const again = within(() => useFind('here')).made
    await flushPromises()
    expect(again.state.value?.state).toBe('DONE')
  })
  it('says when a search is gone with the server, and what is refused', async () => {
    localStorage.setItem('loose-knit.find.here', 'gone')
    stubServer({})
    const { made } = within(() => useFind('here'))
    await flushPromises()
    expect(made.problem.value).toContain('gone')
    expect(localStorage.getItem('loose-knit.find.here')).toBeNull()

    vi.spyOn(crypto, 'randomUUID').mockReturnValue('00000000-0000-0000-0000-000000000002')
    stubServer({
      'POST /api/finds/00000000-0000-0000-0000-000000000002': new Refusal(422, {
        title: 'This value cannot be used',
        detail: 'The number of materials is 9. Allowed: 1 to 5 materials.',
      }),
    })
    await made.start(body)
    expect(made.problem.value).toContain('1 to 5 materials')
    expect(made.running.value).toBe(false)
  })
})
