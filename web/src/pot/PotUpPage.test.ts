import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Router } from 'vue-router'
import { notices } from '@/parts/notices'
import { plainSetUp, pot, potting, usual } from '@/testing/pots'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import PotUpPage from './PotUpPage.vue'
import SetUpPage from './SetUpPage.vue'

const batch = {
  id: 'b1',
  revision: 0,
  blendId: 'bl1',
  blendName: 'Stair fern',
  lot: '2026-11-20-1',
  recipe: { measure: 'PARTS', parts: [], doses: [] },
  brief: { plantId: 'fern', stage: 'ESTABLISHED', pot },
  fills: [],
  plan: { materials: [] },
}
const answers = {
  'GET /api/batches/b1': batch,
  'GET /api/materials': [],
  'GET /api/amendments': [],
  'GET /api/plants/names': [],
  'POST /api/planting/usual': usual,
  'POST /api/planting/plan': [],
  'POST /api/evaluate': {},
  'DELETE /api/pottings/p1': {},
}
const soon = async () => {
  await new Promise((resolve) => setTimeout(resolve, 60))
  await flushPromises()
}
const open = async (path: string, given: Record<string, unknown> = {}, page: object = PotUpPage) => {
  const asked = stubServer({ ...answers, ...given })
  const around = surroundings()
  const router = around.plugins[2] as unknown as Router
  await router.push(path)
  const view = mount(page, {
    props: page === PotUpPage ? { batchId: 'b1' } : { id: 'p1' },
    global: {
      ...around,
      stubs: {
        BriefSentence: true,
        NewcomerPanel: true,
        RootsStep: true,
        PotStep: true,
        SetUpStep: true,
        WorkStep: true,
        CautionList: true,
      },
    },
  })
  await soon()
  return { view, asked, router }
}
const several = (asked: { path: string; body: unknown }[]) =>
  asked.find((each) => each.path === '/api/pottings/several')?.body

describe('potting up', () => {
  beforeEach(() => {
    notices.splice(0)
    window.localStorage.clear()
  })

  it('goes step by step, each to be reached by its knot', async () => {
    const { view, router } = await open('/batches/b1/pot-up')
    expect(view.get('[aria-current=step]').text()).toBe('plant')
    await view.get('.next button').trigger('click')
    await soon()
    expect(router.currentRoute.value.query.step).toBe('roots')
    await view.findAll('.step-thread a')[5]?.trigger('click')
    await soon()
    expect(view.get('[aria-current=step]').text()).toBe('work')
  })

  it('sends all that was told, several alike, with a way back', async () => {
    window.localStorage.setItem(
      'loose-knit.potting.b1.',
      JSON.stringify({ label: 'Fern', count: 3, setUp: plainSetUp, roots: { colour: 'PALE' } }),
    )
    const { view, asked, router } = await open('/batches/b1/pot-up?step=work', {
      'POST /api/pottings/several': [potting('p1'), potting('p2'), potting('p3')],
    })
    await view.get('.actions button').trigger('click')
    await soon()
    expect(several(asked)).toMatchObject({
      count: 3,
      each: {
        label: 'Fern',
        batchId: 'b1',
        setUpKind: 'PLAIN',
        setUp: { holes: 4 },
        roots: { colour: 'PALE' },
      },
    })
    expect(router.currentRoute.value.path).toBe('/pots')
    expect(window.localStorage.getItem('loose-knit.potting.b1.')).toBeNull()
    expect(notices[0]?.undo).toBeDefined()
  })

  it('keeps all that was told where it is refused', async () => {
    const { view, router } = await open('/batches/b1/pot-up?step=work', {
      'POST /api/pottings/several': new Refusal(422, { detail: 'Only 0.4 L are left of this batch.' }),
    })
    await view.get('#label').setValue('Fern by the door')
    await view.get('.actions button').trigger('click')
    await soon()
    expect(view.get('[role=alert]').text()).toContain('0.4 L')
    expect(router.currentRoute.value.path).toBe('/batches/b1/pot-up')
    expect(window.localStorage.getItem('loose-knit.potting.b1.')).toContain('Fern by the door')
  })

  it('of a plant that is repotted begins with the ball out of its old pot, and is one', async () => {
    const { view, asked } = await open('/batches/b1/pot-up?step=work&mother=p9&origin=REPOTTED', {
      'GET /api/pottings/p9': potting('p9', { label: 'Old fern' }),
      'POST /api/pottings/several': [potting('p1')],
    })
    expect(view.find('#pot-count').exists()).toBe(false)
    expect((view.get('#label').element as HTMLInputElement).value).toBe('Old fern')
    await view.get('.actions button').trigger('click')
    await soon()
    expect(several(asked)).toMatchObject({
      count: 1,
      each: { motherId: 'p9', origin: 'REPOTTED', setUp: { ball: usual.ballOutOfIt } },
    })
  })

  it('says why a batch cannot be used', async () => {
    const { view } = await open('/batches/b1/pot-up', {
      'GET /api/batches/b1': new Refusal(404, { detail: 'There is no such batch.' }),
    })
    expect(view.get('[role=alert]').text()).toContain('no such batch')
  })
})

describe('a set-up changed', () => {
  const portrait = {
    potting: potting('p1', { label: 'Fern', revision: 4 }),
    recipe: { measure: 'PARTS', parts: [], doses: [] },
    setUp: plainSetUp,
  }
  beforeEach(() => {
    notices.splice(0)
    window.localStorage.clear()
  })

  it('is stored with the revision that was seen', async () => {
    const { view, asked, router } = await open(
      '/pots/p1/set-up',
      { 'GET /api/pottings/p1/portrait': portrait, 'PUT /api/pottings/p1': portrait.potting },
      SetUpPage,
    )
    await view.get('#pot-label').setValue('Fern, moved')
    await view.get('.acts button').trigger('click')
    await soon()
    expect(asked.find((each) => each.method === 'PUT')?.body).toMatchObject({
      revision: 4,
      label: 'Fern, moved',
      setUp: { holes: 4 },
    })
    expect(router.currentRoute.value.path).toBe('/pots/p1')
  })

  it('asks whose change stands when another came first; nothing is lost', async () => {
    const { view, asked } = await open(
      '/pots/p1/set-up',
      {
        'GET /api/pottings/p1/portrait': portrait,
        'PUT /api/pottings/p1': (one: { body: { revision: number } }) =>
          one.body.revision === 4
            ? new Refusal(409, {
                detail: 'It was changed meanwhile.',
                current: potting('p1', { label: 'Theirs', revision: 7 }),
              })
            : portrait.potting,
      },
      SetUpPage,
    )
    await view.get('#pot-label').setValue('Mine')
    await view.get('.acts button').trigger('click')
    await soon()
    expect(view.get('[role=alert]').text()).toContain('Theirs')
    expect((view.get('#pot-label').element as HTMLInputElement).value).toBe('Mine')
    await view.get('[role=alert] button').trigger('click')
    await soon()
    expect(asked.filter((each) => each.method === 'PUT').at(-1)?.body).toMatchObject({
      revision: 7,
      label: 'Mine',
    })
  })
})
