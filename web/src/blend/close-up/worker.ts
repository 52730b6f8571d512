import { draw, drawGround, type Look } from './draw'
import { Fall } from './fall'
import { chooseGrains, type Chosen, type GrainKind } from '@/material/grains'

/** Draws the close-up off the main thread: lets grains fall, and stops as soon as they lie. */
export interface Asked {
  canvas?: OffscreenCanvas
  widthPx: number
  heightPx: number
  look: Look
  kinds: GrainKind[]
  /** Nothing is to move: only what has come to rest is shown. */
  still: boolean
}

/** Told back when the grains lie: how many, and how long a picture took [ms]. */
export interface Told {
  lying: number
  frameMs: number
}

let canvas: OffscreenCanvas | undefined
let pen: OffscreenCanvasRenderingContext2D | null = null
let fall: Fall | undefined
let size = ''
let asked: Asked | undefined
let chosen: Chosen = { grains: [], fines: [] }
let ground: OffscreenCanvas | undefined
let moving = false
let slowest = 0

const paint = () => {
  if (asked && canvas && pen && fall && ground) {
    draw(pen, canvas.width, canvas.height, asked.look, asked.kinds, fall.lying, ground)
  }
}

const tell = () => postMessage({ lying: chosen.grains.length, frameMs: slowest } satisfies Told)

const frame = () => {
  const from = performance.now()
  const on = fall?.step() ?? false
  paint()
  slowest = Math.max(slowest, performance.now() - from)
  if (on) {
    requestAnimationFrame(frame)
  } else {
    moving = false
    tell()
  }
}

self.onmessage = ({ data }: MessageEvent<Asked>) => {
  if (data.canvas) {
    canvas = data.canvas
    pen = canvas.getContext('2d')
  }
  asked = data
  if (canvas) {
    canvas.width = data.widthPx
    canvas.height = data.heightPx
  }
  const { widthMm, heightMm } = data.look
  if (size !== `${widthMm}:${heightMm}`) {
    size = `${widthMm}:${heightMm}`
    fall = new Fall(widthMm)
  }
  chosen = chooseGrains(data.kinds, widthMm, heightMm)
  fall?.become(chosen.grains)
  ground = new OffscreenCanvas(data.widthPx, data.heightPx)
  const under = ground.getContext('2d')
  if (under) {
    drawGround(under, data.widthPx, data.heightPx, data.look, data.kinds, chosen.fines)
  }
  slowest = 0
  if (data.still) {
    fall?.rest()
    paint()
    tell()
  } else if (!moving) {
    moving = true
    requestAnimationFrame(frame)
  }
}
