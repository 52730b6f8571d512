import type { Grain } from '@/material/grains'

/**
 * A small fall of grains in a section: each is a ball of its middle size that falls, pushes others aside and comes to rest. What lies
 * stays where it lies when the blend changes a little. Lengths in millimetres, the same course for the same grains.
 */
export interface Lying {
  grain: Grain
  x: number
  y: number
  angle: number
}

interface Ball extends Lying {
  radius: number
  lastX: number
  lastY: number
  touched: boolean
}

const STEP = 1 / 60
const GRAVITY = 320
const DRAG = 0.985
/** How much of a touching grain's way is taken by rubbing. */
const RUB = 0.35
const ROUNDS = 14
const MOST_STEPS = 420
/** A grain that moves less than this in a step lies [mm]. */
const LIES = 0.03
const QUIET_STEPS = 12
/** One that moves more is on its way down, as each is after a few steps of falling [mm]. */
const FALLS = 0.3
/** So small a part of the grains may still tremble in a heap that lies. */
const TREMBLE = 0.02
/** Part of an overlap that is mended at a time, so that nothing trembles. */
const MEND = 0.6

export class Fall {
  private balls: Ball[] = []
  private readonly width: number
  private steps = 0
  private quiet = 0

  constructor(widthMm: number) {
    this.width = widthMm
  }

  /** Takes out what is gone and lets go what is new, from above the heap. */
  become(grains: readonly Grain[]) {
    const lying = new Map(this.balls.map((ball) => [ball.grain.key, ball]))
    let level = this.balls.reduce((top, ball) => Math.max(top, ball.y + ball.radius), 0)
    let filled = 0
    this.balls = grains.map((grain) => {
      const before = lying.get(grain.key)
      if (before) {
        before.grain = grain
        return before
      }
      const radius = Math.sqrt(grain.long * grain.broad) / 2
      filled += 4 * radius * radius
      while (filled > this.width * 2 * radius) {
        filled -= this.width * 2 * radius
        level += 2 * radius
      }
      const x = radius + grain.across * Math.max(0, this.width - 2 * radius)
      const y = level + radius
      const flat = grain.shape === 'FLAKE' || grain.shape === 'STRAND'
      return {
        grain,
        x,
        y,
        lastX: x,
        lastY: y,
        angle: flat ? (grain.turn - Math.PI) * 0.22 : grain.turn,
        radius,
        touched: false,
      }
    })
    this.steps = 0
    this.quiet = 0
  }

  /** A sixtieth of a second; false once everything has come to rest. */
  step(): boolean {
    if (this.steps >= MOST_STEPS || this.quiet >= QUIET_STEPS || this.balls.length === 0) {
      return false
    }
    this.steps++
    for (const ball of this.balls) {
      const hold = ball.touched ? 1 - RUB : 1
      const byX = (ball.x - ball.lastX) * DRAG * hold
      const byY = (ball.y - ball.lastY) * DRAG * hold
      ball.lastX = ball.x
      ball.lastY = ball.y
      ball.x += byX
      ball.y += byY - GRAVITY * STEP * STEP
    }
    press(this.balls, near(this.balls), this.width)
    let moving = 0
    let falling = false
    for (const ball of this.balls) {
      const moved = ball.x - ball.lastX
      const sunk = ball.y - ball.lastY
      const way = Math.sqrt(moved * moved + sunk * sunk)
      moving += way > LIES ? 1 : 0
      falling ||= way > FALLS
      if (ball.grain.shape !== 'FLAKE' && ball.grain.shape !== 'STRAND') {
        ball.angle -= moved / ball.radius
      }
    }
    this.quiet = !falling && moving <= this.balls.length * TREMBLE ? this.quiet + 1 : 0
    return true
  }

  /** Lets everything come to rest at once. */
  rest() {
    while (this.step()) {
      // until nothing moves
    }
  }

  get lying(): readonly Lying[] {
    return this.balls
  }
}

/** Places of those that may touch, two by two, found by sweeping from left to right. */
const near = (balls: readonly Ball[]): number[] => {
  const left = balls.map((ball) => ball.x - ball.radius)
  const sorted = balls.map((_, i) => i).sort((i, j) => (left[i] as number) - (left[j] as number))
  const pairs: number[] = []
  for (let i = 0; i < sorted.length; i++) {
    const one = sorted[i] as number
    const a = balls[one] as Ball
    for (let j = i + 1; j < sorted.length; j++) {
      const other = sorted[j] as number
      const b = balls[other] as Ball
      if (b.x - b.radius > a.x + a.radius + 1) {
        break
      }
      if (Math.abs(a.y - b.y) < a.radius + b.radius + 1) {
        pairs.push(one, other)
      }
    }
  }
  return pairs
}

/** Pushes those apart that are in one another, and all back between the walls and above the floor. In plain rows of numbers, since it is most of the work. */
const press = (balls: Ball[], pairs: readonly number[], width: number) => {
  const xs = Float64Array.from(balls, (ball) => ball.x)
  const ys = Float64Array.from(balls, (ball) => ball.y)
  const radii = Float64Array.from(balls, (ball) => ball.radius)
  const touched = new Uint8Array(balls.length)
  const ends = Int32Array.from(pairs)
  for (let round = 0; round < ROUNDS; round++) {
    for (let i = 0; i < ends.length; i += 2) {
      const a = ends[i] as number
      const b = ends[i + 1] as number
      const x = (xs[b] as number) - (xs[a] as number)
      const y = (ys[b] as number) - (ys[a] as number)
      const reach = (radii[a] as number) + (radii[b] as number)
      const squared = x * x + y * y
      // most of the pairs do not touch: no root is taken for these
      if (squared < reach * reach && squared > 0) {
        const far = Math.sqrt(squared)
        const push = (MEND * (reach - far)) / far
        // the heavier gives way less
        const toA = (radii[b] as number) / reach
        xs[a] = (xs[a] as number) - x * push * toA
        ys[a] = (ys[a] as number) - y * push * toA
        xs[b] = (xs[b] as number) + x * push * (1 - toA)
        ys[b] = (ys[b] as number) + y * push * (1 - toA)
        touched[a] = 1
        touched[b] = 1
      }
    }
    for (let i = 0; i < xs.length; i++) {
      const radius = radii[i] as number
      if ((ys[i] as number) < radius) {
        ys[i] = radius
        touched[i] = 1
      }
      xs[i] = Math.min(width - radius, Math.max(radius, xs[i] as number))
    }
  }
  balls.forEach((ball, i) => {
    ball.x = xs[i] as number
    ball.y = ys[i] as number
    ball.touched = touched[i] === 1
  })
}
