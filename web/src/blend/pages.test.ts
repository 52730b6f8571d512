import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Refusal, stubServer, surroundings, type Asked } from '@/testing/stubbedServer'
import type { Recipe } from '@/api/types'
import { notices, takeBack } from '@/parts/notices'
import SavedBriefs from '@/need/SavedBriefs.vue'
import PotAndMixPanel from '@/pot/PotAndMixPanel.vue'
import BesidePage from './BesidePage.vue'
import BlendsPage from './BlendsPage.vue'
import CountPage from './CountPage.vue'
import VersionsPage from './VersionsPage.vue'

const ID = '00000000-0000-0000-0000-000000000007'
const NEW = '00000000-0000-0000-0000-000000000008'
const material = (id: string, name: string) => ({
  id,
  name,
  grade: '1–2 mm',
  d10Mm: 1,
  d50Mm: 1.5,
  d90Mm: 2,
  shape: 'ROUND',
  roles: ['AIR'],
  roleWords: ['opens air'],
  otherGradeIds: [],
})
const recipe = (...parts: [string, number][]): Recipe => ({
  measure: 'PARTS',
  parts: parts.map(([materialId, amount]) => ({ materialId, amount })),
  doses: [],
})
const blend = (change: object = {}) => ({
  id: ID,
  revision: 1,
  name: 'Cellar mix',
  brief: { stage: 'ESTABLISHED', plantId: 'lily' },
  recipe: recipe(['peat', 2], ['perlite', 1]),
  changedAt: '2026-01-01T00:00:00Z',
  latestVersion: 2,
  changedSinceKept: false,
  accepted: [],
  archived: false,
  deleted: false,
  ...change,
})
const reading = (quality: string, value: number, verdict = 'FITS') => ({
  quality,
  label: quality === 'AIR' ? 'Air after draining' : 'Water held',
  unit: '%',
  value,
  low80: value - 3,
  high80: value + 3,
  decimals: 0,
  verdict,
  words: verdict === 'FITS' ? 'fits' : 'too little air',
})
const evaluation = (air: number) => ({
  sum: 3,
  shares: [2 / 3, 1 / 3],
  headline: 'Everything fits.',
  fits: true,
  readings: [reading('AIR', air, air < 20 ? 'TOO_LOW' : 'FITS'), reading('WATER', 50)],
  remedies: [],
  oneMore: [],
  oneLess: [],
  notices: [],
})
const version = (number: number, change: object = {}) => ({
  blendId: ID,
  number,
  name: 'Cellar mix',
  note: `note ${number}`,
  brief: { stage: 'ESTABLISHED', plantId: 'lily' },
  recipe: recipe(['peat', number], ['perlite', 1]),
  keptAt: '2026-02-03T00:00:00Z',
  changes: number === 1 ? [] : ['peat 1 → 2 parts'],
  shares: [0.5, 0.5],
  headline: 'Everything fits.',
  fits: true,
  ...change,
})
const card = (id: string, name: string, change: object = {}) => ({
  blend: blend({ id, name }),
  plantName: 'Peace lily',
  groupName: 'aroids',
  shares: [0.5, 0.5],
  headline: 'Everything fits.',
  fits: true,
  fit: 88,
  readings: [reading('AIR', 30)],
  stops: [],
  sameAs: [],
  ...change,
})
const book = {
  'GET /api/materials': [
    material('peat', 'Peat'),
    material('perlite', 'Perlite'),
    material('scoria', 'Scoria'),
  ],
  'GET /api/amendments': [],
  'GET /api/plants': [
    { id: 'lily', name: 'Peace lily', botanical: 'Lilium pacis', otherNames: ['white sails'] },
  ],
  'GET /api/shelf/offers': [],
  'GET /api/shelf/ways-sold': [],
}
const show = async (page: object, props: object, answers: Record<string, unknown>, path = '/') => {
  const asked = stubServer({ ...book, ...answers } as never)
  const around = surroundings()
  const router = around.plugins[2] as unknown as {
    push: (to: string) => Promise<void>
    currentRoute: { value: { fullPath: string } }
  }
  await router.push(path)
  const view = mount(page as never, { props: props as never, global: around, attachTo: document.body })
  await flushPromises()
  return { view, asked, router }
}

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
  notices.splice(0)
  document.body.innerHTML = ''
  vi.spyOn(crypto, 'randomUUID').mockReturnValue(NEW)
})

