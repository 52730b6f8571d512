import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { notices } from '@/parts/notices'
import { stubServer, surroundings } from '@/testing/stubbedServer'
import CopyRecipe from './CopyRecipe.vue'

const recipe = { measure: 'PARTS' as const, parts: [{ materialId: 'peat', amount: 3 }], doses: [] }
const open = async (parts = recipe.parts) => {
  const asked = stubServer({
    'POST /api/recipes/write': ({ body }: { body: { style: string } }) => ({
      lines: [body.style === 'PER_CENT' ? '100 % Sphagnum peat' : '3 parts Sphagnum peat'],
    }),
  })
  const view = mount(CopyRecipe, {
    props: { id: 'b1', open: true, recipe: { ...recipe, parts }, name: 'Cellar mix' },
    global: { ...surroundings(), stubs: { teleport: true } },
  })
  await flushPromises()
  return { view, asked }
}
const clipboard = (writeText: (text: string) => Promise<void>) =>
  vi.stubGlobal('navigator', { ...navigator, clipboard: { writeText } })

beforeEach(() => notices.splice(0))

describe('a recipe as text', () => {
  it('is written in parts or per cent, as chosen, and copied', async () => {
    const copied = vi.fn(() => Promise.resolve())
    clipboard(copied)
    const { view } = await open()
    await vi.waitFor(() => expect(view.get('textarea').element.value).toBe('3 parts Sphagnum peat'))
    await view.findAll('input[type=radio]')[1]?.trigger('change')
    await vi.waitFor(() => expect(view.get('textarea').element.value).toBe('100 % Sphagnum peat'))
    await view.get('form').trigger('submit')
    await flushPromises()
    expect(copied).toHaveBeenCalledWith('100 % Sphagnum peat')
    expect(view.emitted('update:open')).toEqual([[false]])
  })

  it('is selected where the browser does not let it be copied', async () => {
    clipboard(() => Promise.reject(new Error('not allowed')))
    const { view } = await open()
    await vi.waitFor(() => expect(view.get('textarea').element.value).not.toBe(''))
    await view.get('form').trigger('submit')
    await flushPromises()
    expect(notices.at(-1)?.words).toContain('Ctrl+C')
    expect(view.emitted('update:open')).toBeUndefined()
  })

  it('says that there is nothing to copy', async () => {
    const { view, asked } = await open([])
    expect(view.text()).toContain('Nothing to copy yet')
    expect(asked).toEqual([])
  })
})
