import { describe, expect, it } from 'vitest'
import { Problem } from '@/api/problem'
import { which, writeOver } from './which'

const stale = (revision: number) => new Problem(409, 'changed', undefined, { revision, name: 'theirs' })
const words = { what: 'The pack', here: 'mine', there: (pack: { name: string }) => pack.name }

const begin = (refuse: number) => {
  const seen: (number | undefined)[] = []
  const done = writeOver<string, { revision: number; name: string }>(
    1,
    async (revision) => {
      seen.push(revision)
      if (seen.length <= refuse) {
        throw stale(seen.length + 6)
      }
      return 'written'
    },
    words,
  )
  return { seen, done }
}

describe('writing over what was changed elsewhere', () => {
  it('asks nothing where nothing was', async () => {
    const { seen, done } = begin(0)
    expect(await done).toBe('written')
    expect(seen).toEqual([1])
    expect(which.value).toBeUndefined()
  })
  it('shows both, and writes over what it has shown', async () => {
    const { seen, done } = begin(1)
    await Promise.resolve().then(() => undefined)
    expect(which.value).toMatchObject({ what: 'The pack', here: 'mine', there: 'theirs' })
    which.value?.decide(true)
    expect(await done).toBe('written')
    expect(seen).toEqual([1, 7])
    expect(which.value).toBeUndefined()
  })
  it('writes nothing if what is there shall stand', async () => {
    const { seen, done } = begin(1)
    await Promise.resolve().then(() => undefined)
    which.value?.decide(false)
    expect(await done).toBeUndefined()
    expect(seen).toEqual([1])
  })
  it('passes other refusals on', async () => {
    await expect(
      writeOver<string, { revision: number; name: string }>(
        1,
        () => Promise.reject(new Problem(422, 'no')),
        words,
      ),
    ).rejects.toThrow('no')
  })
})
