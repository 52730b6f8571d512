import { Box, Circle, Edge, Polygon, Vec2, World, type Body } from 'planck'
import { type Grain, outline } from './grains'

/** A small fall of grains in a section: what lies stays where it lies when the blend changes a little. Lengths in millimetres. */
export interface Lying {
  grain: Grain
  x: number
  y: number
  angle: number
}

/** The world counts in units of this many millimetres, so that sizes lie where the solver is at ease. */
const UNIT_MM = 4
const STEP = 1 / 60
const MOST_STEPS = 900

export class Fall {
  private readonly world = new World({ gravity: new Vec2(0, -30), allowSleep: true })
  private readonly bodies = new Map<string, { body: Body; grain: Grain }>()
  private readonly width: number
  private readonly height: number
  private steps = 0

  constructor(widthMm: number, heightMm: number) {
    this.width = widthMm / UNIT_MM
    this.height = heightMm / UNIT_MM
    const ground = this.world.createBody()
    const [left, right, top] = [0, this.width, this.height * 12]
    for (const [from, to] of [
      [new Vec2(left, 0), new Vec2(right, 0)],
      [new Vec2(left, 0), new Vec2(left, top)],
      [new Vec2(right, 0), new Vec2(right, top)],
    ] as const) {
      ground.createFixture({ shape: new Edge(from, to), friction: 0.4 })
    }
  }

  /** Takes out what is gone and lets go what is new, from above the heap. */
  become(grains: readonly Grain[]) {
    const wanted = new Set(grains.map((grain) => grain.key))
    for (const [key, { body }] of this.bodies) {
      if (!wanted.has(key)) {
        this.world.destroyBody(body)
        this.bodies.delete(key)
      }
    }
    let level = this.bodies.size === 0 ? 0 : this.top()
    let filled = 0
    for (const grain of grains) {
      if (this.bodies.has(grain.key)) {
        continue
      }
      const reach = grain.long / UNIT_MM
      filled += reach * reach * 1.2
      if (filled > this.width * reach) {
        level += reach
        filled = 0
      }
      this.add(grain, level + reach)
    }
    for (const { body } of this.bodies.values()) {
      body.setAwake(true)
    }
    this.steps = 0
  }

  private top(): number {
    let top = 0
    for (const { body, grain } of this.bodies.values()) {
      top = Math.max(top, body.getPosition().y + grain.long / UNIT_MM / 2)
    }
    return top
  }

  private add(grain: Grain, y: number) {
    const half = grain.long / UNIT_MM / 2
    const x = half + grain.across * Math.max(0, this.width - 2 * half)
    const body = this.world.createBody({
      type: 'dynamic',
      position: new Vec2(x, y),
      angle: grain.shape === 'FLAKE' || grain.shape === 'STRAND' ? (grain.turn - Math.PI) * 0.25 : grain.turn,
      linearDamping: 0.15,
      angularDamping: 0.6,
    })
    body.createFixture({ shape: shapeOf(grain), density: 1, friction: 0.45, restitution: 0.02 })
    this.bodies.set(grain.key, { body, grain })
  }

  /** A sixtieth of a second; false once everything has come to rest. */
  step(): boolean {
    if (this.steps >= MOST_STEPS) {
      return false
    }
    this.steps++
    this.world.step(STEP, 4, 2)
    for (const { body } of this.bodies.values()) {
      if (body.isAwake()) {
        return true
      }
    }
    return false
  }

  /** Lets everything come to rest at once. */
  rest() {
    while (this.step()) {
      // until nothing moves
    }
  }

  get lying(): Lying[] {
    return [...this.bodies.values()].map(({ body, grain }) => {
      const { x, y } = body.getPosition()
      return { grain, x: x * UNIT_MM, y: y * UNIT_MM, angle: body.getAngle() }
    })
  }
}

const shapeOf = (grain: Grain) => {
  if (grain.shape === 'ROUND') {
    return new Circle((grain.long + grain.broad) / 4 / UNIT_MM)
  }
  if (grain.shape === 'STRAND') {
    return new Box(grain.long / 2 / UNIT_MM, Math.max(0.02, grain.broad / 2 / UNIT_MM))
  }
  return new Polygon(outline(grain).map(([x, y]) => new Vec2(x / UNIT_MM, y / UNIT_MM)))
}
