import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { FieldKind } from '@/measure/units'
import type { LotFacts, OfferFacts } from '@/api/types'

/** What is on the shelf. A change of it may change materials and with them every reading. */
export const useShelf = () => {
  const client = useQueryClient()
  const glance = useQuery({ queryKey: ['shelf', 'glance'], queryFn: () => answer(api.GET('/api/shelf')) })
  const offers = useQuery({
    queryKey: ['shelf', 'offers'],
    queryFn: () => answer(api.GET('/api/shelf/offers')),
  })
  const sold = useQuery({
    queryKey: ['ways-sold'],
    queryFn: () => answer(api.GET('/api/shelf/ways-sold')),
    staleTime: Infinity,
  })
  const refresh = () =>
    Promise.all(
      [['shelf'], ['materials'], ['blends'], ['batches']].map((queryKey) =>
        client.invalidateQueries({ queryKey }),
      ),
    )

  const add = async (id: string, facts: LotFacts) => {
    const lot = await answer(api.POST('/api/shelf/lots', { body: { id, facts } }))
    await refresh()
    return lot
  }
  const change = async (id: string, revision: number, facts: LotFacts) => {
    const lot = await answer(
      api.PUT('/api/shelf/lots/{id}', { params: { path: { id } }, body: { revision, facts } }),
    )
    await refresh()
    return lot
  }
  const count = async (left: { id: string; revision: number; leftLitres: number }[]) => {
    const counted = await answer(api.PUT('/api/shelf/count', { body: { lots: left } }))
    await refresh()
    return counted
  }
  const remove = async (id: string) => {
    await answer(api.DELETE('/api/shelf/lots/{id}', { params: { path: { id } } }))
    await refresh()
  }
  const restore = async (id: string) => {
    await answer(api.POST('/api/shelf/lots/{id}/restore', { params: { path: { id } } }))
    await refresh()
  }
  const offer = async (id: string, facts: OfferFacts) => {
    await answer(api.POST('/api/shelf/offers', { body: { id, facts } }))
    await client.invalidateQueries({ queryKey: ['shelf', 'offers'] })
  }
  const withdraw = async (id: string) => {
    await answer(api.DELETE('/api/shelf/offers/{id}', { params: { path: { id } } }))
    await client.invalidateQueries({ queryKey: ['shelf', 'offers'] })
  }

  const waysSold = computed(() => sold.data.value ?? [])
  return {
    glance: glance.data,
    howMany: computed(() => glance.data.value?.count ?? 0),
    /** Materials that run out: the first of them, and how many more there are. */
    low: computed(() => glance.data.value?.low ?? []),
    furtherLow: computed(() => (glance.data.value?.lowMaterials ?? 0) - (glance.data.value?.low.length ?? 0)),
    loading: glance.isLoading,
    error: glance.error,
    offers: computed(() => offers.data.value ?? []),
    waysSold,
    soldOptions: computed(() => waysSold.value.map((each) => ({ value: each.sold, label: each.words }))),
    /** How the amount on such a pack is typed in. */
    kindOf: (way: string): FieldKind =>
      waysSold.value.find((each) => each.sold === way)?.measure === 'MASS' ? 'mass' : 'volume',
    wayOf: (way: string) => waysSold.value.find((each) => each.sold === way),
    refresh,
    add,
    change,
    count,
    remove,
    restore,
    offer,
    withdraw,
  }
}
