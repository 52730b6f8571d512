import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { books, eachAnewWithoutWaiting, facts, glance, lot, sent, settle } from '@/testing/shelf'
import { type Asked, Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import type { FileImport, LotFacts } from '@/api/types'
import BuyPanel from './BuyPanel.vue'
import FilesPanel from './FilesPanel.vue'
import LotForm from './LotForm.vue'
import OwnForm from './OwnForm.vue'
import QuickAdd from './QuickAdd.vue'

eachAnewWithoutWaiting()

describe('quick add', () => {
  const kept = { id: 'n1', materialId: 'peat', sold: 'PRESSED_LITRES' }

  it('asks for what is missing and keeps what was typed', async () => {
    stubServer(books)
    const wrapper = mount(QuickAdd, { global: surroundings() })
    await settle()
    await wrapper.get('form').trigger('submit')
    expect(wrapper.get('[role=alert]').text()).toContain('Which material is it?')

    await wrapper.get('#quick-amount').setValue('70')
    expect(wrapper.find('[role=alert]').exists()).toBe(false)
    const again = mount(QuickAdd, { global: surroundings() })
    expect((again.get('#quick-amount').element as HTMLInputElement).value).toBe('70')
  })

  it('stores a lot that is full, with the usual swell', async () => {
    localStorage.setItem('loose-knit.quick-add', JSON.stringify(kept))
    const asked = stubServer({
      ...books,
      'POST /api/shelf/worth': { litres: 112, pricePerLitre: 0.125 },
      'POST /api/shelf/lots': lot(),
    })
    const wrapper = mount(QuickAdd, { global: surroundings() })
    await settle()
    await wrapper.get('#quick-amount').setValue('70')
    await wrapper.get('#quick-price').setValue('14')
    await settle()
    expect(wrapper.get('.worth').text()).toBe('112 L, € 0.13 a litre')
    await wrapper.get('form').trigger('submit')
    await settle()

    expect(sent(asked, 'POST /api/shelf/lots')[0]?.body).toEqual({
      id: 'n1',
      facts: { ...facts, price: 14 },
    })
    expect(wrapper.emitted('added')).toEqual([['l1', 'Sphagnum peat']])
    expect((wrapper.get('#quick-amount').element as HTMLInputElement).value).toBe('')
  })

  it('shows why the server refuses, and loses nothing', async () => {
    localStorage.setItem('loose-knit.quick-add', JSON.stringify({ ...kept, amount: 70, swell: 99 }))
    stubServer({
      ...books,
      'POST /api/shelf/worth': () => new Refusal(422, { detail: 'Allowed: 1 to 6 litres.' }),
    })
    const wrapper = mount(QuickAdd, { global: surroundings() })
    await settle()
    expect(wrapper.get('[role=alert]').text()).toBe('Allowed: 1 to 6 litres.')
    expect((wrapper.get('#quick-swell').element as HTMLInputElement).value).toBe('99')
  })
})

describe('a lot, opened', () => {
  const open = () => mount(LotForm, { props: { lot: lot() }, global: surroundings() })

  it('saves itself a moment after a change', async () => {
    const asked = stubServer({
      ...books,
      'PUT /api/shelf/lots/l1': ({ body }: Asked) =>
        lot({ revision: 4, facts: (body as { facts: LotFacts }).facts }),
    })
    const wrapper = open()
    await wrapper.get('#price-l1').setValue('12')
    expect(wrapper.get('.state').text()).toBe('not saved yet')
    await settle()

    expect(sent(asked, 'PUT /api/shelf/lots/l1')[0]?.body).toEqual({
      revision: 3,
      facts: { ...facts, price: 12 },
    })
    expect(wrapper.get('.state').text()).toBe('saved')
    expect(localStorage.getItem('loose-knit.lot.l1')).toBeNull()
  })

  it('says what is wrong and keeps it over a reload', async () => {
    stubServer({
      ...books,
      'PUT /api/shelf/lots/l1': () => new Refusal(422, { detail: 'The pH is 44. Allowed: 2 to 12 pH.' }),
    })
    const wrapper = open()
    await wrapper.get('#ph-l1').setValue('44')
    await settle()
    expect(wrapper.get('.say.harm').text()).toContain('2 to 12 pH')

    expect((open().get('#ph-l1').element as HTMLInputElement).value).toBe('44')
  })

  it('lets choose when another window was quicker', async () => {
    const theirs = lot({ revision: 9, facts: { ...facts, price: 20 } })
    const asked = stubServer({
      ...books,
      'PUT /api/shelf/lots/l1': ({ body }: Asked) =>
        (body as { revision: number }).revision === 3
          ? new Refusal(409, { detail: 'changed', current: theirs })
          : lot({ revision: 10, facts: (body as { facts: LotFacts }).facts }),
    })
    const wrapper = open()
    await wrapper.get('#price-l1').setValue('12')
    await settle()
    expect(wrapper.get('.say.attention').text()).toContain('changed in another window')
    await wrapper.get('.say.attention button').trigger('click')
    await settle()
    expect(sent(asked, 'PUT /api/shelf/lots/l1').at(-1)?.body).toEqual({
      revision: 9,
      facts: { ...facts, price: 12 },
    })
  })

  it('shows what measuring changed', async () => {
    const findings = [{ name: 'pH', unit: '', book: 3.9, bookSd: 0.5, lot: 4.33, lotSd: 0.19, decimals: 1 }]
    stubServer({ ...books, 'GET /api/shelf/lots/l1/findings': findings })
    const wrapper = mount(LotForm, {
      props: { lot: lot({ inUse: false }) },
      global: surroundings(),
    })
    await settle()
    expect(wrapper.get('tbody').text()).toContain('3.9 ± 0.5')
    expect(wrapper.get('tbody').text()).toContain('4.3 ± 0.2')
    expect(wrapper.text()).toContain('this one waits its turn')
  })
})

describe('what to buy', () => {
  const offer = (id: string, amount: number, price: number) => ({
    id,
    facts: { materialId: 'peat', sold: 'LOOSE_LITRES', amount, swell: 0, price, supplier: 'quay' },
    materialName: 'Sphagnum peat',
    litres: amount,
    pricePerLitre: price / amount,
  })
  const way = (offerId: string, count: number, litres: number, cost: number) => ({
    packs: [{ offerId, count }],
    litres,
    cost,
    perLitreNeeded: cost / 10,
    leftOver: litres - 10,
  })

  it('puts the cheapest way first and names what is left over', async () => {
    localStorage.setItem('loose-knit.need', JSON.stringify({ materialId: 'peat', litres: 10 }))
    stubServer({
      ...books,
      'GET /api/shelf/offers': [offer('a', 6, 4), offer('b', 20, 7.5)],
      'POST /api/shelf/buy': {
        needLitres: 10,
        single: [way('a', 2, 12, 8), way('b', 1, 20, 7.5)],
        cheapest: way('b', 1, 20, 7.5),
      },
    })
    const wrapper = mount(BuyPanel, { global: surroundings() })
    await settle()
    const lines = wrapper.findAll('.ways li').map((each) => each.text())
    expect(lines).toHaveLength(2)
    expect(lines[0]).toContain('cheapest: 1 × 20 L, quay')
    expect(lines[0]).toContain('10 L left over')
    expect(lines[1]).toContain('2 × 6 L, quay')
  })

  it('begins with what runs low', async () => {
    stubServer({
      ...books,
      'GET /api/shelf': glance([lot({ low: true })], 100, 70),
      'POST /api/shelf/buy': { needLitres: 10, single: [] },
    })
    const wrapper = mount(BuyPanel, { global: surroundings() })
    await settle()
    expect(wrapper.text()).toContain('What to buy of sphagnum peat')
    expect(wrapper.text()).toContain('and 69 more')
    expect(wrapper.text()).toContain('No pack of it on offer yet.')
  })
})

describe('an own material', () => {
  const preview = {
    grade: 'up to 2 mm',
    does: 'Your own soil: loam by the jar.',
    figures: [{ name: 'all pores', unit: '%', value: 50, sd: 4, decimals: 0 }],
    constituents: [],
    texture: { words: 'loam', sandPercent: 40, siltPercent: 40, clayPercent: 20, heavy: false },
  }

  it('is worked out while it is typed, and stored under an id from its name', async () => {
    const asked = stubServer({
      ...books,
      'POST /api/own-materials/preview': preview,
      'POST /api/own-materials': '',
    })
    const wrapper = mount(OwnForm, { props: { own: undefined }, global: surroundings() })
    expect(wrapper.text()).toContain('at least one material')
    await wrapper.findAll('input[type=radio]')[1]?.setValue(true)
    expect(wrapper.text()).toContain('Write the three heights')
    for (const [id, value] of [
      ['jar-minute', '4'],
      ['jar-hours', '8'],
      ['jar-clear', '10'],
      ['jar-organic', '3'],
      ['jar-ph', '6.5'],
    ]) {
      await wrapper.get(`#${id}`).setValue(value)
    }
    await settle()
    expect(wrapper.get('.texture').text()).toBe('loam')
    expect(wrapper.get('dl').text()).toContain('50± 4.0 %')

    await wrapper.get('form').trigger('submit')
    expect(wrapper.get('.say.harm').text()).toContain('The name is empty')
    await wrapper.get('#own-name').setValue('Lake söil')
    await wrapper.get('form').trigger('submit')
    await settle()
    const stored = sent(asked, 'POST /api/own-materials')[0]?.body as { id: string; facts: object }
    expect(stored.id).toMatch(/^own_lake_so_il_[0-9a-f]{4}$/)
    expect(stored.facts).toEqual({
      name: 'Lake söil',
      soil: { afterMinuteCm: 4, afterHoursCm: 8, clearCm: 10, organicPercent: 3, ph: 6.5 },
    })
    expect(wrapper.emitted('saved')).toEqual([['Lake söil']])
  })

  it('shows what cannot be, and keeps it', async () => {
    stubServer({
      ...books,
      'POST /api/own-materials/preview': () => new Refusal(422, { detail: 'what has settled only grows' }),
    })
    const own = {
      id: 'own_x',
      revision: 1,
      facts: {
        name: 'X',
        soil: { afterMinuteCm: 8, afterHoursCm: 4, clearCm: 10, organicPercent: 3, ph: 6 },
      },
    }
    const wrapper = mount(OwnForm, { props: { own }, global: surroundings() })
    await settle()
    expect(wrapper.get('.comes-to [role=alert]').text()).toContain('only grows')
    await wrapper.get('#jar-clear').setValue('12')
    const again = mount(OwnForm, { props: { own }, global: surroundings() })
    expect((again.get('#jar-clear').element as HTMLInputElement).value).toBe('12')
  })
})

describe('files', () => {
  const job = (state: FileImport['state'], change: Partial<FileImport> = {}): FileImport => ({
    id: 'j1',
    kind: 'shelf',
    state,
    done: 3,
    total: 10,
    added: 1,
    changed: 0,
    same: 0,
    wrong: 0,
    says: '1 new, 0 changed, 0 the same, 0 wrong.',
    rows: [{ line: 2, name: 'peat', change: 'NEW', says: '' }],
    ...change,
  })
  const take = async (wrapper: ReturnType<typeof mount>, text: string) => {
    const input = wrapper.get('#file-shelf')
    Object.defineProperty(input.element, 'files', {
      value: [{ name: 'lots.csv', size: text.length, text: async () => text }],
    })
    await input.trigger('change')
    await flushPromises()
  }
  const answering = (states: FileImport[]) => {
    let at = 0
    return () => states[Math.min(at++, states.length - 1)]
  }

  it('are looked through with progress, then stored when asked', async () => {
    const id = 'b5a7e0a4-0000-4000-8000-000000000001'
    vi.spyOn(crypto, 'randomUUID').mockReturnValue(id)
    const given = answering([
      job('READING', { id }),
      job('READY', { id }),
      job('STORING', { id }),
      job('DONE', { id, says: 'Stored: 1 new, 0 changed.' }),
    ])
    const asked = stubServer({
      [`POST /api/imports/${id}`]: given,
      [`GET /api/imports/${id}`]: given,
      [`POST /api/imports/${id}/apply`]: given,
    })
    const wrapper = mount(FilesPanel, { global: surroundings() })
    await take(wrapper, 'id,material')
    expect(wrapper.get('[role=progressbar]').attributes('aria-valuenow')).toBe('30')
    expect(localStorage.getItem('loose-knit.import')).toBe(id)
    await settle()
    expect(wrapper.text()).toContain('1 new, 0 changed')
    await wrapper
      .findAll('button')
      .find((each) => each.text() === 'Store it')
      ?.trigger('click')
    await settle()
    expect(wrapper.text()).toContain('Stored: 1 new')
    expect(localStorage.getItem('loose-knit.import')).toBeNull()
    expect(asked[0]).toMatchObject({ method: 'POST', body: 'id,material' })
    vi.restoreAllMocks()
  })

  it('are found again after a reload, and cannot be stored while a line is wrong', async () => {
    localStorage.setItem('loose-knit.import', 'j1')
    stubServer({
      'GET /api/imports/j1': job('READY', {
        wrong: 1,
        rows: [{ line: 3, name: '', change: 'WRONG', says: 'no material "pete"' }],
      }),
    })
    const wrapper = mount(FilesPanel, { global: surroundings() })
    await settle()
    expect(wrapper.text()).toContain('no material "pete"')
    expect(wrapper.text()).toContain('Nothing is stored while a line is wrong')
    expect(wrapper.findAll('button').map((each) => each.text())).not.toContain('Store it')
  })

  it('say so when the server has forgotten the file', async () => {
    localStorage.setItem('loose-knit.import', 'gone')
    stubServer({})
    const wrapper = mount(FilesPanel, { global: surroundings() })
    await settle()
    expect(wrapper.get('[role=alert]').text()).toContain('Nothing of it was stored')
    expect(localStorage.getItem('loose-knit.import')).toBeNull()
  })
})
