import type { Plant } from '@/api/types'
import { figure, text, type Measures } from '@/measure/units'

/** A range of a plant on its scale. */
export interface Strip {
  label: string
  low?: number
  high: number
  from: number
  to: number
  unit: string
  decimals: number
  words?: string
}

/** What a plant asks of mix and place, on scales that are the same for all plants. */
export const stripsOf = (plant: Plant, measures: Measures): Strip[] => {
  const warm = (celsius: number) => (measures.us ? celsius * 1.8 + 32 : celsius)
  const deep = measures.field('length')
  return [
    { label: 'Air after draining', ...plant.airPercent, from: 0, to: 80, unit: '%', decimals: 0 },
    { label: 'Water held', ...plant.waterPercent, from: 0, to: 90, unit: '%', decimals: 0 },
    { label: 'Easily used water', ...plant.easyWaterPercent, from: 0, to: 50, unit: '%', decimals: 0 },
    { label: 'Acidity', ...plant.ph, from: 3, to: 9, unit: 'pH', decimals: 1 },
    { label: 'Food in the first month', ...plant.nMgPerL, from: 0, to: 300, unit: 'mg N/L', decimals: 0 },
    { label: 'Salts', high: plant.mostEcDsPerM, from: 0, to: 4, unit: 'dS/m', decimals: 2 },
    {
      label: 'Warmth in growth',
      low: Math.round(warm(plant.tempLowC)),
      high: Math.round(warm(plant.tempHighC)),
      from: warm(-10),
      to: warm(40),
      unit: measures.us ? '°F' : '°C',
      decimals: 0,
    },
    {
      label: 'Depth for the roots',
      high: plant.rootDepthCm * deep.factor,
      from: 0,
      words: text(measures.length(plant.rootDepthCm)),
      to: 60 * deep.factor,
      unit: deep.unit,
      decimals: measures.us ? 1 : 0,
    },
  ]
}

const years = (value: number) => `${figure(value, 1, true)} ${value === 1 ? 'year' : 'years'}`

const tall = (plant: Plant) => {
  const times = figure(plant.heightOverWidth, 1, true)
  return plant.heightOverWidth >= 2
    ? `tall: about ${times} times its pot’s width`
    : `about ${times} times its pot’s width high`
}

/** What else there is to know, as label and words; empty words are left out. */
export const wordsOf = (plant: Plant): [string, string][] =>
  (
    [
      ['Drying', plant.drying],
      ['Light', plant.light],
      ['Water', plant.water],
      ['Texture', `${plant.texture} mix`],
      ['Planting', plant.planting],
      ['Rest', plant.rest],
      ['Repotting', `about every ${years(plant.repotYears)}; ${plant.repotting}`],
      ['Growth', tall(plant)],
      ['Acidity', plant.acidity],
      ['Food', plant.food],
      ['Poison', plant.poison],
      ['Trade', plant.trade],
      ['Unlike its group in', plant.differs.join(', ')],
      ['Source', plant.source],
    ] as [string, string][]
  ).filter(([, words]) => words !== '')
