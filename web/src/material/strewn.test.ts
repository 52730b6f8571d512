import { describe, expect, it } from 'vitest'
import { strewn } from './strewn'

const what = { id: 'peat', shape: 'CRUMB' as const, radius: 2, area: 400, cover: 0.5, most: 1000 }
const place = () => ({ x: 1, y: 2 })

describe('strewn grains', () => {
  it('cover as much of the area as they should, and are always the same', () => {
    const dots = strewn(what, place)
    expect(dots).toHaveLength(Math.ceil(200 / (Math.PI * 4)))
    expect(strewn(what, place)).toEqual(dots)
    expect(strewn({ ...what, area: 1e6 }, place)).toHaveLength(1000)
    expect(strewn({ ...what, area: -1 }, place)).toHaveLength(0)
  })

  it('lie flat if they are flakes', () => {
    strewn({ ...what, shape: 'FLAKE' }, place).forEach((dot) => expect(dot.ry / dot.rx).toBeCloseTo(0.5))
  })
})