describe('counting', () => {
  const count = () =>
    show(
      CountPage,
      { id: ID },
      {
        [`GET /api/blends/${ID}`]: blend(),
        [`PUT /api/blends/${ID}`]: (asked: Asked) => ({
          ...blend({ revision: 2 }),
          ...(asked.body as object),
        }),
        [`POST /api/blends/${ID}/versions`]: version(3),
        'POST /api/batches': { id: 'batch' },
        'POST /api/evaluate': evaluation(30),
        'GET /api/shelf': { withSomeLeft: ['scoria'] },
      },
    )
  const tap = (view: Awaited<ReturnType<typeof count>>['view'], name: string) =>
    view
      .findAll('.taps button')
      .find((each) => each.text().includes(name))
      ?.trigger('click')

  it('offers what is in the mix and on the shelf, and adds by scoop, half and handful', async () => {
    const { view } = await count()
    expect(view.findAll('.taps b').map((each) => each.text())).toEqual(['Scoria', 'Peat', 'Perlite'])
    expect(view.get('.grown [role=status]').text()).toContain('3 scoops')
    await tap(view, 'Scoria')
    await view.get('input[value=half]').trigger('change')
    await tap(view, 'Peat')
    await view.get('input[value=handful]').trigger('change')
    await tap(view, 'Perlite')
    // a handful of 0.12 L is 0.24 of a scoop of half a litre
    expect(view.get('.grown [role=status]').text()).toContain('4.74 scoops')
    await view.get('.sizes .p-button').trigger('click')
    expect(view.get('.grown [role=status]').text()).toContain('4.5 scoops')
  })

  it('ends as a batch of what was counted', async () => {
    const { view, asked, router } = await count()
    await view.findAll('.ends button')[1]?.trigger('click')
    await vi.waitFor(() => expect(router.currentRoute.value.fullPath).toBe('/batches/batch'))
    expect(asked.find((each) => each.path === '/api/batches')?.body).toMatchObject({
      fills: [],
      countedLitres: 1.5,
      versionNumber: 3,
    })
  })
})

describe('versions', () => {
  const list = (versions: object[]) =>
    show(
      VersionsPage,
      { id: ID },
      {
        [`GET /api/blends/${ID}`]: blend({ branchedFrom: NEW, branchedVersion: 4 }),
        [`GET /api/blends/${ID}/versions`]: versions,
        [`PUT /api/blends/${ID}`]: (asked: Asked) => ({
          ...blend({ revision: 2 }),
          ...(asked.body as object),
        }),
        [`POST /api/blends/${ID}/branch`]: blend({ id: NEW }),
      },
    )
  it('say what is new, and come back onto the bench', async () => {
    const { view } = await list([version(2), version(1)])
    const [second, first] = view.findAll('.line > li')
    expect(second?.text()).toContain('peat 1 → 2 parts')
    expect(second?.text()).toContain('on the bench')
    expect(first?.text()).toContain('The first one kept.')
    expect(view.text()).toContain('branched from version 4')
    await first?.get('button').trigger('click')
    expect(notices.at(-1)?.words).toBe('Version 1 is on the bench.')
    expect(view.findAll('.line > li')[1]?.text()).toContain('on the bench')
  })

  it('branch off, and lie side by side when two are picked', async () => {
    const { view, asked, router } = await list([version(2), version(1)])
    expect(view.get('.page-head button').attributes('disabled')).toBeDefined()
    for (const box of view.findAll('input[type=checkbox]')) {
      await box.setValue(true)
    }
    await view.get('.page-head button').trigger('click')
    await flushPromises()
    expect(router.currentRoute.value.fullPath).toBe(`/blends/beside?with=${ID}@1,${ID}@2`)
    await view.findAll('.line > li')[0]?.get('button').trigger('click')
    await flushPromises()
    expect(router.currentRoute.value.fullPath).toBe(`/blends/${NEW}`)
    expect(asked.find((each) => each.path.endsWith('/branch'))?.body).toEqual({
      id: NEW,
      name: 'Cellar mix, from version 2',
      version: 2,
    })
  })

  it('teach when there are none', async () => {
    const { view } = await list([])
    expect(view.text()).toContain('No version kept yet.')
  })
})

