import svgpath from 'svgpath'
import { LEG, MARKS, STITCH_WIDTH, stitchOf } from './stitches'
import { OPEN } from './swatch'

/** A drawing on both legs of a stitch: where its line begins, and how it goes on from there. */
interface Drawn {
  x: number
  y: number
  steps: string
}

const DECIMALS = 2
const BEGINNING = /^M(-?[\d.]+) ?(-?[\d.]+)/

/** What is drawn on the left leg and, mirrored, on the right one, in steps, so that it can begin anywhere. */
const onBothLegs = (left: string): Drawn => {
  const right = svgpath(left).matrix([-1, 0, 0, 1, STITCH_WIDTH, 0]).toString()
  const path = svgpath(left + right)
    .rel()
    .round(DECIMALS)
    .toString()
  const [beginning = '', x, y] = BEGINNING.exec(path) ?? []
  return { x: Number(x), y: Number(y), steps: path.slice(beginning.length) }
}
const LEGS = onBothLegs(LEG)
const DRAWN = Object.fromEntries(
  Object.entries(MARKS)
    .filter(([, path]) => path !== '')
    .map(([mark, path]) => [mark, onBothLegs(path)]),
)

const drawnAt = (places: readonly { x: number; y: number }[], { x, y, steps }: Drawn) =>
  places.map((at) => `M${(x + at.x).toFixed(DECIMALS)} ${(y + at.y).toFixed(DECIMALS)}${steps}`).join('')

/** Stitches of one material that lie side by side in one row of knitting; few drawings are quicker than a hundred. */
export interface Course {
  /** Row of the recipe, or {@link OPEN}. */
  row: number
  stitches: number
  legs: string
  marks: string
}

/** The courses of a swatch, from below: a stitch reaches into the one below it. */
export const courses = (
  stitches: readonly { row: number; x: number; y: number }[],
  materialOf: (row: number) => string | undefined,
): Course[] => {
  const gathered = new Map<string, { row: number; at: { x: number; y: number }[] }>()
  for (const { row, x, y } of stitches) {
    const key = `${y} ${row}`
    const course = gathered.get(key) ?? { row, at: [] }
    course.at.push({ x, y })
    gathered.set(key, course)
  }
  return [...gathered.values()].map(({ row, at }) => {
    const material = row === OPEN ? undefined : materialOf(row)
    const mark = material && DRAWN[stitchOf(material).mark]
    return { row, stitches: at.length, legs: drawnAt(at, LEGS), marks: mark ? drawnAt(at, mark) : '' }
  })
}
