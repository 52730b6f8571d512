import { DOMWrapper, flushPromises, mount } from '@vue/test-utils'
import Select from 'primevue/select'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Adjust, BatchTests, Bin, BinStep } from '@/api/types'
import { notices } from '@/parts/notices'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import AdjustPage from './AdjustPage.vue'
import DonePage from './DonePage.vue'
import TestPage from './TestPage.vue'

const recipe = { measure: 'PARTS' as const, parts: [{ materialId: 'peat', amount: 4 }], doses: [] }
const bin = (change: Partial<Bin> = {}): Bin => ({
  id: 'b1',
  lot: '2026-11-20-1',
  blendId: 'bl1',
  versionNumber: 2,
  blendName: 'Cellar mix',
  mixedOn: '2026-11-20',
  litres: 8,
  wholeLitres: 10,
  recipe,
  another: false,
  storage: ['Store it flat.'],
  keepsUntil: '2027-11-20',
  steps: [],
  ...change,
})
const tests = (change: Partial<BatchTests> = {}): BatchTests => ({
  batchId: 'b1',
  blendId: 'bl1',
  lot: '2026-11-20-1',
  blendName: 'Cellar mix',
  kinds: (
    ['SQUEEZE', 'PH_PROBE', 'SALTS', 'DRAINAGE', 'WEIGHING', 'PONDING', 'MOISTURE', 'PH_SLURRY'] as const
  ).map((kind) => ({
    kind,
    name: `Test ${kind}`,
    why: 'Why.',
    sample: 'How wet.',
    minutes: 2,
    waitMinutes: kind === 'DRAINAGE' ? 30 : 0,
    narrows:
      kind === 'DRAINAGE'
        ? [{ name: 'Air', unit: '%', decimals: 1, sdBefore: 5, sdAfter: 2.5, sharePercent: 50 }]
        : [],
  })),
  tests: [],
  ...change,
})
const adjust = (change: Partial<Adjust> = {}): Adjust => ({
  batchId: 'b1',
  blendId: 'bl1',
  lot: '2026-11-20-1',
  blendName: 'Cellar mix',
  litres: 8,
  scoopLitres: 0.5,
  ph: 4.6,
  phOff: 0.3,
  goalPh: 5.8,
  goalWeeks: 8,
  wantedLow: 5.3,
  wantedHigh: 6.3,
  mayDose: true,
  corrections: [
    {
      amendmentId: 'lime',
      name: 'Garden lime',
      grams: 20,
      gramsNow: 10,
      spoonsNow: 'about 1½ level tsp',
      split: true,
      overshootPercent: 41,
      reads: [
        { days: 1, ph: 4.7, without: 4.6 },
        { days: 7, ph: 4.9, without: 4.6 },
        { days: 28, ph: 5.3, without: 4.6 },
      ],
      testOn: '2027-01-20',
    },
  ],
  additions: [
    {
      materialId: 'perlite',
      name: 'Perlite',
      scoops: 2.5,
      litres: 1.25,
      moved: [{ name: 'Air', unit: '%', decimals: 0, before: 18, after: 22 }],
      fitBefore: 71,
      fitAfter: 83,
    },
  ],
  history: [{ on: '2026-11-20', ph: 4.5 }],
  ...change,
})
const open = async (page: object, answers: Record<string, unknown> = {}) => {
  const told: BinStep[] = []
  const asked = stubServer({
    'GET /api/batches/b1/bin': bin(),
    'GET /api/batches/b1': { lots: [{ materialId: 'peat', name: 'Peat', litres: 6 }] },
    'GET /api/batches/b1/bin/others': {
      bins: [{ id: 'b2', lot: '2026-11-02-1', blendName: 'Stair mix', litres: 3 }],
      further: false,
    },
    'GET /api/batches/b1/tests': tests(),
    'GET /api/batches/b1/adjust': adjust(),
    'GET /api/devices/probe/calibration': { set: false, wornOut: false, says: 'Not set by buffers today.' },
    'POST /api/batches/b1/bin/steps': ({ body }: { body: BinStep }) => {
      told.push(body)
      return bin({ litres: 7 })
    },
    'GET /api/materials': [],
    'GET /api/amendments': [],
    ...answers,
  })
  const view = mount(page as never, {
    props: { id: 'b1' } as never,
    global: { ...surroundings(), stubs: { LineChart: true } },
    attachTo: document.body,
  })
  await flushPromises()
  return { view, told, asked }
}
const press = async (view: Awaited<ReturnType<typeof open>>['view'], words: string) => {
  const found = view.findAll('button').find((each) => each.text().includes(words))
  expect(found, words).toBeDefined()
  await found?.trigger('click')
  await flushPromises()
}
const send = async (view: Awaited<ReturnType<typeof open>>['view']) => {
  await view.get('form').trigger('submit')
  await flushPromises()
}

