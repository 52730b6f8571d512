import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { notices } from '@/parts/notices'
import { stubServer, surroundings } from '@/testing/stubbedServer'
import TakeBlendIn from './TakeBlendIn.vue'

const blend = {
  format: 'loose-knit blend',
  version: 1,
  name: 'From the pier',
  note: 'as we mix it',
  materials: [{}],
}
const taken = { name: 'From the pier', tests: 1, fresh: ['Tide sand'], renamed: [] }

const choose = async (text: string) => {
  vi.spyOn(crypto, 'randomUUID').mockReturnValue('00000000-0000-4000-8000-000000000001')
  const asked = stubServer({ 'POST /api/shared-blends/look': taken, 'POST /api/shared-blends/take': taken })
  const view = mount(TakeBlendIn, {
    global: {
      ...surroundings(),
      stubs: { Dialog: { props: ['visible'], template: '<div v-if="visible"><slot /></div>' } },
    },
  })
  const input = view.get('input')
  const file = { size: text.length, text: () => Promise.resolve(text) }
  Object.defineProperty(input.element, 'files', { value: [file] })
  await input.trigger('change')
  await flushPromises()
  await flushPromises()
  return { view, asked }
}

describe('a blend from elsewhere', () => {
  beforeEach(() => {
    notices.splice(0)
    vi.restoreAllMocks()
  })

  it('is shown before it is taken', async () => {
    const { view, asked } = await choose(JSON.stringify(blend))
    expect(view.text()).toMatch(/as we mix it.*1 test comes with it.*Tide sand/s)
    expect(asked.map((each) => each.path)).toEqual(['/api/shared-blends/look'])
    await view.get('button').trigger('click')
    await flushPromises()
    expect(asked.at(-1)?.body).toEqual({ id: '00000000-0000-4000-8000-000000000001', blend })
    expect(notices.at(-1)?.words).toBe('From the pier is among your blends.')
  })

  it('is told apart from what is none', async () => {
    const { asked } = await choose('no blend')
    expect(asked).toEqual([])
    expect(notices.at(-1)?.words).toContain('not readable JSON')
  })
})
