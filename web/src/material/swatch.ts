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

/** An order of places in which any run of them lies evenly over the whole chart. */
const evenOrder = (total: number, across: number): number[] => {
  const down = Math.ceil(total / across)
  // the plastic number spreads points over a square without clumps
  const plastic = 1.32471795724474602596
  const places = Array.from({ length: total }, (_, place) => place)
  const taken = new Array<boolean>(total).fill(false)
  const order: number[] = []
  for (let i = 1; order.length < total; i++) {
    const x = (0.5 + i / plastic) % 1
    const y = (0.5 + i / (plastic * plastic)) % 1
    const place = Math.min(total - 1, Math.floor(y * down) * across + Math.floor(x * across))
    if (!taken[place]) {
      taken[place] = true
      order.push(place)
    } else if (i > 40 * total) {
      order.push(...places.filter((each) => !taken[each]))
    }
  }
  return order
}

/** The row of each stitch, the materials knitted through one another as they lie in the mix. */
export const knitThrough = (shares: readonly number[], total = 100, across = 10): number[] => {
  const grouped = knit(shares, total)
  const chart = new Array<number>(total).fill(OPEN)
  evenOrder(total, across).forEach((place, i) => {
    chart[place] = grouped[i] ?? OPEN
  })
  return chart
}

/** Where one row ends and the next begins: the row below, and the place of the first stitch above. */
export const edges = (shares: readonly number[], total = 100): { row: number; place: number }[] => {
  const counts = stitchCounts(shares, total)
  let place = 0
  const found: { row: number; place: number }[] = []
  for (let row = 0; row + 1 < shares.length; row++) {
    place += counts[row] ?? 0
    found.push({ row, place })
  }
  return found
}
