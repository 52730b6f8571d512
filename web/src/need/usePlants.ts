import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Place } from '@/api/types'

/** The Book's plants, loaded once. */
export const usePlants = () => {
  const query = useQuery({
    queryKey: ['plants'],
    queryFn: () => answer(api.GET('/api/plants')),
    staleTime: Infinity,
    refetchOnWindowFocus: false,
  })
  const plants = computed(() => query.data.value ?? [])
  const byId = computed(() => new Map(plants.value.map((plant) => [plant.id, plant])))
  return {
    plants,
    plant: (id: string) => byId.value.get(id),
    /** Done once the Book is there, or cannot be had. */
    ready: () => query.suspense(),
    loading: query.isLoading,
    error: query.error,
  }
}

/** Places to choose from, the person's own first. */
export const usePlaces = () => {
  const client = useQueryClient()
  const query = useQuery({
    queryKey: ['places'],
    queryFn: () => answer(api.GET('/api/places')),
    staleTime: 60_000,
  })
  const remember = async (place: Place) => {
    await answer(api.PUT('/api/places', { body: place }))
    await client.invalidateQueries({ queryKey: ['places'] })
  }
  return { places: computed(() => query.data.value ?? []), remember }
}
