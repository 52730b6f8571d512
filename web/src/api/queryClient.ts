import { QueryClient } from '@tanstack/vue-query'

/**
 * What was asked is kept for two seconds. Questions are sent whether the machine has a network or not: the server is on this machine, or
 * says itself that it cannot be reached.
 */
export const newQueryClient = () =>
  new QueryClient({
    defaultOptions: {
      queries: { retry: 1, staleTime: 2000, refetchOnWindowFocus: true, networkMode: 'always' },
      mutations: { networkMode: 'always' },
    },
  })
