import type { Recipe, WrittenRecipe } from '@/api/types'

/** A written recipe as it was settled: for each line the thing that is meant, or nothing to leave it out. */
export const takenOver = (
  written: WrittenRecipe,
  idOf: (line: WrittenRecipe['lines'][number]) => string,
): Recipe => {
  const recipe: Recipe = { measure: written.measure, parts: [], doses: [] }
  for (const line of written.lines) {
    const id = idOf(line)
    if (id === '') {
      continue
    }
    if (line.dose) {
      const there = recipe.doses.find((dose) => dose.amendmentId === id)
      if (there) {
        there.gPerL += line.amount
      } else {
        recipe.doses.push({ amendmentId: id, gPerL: line.amount })
      }
    } else {
      const there = recipe.parts.find((part) => part.materialId === id)
      if (there) {
        there.amount += line.amount
      } else {
        recipe.parts.push({ materialId: id, amount: line.amount })
      }
    }
  }
  return recipe
}
