import { useQueries, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { Place, PlaceChoice } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { writeOver } from '@/parts/which'
import { climateWords } from './words'

/** The Book's plants by their names, loaded once. */
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

/** What the Book says of some plants; what it does not have is left out. */
export const usePlantSheets = (ids: () => readonly string[]) => {
  const queries = useQueries({
    queries: computed(() =>
      ids().map((id) => ({
        queryKey: ['plants', id, speech.units],
        queryFn: () => answer(api.GET('/api/plants/{id}', { params: { path: { id } } })),
        staleTime: Infinity,
        retry: false,
      })),
    ),
  })
  return {
    sheets: computed(() => queries.value.flatMap((each) => each.data ?? [])),
    lost: computed(() => ids().filter((_, i) => queries.value[i]?.isError === true)),
    loading: computed(() => queries.value.some((each) => each.isLoading)),
  }
}

/** Places to choose from, the person's own first. */
export const usePlaces = () => {
  const settings = useSettings()
  const client = useQueryClient()
  const query = useQuery({
    queryKey: ['places'],
    queryFn: () => answer(api.GET('/api/places')),
    staleTime: 60_000,
  })
  const placeWords = (place: Place) => climateWords(place, settings.measures)
  const remember = async (place: Place) => {
    const seen = query.data.value?.find((each) => each.place.name === place.name)?.revision
    const kept = await writeOver<PlaceChoice, PlaceChoice>(
      seen,
      (revision) =>
        answer(
          api.PUT('/api/places', {
            params: { query: revision === undefined ? {} : { revision } },
            body: place,
          }),
        ),
      { what: place.name, here: placeWords(place), there: (current) => placeWords(current.place) },
    )
    await client.invalidateQueries({ queryKey: ['places'] })
    return kept !== undefined
  }
  return { places: computed(() => query.data.value ?? []), remember }
}
