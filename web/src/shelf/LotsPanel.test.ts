import { mount, type VueWrapper } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { notices } from '@/parts/notices'
import { books, eachAnewWithoutWaiting, glance, lot, sent, settle } from '@/testing/shelf'
import { type Asked, Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import LotsPanel from './LotsPanel.vue'

eachAnewWithoutWaiting()
const press = async (view: VueWrapper, words: string) => {
  const found = view.findAll('button').find((each) => each.text().startsWith(words))
  expect(found, words).toBeDefined()
  await found?.trigger('click')
}

describe('the shelf', () => {
  it('teaches when it is empty', async () => {
    stubServer({ ...books, 'GET /api/shelf': glance([]) })
    const wrapper = mount(LotsPanel, { global: surroundings() })
    await settle()
    expect(wrapper.text()).toContain('tick what you own')
  })

  it('counts several lots at once', async () => {
    const asked = stubServer({
      ...books,
      'GET /api/shelf': glance([lot(), lot({ id: 'l2' })]),
      'PUT /api/shelf/count': [lot({ id: 'l2', revision: 4 })],
    })
    const wrapper = mount(LotsPanel, { global: surroundings() })
    await settle()
    await press(wrapper, 'Count up')
    await wrapper.get('#count-l2').setValue('9')
    await press(wrapper, 'Store the count')
    await settle()
    expect(sent(asked, 'PUT /api/shelf/count')[0]?.body).toEqual({
      lots: [{ id: 'l2', revision: lot().revision, leftLitres: 9 }],
    })
    expect(wrapper.find('#count-l2').exists()).toBe(false)

    // taken back only if nobody has counted it since
    await notices.at(-1)?.undo?.()
    expect(sent(asked, 'PUT /api/shelf/count')[1]?.body).toEqual({
      lots: [{ id: 'l2', revision: 4, leftLitres: lot().facts.leftLitres }],
    })
  })

  it('shows a long section in pieces', async () => {
    const many = Array.from({ length: 290 }, (_, i) => lot({ id: `l${i}` }))
    const asked = stubServer({
      ...books,
      'GET /api/shelf': glance(many.slice(0, 40), 290),
      'GET /api/shelf/sections/WATER': ({ query }: Asked) =>
        many.slice(Number(query.get('from')), Number(query.get('from')) + 200),
    })
    const wrapper = mount(LotsPanel, { global: surroundings() })
    await settle()
    expect(wrapper.findAll('.lot-row')).toHaveLength(40)
    expect(wrapper.get('.more').text()).toContain('250')
    await wrapper.get('.more').trigger('click')
    await settle()
    expect(wrapper.findAll('.lot-row')).toHaveLength(240)
    await wrapper.get('.more').trigger('click')
    await settle()
    expect(wrapper.findAll('.lot-row')).toHaveLength(290)
    expect(wrapper.find('.more').exists()).toBe(false)
    expect(sent(asked, 'GET /api/shelf/sections/WATER').map((each) => each.query.get('from'))).toEqual([
      '40',
      '240',
    ])
  })

  it('keeps lots in the sections that the server has put them into, whatever is known of their material yet', async () => {
    stubServer({ ...books, 'GET /api/materials': new Refusal(503, {}) })
    const wrapper = mount(LotsPanel, { global: surroundings() })
    await settle()
    expect(wrapper.findAll('section h2').map((each) => each.text())).toEqual(['holds water'])
    expect(wrapper.findAll('.lot-row')).toHaveLength(1)
    expect(wrapper.find('.more').exists()).toBe(false)
  })

  it('shows what is being counted wherever it stands, and not what is gone meanwhile', async () => {
    localStorage.setItem('loose-knit.count', JSON.stringify({ on: true, left: { l99: 3, gone: 1 } }))
    const asked = stubServer({
      ...books,
      'GET /api/shelf': glance([lot()], 100),
      'GET /api/shelf/lots/l99': lot({ id: 'l99' }),
      'PUT /api/shelf/count': [lot({ id: 'l99', revision: 4 })],
    })
    const wrapper = mount(LotsPanel, { global: surroundings() })
    await settle()
    expect(wrapper.findAll('.lot-row')).toHaveLength(2)
    expect((wrapper.get('#count-l99').element as HTMLInputElement).value).toBe('3')
    await press(wrapper, 'Store the count')
    await settle()
    expect(sent(asked, 'PUT /api/shelf/count')[0]?.body).toEqual({
      lots: [{ id: 'l99', revision: 3, leftLitres: 3 }],
    })
  })

  it('stores no part of a count while lots of it are not read, and all of it once they are', async () => {
    localStorage.setItem('loose-knit.count', JSON.stringify({ on: true, left: { l1: 5, l99: 3 } }))
    let there: unknown = new Refusal(500, { detail: 'a fault' })
    const asked = stubServer({
      ...books,
      'GET /api/shelf': glance([lot()], 100),
      'GET /api/shelf/lots/l99': () => there,
      'PUT /api/shelf/count': [],
    })
    const wrapper = mount(LotsPanel, { global: surroundings() })
    await settle()
    const store = async () => {
      await press(wrapper, 'Store the count')
      await settle()
    }
    there = lot({ id: 'l99' })
    await store()
    expect(wrapper.get('[role=alert]').text()).toContain('nothing is stored yet')
    expect(sent(asked, 'PUT /api/shelf/count')).toEqual([])

    await store()
    expect(sent(asked, 'PUT /api/shelf/count')[0]?.body).toEqual({
      lots: [
        { id: 'l1', revision: 3, leftLitres: 5 },
        { id: 'l99', revision: 3, leftLitres: 3 },
      ],
    })
  })

  it('says why further lots are not there, and asks for the same again', async () => {
    const many = Array.from({ length: 60 }, (_, i) => lot({ id: `l${i}` }))
    let further: unknown = new Refusal(503, { detail: 'The house is being closed.' })
    stubServer({
      ...books,
      'GET /api/shelf': glance(many.slice(0, 40), 60),
      'GET /api/shelf/sections/WATER': () => further,
    })
    const wrapper = mount(LotsPanel, { global: surroundings() })
    await settle()
    await wrapper.get('.more').trigger('click')
    await settle()
    expect(wrapper.get('[role=alert]').text()).toBe('The house is being closed.')
    further = many.slice(40)
    await wrapper.get('.more').trigger('click')
    await settle()
    expect(wrapper.findAll('.lot-row')).toHaveLength(60)
    expect(wrapper.find('[role=alert]').exists()).toBe(false)
  })
})