beforeEach(() => {
  localStorage.clear()
  notices.splice(0)
  document.body.innerHTML = ''
})

describe('what is left of a batch', () => {
  it('says what is left, how long it keeps, and what was on no lot', async () => {
    const { view } = await open(DonePage)

    expect(view.text()).toContain('8.0 L')
    expect(view.text()).toContain('Good until 20 Nov 2027')
    expect(view.text()).toContain('on no lot of the shelf')
    expect(view.get('a[href="/recall/batch/b1"]').text()).toBe('Every pot that holds some of it')
  })

  it('throws some away with a reason, and keeps what was typed when it is refused', async () => {
    const { view, told } = await open(DonePage, {
      'POST /api/batches/b1/bin/steps': ({ body }: { body: BinStep }) => {
        told.push(body)
        return new Refusal(422, { detail: 'The volume is 4 L. Allowed: at most the 3 L that there is.' })
      },
    })
    await press(view, 'Throw some away')
    await view.get('.doing input[maxlength="200"]').setValue('gnats')
    await send(view)

    expect(told[0]).toMatchObject({ kind: 'THROWN', amount: 4, reason: 'gnats' })
    expect(view.get('[role=alert]').text()).toContain('at most the 3 L')
    expect((view.get('.doing input[maxlength="200"]').element as HTMLInputElement).value).toBe('gnats')
  })

  it('sends what was lost on the way again under the same ids, and the next under others', async () => {
    let lost = true
    const { view, told } = await open(DonePage, {
      'POST /api/batches/b1/bin/steps': ({ body }: { body: BinStep }) => {
        told.push(body)
        return lost ? new Refusal(503, { detail: 'not now' }) : bin()
      },
    })
    await press(view, 'Split some off')
    await send(view)
    lost = false
    await send(view)
    await press(view, 'Split some off')
    await send(view)

    expect(told).toHaveLength(3)
    expect(told[1]).toEqual(told[0])
    expect(told[2]?.id).not.toBe(told[0]?.id)
    expect(told[2]?.otherBatchId).not.toBe(told[0]?.otherBatchId)
  })

  it('splits off half as a batch of its own', async () => {
    const { view, told } = await open(DonePage)
    await press(view, 'Split some off')
    await send(view)

    expect(told[0]).toMatchObject({ kind: 'SPLIT', amount: 4 })
    expect(told[0]?.otherBatchId).toBeTruthy()
    expect(notices.map((each) => each.words)).toContain('It is a batch of its own now.')
  })

  it('mixes some into one of many others, found by a part of its name', async () => {
    const stair = { id: 'b2', lot: '2026-11-02-1', blendName: 'Stair mix', litres: 3 }
    const quay = { id: 'b3', lot: '2024-02-02-1', blendName: 'Quay mix', litres: 2 }
    const { view, told, asked } = await open(DonePage, {
      'GET /api/batches/b1/bin/others': ({ query }: { query: URLSearchParams }) =>
        query.get('text') === 'qua' ? { bins: [quay], further: false } : { bins: [stair], further: true },
    })
    await press(view, 'Mix some into another batch')
    expect(view.get('#bin-other').text()).toBe('Stair mix, 2026-11-02-1 (3.0 L)')
    await view.get('#bin-other').trigger('click')
    const overlay = new DOMWrapper(document.body)
    await overlay.get('input[aria-label="Part of the name"]').setValue('qua')
    await vi.waitFor(() => expect(overlay.text()).toContain('Quay mix, 2024-02-02-1 (2.0 L)'))
    expect(overlay.findAll('[role=option]')).toHaveLength(1)
    await overlay.get('[role=option]').trigger('mousedown')
    view.getComponent(Select).vm.$emit('hide')
    await vi.waitFor(() => expect(asked.at(-1)?.query.get('text')).toBe(''))
    await flushPromises()
    expect(view.get('#bin-other').text()).toBe('Quay mix, 2024-02-02-1 (2.0 L)')
    await send(view)
    expect(told).toMatchObject([{ kind: 'MOVED', otherBatchId: 'b3' }])
    view.unmount()
  })

  it('puts a base on the shelf under a name of its own', async () => {
    const shelved: { materialId: string; name: string }[] = []
    const { view } = await open(DonePage, {
      'POST /api/batches/b1/shelved': ({ body }: { body: (typeof shelved)[number] }) => {
        shelved.push(body)
        return { lotId: 'l1', materialId: body.materialId }
      },
    })
    await press(view, 'Put some on the shelf')
    await send(view)

    expect(shelved[0]?.name).toBe('Cellar mix base')
    expect(shelved[0]?.materialId).toMatch(/^own_cellar_mix_[0-9a-f]{4}$/)
  })

  it('leads to the tub when nothing is mixed', async () => {
    const { mixedOn: _, keepsUntil: __, ...planned } = bin()
    const { view } = await open(DonePage, { 'GET /api/batches/b1/bin': planned })

    expect(view.text()).toContain('This batch is not mixed yet.')
    expect(view.find('.attention a[href="/batches/b1/mix"]').exists()).toBe(true)
    expect(view.find('a[href="/recall/batch/b1"]').exists()).toBe(false)
  })
})

