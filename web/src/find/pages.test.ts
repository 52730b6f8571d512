import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { proposalOf } from '@/testing/proposals'
import { type Asked, stubServer, surroundings } from '@/testing/stubbedServer'
import type { FindState } from '@/api/types'
import FindDrawer from './FindDrawer.vue'
import FindProgress from './FindProgress.vue'
import SharePage from './SharePage.vue'

const ID = '00000000-0000-0000-0000-000000000003'
const proposal = proposalOf('peat', { words: '1 Peat' })
const state = (answer: object): FindState =>
  ({
    id: ID,
    form: 'FIND',
    state: 'DONE',
    stage: '',
    share: 1,
    covered: 1,
    total: 1,
    says: '',
    leftOut: [],
    candidates: 1,
    answer: {
      proposals: [],
      byCount: [],
      proof: { proved: true, total: 1, read: 1, gap: 0, millis: 1, words: 'No other recipe scores better.' },
      wouldHelp: [],
      said: [],
      splits: [],
      ...answer,
    },
  }) as unknown as FindState
const lists = {
  'GET /api/materials': [],
  'GET /api/amendments': [],
  'GET /api/plants': [],
  'GET /api/places': [],
}

/** The search that was asked for: the page also asks for contradictions, and whichever comes first. */
const searched = (asked: readonly Asked[]) =>
  asked.find((each) => each.method === 'POST' && each.path === `/api/finds/${ID}`)

beforeEach(() => {
  localStorage.clear()
  vi.stubGlobal('EventSource', undefined)
  vi.spyOn(crypto, 'randomUUID').mockReturnValue(ID)
})

describe('the drawer', () => {
  const drawer = () =>
    mount(FindDrawer, {
      props: {
        open: true,
        blendId: 'blend',
        brief: { stage: 'ESTABLISHED', plantId: 'jade' },
        recipe: { measure: 'PARTS', parts: [], doses: [] },
        locked: [],
      },
      global: surroundings(),
    })
  it('sends what is asked and takes a proposal over by its number', async () => {
    const asked = stubServer({ ...lists, [`POST /api/finds/${ID}`]: state({ proposals: [proposal] }) })
    const view = drawer()
    await flushPromises()
    await view.get('form').trigger('submit')
    await flushPromises()
    expect(searched(asked)?.body).toMatchObject({
      form: 'FIND',
      among: 'SHELF',
      briefs: [{ plantId: 'jade' }],
    })
    await view.get('.inside').trigger('keydown', { key: '2' })
    expect(view.emitted('take')).toBeUndefined()
    await view.get('.inside').trigger('keydown', { key: '1', ctrlKey: true })
    expect(view.emitted('take')).toBeUndefined()
    await view.get('.inside').trigger('keydown', { key: '1' })
    expect(view.emitted('take')).toHaveLength(1)
  })
  it('numbers that are typed into a field take nothing over', async () => {
    stubServer({ ...lists, [`POST /api/finds/${ID}`]: state({ proposals: [proposal] }) })
    const view = drawer()
    await flushPromises()
    await view.get('form').trigger('submit')
    await flushPromises()
    await view.get('#find-materials').trigger('keydown', { key: '1' })
    expect(view.emitted('take')).toBeUndefined()
  })
  it('leads to the shelf when there is nothing to search among', async () => {
    const empty = { ...state({ said: ['There is nothing to mix.'] }), candidates: 0 }
    stubServer({ ...lists, [`POST /api/finds/${ID}`]: empty })
    const view = drawer()
    await flushPromises()
    await view.get('form').trigger('submit')
    await flushPromises()
    expect(view.text()).toContain('Put on the shelf')
  })
})

describe('one blend for many', () => {
  it('asks for names first', async () => {
    const asked = stubServer(lists)
    const view = mount(SharePage, { global: surroundings() })
    await view.get('form').trigger('submit')
    expect(view.get('[role=alert]').text()).toContain('2 plants have no name yet')
    expect(searched(asked)).toBeUndefined()
  })
  it('adds a line like the last, shows the advised split and others', async () => {
    const brief = {
      stage: 'ESTABLISHED',
      plantId: 'jade',
      habit: { everyDays: 8, amount: 'THOROUGHLY', hand: 'STEADY', water: 'RAIN' },
    }
    localStorage.setItem(
      'loose-knit.share',
      JSON.stringify({ briefs: [brief, { ...brief, plantId: 'fern' }] }),
    )
    const groups = (all: number[][]) =>
      all.map((plants) => ({ plants, proposals: plants.map(() => proposal) }))
    const asked = stubServer({
      ...lists,
      [`POST /api/finds/${ID}`]: state({
        splits: [
          { groups: groups([[0, 1]]), worstFit: 40 },
          { groups: groups([[0], [1]]), worstFit: 97 },
        ],
        advisedSplit: 1,
      }),
    })
    const view = mount(SharePage, { global: surroundings() })
    await flushPromises()
    await view.get('form').trigger('submit')
    await flushPromises()
    await vi.waitFor(() => expect(view.findAll('.group')).toHaveLength(2))
    expect(searched(asked)?.body).toMatchObject({ form: 'SHARED' })
    expect(view.get('.splits .on').text()).toContain('worst fit 97, enough')
    await view.findAll('.splits button')[0]?.trigger('click')
    expect(view.findAll('.group')).toHaveLength(1)
    await view
      .findAll('button')
      .find((each) => each.text().startsWith('One more plant'))
      ?.trigger('click')
    const kept = JSON.parse(localStorage.getItem('loose-knit.share') ?? '{}') as { briefs: object[] }
    expect(kept.briefs[2]).toEqual({
      stage: 'ESTABLISHED',
      habit: { everyDays: 8, amount: 'THOROUGHLY', hand: 'STEADY', water: 'RAIN' },
    })
  })
})

describe('progress', () => {
  it('is told to screen readers too', () => {
    const view = mount(FindProgress, { props: { state: undefined }, global: surroundings() })
    expect(view.get('[role=status]').text()).toContain('asking')
    expect(view.get('[role=progressbar]').attributes('aria-label')).toContain('settled')
  })
})
