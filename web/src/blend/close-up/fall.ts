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
  mass: number
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
        mass: radius,
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
      ball.touched = false
    }
    const pairs = this.near()
    for (let round = 0; round < ROUNDS; round++) {
      pairs.forEach(([a, b]) => apart(a, b))
      this.balls.forEach((ball) => this.inside(ball))
    }
    let most = 0
    for (const ball of this.balls) {
      const moved = ball.x - ball.lastX
      most = Math.max(most, Math.hypot(moved, ball.y - ball.lastY))
      if (ball.grain.shape !== 'FLAKE' && ball.grain.shape !== 'STRAND') {
        ball.angle -= moved / ball.radius
      }
    }
    this.quiet = most < LIES ? this.quiet + 1 : 0
    return true
  }

  private inside(ball: Ball) {
    if (ball.y < ball.radius) {
      ball.y = ball.radius
      ball.touched = true
    }
    ball.x = Math.min(this.width - ball.radius, Math.max(ball.radius, ball.x))
  }

  /** Pairs that may touch, found by sweeping from left to right. */
  private near(): [Ball, Ball][] {
    const sorted = [...this.balls].sort((a, b) => a.x - a.radius - (b.x - b.radius))
    const pairs: [Ball, Ball][] = []
    for (let i = 0; i < sorted.length; i++) {
      const a = sorted[i] as Ball
      for (let j = i + 1; j < sorted.length; j++) {
        const b = sorted[j] as Ball
        if (b.x - b.radius > a.x + a.radius + 1) {
          break
        }
        if (Math.abs(a.y - b.y) < a.radius + b.radius + 1) {
          pairs.push([a, b])
        }
      }
    }
    return pairs
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

const apart = (a: Ball, b: Ball) => {
  const x = b.x - a.x
  const y = b.y - a.y
  const reach = a.radius + b.radius
  const far = Math.hypot(x, y)
  if (far >= reach || far === 0) {
    return
  }
  const push = (MEND * (reach - far)) / far
  const toA = b.mass / (a.mass + b.mass)
  a.x -= x * push * toA
  a.y -= y * push * toA
  b.x += x * push * (1 - toA)
  b.y += y * push * (1 - toA)
  a.touched = true
  b.touched = true
}