describe('side by side', () => {
  const beside = (path: string) =>
    show(
      BesidePage,
      {},
      {
        [`GET /api/blends/${ID}`]: blend(),
        [`GET /api/blends/${ID}/versions`]: [version(1)],
        'POST /api/evaluate': (asked: Asked) =>
          evaluation((asked.body as { recipe: Recipe }).recipe.parts[0]?.amount === 1 ? 15 : 30),
      },
      path,
    )
  it('puts the same things on the same lines', async () => {
    const { view } = await beside(`/blends/beside?with=${ID},${ID}@1`)
    const line = (name: string) => view.findAll('tbody tr').find((each) => each.text().includes(name))
    expect(view.findAll('thead th')).toHaveLength(2)
    expect(
      line('Air after draining')
        ?.findAll('td')
        .map((each) => each.get('b').text()),
    ).toEqual(['30 %', '15 %'])
    expect(line('Air after draining')?.find('.out').text()).toBe('15 %')
    expect(line('Peat')?.text()).toContain('66.7 %')
  })
  it('says what is missing', async () => {
    expect((await beside(`/blends/beside?with=${ID}`)).view.text()).toContain('Pick two or three blends')
    const { view } = await beside(`/blends/beside?with=${ID},${ID}@9`)
    await vi.waitFor(() => expect(view.text()).toContain('Cellar mix has no version 9.'), 5000)
  })
})

describe('the page of the swatch book', () => {
  const answers = {
    // sifting is the server's: here it only knows names
    'GET /api/blends': ({ query }: Asked) => {
      const cards = [
        card('a', 'Cellar mix', { sameAs: [{ id: 'b', name: 'Twin' }] }),
        card('c', 'Yard mix', { stops: [{ id: 's', why: 'Lime kills it.', accepted: false }], fits: false }),
      ].filter((each) => each.blend.name.toLowerCase().includes(query.get('text') ?? ''))
      return {
        total: cards.length,
        away: 1,
        groups: ['aroids'],
        materialIds: ['peat'],
        toRead: 0,
        cards: query.get('page') === '0' ? cards.slice(0, 1) : cards.slice(1),
      }
    },
    'POST /api/blends/a/archive': blend(),
    'POST /api/blends/a/unarchive': blend(),
  }
  const more = async (view: ReturnType<typeof mount>) => {
    await vi.waitFor(() => expect(view.findAll('.book > li')).toHaveLength(1), 5000)
    await view
      .findAll('button.plain')
      .find((each) => each.text() === 'Show more')
      ?.trigger('click')
    await vi.waitFor(() => expect(view.findAll('.book > li')).toHaveLength(2), 5000)
  }
  it('notices the same mix, and lays it away with a way back', async () => {
    const { view, asked } = await show(BlendsPage, {}, answers)
    await more(view)
    expect(view.findAll('.book > li')).toHaveLength(2)
    expect(view.get('.same').text()).toContain('Same mix as Twin.')
    expect(view.text()).toContain('Stop: Lime kills it.')
    await view.get('.same button').trigger('click')
    await flushPromises()
    expect(asked.some((each) => each.path === '/api/blends/a/archive')).toBe(true)
    await takeBack(notices.at(-1) ?? { id: 0, words: '', harm: false })
    expect(asked.some((each) => each.path === '/api/blends/a/unarchive')).toBe(true)
  })
  it('is sifted, says when nothing is left, and remembers', async () => {
    const { view } = await show(BlendsPage, {}, answers)
    await view.get('#book-text').setValue('yard')
    await vi.waitFor(
      () => expect(view.findAll('.book h2').map((each) => each.text())).toEqual(['Yard mix']),
      5000,
    )
    await view.get('#book-text').setValue('nowhere')
    await vi.waitFor(() => expect(view.text()).toContain('No blend is like that.'), 5000)
    view.unmount()
    const again = await show(BlendsPage, {}, answers)
    await vi.waitFor(() => expect(again.view.text()).toContain('No blend is like that.'), 5000)
    await again.view
      .findAll('button.plain')
      .find((each) => each.text() === 'Show all')
      ?.trigger('click')
    await more(again.view)
  })
  it('lays two side by side and reads for another plant', async () => {
    localStorage.setItem('loose-knit.book', JSON.stringify({ plantId: 'lily' }))
    const { view, asked, router } = await show(BlendsPage, {}, answers)
    await more(view)
    expect(asked.some((each) => each.query.get('plantId') === 'lily')).toBe(true)
    expect(view.findAll('.book > li')[0]?.text()).toContain('read for peace lily: fits 88 of 100')
    for (const box of view.findAll('.book input[type=checkbox]')) {
      await box.setValue(true)
    }
    await view.get('.picked button').trigger('click')
    await flushPromises()
    expect(router.currentRoute.value.fullPath).toBe('/blends/beside?with=a,c')
  })
  it('says how many are still to be read, until none is, and only then that there is none', async () => {
    let left = 1200
    const book = (asked: Asked) => ({
      ...answers['GET /api/blends'](asked),
      total: 0,
      cards: [],
      toRead: left,
    })
    const { view } = await show(BlendsPage, {}, { ...answers, 'GET /api/blends': book })
    await view.get('#book-text').setValue('nowhere')
    await vi.waitFor(() => expect(view.text()).toContain('1200 blends are still being read'), 5000)
    expect(view.text()).not.toContain('No blend is like that.')
    left = 0
    await vi.waitFor(() => expect(view.text()).toContain('No blend is like that.'), 5000)
    expect(view.text()).not.toContain('still being read')
  })
})

