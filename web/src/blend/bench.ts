import type { Blend, Brief, Recipe } from '@/api/types'

/** What lies on the bench of a blend. */
export interface Bench {
  name: string
  brief: Brief
  recipe: Recipe
}

export const benchOf = (blend: Blend): Bench => ({
  name: blend.name,
  brief: blend.brief,
  recipe: blend.recipe,
})
