import type { Lot } from '@/api/types'

/** Round figures from 0 up to a largest one, four to seven of them. */
export const ticksOf = (largest: number): number[] => {
  const rough = largest / 5
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= rough) ?? rough
  return Array.from({ length: Math.floor(largest / step + 1e-9) + 1 }, (_, i) => i * step)
}

/**
 * What is left of lots after a batch has taken litres of materials: from the lot in use first, then from the others as they stand. Only
 * lots that lose something are named.
 */
export const afterBatch = (
  lots: Lot[],
  taken: { materialId: string; litres: number }[],
): Record<string, number> => {
  const left: Record<string, number> = {}
  for (const { materialId, litres } of taken) {
    let open = litres
    const own = lots
      .filter((lot) => lot.facts.materialId === materialId)
      .sort((a, b) => Number(b.inUse) - Number(a.inUse))
    for (const lot of own) {
      const before = left[lot.id] ?? lot.facts.leftLitres
      const used = Math.min(before, open)
      if (used > 0) {
        left[lot.id] = Math.round((before - used) * 100) / 100
        open -= used
      }
    }
  }
  return left
}
