import { describe, expect, it } from 'vitest'
import { answer } from './client'
import { Problem, problemOf } from './problem'

describe('problems', () => {
  it('carry the sentence, the field and what stands now', () => {
    const problem = problemOf(409, { detail: 'Changed elsewhere.', field: 'name', current: { revision: 3 } })
    expect(problem.message).toBe('Changed elsewhere.')
    expect(problem.stale).toBe(true)
    expect(problem.current).toEqual({ revision: 3 })
  })

  it('say something even when the answer says nothing', () => {
    expect(problemOf(500, 'oops').message).toContain('500')
  })

  it('say so when the server cannot be reached', async () => {
    const call = answer(Promise.reject(new TypeError('failed to fetch')))
    await expect(call).rejects.toSatisfy((error) => error instanceof Problem && error.unreachable)
  })

  it('let a cancelled call through as such', async () => {
    const cancelled = new DOMException('stopped', 'AbortError')
    await expect(answer(Promise.reject(cancelled))).rejects.toBe(cancelled)
  })
})
