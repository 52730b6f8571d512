import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { BlendRecord, HouseYear, Recall } from '@/api/types'
import LabelsDialog from '@/parts/LabelsDialog.vue'
import { potting } from '@/testing/pots'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import RecallPage from './RecallPage.vue'
import RecordList from './RecordList.vue'
import YearPage from './YearPage.vue'

const year: HouseYear = {
  year: 2026,
  years: [2026, 2025],
  mixed: [
    { name: 'Rope ladder', batches: 2, litres: 40 },
    { name: 'House mix', batches: 1, litres: 25 },
  ],
  used: [
    { name: 'Peat', litres: 30, cost: 6.5 },
    { name: 'Grit', litres: 10 },
  ],
  spent: 6.5,
  unpriced: 1,
  potted: 41,
  repotted: 2,
  increased: 1,
  givenAway: 0,
  lost: [{ id: 'p1', label: 'Living stones, sand', on: '2026-02-01', words: 'rotted' }],
  looks: 900,
  waterings: 400,
  feeds: 2,
  fedGrams: 20,
  blends: [
    { name: 'Rope ladder', plants: 14, words: ['14 pots, 90 % live after a year', 'dries as reckoned'] },
  ],
  places: [],
}

describe('the year', () => {
  it('tells what was mixed, spent, lost and learnt', async () => {
    stubServer({ 'GET /api/year': year })
    const view = mount(YearPage, { global: surroundings() })
    await flushPromises()
    expect(view.get('.sums').text()).toMatch(/mixed\s*65 L.*lost\s*1.*6\.50/s)
    expect(view.text()).toContain('1 material has no price and does not count.')
    expect(view.text()).toMatch(/Rope ladder\s*14 pots, 90 % live after a year; dries as reckoned/)
    expect(view.text()).toMatch(/Living stones, sand.*rotted/s)
  })

  it('says so where there is nothing to tell', async () => {
    stubServer({
      'GET /api/year': { ...year, mixed: [], used: [], lost: [], blends: [], feeds: 0, unpriced: 0 },
    })
    const view = mount(YearPage, { global: surroundings() })
    await flushPromises()
    for (const words of [
      'Nothing was mixed.',
      'Nothing came off the shelf.',
      'Nothing was lost.',
      'Too few pots',
    ]) {
      expect(view.text()).toContain(words)
    }
  })
})

describe('where a lot went', () => {
  const recall: Recall = {
    of: '2026-03-01-A',
    batches: [{ id: 'b1', lot: '2026-03-01-A', blendName: 'House mix', litres: 20 }],
    pots: [potting('p1', { label: 'Fern, stair' }), potting('p2', { label: 'Lily, lent', state: 'LENT' })],
  }
  const open = async (answer: unknown) => {
    stubServer({ 'GET /api/recall': answer })
    const view = mount(RecallPage, { props: { what: 'batch', id: 'b1' }, global: surroundings() })
    await flushPromises()
    return view
  }

  it('lists every pot, those that are not here too, with labels that carry a note', async () => {
    const view = await open(recall)
    expect(view.text()).toContain('2 pots hold some of it.')
    expect(view.text()).toMatch(/not here any more.*Lily, lent/s)
    await view.get('#recall-note').setValue('Take it back')
    const labels = view.getComponent(LabelsDialog)
    expect(labels.props('more')).toEqual({ ids: 'p1,p2', note: 'Take it back' })
    await view
      .findAll('button')
      .find((each) => each.text() === 'Labels for these pots …')
      ?.trigger('click')
    expect(labels.props('open')).toBe(true)
  })

  it('says where it went nowhere, and where it is not known', async () => {
    expect((await open({ of: 'Peat', batches: [], pots: [] })).text()).toContain(
      'It has gone into no batch yet.',
    )
    expect(
      (await open(new Refusal(404, { detail: 'This batch is not there.' }))).get('[role=alert]').text(),
    ).toContain('not there')
  })
})

describe('the records of blends', () => {
  it('lists a few, with a word where they are few', async () => {
    const record = (name: string, few: boolean): BlendRecord => ({
      blend: name,
      name,
      plants: 4,
      words: ['4 pots, none lost so far'],
      few,
    })
    stubServer({
      'GET /api/outcomes/blends': ['a', 'b', 'c', 'd', 'e'].map((name, i) => record(name, i === 0)),
    })
    const view = mount(RecordList, { props: { plantId: 'fern' }, global: surroundings() })
    await flushPromises()
    expect(view.findAll('li')).toHaveLength(4)
    expect(view.findAll('li')[0]?.text()).toContain('(few)')
    expect(view.findAll('li')[1]?.text()).not.toContain('(few)')
  })
})
