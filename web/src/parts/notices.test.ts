import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { dismiss, notices, say, sayProblem, takeBack } from './notices'

beforeEach(() => {
  vi.useFakeTimers()
  notices.splice(0)
})

afterEach(() => {
  vi.useRealTimers()
})

describe('notices', () => {
  it('go away by themselves, harm does not', () => {
    say('Version 1 is kept.')
    sayProblem(new Error('The dose is -1.'))
    vi.advanceTimersByTime(60_000)
    expect(notices.map((notice) => notice.words)).toEqual(['The dose is -1.'])
    dismiss(notices[0]?.id ?? -1)
    expect(notices).toHaveLength(0)
  })

  it('do not say the same harm twice', () => {
    sayProblem(new Error('not reachable'))
    sayProblem(new Error('not reachable'))
    expect(notices).toHaveLength(1)
  })

  it('take back once, and say so when that fails', async () => {
    const undo = vi.fn().mockRejectedValue(new Error('too late'))
    say('Peat is out of the blend.', undo)
    const notice = notices[0]
    expect(notice).toBeDefined()
    if (notice) {
      await takeBack(notice)
    }
    expect(undo).toHaveBeenCalledOnce()
    expect(notices.map((each) => each.words)).toEqual(['too late'])
  })
})
