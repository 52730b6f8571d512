import { describe, expect, it } from 'vitest'
import { draw, drawGround, wetted } from './draw'
import { Fall } from './fall'
import { chance, chooseGrains, type Grain, type GrainKind, outline, sizeAt } from '@/material/grains'
import { scaleBar, scoopWidth, sectionWidth } from './section'

const bark: GrainKind = {
  id: 'bark',
  share: 0.6,
  d10: 4,
  d50: 7,
  d90: 11,
  shape: 'FLAKE',
  colour: '#8f4b2a',
}
const perlite: GrainKind = { ...bark, id: 'perlite', share: 0.3, d10: 2, d50: 4, d90: 8, shape: 'ROUND' }
const peat: GrainKind = { ...bark, id: 'peat', share: 0.1, d10: 0.1, d50: 0.4, d90: 1, shape: 'CRUMB' }
const kinds = [bark, perlite, peat]
const area = (chosen: ReturnType<typeof chooseGrains>, kind: number) =>
  chosen.grains
    .filter((grain) => grain.kind === kind)
    .reduce((sum, grain) => sum + grain.long * grain.broad, 0)

describe('grains of a close-up', () => {
  it('have the sizes of the grade', () => {
    expect(sizeAt(bark, 0.1)).toBeCloseTo(4)
    expect(sizeAt(bark, 0.5)).toBeCloseTo(7)
    expect(sizeAt(bark, 0.9)).toBeCloseTo(11)
  })

  it('fill the section in the shares of the blend, and leave the finest as dust', () => {
    const chosen = chooseGrains(kinds, 60, 40)
    expect(area(chosen, 0) / area(chosen, 1)).toBeGreaterThan(1.5)
    expect(area(chosen, 0) / area(chosen, 1)).toBeLessThan(2.6)
    expect(chosen.fines[2]).toBeGreaterThan(0.08)
    expect(chosen.fines[2]).toBeLessThanOrEqual(0.1)
    expect(chosen.grains.length).toBeLessThanOrEqual(460)
  })

  it('are the same for the same blend, and mostly the same for a blend nearby', () => {
    expect(chooseGrains(kinds, 60, 40)).toEqual(chooseGrains(kinds, 60, 40))
    const before = new Set(chooseGrains(kinds, 60, 40).grains.map((grain) => grain.key))
    const after = chooseGrains([bark, { ...perlite, share: 0.35 }, peat], 60, 40).grains
    const stayed = after.filter((grain) => before.has(grain.key)).length
    expect(stayed / after.length).toBeGreaterThan(0.85)
    expect(chance('a')).not.toBe(chance('b'))
  })

  it('have an outline of their own length', () => {
    const grain = chooseGrains([bark], 60, 40).grains[0] as Grain
    const across = outline(grain).map(([x]) => x)
    expect(Math.max(...across) - Math.min(...across)).toBeGreaterThan(0.6 * grain.long)
    expect(Math.max(...across) - Math.min(...across)).toBeLessThan(1.4 * grain.long)
  })
})

