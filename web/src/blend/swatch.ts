/** Place of a stitch that no material fills. */
export const OPEN = -1

/**
 * Spreads shares over stitches by the largest remainder, so that the stitches always add up.
 *
 * @param shares share of each row in the whole, 0 to 1; what is missing to 1 stays open
 * @param total number of stitches
 * @returns number of stitches for each row, and last the open ones
 */
export const stitchCounts = (shares: readonly number[], total = 100): number[] => {
  const named = shares.reduce((sum, share) => sum + share, 0)
  const all = [...shares, Math.max(0, 1 - named)].map((share) => Math.max(0, share))
  const whole = all.reduce((sum, share) => sum + share, 0) || 1
  const exact = all.map((share) => (share / whole) * total)
  const counts = exact.map(Math.floor)
  const order = exact
    .map((value, row) => ({ row, rest: value - Math.floor(value) }))
    .sort((a, b) => b.rest - a.rest || a.row - b.row)
  let left = total - counts.reduce((sum, count) => sum + count, 0)
  for (const { row, rest } of order) {
    if (left <= 0) {
      break
    }
    if (rest > 1e-9) {
      counts[row] = (counts[row] ?? 0) + 1
      left--
    }
  }
  return counts
}

/** The row of each stitch, knitted from the foot upwards: the first row of the recipe lies at the foot. */
export const knit = (shares: readonly number[], total = 100): number[] => {
  const counts = stitchCounts(shares, total)
  return counts.flatMap((count, row) => Array<number>(count).fill(row < shares.length ? row : OPEN))
}
