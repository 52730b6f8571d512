import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { stubServer, surroundings } from '@/testing/stubbedServer'
import UnknownPlantPage from './UnknownPlantPage.vue'

const questions = [
  {
    id: 'grows',
    choices: [
      { id: 'BODY', name: 'a body' },
      { id: 'TRAILS', name: 'trails' },
    ],
  },
  { id: 'leaf', choices: [{ id: 'TRAP', name: 'traps' }] },
]
const likely = [
  {
    plantId: 'any_bog',
    name: 'A bog plant, kind unknown',
    kindName: 'bog plants',
    agrees: ['traps'],
    against: ['trails'],
    such: ['Cape sundew'],
    roots: 'Wet feet.',
  },
]
const page = async () => {
  const asked = stubServer({
    'GET /api/plants-by-looks/questions': questions,
    'POST /api/plants-by-looks': ({ body }: { body: Record<string, string> }) => (body.leaf ? likely : []),
    'POST /api/blends': { id: 'b1' },
  })
  const around = surroundings()
  const view = mount(UnknownPlantPage, { global: around })
  await flushPromises()
  const choose = (label: string) =>
    view
      .findAll('label')
      .find((each) => each.text() === label)
      ?.get('input')
      .trigger('change')
  return {
    view,
    asked,
    choose,
    router: around.plugins[2] as unknown as { currentRoute: { value: { path: string } } },
  }
}

beforeEach(() => localStorage.clear())

describe('a plant whose name is not known', () => {
  it('leads from one answer to a kind, with what fits and what does not', async () => {
    const { view, choose } = await page()
    expect(view.get('.likely').text()).toContain('come here')
    await choose('trails')
    await vi.waitFor(() => expect(view.get('.likely').text()).toContain('No kind looks like that'))
    await choose('traps')
    await vi.waitFor(() => expect(view.get('.likely h2').text()).toBe('bog plants'))
    expect(view.get('.against').text()).toContain('trails')
  })

  it('keeps the answers on reload, and takes one back', async () => {
    const first = await page()
    await first.choose('traps')
    const again = await page()
    await vi.waitFor(() => expect(again.view.get('.likely').text()).toContain('Wet feet.'))
    await again.view.findAll('fieldset')[1]?.findAll('input').at(-1)?.trigger('change')
    expect(again.view.get('.likely').text()).toContain('come here')
  })

  it('starts a mix for any plant of the kind', async () => {
    const { view, choose, asked, router } = await page()
    await choose('traps')
    await vi.waitFor(() => view.get('.likely button'))
    await view.get('.likely button').trigger('click')
    await flushPromises()
    expect(asked.find((each) => each.path === '/api/blends')?.body).toMatchObject({
      brief: { plantId: 'any_bog' },
    })
    expect(router.currentRoute.value.path).toBe('/blends/b1')
  })
})