describe('adjusting a heap', () => {
  it('offers lime in halves where the risk is high, with what it will read', async () => {
    const { view, told } = await open(AdjustPage)

    expect(view.text()).toContain('10 g Garden lime')
    expect(view.text()).toContain('the chance of too much is 41 %')
    expect(view.text()).toContain('in four weeks 5.3')
    await press(view, 'It is in')
    expect(told[0]).toMatchObject({ kind: 'DOSED', thingId: 'lime', amount: 10 })
  })

  it('offers one part more in scoops, before and after', async () => {
    const { view, told } = await open(AdjustPage)

    expect(view.text()).toContain('2½ scoops perlite')
    expect(view.text()).toContain('Air 18 → 22 %')
    await view.findAll('.ways')[1]?.get('button').trigger('click')
    await flushPromises()
    expect(told[0]).toMatchObject({ kind: 'ADDED', thingId: 'perlite', amount: 1.25 })
  })

  it('lets nothing more in on the day of a dose', async () => {
    const { view } = await open(AdjustPage, {
      'GET /api/batches/b1/adjust': adjust({ mayDose: false, stillWorking: 'Dolomite went in today.' }),
    })

    expect(view.text()).toContain('Dolomite went in today.')
    expect(view.get('.ways button').attributes('disabled')).toBeDefined()
  })

  it('adds nothing to what is as wanted', async () => {
    const { view } = await open(AdjustPage, { 'GET /api/batches/b1/adjust': adjust({ ph: 5.8 }) })

    expect(view.text()).toContain('It is as wanted: add nothing.')
    expect(view.text()).not.toContain('Garden lime')
  })

  it('says why there is nothing to adjust', async () => {
    const { view } = await open(AdjustPage, {
      'GET /api/batches/b1/adjust': () => {
        return new Refusal(422, { detail: 'This batch is not mixed yet.' })
      },
    })

    expect(view.get('[role=alert]').text()).toContain('not mixed yet')
  })
})

