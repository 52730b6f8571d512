import { onlineManager } from '@tanstack/vue-query'
import { afterEach, expect, it } from 'vitest'
import { newQueryClient } from './queryClient'

afterEach(() => onlineManager.setOnline(true))

it('asks the server on this machine though the network is gone', async () => {
  onlineManager.setOnline(false)

  expect(await newQueryClient().fetchQuery({ queryKey: ['a'], queryFn: () => Promise.resolve('here') })).toBe(
    'here',
  )
})

it('says what is wrong at once when the server cannot be reached either', async () => {
  onlineManager.setOnline(false)
  const asked = newQueryClient().fetchQuery({
    queryKey: ['b'],
    queryFn: () => Promise.reject(new Error('not reached')),
    retryDelay: 1,
  })

  await expect(asked).rejects.toThrow('not reached')
})
