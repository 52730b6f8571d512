import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import type { Blend } from '@/api/types'
import { draftOf, keepDraft } from '@/parts/draftStore'
import type { Bench } from './bench'
import { setAmount } from './recipe'
import { useBench } from './useBench'

const stored = (revision: number, amount: number): Blend => ({
  id: 'b1',
  revision,
  name: 'Cellar mix',
  brief: { stage: 'ESTABLISHED' },
  recipe: { measure: 'PARTS', parts: [{ materialId: 'peat', amount }], doses: [] },
  changedAt: '2026-01-01T00:00:00Z',
  changedSinceKept: true,
  accepted: [],
  archived: false,
  deleted: false,
})

const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })

let answers: (() => Response | Promise<Response>)[]
let asked: { method: string; body: string }[]

const open = async () => {
  let bench!: ReturnType<typeof useBench>
  const wrapper = mount(
    defineComponent({
      setup() {
        bench = useBench('b1')
        return () => h('div')
      },
    }),
  )
  await bench.load()
  return { bench, wrapper }
}

const amountOn = (bench: ReturnType<typeof useBench>) => bench.bench.value?.recipe.parts[0]?.amount
const set = (bench: ReturnType<typeof useBench>, amount: number) =>
  bench.change((now) => ({ ...now, recipe: setAmount(now.recipe, 0, amount) }))

beforeEach(() => {
  localStorage.clear()
  answers = []
  asked = []
  vi.useFakeTimers()
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push({ method: request.method, body: await request.clone().text() })
    const next = answers.shift()
    if (!next) {
      throw new TypeError('failed to fetch')
    }
    return next()
  })
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('bench', () => {
  it('saves by itself a moment after a change', async () => {
    answers.push(
      () => json(stored(1, 1)),
      () => json(stored(2, 4)),
    )
    const { bench } = await open()
    set(bench, 4)
    expect(draftOf<Bench>('b1')?.state.recipe.parts[0]?.amount).toBe(4)
    await vi.advanceTimersByTimeAsync(500)
    await flushPromises()
    expect(asked[1]?.method).toBe('PUT')
    expect(JSON.parse(asked[1]?.body ?? '{}')).toMatchObject({ revision: 1 })
    expect(bench.saving.value).toBe('saved')
    expect(draftOf('b1')).toBeUndefined()
  })

  it('keeps what the server refuses and says why', async () => {
    answers.push(
      () => json(stored(1, 1)),
      () => json({ detail: 'The dose is -1. Allowed: 0 to 100 g/L.' }, 422),
    )
    const { bench } = await open()
    set(bench, 7)
    await vi.advanceTimersByTimeAsync(500)
    await flushPromises()
    expect(bench.problem.value).toContain('Allowed')
    expect(amountOn(bench)).toBe(7)
    expect(draftOf<Bench>('b1')?.state.recipe.parts[0]?.amount).toBe(7)
  })

  it('tries again when the server cannot be reached', async () => {
    answers.push(() => json(stored(1, 1)))
    const { bench } = await open()
    set(bench, 3)
    await vi.advanceTimersByTimeAsync(500)
    await flushPromises()
    expect(bench.problem.value).toContain('cannot be reached')
    answers.push(() => json(stored(2, 3)))
    await vi.advanceTimersByTimeAsync(5000)
    await flushPromises()
    expect(bench.saving.value).toBe('saved')
    expect(bench.problem.value).toBeUndefined()
  })

  it('takes in what was changed elsewhere where it touches nothing that was changed here', async () => {
    const both = { ...stored(6, 2), name: 'Theirs' }
    answers.push(
      () => json(stored(1, 1)),
      () => json({ detail: 'changed', current: { ...stored(5, 1), name: 'Theirs' } }, 409),
      () => json(both),
    )
    const { bench } = await open()
    set(bench, 2)
    await vi.advanceTimersByTimeAsync(500)
    await flushPromises()
    expect(JSON.parse(asked[2]?.body ?? '{}')).toMatchObject({ revision: 5, name: 'Theirs' })
    expect(bench.theirs.value).toBeUndefined()
    expect(bench.bench.value?.name).toBe('Theirs')
    expect(amountOn(bench)).toBe(2)
    expect(bench.saving.value).toBe('saved')
    bench.undo()
    expect(bench.bench.value?.name).toBe('Cellar mix')
    expect(amountOn(bench)).toBe(2)
  })

  it('asks when it was changed elsewhere, and loses neither side', async () => {
    answers.push(
      () => json(stored(1, 1)),
      () => json({ detail: 'changed', current: stored(5, 9) }, 409),
    )
    const { bench } = await open()
    set(bench, 2)
    await vi.advanceTimersByTimeAsync(500)
    await flushPromises()
    expect(bench.theirs.value?.revision).toBe(5)
    expect(amountOn(bench)).toBe(2)
    bench.takeTheirs()
    expect(amountOn(bench)).toBe(9)
    answers.push(() => json(stored(6, 2)))
    bench.undo()
    expect(amountOn(bench)).toBe(2)
    await vi.advanceTimersByTimeAsync(500)
    await flushPromises()
    expect(JSON.parse(asked.at(-1)?.body ?? '{}')).toMatchObject({ revision: 5 })
  })

  it('keeps mine over theirs when told to', async () => {
    answers.push(
      () => json(stored(1, 1)),
      () => json({ detail: 'changed', current: stored(5, 9) }, 409),
    )
    const { bench } = await open()
    set(bench, 2)
    await vi.advanceTimersByTimeAsync(500)
    await flushPromises()
    answers.push(() => json(stored(6, 2)))
    await bench.keepMine()
    expect(JSON.parse(asked.at(-1)?.body ?? '{}')).toMatchObject({ revision: 5 })
    expect(bench.saving.value).toBe('saved')
  })

  it('takes up a draft that a crash left behind', async () => {
    keepDraft('b1', { revision: 1, state: { ...stored(1, 6) } })
    answers.push(
      () => json(stored(1, 1)),
      () => json(stored(2, 6)),
    )
    const { bench } = await open()
    expect(amountOn(bench)).toBe(6)
    await vi.advanceTimersByTimeAsync(100)
    await flushPromises()
    expect(bench.saving.value).toBe('saved')
    bench.undo()
    expect(amountOn(bench)).toBe(1)
  })
})
