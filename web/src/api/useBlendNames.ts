import { keepPreviousData, useQueries, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from './client'
import type { Recipe } from './types'
import { useSought } from './useSought'

/** Blends to choose from by name, and those that were chosen with their recipes. Of very many the last changed are there, others once part of their name is typed. */
export const useBlendNames = (chosen: () => string[]) => {
  const { sought, asked } = useSought()
  const names = useQuery({
    queryKey: computed(() => ['blends', 'names', asked.value]),
    queryFn: () => answer(api.GET('/api/blends/names', { params: { query: { text: asked.value } } })),
    placeholderData: keepPreviousData,
  })
  const ids = computed(() => [...new Set(chosen())])
  const blends = useQueries({
    queries: computed(() =>
      ids.value.map((id) => ({
        queryKey: ['blends', 'one', id],
        queryFn: () => answer(api.GET('/api/blends/{id}', { params: { path: { id } } })),
      })),
    ),
  })
  const recipes = computed(
    () =>
      new Map<string, Recipe>(
        blends.value.flatMap((each) =>
          each.data && each.data.recipe.parts.length > 0 ? [[each.data.id, each.data.recipe]] : [],
        ),
      ),
  )
  /** Those that have something in them, and those that were chosen. */
  const offered = computed(() => {
    const found = new Map(
      (names.data.value?.names ?? [])
        .filter((each) => each.materialId !== undefined)
        .map((each) => [each.id, each.name]),
    )
    for (const each of blends.value) {
      if (each.data) {
        found.set(each.data.id, each.data.name)
      }
    }
    return [...found].map(([value, label]) => ({ value, label }))
  })
  return {
    names: offered,
    nameOf: (id: string) => offered.value.find((each) => each.value === id)?.label,
    /** Part of a name, as it is typed. */
    sought,
    /** Whether there are so many that part of a name has to be typed for some. */
    many: computed(() => sought.value !== '' || names.data.value?.further === true),
    recipeOf: (id: string) => recipes.value.get(id),
    /** Whether the recipes of all that were chosen are there. */
    ready: computed(() => blends.value.every((each) => !each.isLoading)),
  }
}
