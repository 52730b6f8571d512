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
  materials: [{ id: 'own_tide_sand', facts: { name: 'Tide sand' } }],
  recipe: { measure: 'PARTS', parts: [{ materialId: 'own_tide_sand', amount: 3 }], doses: [] },
}
const taken = { name: 'From the pier', tests: 1, fresh: ['Tide sand'], renamed: [] }

const choose = async (text: string, name = 'pier.blend.json', more: Partial<File> = {}) => {
  vi.spyOn(crypto, 'randomUUID').mockReturnValue('00000000-0000-4000-8000-000000000001')
  const asked = stubServer({
    'GET /api/materials': [],
    'POST /api/shared-blends/look': taken,
    'POST /api/shared-blends/take': taken,
    'POST /api/shared-blends/read': { blend, taken, notes: ['perlite: medium is meant'] },
  })
  const view = mount(TakeBlendIn, {
    global: {
      ...surroundings(),
      stubs: { Dialog: { props: ['visible'], template: '<div v-if="visible"><slot /></div>' } },
    },
  })
  const input = view.get('input')
  const file = Object.assign(new File([text], name), { text: () => Promise.resolve(text) })
  Object.entries(more).forEach(([field, value]) => Object.defineProperty(file, field, { value }))
  Object.defineProperty(input.element, 'files', { value: [file] })
  await input.trigger('change')
  await flushPromises()
  await flushPromises()
  return { view, asked }
}

const posted = (asked: { path: string; method: string }[]) =>
  asked.filter((each) => each.method === 'POST').map((each) => each.path)

describe('a blend from elsewhere', () => {
  beforeEach(() => {
    notices.splice(0)
    vi.restoreAllMocks()
  })

  it('is shown before it is taken', async () => {
    const { view, asked } = await choose(JSON.stringify(blend))
    expect(view.text()).toMatch(/as we mix it.*1 test comes with it.*Tide sand/s)
    expect(posted(asked)).toEqual(['/api/shared-blends/look'])
    await view.get('button').trigger('click')
    await flushPromises()
    expect(asked.find((each) => each.path.endsWith('/take'))?.body).toEqual({
      id: '00000000-0000-4000-8000-000000000001',
      blend,
    })
    expect(notices.at(-1)?.words).toBe('From the pier is among your blends.')
  })

  it('is told apart from what is none', async () => {
    const { asked } = await choose('no blend')
    expect(posted(asked)).toEqual([])
    expect(notices.at(-1)?.words).toContain('not readable JSON')
  })

  it('may be a text or a picture of a code, with what was taken for granted', async () => {
    for (const name of ['pier.md', 'Code.PNG', 'code.jpg']) {
      const { view, asked } = await choose('# From the pier', name)
      expect(posted(asked)).toEqual(['/api/shared-blends/read'])
      expect(view.text()).toMatch(/Tide sand.*3.*perlite: medium is meant/s)
    }
  })

  it('is not sent where it is too large to be one', async () => {
    const { asked } = await choose('x', 'pier.png', { size: 9_000_000 })
    expect(posted(asked)).toEqual([])
    expect(notices.at(-1)?.words).toContain('larger than 8 MB')
  })
})
