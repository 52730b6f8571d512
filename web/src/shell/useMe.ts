import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'

/** Who is at this browser, if the house is shared. */
export const useMe = () => {
  const client = useQueryClient()
  const { data } = useQuery({
    queryKey: ['me'],
    queryFn: () => answer(api.GET('/api/people/me')),
    staleTime: 60_000,
    retry: false,
  })
  const signOut = async (everywhere: boolean) => {
    await answer(api.POST('/api/people/sign-out', { params: { query: { everywhere } } }))
    client.clear()
    window.location.assign('/sign-in')
  }
  return { me: computed(() => data.value), signOut }
}
