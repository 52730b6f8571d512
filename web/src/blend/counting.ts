import type { Recipe } from '@/api/types'
import { rewrite, setAmount } from './recipe'

/** Adds scoops of a material to a recipe; a recipe in per cent becomes one in parts first, since a scoop is a part. */
export const withScoops = (recipe: Recipe, materialId: string, scoops: number): Recipe => {
  const counted = rewrite(recipe, 'PARTS')
  const row = counted.parts.findIndex((part) => part.materialId === materialId)
  if (row < 0) {
    return { ...counted, parts: [...counted.parts, { materialId, amount: Math.round(scoops * 1000) / 1000 }] }
  }
  return setAmount(counted, row, Math.max(0, (counted.parts[row]?.amount ?? 0) + scoops))
}

/** The materials to tap, each once: what is in the mix keeps its place among what is on the shelf; others follow. */
export const countable = (recipe: Recipe, shelf: readonly string[], fetched: readonly string[]): string[] => [
  ...new Set([...shelf, ...recipe.parts.map((part) => part.materialId), ...fetched]),
]
