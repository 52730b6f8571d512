import { useQueries, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from './client'
import type { Recipe } from './types'

/** All blends by name, and the recipes of those that were chosen. */
export const useBlendNames = (chosen: () => string[]) => {
  const names = useQuery({
    queryKey: ['blends', 'names'],
    queryFn: () => answer(api.GET('/api/blends/names')),
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
  return {
    /** Those that have something in them. */
    names: computed(() => (names.data.value ?? []).filter((each) => each.materialId !== undefined)),
    recipeOf: (id: string) => recipes.value.get(id),
    /** Whether the recipes of all that were chosen are there. */
    ready: computed(() => blends.value.every((each) => !each.isLoading)),
  }
}
