import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { hit, names } from '@/testing/names'
import { stubServer, surroundings } from '@/testing/stubbedServer'
import PlantField from './PlantField.vue'

const field = async () => {
  stubServer({
    'GET /api/plants': [
      {
        id: 'golden',
        name: 'Golden barrel cactus',
        botanical: 'Kroenleinia grusonii',
        otherNames: ['golden ball'],
      },
    ],
    'POST /api/named': names({
      barrel: [
        hit('PLANT', 'golden', 'Golden barrel cactus', { about: 'Kroenleinia grusonii' }),
        hit('PLANT', 'fishhook', 'Fishhook barrel cactus'),
      ],
      'golden barrel cactus': [hit('PLANT', 'golden', 'Golden barrel cactus', { how: 'WHOLE' })],
      'peece lilly': { hits: [hit('PLANT', 'lily', 'Peace lily', { how: 'MISTYPED' })], sure: false },
    }),
  })
  const view = mount(PlantField, {
    props: { modelValue: undefined },
    global: surroundings(),
    attachTo: document.body,
  })
  await flushPromises()
  const complete = view.findComponent({ name: 'AutoComplete' })
  const type = async (text: string) => {
    complete.vm.$emit('update:modelValue', text)
    complete.vm.$emit('complete', { query: text })
    await flushPromises()
  }
  const offered = () => (complete.props('suggestions') as { id: string }[]).map((each) => each.id)
  return { view, complete, type, offered }
}

beforeEach(() => {
  document.body.innerHTML = ''
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  return () => vi.useRealTimers()
})

describe('a plant by any of its names', () => {
  it('leaves the suggestions where they are while one is pressed on', async () => {
    const { view, complete, type, offered } = await field()
    await type('barrel')
    await view.get('.plant-field').trigger('pointerdown')
    complete.vm.$emit('blur')
    vi.advanceTimersByTime(5000)
    await flushPromises()
    expect(offered()).toEqual(['golden', 'fishhook'])
    complete.vm.$emit('option-select', { value: { id: 'golden', name: 'Golden barrel cactus', matched: '' } })
    vi.advanceTimersByTime(400)
    await flushPromises()
    expect(view.emitted('update:modelValue')?.at(-1)).toEqual(['golden'])
    expect(view.find('[role=alert]').exists()).toBe(false)
  })

  it('takes a whole name that was typed and left, at once', async () => {
    const { view, complete, type } = await field()
    await type('golden ball')
    complete.vm.$emit('blur')
    expect(view.emitted('update:modelValue')?.at(-1)).toEqual(['golden'])
  })

  it('asks about what only resembles a name, and takes nothing by itself', async () => {
    const { view, complete, type } = await field()
    await type('peece lilly')
    await complete.trigger('keydown', { key: 'Enter' })
    await flushPromises()
    expect(view.get('[role=alert]').text()).toContain('It may be called')
    expect(view.emitted('update:modelValue')).toBeUndefined()
    await view.get('[role=alert] button').trigger('click')
    expect(view.emitted('update:modelValue')?.at(-1)).toEqual(['lily'])
  })

  it('leads on from what is not in the Book at all', async () => {
    const { view, type } = await field()
    await type('wombat')
    expect(view.get('[role=alert]').text()).toContain('nor anything like it')
    expect(view.get('[role=alert] a').attributes('href')).toBe('/book/unknown')
  })
})