describe('testing a heap', () => {
  const made = (body: { test: object }) => ({ id: 't1', madeOn: '2026-11-27', test: body.test, results: [] })
  const posting = () => {
    const posted: { test: Record<string, unknown> }[] = []
    return {
      posted,
      answers: {
        'POST /api/batches/b1/tests': ({ body }: { body: (typeof posted)[number] }) => {
          posted.push(body)
          return made(body)
        },
        'POST /api/devices/scale': ({ body }: { body: { dried: boolean } }) => ({
          grams: body.dried ? 120 : 640,
        }),
        'POST /api/devices/salts': { dsPerM: 0.42 },
      },
    }
  }

  it('says what each test tells and what it costs', async () => {
    const { view } = await open(TestPage)

    expect(view.text()).toContain('Air ± 5.0 → ± 2.5')
    expect(view.text()).toContain('2 min')
  })

  it.each([
    ['SQUEEZE', { kind: 'SQUEEZE', shows: 'HOLDS_SHAPE' }],
    ['PONDING', { kind: 'PONDING', depthCm: 2, seconds: 5 }],
    ['PH_SLURRY', { kind: 'PH', reading: 6, method: 'SLURRY' }],
    ['PH_PROBE', { kind: 'PH', reading: 6, method: 'PROBE' }],
    ['MOISTURE', { kind: 'MOISTURE', water: 0.35 }],
    ['DRAINAGE', { kind: 'DRAINAGE', containerL: 1, heightCm: 12, waterInL: 0, drainedL: 0, moistureL: 0 }],
  ])('sends only what %s needs', async (kind, test) => {
    const { posted, answers } = posting()
    const { view } = await open(TestPage, answers)
    await press(view, `Test ${kind}`)
    await send(view)

    expect(posted[0]?.test).toEqual(test)
  })

  it('takes weights from the scale and salts from the meter', async () => {
    const { posted, answers } = posting()
    const { view } = await open(TestPage, answers)
    await press(view, 'Test WEIGHING')
    await press(view, 'From the scale, wet')
    await press(view, 'From the scale, dry')
    await send(view)
    await press(view, 'Test SALTS')
    await press(view, 'From the meter')
    await send(view)

    expect(posted[0]?.test).toMatchObject({ wetG: 640, dryG: 120 })
    expect(posted[1]?.test).toEqual({ kind: 'SALTS', dsPerM: 0.42, extract: 'SLURRY' })
  })

  it('shows what was believed, found and is believed, and asks about what is odd', async () => {
    const result = {
      name: 'Acidity',
      unit: 'pH',
      decimals: 1,
      believed: 5,
      believedSd: 0.4,
      found: 8.2,
      foundSd: 0.2,
      now: 7.5,
      nowSd: 0.2,
      odd: true,
      mayBe: ['The probe was not wiped clean.'],
    }
    const { view } = await open(TestPage, {
      'GET /api/batches/b1/tests': tests({
        tests: [
          {
            id: 't1',
            madeOn: '2026-11-25',
            test: { kind: 'PH', reading: 8.2, method: 'PROBE' },
            results: [result],
          },
        ],
      }),
    })

    expect(view.get('.result').text()).toContain('8.2')
    expect(view.get('.result').text()).toContain('not wiped clean')
  })

  it('follows the probe, and warns of reading too early', async () => {
    const sitting = {
      id: 's1',
      medium: 'MIX',
      seconds: 60,
      curve: [{ seconds: 0, ph: 7 }],
      settled: false,
      end: 5.4,
      endOff: 0.4,
      foreseen: false,
      now: 6.6,
      water: 0.4,
      says: 'On its way to about pH 5.4.',
      kept: false,
    }
    const { view } = await open(TestPage, {
      'POST /api/devices/probe/sittings': sitting,
      'GET /api/devices/probe/sittings/s1': sitting,
    })
    await press(view, 'Push it into the heap')

    expect(view.text()).toContain('6.60')
    expect(view.text()).toContain('On its way to about pH 5.4.')
    expect(view.text()).not.toContain('Take this reading')
    await press(view, 'moisture 40 %')
  })

  it('keeps what was typed over a reload and a refusal', async () => {
    const { view } = await open(TestPage, {
      'POST /api/batches/b1/tests': () => {
        return new Refusal(422, { detail: 'The reading is 15. Allowed: 2 to 11 pH.' })
      },
    })
    await view.get('#heap-ph').setValue('15')
    await send(view)

    expect(view.get('[role=alert]').text()).toContain('Allowed: 2 to 11')
    view.unmount()
    const again = await open(TestPage)
    expect((again.view.get('#heap-ph').element as HTMLInputElement).value).toBe('15')
  })
})
