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

/** What is too fine for grains of its own lies as dust between the others. */
const dust = (pen: Pen, look: Look, kinds: readonly GrainKind[], fines: readonly number[]) => {
  const size = look.widthMm / 150
  fines.forEach((share, row) => {
    const kind = kinds[row]
    if (!kind || share <= 0) {
      return
    }
    pen.fillStyle = wetted(kind.colour, look.wet)
    const count = Math.round(SPECKS * Math.min(1, share * 1.6))
    for (let i = 0; i < count; i++) {
      const x = chance(`${kind.id}u${i}`) * look.widthMm
      const y = chance(`${kind.id}v${i}`) * look.heightMm
      const side = size * (0.6 + 1.6 * chance(`${kind.id}w${i}`))
      pen.fillRect(x, y, side, side)
    }
  })
}

/** Draws what is between the grains; the same in each picture of a fall. */
export const drawGround = (
  pen: Pen,
  widthPx: number,
  heightPx: number,
  look: Look,
  kinds: readonly GrainKind[],
  fines: readonly number[],
) => {
  const scale = widthPx / look.widthMm
  pen.setTransform(1, 0, 0, 1, 0, 0)
  pen.fillStyle = look.wet ? look.water : look.paper
  pen.fillRect(0, 0, widthPx, heightPx)
  pen.setTransform(scale, 0, 0, -scale, 0, heightPx)
  dust(pen, look, kinds, fines)
}

/** Outlines of grains are the same in each picture: worked out once. */
const outlines = new WeakMap<Grain, [number, number][]>()

const outlineOf = (grain: Grain) => {
  const corners = outlines.get(grain) ?? outline(grain)
  outlines.set(grain, corners)
  return corners
}

/** Draws the section: the ground, and the grains over it. */
export const draw = (
  pen: Pen,
  widthPx: number,
  heightPx: number,
  look: Look,
  kinds: readonly GrainKind[],
  lying: readonly Lying[],
  ground: CanvasImageSource,
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
  pen.drawImage(ground, 0, 0)
  pen.setTransform(scale, 0, 0, -scale, 0, heightPx)
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
    path(pen, outlineOf(grain), grain.shape !== 'ANGULAR')
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