describe('the fall', () => {
  const rested = () => {
    const fall = new Fall(60)
    fall.become(chooseGrains(kinds, 60, 40).grains)
    fall.rest()
    return fall
  }

  it('comes to rest inside the section, without grains in one another', () => {
    const lying = rested().lying
    const radius = (grain: (typeof lying)[number]) => Math.sqrt(grain.grain.long * grain.grain.broad) / 2
    const inOneAnother: number[] = []
    for (const one of lying) {
      expect(one.y).toBeGreaterThan(0)
      expect(one.x).toBeGreaterThan(0)
      expect(one.x).toBeLessThan(60)
      const depth = lying
        .filter((other) => other !== one)
        .map((other) => {
          const reach = radius(one) + radius(other)
          return (reach - Math.hypot(one.x - other.x, one.y - other.y)) / Math.min(radius(one), radius(other))
        })
      inOneAnother.push(Math.max(0, ...depth))
    }
    inOneAnother.sort((a, b) => a - b)
    expect(inOneAnother[Math.floor(0.9 * inOneAnother.length)]).toBeLessThan(0.35)
    expect(inOneAnother.at(-1)).toBeLessThan(0.7)
    expect(Math.max(...lying.map((each) => each.y))).toBeGreaterThan(32)
  })

  it('always takes the same course', () => {
    expect(rested().lying.map(({ x, y }) => [x, y])).toEqual(rested().lying.map(({ x, y }) => [x, y]))
  })

  it('leaves lying what lies at the foot when a little is changed', () => {
    const fall = rested()
    const before = new Map(fall.lying.map(({ grain, x, y }) => [grain.key, { x, y }]))
    fall.become(chooseGrains([bark, { ...perlite, share: 0.33 }, peat], 60, 40).grains)
    fall.rest()
    const moved = fall.lying
      .filter(({ grain }) => before.has(grain.key))
      .map(({ grain, x, y }) =>
        Math.hypot(x - (before.get(grain.key)?.x ?? NaN), y - (before.get(grain.key)?.y ?? NaN)),
      )
      .sort((a, b) => a - b)
    expect(moved[Math.floor(moved.length / 2)]).toBeLessThan(3)
  })

  it('ends soon after a little is changed', () => {
    const fall = rested()
    fall.become(chooseGrains([bark, { ...perlite, share: 0.33 }, peat], 60, 40).grains)
    let steps = 0
    while (fall.step()) {
      steps++
    }
    expect(steps).toBeLessThan(150)
  })

  it('does not end while one is in the air, though all others lie', () => {
    const round = (key: string, size: number, across: number): Grain => ({
      key,
      kind: 0,
      shape: 'ROUND',
      long: size,
      broad: size,
      across,
      order: 0,
      turn: 0,
    })
    const small = Array.from({ length: 60 }, (_, i) => round(`small ${i}`, 0.4, 0.6 + i / 160))
    const fall = new Fall(60)
    fall.become([round('large', 30, 0), ...small])
    fall.rest()
    fall.become([...fall.lying.map(({ grain }) => grain), round('late', 0.4, 1)])
    expect(fall.lying.at(-1)?.y).toBeGreaterThan(25)
    fall.rest()
    expect(fall.lying.at(-1)?.y).toBeLessThan(3)
  })

  it('has nothing to do for nothing', () => {
    const fall = new Fall(60)
    fall.become([])
    expect(fall.step()).toBe(false)
  })
})

describe('the section', () => {
  it('is wide enough for the coarsest grains, in steps', () => {
    expect(sectionWidth([bark])).toBe(45)
    expect(sectionWidth([{ d90: 0.6, share: 1 }])).toBe(30)
    expect(sectionWidth([{ d90: 60, share: 1 }])).toBe(120)
    // a pinch of something coarse does not zoom out
    expect(sectionWidth([bark, { d90: 60, share: 0.01 }])).toBe(45)
  })

  it('says how wide it is with a round bar', () => {
    expect(scaleBar(45)).toBe(10)
    expect(scaleBar(120)).toBe(20)
    expect(scoopWidth(0.5)).toBeCloseTo(86, 0)
  })

  it('is drawn with every grain that can be seen, darker when wet', () => {
    const called: string[] = []
    const pen = new Proxy(
      {},
      {
        get: (_, name) => (name === 'getTransform' ? () => ({}) : () => called.push(String(name))),
        set: () => true,
      },
    ) as CanvasRenderingContext2D
    const look = {
      widthMm: 60,
      heightMm: 40,
      wet: true,
      scoop: true,
      paper: '#fff',
      water: '#00f',
      ink: '#000',
    }
    const grain = chooseGrains([bark], 60, 40).grains[0] as Grain
    drawGround(pen, 600, 400, look, [bark], [0.2])
    expect(called.filter((name) => name === 'fillRect').length).toBeGreaterThan(500)
    draw(
      pen,
      600,
      400,
      look,
      [bark],
      [
        { grain, x: 30, y: 20, angle: 0 },
        { grain, x: 30, y: 900, angle: 0 },
      ],
      {} as CanvasImageSource,
    )
    expect(called.filter((name) => name === 'fill')).toHaveLength(1)
    expect(called).toContain('clip')
    expect(called).toContain('drawImage')
    expect(wetted('#ffffff', true)).toBe('rgb(179 179 179)')
    expect(wetted('#ffffff', false)).toBe('#ffffff')
  })
})
