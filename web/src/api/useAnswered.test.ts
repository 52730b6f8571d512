import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { RETRY_AFTER_MS, unreachable } from './problem'
import { useAnswered } from './useAnswered'

interface Waiting {
  body: number
  signal: AbortSignal
  resolve: (value: string) => void
  reject: (error: Error) => void
}

describe('an answer that follows what is asked', () => {
  const scope = () => effectScope()
  let waiting: Waiting[]
  const start = (from: number | undefined) => {
    const asked = ref<number | undefined>(from)
    const inside = scope()
    const result = inside.run(() =>
      useAnswered(
        () => asked.value,
        (body, signal) =>
          new Promise<string>((resolve, reject) => {
            waiting.push({ body, signal, resolve, reject })
          }),
        50,
      ),
    )
    if (!result) {
      throw new Error('no scope')
    }
    return { asked, inside, ...result }
  }
  const later = async () => {
    await flushPromises()
    await vi.advanceTimersByTimeAsync(60)
  }

  beforeEach(() => {
    waiting = []
    vi.useFakeTimers()
  })
  afterEach(() => vi.useRealTimers())

  it('asks once for several quick changes', async () => {
    const { asked, answer } = start(1)
    asked.value = 2
    await flushPromises()
    asked.value = 3
    await later()
    waiting[0]?.resolve('three')
    await flushPromises()

    expect(waiting.map((each) => each.body)).toEqual([3])
    expect(answer.value).toBe('three')
  })

  it('never lets an older answer overtake a newer one', async () => {
    const { asked, answer, busy } = start(1)
    await later()
    asked.value = 2
    await later()
    expect(waiting[0]?.signal.aborted).toBe(true)
    waiting[1]?.resolve('new')
    await flushPromises()
    waiting[0]?.resolve('old')
    await flushPromises()

    expect(answer.value).toBe('new')
    expect(busy.value).toBe(false)
  })

  it('keeps the last good answer while it shows a problem', async () => {
    const { asked, answer, problem } = start(1)
    await later()
    waiting[0]?.resolve('good')
    await flushPromises()
    asked.value = 2
    await later()
    waiting[1]?.reject(new Error('out of range'))
    await flushPromises()

    expect(answer.value).toBe('good')
    expect(problem.value).toContain('out of range')
  })

  it('asks again when nobody could be reached, until an answer comes', async () => {
    const { answer, problem } = start(1)
    await later()
    waiting[0]?.reject(unreachable())
    await flushPromises()
    expect(problem.value).toBeDefined()
    await vi.advanceTimersByTimeAsync(RETRY_AFTER_MS)
    expect(waiting).toHaveLength(2)
    waiting[1]?.reject(new Error('out of range'))
    await flushPromises()
    await vi.advanceTimersByTimeAsync(2 * RETRY_AFTER_MS)

    expect(waiting).toHaveLength(2)
    expect(problem.value).toContain('out of range')
    expect(answer.value).toBeUndefined()
  })

  it('forgets an answer, and one that is under way', async () => {
    const { asked, answer, answered, clear } = start(1)
    await later()
    waiting[0]?.resolve('one')
    await flushPromises()
    expect(answered.value).toBe('1')
    asked.value = 2
    await later()
    clear()
    waiting[1]?.resolve('two')
    await flushPromises()

    expect(answer.value).toBeUndefined()
    expect(answered.value).toBeUndefined()
  })

  it('can be stopped, and asks nothing while there is nothing to ask', async () => {
    const { asked, busy, stop, inside } = start(undefined)
    await later()
    expect(waiting).toHaveLength(0)
    asked.value = 1
    await later()
    expect(busy.value).toBe(true)
    stop()
    expect(waiting[0]?.signal.aborted).toBe(true)
    expect(busy.value).toBe(false)
    inside.stop()
  })
})
