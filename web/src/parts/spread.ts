/** Places for labels of such heights, each as near as it can be to where it belongs, in their order, none over another, within a range if there is room. */
export const spread = (
  wanted: readonly { at: number; high: number }[],
  from: number,
  to: number,
): number[] => {
  const places: number[] = []
  let free = from
  wanted.forEach(({ at, high }) => {
    const place = Math.max(at, free)
    places.push(place)
    free = place + high
  })
  let limit = to
  for (let i = wanted.length - 1; i >= 0; i--) {
    const high = wanted[i]?.high ?? 0
    const place = Math.max(from, Math.min(places[i] ?? 0, limit - high))
    places[i] = place
    limit = place
  }
  free = from
  wanted.forEach(({ high }, i) => {
    places[i] = Math.max(places[i] ?? 0, free)
    free = (places[i] ?? 0) + high
  })
  return places
}