describe('pot and mix', () => {
  const cell = (days: number, verdict: string, words: string, misses: string[] = []) => ({
    days,
    verdict,
    words,
    fits: misses.length === 0,
    misses,
  })
  const table = {
    columns: [
      { words: 'as it is', recipe: recipe(['peat', 2]), asIs: true },
      { words: 'one part less peat', recipe: recipe(['peat', 1]), asIs: false },
    ],
    rows: [
      {
        wall: 'PLASTIC',
        words: 'plastic',
        asIs: true,
        cells: [cell(12, 'TOO_HIGH', 'too wet'), cell(7, 'FITS', 'right')],
      },
      {
        wall: 'CLAY',
        words: 'unglazed clay',
        asIs: false,
        cells: [cell(5.5, 'FITS', 'right', ['hungry']), cell(2, 'TOO_LOW', 'too dry')],
      },
    ],
  }
  const panel = async (answered: unknown) => {
    const shown = await show(
      PotAndMixPanel,
      { asked: { recipe: recipe(['peat', 2]) }, blendId: ID },
      { 'POST /api/pot-and-mix': answered },
    )
    await vi.waitFor(() => expect(shown.asked.length).toBeGreaterThan(0))
    await flushPromises()
    return shown.view
  }
  it('shows days and verdict of each, and takes pot and mix together', async () => {
    const view = await panel(table)
    const fields = view.findAll('td button')
    expect(fields[0]?.classes()).toEqual(expect.arrayContaining(['wet', 'here']))
    expect(fields[2]?.text()).toContain('also: hungry')
    expect(fields[3]?.classes()).toContain('dry')
    await fields[0]?.trigger('click')
    expect(view.emitted('take')).toBeUndefined()
    await fields[2]?.trigger('click')
    expect(view.emitted('take')).toEqual([['CLAY', recipe(['peat', 2]), 'unglazed clay, as it is']])
  })
  it('says what is missing in the brief', async () => {
    const view = await panel(new Refusal(422, { detail: 'The brief is without plant, pot or place.' }))
    expect(view.get('[role=alert]').text()).toContain('without plant, pot or place')
  })
})

describe('saved briefs', () => {
  it('are kept, taken and forgotten, with a way back', async () => {
    const saved = { id: ID, revision: 0, name: 'Cellar', brief: { stage: 'YOUNG', plantId: 'lily' } }
    const { view, asked } = await show(
      SavedBriefs,
      { modelValue: { stage: 'ESTABLISHED', plantId: 'lily' } },
      {
        'GET /api/briefs': [saved],
        [`PUT /api/briefs/${NEW}`]: { ...saved, id: NEW, name: 'Peace lily' },
        [`POST /api/house/taken-away/briefs/${ID}/restore`]: {},
        [`DELETE /api/briefs/${ID}`]: {},
      },
    )
    await view.get('.word').trigger('click')
    await flushPromises()
    expect((view.get('#brief-name').element as HTMLInputElement).value).toBe('Peace lily')
    await view.get('form').trigger('submit')
    await flushPromises()
    expect(notices.at(-1)?.words).toBe('The brief is kept as Peace lily.')
    await view.get('.forget').trigger('click')
    await flushPromises()
    await takeBack(notices.at(-1) ?? { id: 0, words: '', harm: false })
    expect(asked.map((each) => `${each.method} ${each.path}`)).toEqual(
      expect.arrayContaining([`DELETE /api/briefs/${ID}`, `POST /api/house/taken-away/briefs/${ID}/restore`]),
    )
    await view.get('[aria-label="Take Cellar"]').trigger('click')
    expect(view.emitted('update:modelValue')?.at(-1)).toEqual([saved.brief])
  })
})
