/** How large a piece of the mix is shown, and the bar that says so. Lengths in millimetres. */

const LEAST_WIDTH = 30
const MOST_WIDTH = 120

/** Wide enough for a handful of the coarsest grains, in steps, so that a small change does not zoom. */
export const sectionWidth = (kinds: readonly { d90: number; share: number }[]): number => {
  const coarsest = Math.max(0, ...kinds.filter((kind) => kind.share >= 0.03).map((kind) => kind.d90))
  const wanted = Math.min(MOST_WIDTH, Math.max(LEAST_WIDTH, coarsest * 4))
  return Math.ceil(wanted / 15) * 15
}

/** Width of a scoop that is as deep as it is wide at the mouth. */
export const scoopWidth = (litres: number): number => Math.cbrt((litres * 1e6 * 4) / Math.PI)

/** A round length of about a quarter of the width. */
export const scaleBar = (widthMm: number): number => {
  const rounds = [1, 2, 5, 10, 20, 50, 100]
  return rounds.filter((each) => each <= widthMm / 3).at(-1) ?? 1
}
