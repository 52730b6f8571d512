import { describe, expect, it } from 'vitest'
import { figure, inUnit, Measures, text } from './units'

const units = {
  volume: [
    { id: 'US_QUART', symbol: 'qt', factor: 0.946352946 },
    { id: 'US_GALLON', symbol: 'gal', factor: 3.785411784 },
    { id: 'US_CUP', symbol: 'cup', factor: 0.2365882365 },
    { id: 'US_TABLESPOON', symbol: 'tbsp', factor: 0.01478676478 },
  ],
  length: [{ id: 'INCH', symbol: 'in', factor: 2.54 }],
  mass: [
    { id: 'POUND', symbol: 'lb', factor: 453.59237 },
    { id: 'OUNCE', symbol: 'oz', factor: 28.349523125 },
  ],
  handfulLitres: 0.12,
}
const metric = new Measures(units, 'metric')
const us = new Measures(units, 'us')

describe('figures', () => {
  it('are rounded to what they mean', () => {
    expect(figure(23.4872, 0)).toBe('23')
    expect(figure(2.5, 2, true)).toBe('2.5')
    expect(figure(-0.04, 1)).toBe('0.0')
    expect(figure(-1.26, 1)).toBe('−1.3')
  })
})

describe('measures', () => {
  it.each([
    [0.0384, '38 mL'],
    [0.457, '460 mL'],
    [1.2345, '1.2 L'],
    [34.56, '35 L'],
  ])('shows %f litres as %s', (litres, shown) => {
    expect(text(metric.volume(litres))).toBe(shown)
  })

  it.each([
    [0.02, '1 tbsp'],
    [0.5, '2.1 cups'],
    [2, '2.1 qt'],
    [40, '10.6 gal'],
  ])('shows %f litres to US hands as %s', (litres, shown) => {
    expect(text(us.volume(litres))).toBe(shown)
  })

  it('shows lengths, masses and temperatures in both systems', () => {
    expect(text(metric.pack(10))).toBe('10 L')
    expect(text(us.pack(10))).toBe('10.6 qt')
    expect(text(metric.length(14))).toBe('14 cm')
    expect(text(us.length(14))).toBe('5.5 in')
    expect(text(metric.mass(0.456))).toBe('460 g')
    expect(text(us.mass(2))).toBe('4.4 lb')
    expect(text(metric.temperature(19.2))).toBe('19 °C')
    expect(text(us.temperature(20))).toBe('68 °F')
    expect(text(us.dose(1.5))).toBe('0.20 oz/gal')
    expect(inUnit(31, '%', 0)).toEqual({ figure: '31', unit: '%' })
  })

  it('types figures in the shown unit', () => {
    const field = us.field('temperature')
    expect(20 * field.factor + field.offset).toBe(68)
    expect(us.field('grams')).toMatchObject({ unit: 'oz' })
    expect(453.59237 * us.field('grams').factor).toBeCloseTo(16, 9)
    expect(0.45359237 * us.field('mass').factor).toBeCloseTo(1, 9)
    expect(metric.field('mass')).toEqual({ unit: 'kg', factor: 1, offset: 0 })
  })
})
