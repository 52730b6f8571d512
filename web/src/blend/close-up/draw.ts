import type { Lying } from './fall'
import { chance, type Grain, type GrainKind, outline } from '@/material/grains'

/** How the close-up is looked at. */
export interface Look {
  widthMm: number
  heightMm: number
  wet: boolean
  /** Seen through the round mouth of a scoop. */
  scoop: boolean
  paper: string
  water: string
  ink: string
}

type Pen = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D

const SPECKS = 2600

/** A colour as it looks when wet: darker. */
export const wetted = (colour: string, wet: boolean): string => {
  if (!wet) {
    return colour
  }
  const part = (from: number) => Math.round(parseInt(colour.slice(from, from + 2), 16) * 0.7)
  return `rgb(${part(1)} ${part(3)} ${part(5)})`
}

const path = (pen: Pen, corners: readonly [number, number][], round: boolean) => {
  pen.beginPath()
  const count = corners.length
  corners.forEach(([x, y], i) => {
    const [nextX, nextY] = corners[(i + 1) % count] as [number, number]
    if (round) {
      const [midX, midY] = [(x + nextX) / 2, (y + nextY) / 2]
      if (i === 0) {
        const [lastX, lastY] = corners[count - 1] as [number, number]
        pen.moveTo((x + lastX) / 2, (y + lastY) / 2)
      }
      pen.quadraticCurveTo(x, y, midX, midY)
    } else if (i === 0) {
      pen.moveTo(x, y)
    } else {
      pen.lineTo(x, y)
    }
  })
  pen.closePath()
}

/** Where dust lies, and how large each speck is: x, y and side by turns [mm]. */
const specks = (look: Look, kind: GrainKind, share: number): Float64Array => {
  const size = look.widthMm / 150
  const placed = new Float64Array(3 * Math.round(SPECKS * Math.min(1, share * 1.6)))
  for (let i = 0; i < placed.length / 3; i++) {
    placed[3 * i] = chance(`${kind.id}u${i}`) * look.widthMm
    placed[3 * i + 1] = chance(`${kind.id}v${i}`) * look.heightMm
    placed[3 * i + 2] = size * (0.6 + 1.6 * chance(`${kind.id}w${i}`))
  }
  return placed
}

/** Dust and outlines are the same in each picture of a fall: worked out once. */
const dusts = new WeakMap<readonly number[], Float64Array[]>()
const outlines = new WeakMap<Grain, [number, number][]>()

const once = <K extends object, V>(known: WeakMap<K, V>, key: K, work: () => V): V => {
  const value = known.get(key) ?? work()
  known.set(key, value)
  return value
}

/** What is too fine for grains of its own lies as dust between the others. */
const dust = (pen: Pen, look: Look, kinds: readonly GrainKind[], fines: readonly number[]) => {
  const placed = once(dusts, fines, () =>
    fines.map((share, row) => {
      const kind = kinds[row]
      return kind && share > 0 ? specks(look, kind, share) : new Float64Array()
    }),
  )
  placed.forEach((all, row) => {
    pen.fillStyle = wetted(kinds[row]?.colour ?? look.ink, look.wet)
    for (let i = 0; i < all.length; i += 3) {
      const side = all[i + 2] as number
      pen.fillRect(all[i] as number, all[i + 1] as number, side, side)
    }
  })
}

/** Draws the section: what is between the grains first, the grains over it. What is too fine, by kind, is the same array in each picture of a fall. */
export const draw = (
  pen: Pen,
  widthPx: number,
  heightPx: number,
  look: Look,
  kinds: readonly GrainKind[],
  lying: readonly Lying[],
  fines: readonly number[],
) => {
  const scale = widthPx / look.widthMm
  pen.setTransform(1, 0, 0, 1, 0, 0)
  pen.clearRect(0, 0, widthPx, heightPx)
  pen.save()
  if (look.scoop) {
    pen.beginPath()
    pen.arc(widthPx / 2, heightPx / 2, Math.min(widthPx, heightPx) / 2 - 1, 0, Math.PI * 2)
    pen.clip()
  }
  pen.fillStyle = look.wet ? look.water : look.paper
  pen.fillRect(0, 0, widthPx, heightPx)
  pen.setTransform(scale, 0, 0, -scale, 0, heightPx)
  dust(pen, look, kinds, fines)
  const base = pen.getTransform()
  for (const { grain, x, y, angle } of lying) {
    if (y - grain.long > look.heightMm) {
      continue
    }
    const kind = kinds[grain.kind]
    if (!kind) {
      continue
    }
    pen.setTransform(base)
    pen.translate(x, y)
    pen.rotate(angle)
    path(
      pen,
      once(outlines, grain, () => outline(grain)),
      grain.shape !== 'ANGULAR',
    )
    pen.fillStyle = wetted(kind.colour, look.wet)
    pen.fill()
    pen.lineWidth = 0.9 / scale
    pen.strokeStyle = look.ink
    pen.globalAlpha = 0.55
    pen.stroke()
    pen.globalAlpha = 1
  }
  pen.restore()
}
