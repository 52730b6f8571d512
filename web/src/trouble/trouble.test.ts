import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Router } from 'vue-router'
import type { Diagnosis, Sign, Suspect, Trouble } from '@/api/types'
import { notices } from '@/parts/notices'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import SignDrawing from './SignDrawing.vue'
import { SIGN_DRAWINGS } from './signDrawings'
import TroubleList from './TroubleList.vue'
import TroublePage from './TroublePage.vue'

const suspect = (
  cause: Suspect['cause'],
  words: string,
  now: number,
  change: Partial<Suspect> = {},
): Suspect => ({
  cause,
  words,
  before: 0.1,
  now,
  speaksFor: [],
  speaksAgainst: [],
  doing: `Do this against ${words}.`,
  caution: 'Mind this.',
  help: ['WAIT'],
  lookDays: 14,
  ...change,
})
const WEIGHT: Diagnosis['findings'][number] = {
  finding: 'WEIGHT',
  words: 'Lift the pot. Is it light or heavy?',
  signs: [
    { sign: 'HEAVY', words: 'heavy pot', ordinary: false },
    { sign: 'LIGHT', words: 'light pot', ordinary: false },
    { sign: 'ABOUT_RIGHT', words: 'weight about as reckoned', ordinary: true },
  ],
}
const SMELL: Diagnosis['findings'][number] = {
  finding: 'SMELL',
  words: 'Smell at the hole of the pot.',
  signs: [
    { sign: 'SOUR', words: 'sour smell', ordinary: false },
    { sign: 'EARTHY', words: 'smells of earth', ordinary: true },
  ],
}
const diagnosis = (change: Partial<Diagnosis> = {}): Diagnosis => ({
  pottingId: 'p1',
  label: 'Peace lily',
  batchId: 'b1',
  today: '2026-11-27',
  wateredDaysAgo: 4,
  kgNow: 1.02,
  kgDry: 0.61,
  known: [{ sign: 'LITTLE_AIR', words: 'less air than roots bear', because: '12 % air' }],
  suspects: [
    suspect('ROOT_ROT', 'roots rotting', 0.62, { help: ['RESCUE', 'REPOT'], speaksFor: ['heavy pot'] }),
    suspect('TOO_WET', 'too wet', 0.3, { speaksAgainst: ['sour smell'] }),
    suspect('HUNGRY', 'hungry', 0.08, { help: ['FEED'] }),
  ],
  next: WEIGHT,
  then: [SMELL],
  findings: [WEIGHT, SMELL],
  seen: [],
  poison: 'Its sap irritates.',
  rescue: { stage: 'RECOVERING' } as Diagnosis['rescue'],
  ...change,
})
const words = (sign: string) =>
  [...WEIGHT.signs, ...SMELL.signs].find((each) => each.sign === sign) ?? WEIGHT.signs[0]
const soon = async () => {
  await new Promise((resolve) => setTimeout(resolve, 60))
  await flushPromises()
}
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'POST /api/pottings/p1/diagnosis': (one: { body: { seen: string[]; passed: string[] } }) =>
      diagnosis({
        seen: one.body.seen.map(words) as Diagnosis['seen'],
        ...(one.body.passed.includes('WEIGHT') ? { next: SMELL, then: [] } : {}),
      }),
    ...answers,
  })
  const around = surroundings()
  const view = mount(TroublePage, { props: { id: 'p1' }, global: around })
  await soon()
  return { view, asked, router: around.plugins[2] as unknown as Router }
}
const diagnoses = (asked: { path: string; body: unknown }[]) =>
  asked.filter((each) => each.path.endsWith('/diagnosis')).map((each) => each.body)

