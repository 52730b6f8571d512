import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Plant } from '@/api/types'
import { Measures } from '@/measure/units'
import BandStrip from './BandStrip.vue'
import { stripsOf, wordsOf } from './plantFacts'

const plant = {
  name: 'Jade plant',
  airPercent: { low: 24, high: 45 },
  waterPercent: { low: 20, high: 45 },
  easyWaterPercent: { low: 4, high: 16 },
  ph: { low: 6, high: 7.5 },
  nMgPerL: { low: 5, high: 60 },
  mostEcDsPerM: 2,
  drying: 'it wants to dry between waterings',
  light: 'bright',
  tempLowC: 5,
  tempHighC: 38,
  water: 'ordinary tap water',
  texture: 'gritty',
  rootDepthCm: 8,
  planting: 'At the old depth.',
  rest: 'rests dry in winter',
  repotYears: 1,
  repotting: 'takes repotting well',
  heightOverWidth: 2,
  acidity: 'About neutral.',
  food: 'Little.',
  poison: '',
  trade: '',
  differs: ['drying'],
  source: 'common practice (no source)',
} as unknown as Plant
const units = {
  volume: [],
  length: [{ id: 'INCH', factor: 2.54 }],
  mass: [],
} as unknown as ConstructorParameters<typeof Measures>[0]

describe('what there is to know of a plant', () => {
  it('is drawn on scales that are the same for all', () => {
    const strips = stripsOf(plant, new Measures(units, 'metric'))
    expect(strips.map((each) => each.label)).toContain('Warmth in growth')
    for (const strip of strips) {
      expect(strip.high).toBeLessThanOrEqual(strip.to)
      expect(strip.low ?? strip.from).toBeGreaterThanOrEqual(strip.from)
    }
  })

  it('follows the person’s units', () => {
    const strips = stripsOf(plant, new Measures(units, 'us'))
    expect(strips.find((each) => each.unit === '°F')).toMatchObject({ low: 41, high: 100 })
    expect(strips.find((each) => each.label.startsWith('Depth'))?.words).toBe('3.1 in')
  })

  it('leaves out what is not known', () => {
    const labels = wordsOf(plant).map(([label]) => label)
    expect(labels).not.toContain('Poison')
    expect(labels).toContain('Unlike its group in')
    expect(Object.fromEntries(wordsOf(plant))['Repotting']).toBe('about every year; takes repotting well')
    expect(Object.fromEntries(wordsOf(plant))['Growth']).toContain('tall')
  })

  it('writes the ends of a range beside the band', () => {
    const strip = mount(BandStrip, {
      props: { label: 'Acidity', low: 6, high: 7.5, from: 3, to: 9, unit: 'pH', decimals: 1 },
    })
    expect(strip.text()).toContain('6–7.5 pH')
    expect(strip.get('.band').attributes('style')).toContain('left: 50%')
    const open = mount(BandStrip, { props: { label: 'Salts', high: 2, from: 0, to: 4, unit: 'dS/m' } })
    expect(open.text()).toContain('up to 2 dS/m')
  })
})
