import type { Remedy, WayOut } from '@/api/types'
import type { Bench } from './bench'

/**
 * The bench once what the server proposes is taken: what it sends is what lies there then. A recipe that is not touched is not sent, and the
 * scoop that the person counts with stays.
 */
export const withProposal = (bench: Bench, { after }: Remedy | WayOut): Bench => {
  if (!after) {
    return bench
  }
  const { scoop } = bench.recipe
  return {
    ...bench,
    brief: after.brief,
    recipe: after.recipe ? { ...after.recipe, ...(scoop ? { scoop } : {}) } : bench.recipe,
  }
}
