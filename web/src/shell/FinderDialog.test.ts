import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { hit, names } from '@/testing/names'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import FinderDialog from './FinderDialog.vue'

const KNOWN = names({
  'peace lilly': { hits: [hit('PLANT', 'lily', 'Peace lily', { how: 'MISTYPED' })], sure: false },
  'manjula pothos': { hits: [hit('PLANT', 'pothos', 'Golden pothos')], aside: ['manjula'] },
  cellar: [
    hit('BLEND', 'a', 'Cellar mix', { about: 'Peace lily', materialId: 'peat' }),
    hit('POT', 'p1', 'Cellar pot'),
    hit('BATCH', 'b7', 'L-7', { about: 'Cellar mix' }),
    hit('MATERIAL', 'peat', 'Cellar peat'),
    hit('AMENDMENT', 'lime', 'Cellar lime'),
  ],
  keys: [hit('ALSO', 'do-keys', 'See all keys')],
})
const open = async (named: unknown = KNOWN) => {
  const asked = stubServer({ 'POST /api/named': named })
  const around = surroundings()
  const router = around.plugins[2] as unknown as { currentRoute: { value: { fullPath: string } } }
  const view = mount(FinderDialog, {
    props: { open: true },
    global: { ...around, stubs: { teleport: true } },
    attachTo: document.body,
  })
  await flushPromises()
  const field = view.get('input')
  const shown = () => view.findAll('[role=option]').map((each) => each.text())
  const typed = async (text: string, first: string) => {
    await field.setValue(text)
    await vi.waitFor(() => expect(shown()[0]).toContain(first))
  }
  return { view, asked, router, field, shown, typed }
}

beforeEach(() => {
  document.body.innerHTML = ''
})

describe('finding anything', () => {
  it('offers where to go before anything is typed', async () => {
    const { shown, asked } = await open()
    expect(shown()[0]).toContain('Start a new blend')
    expect(asked).toEqual([])
  })

  it('asks for all kinds of things and for what the page offers', async () => {
    const { typed, asked, shown } = await open()
    await typed('cellar', 'Cellar mix')
    expect(shown()).toHaveLength(5)
    expect(asked[0]?.body).toMatchObject({ typed: 'cellar' })
    expect((asked[0]?.body as { also: { id: string }[] }).also.map((each) => each.id)).toContain('go-unknown')
  })

  it('says what is only alike, what is set aside, and that there is nothing', async () => {
    const { typed, view, field } = await open()
    await typed('peace lilly', 'Peace lily')
    expect(view.get('[role=status]').text()).toContain('may be meant')
    await typed('manjula pothos', 'Golden pothos')
    expect(view.get('[role=status]').text()).toContain('“manjula”')
    await field.setValue('zzzzzz')
    await vi.waitFor(() => expect(view.get('[role=status]').text()).toContain('Nothing is called that'))
  })

  it('goes there by key, though it was pressed before the answer came', async () => {
    const { view, field, router } = await open()
    await field.setValue('cellar')
    await field.trigger('keydown', { key: 'Enter' })
    await vi.waitFor(() => expect(router.currentRoute.value.fullPath).toBe('/blends/a'))
    expect(view.emitted('update:open')).toEqual([[false]])
  })

  it('does what the page offers', async () => {
    const { view, field, typed } = await open()
    await typed('keys', 'See all keys')
    await field.trigger('keydown', { key: 'ArrowDown' })
    await field.trigger('keydown', { key: 'ArrowUp' })
    await field.trigger('keydown', { key: 'Enter' })
    expect(view.emitted('keys')).toHaveLength(1)
  })

  it('passes on why the server does not answer', async () => {
    const { view, field } = await open(new Refusal(503, { detail: 'Too much at once.' }))
    await field.setValue('cellar')
    await vi.waitFor(() => expect(view.get('[role=alert]').text()).toContain('Too much at once.'))
  })
})