describe('what is wrong', () => {
  beforeEach(() => {
    notices.splice(0)
    window.localStorage.clear()
  })

  it('advises nothing before anything is seen', async () => {
    const { view } = await open()
    expect(view.text()).toContain('Say first what you see')
    expect(view.text()).not.toContain('Do this against')
    expect(view.get('.question').text()).toBe('Lift the pot. Is it light or heavy?')
    expect(view.text()).toContain('As reckoned it weighs 1.02')
  })

  it('takes an answer, shows the shares, and takes it off again', async () => {
    const { view, asked } = await open()
    await view.findAll('.answers .answer')[0]?.trigger('click')
    await soon()
    expect(diagnoses(asked).at(-1)).toEqual({ seen: ['HEAVY'], passed: [] })
    expect(view.get('.seen').text()).toContain('heavy pot')
    const first = view.findAll('.suspects button')[0]
    expect(first?.text()).toContain('before 10 %, now62 %')
    expect(first?.text()).toContain('for: heavy pot')
    expect(view.text()).toContain('Do this against roots rotting.')
    expect(view.text()).toContain('Its sap irritates.')
    await view.get('.seen button').trigger('click')
    await soon()
    expect(diagnoses(asked).at(-1)).toEqual({ seen: [], passed: [] })
  })

  it('keeps one answer to a question, and outlives a reload', async () => {
    const { view, asked } = await open()
    await view.findAll('.answers .answer')[0]?.trigger('click')
    await soon()
    await view.findAll('.chip')[1]?.trigger('click')
    await soon()
    expect(diagnoses(asked).at(-1)).toEqual({ seen: ['LIGHT'], passed: [] })
    const again = await open()
    expect(diagnoses(again.asked)[0]).toEqual({ seen: ['LIGHT'], passed: [] })
  })

  it('keeps the signs open while they are chosen', async () => {
    const { view } = await open()
    await view.findAll('.chip')[0]?.trigger('click')
    await soon()
    expect(view.get('.seen').text()).toContain('heavy pot')
    expect(view.get('details').attributes('open')).toBeDefined()
  })

  it('goes on to the next question where nobody can tell', async () => {
    const { view, asked } = await open()
    await view.findAll('.asked .plain')[0]?.trigger('click')
    await soon()
    expect(diagnoses(asked).at(-1)).toEqual({ seen: [], passed: ['WEIGHT'] })
    expect(view.get('.question').text()).toBe('Smell at the hole of the pot.')
  })

  it('finds a sign by words', async () => {
    const { view } = await open()
    await view.get('#sign-words').setValue('sour')
    expect(view.findAll('.chip').map((each) => each.text())).toEqual(['sour smell'])
    await view.get('#sign-words').setValue('purple')
    expect(view.text()).toContain('No sign is called so.')
  })

  it('turns a rescue into a brief', async () => {
    const { view, asked, router } = await open({ 'POST /api/blends': { id: 'bl9' } })
    await view.findAll('.suspects button')[0]?.trigger('click')
    await view.get('.helps button').trigger('click')
    await soon()
    expect(asked.find((each) => each.path === '/api/blends')?.body).toMatchObject({
      name: 'Rescue of Peace lily',
      brief: { stage: 'RECOVERING' },
    })
    expect(router.currentRoute.value.path).toBe('/blends/bl9')
  })

  it('keeps what it was taken for, to look again after as long as it takes to show', async () => {
    const { view, asked, router } = await open({ 'POST /api/pottings/p1/troubles': {} })
    await view.findAll('.answers .answer')[0]?.trigger('click')
    await soon()
    await view.findAll('.suspects button')[1]?.trigger('click')
    await view.get('.again button').trigger('click')
    await soon()
    expect(asked.find((each) => each.path.endsWith('/troubles'))?.body).toMatchObject({
      seen: ['HEAVY'],
      cause: 'TOO_WET',
      lookOn: '2026-12-11',
    })
    expect(router.currentRoute.value.path).toBe('/pots/p1')
    expect(window.localStorage.getItem('loose-knit.trouble.p1')).toBeNull()
  })

  it('says why it cannot tell', async () => {
    const { view } = await open({
      'POST /api/pottings/p1/diagnosis': new Refusal(422, { detail: 'Its plant is not known any more.' }),
    })
    expect(view.get('[role=alert]').text()).toContain('not known any more')
  })
})

describe('what was wrong', () => {
  const trouble: Trouble = {
    id: 't1',
    revision: 2,
    pottingId: 'p1',
    label: 'Peace lily',
    toldOn: '2026-11-13',
    signs: ['heavy pot'],
    cause: 'TOO_WET',
    words: 'too wet',
    share: 0.62,
    lookOn: '2026-11-27',
  }
  const list = async (given: Trouble, pottingId?: string) => {
    const asked = stubServer({
      'GET /api/troubles/to-see': [given],
      'GET /api/pottings/p1/troubles': [given],
      'PUT /api/troubles/t1/outcome': { ...given, revision: 3, outcome: 'BETTER' },
      'DELETE /api/troubles/t1': {},
    })
    const view = mount(TroubleList, { props: pottingId ? { pottingId } : {}, global: surroundings() })
    await soon()
    return { view, asked }
  }
  beforeEach(() => notices.splice(0))

  it('is asked after on its day, with a way back', async () => {
    const { view, asked } = await list(trouble)
    expect(view.text()).toContain('taken 62 % likely')
    await view.findAll('.answers button')[0]?.trigger('click')
    await soon()
    await notices[0]?.undo?.()
    expect(asked.filter((each) => each.method === 'PUT').map((each) => each.body)).toEqual([
      { revision: 2, outcome: 'BETTER' },
      { revision: 3 },
    ])
  })

  it('stays with the pot, and can be forgotten', async () => {
    const { view, asked } = await list(trouble, 'p1')
    await view.get('button[aria-label="Forget: too wet"]').trigger('click')
    await soon()
    expect(asked.map((each) => each.method)).toContain('DELETE')
  })
})

describe('the drawings of signs', () => {
  it('are shown where a sign has one, and only there', () => {
    const drawn = (sign: Sign) => mount(SignDrawing, { props: { sign } }).find('svg')
    expect(drawn('BROWN_TIPS').exists()).toBe(true)
    expect(drawn('ABOUT_RIGHT').exists()).toBe(false)
  })

  it('differ from each other: no two signs look the same', () => {
    const pictures = Object.keys(SIGN_DRAWINGS).map((sign) =>
      mount(SignDrawing, { props: { sign: sign as Sign } }).html(),
    )
    expect(pictures.length).toBeGreaterThanOrEqual(35)
    expect(new Set(pictures).size).toBe(pictures.length)
  })
})
