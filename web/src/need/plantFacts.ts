import type { Plant } from '@/api/types'
import { figure, text, type Measures } from '@/measure/units'
import { t } from '@/words'

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
  const warmth = measures.field('temperature')
  const warm = (celsius: number) => celsius * warmth.factor + warmth.offset
  const deep = measures.field('length')
  return [
    {
      label: t('need.plantFacts.airAfterDraining'),
      ...plant.airPercent,
      from: 0,
      to: 80,
      unit: '%',
      decimals: 0,
    },
    { label: t('need.plantFacts.waterHeld'), ...plant.waterPercent, from: 0, to: 90, unit: '%', decimals: 0 },
    {
      label: t('need.plantFacts.easilyUsedWater'),
      ...plant.easyWaterPercent,
      from: 0,
      to: 50,
      unit: '%',
      decimals: 0,
    },
    { label: t('need.plantFacts.acidity'), ...plant.ph, from: 3, to: 9, unit: 'pH', decimals: 1 },
    {
      label: t('need.plantFacts.foodInTheFirstMonth'),
      ...plant.nMgPerL,
      from: 0,
      to: 300,
      unit: t('need.plantFacts.mgNL'),
      decimals: 0,
    },
    {
      label: t('need.plantFacts.salts'),
      high: plant.mostEcDsPerM,
      from: 0,
      to: 4,
      unit: 'dS/m',
      decimals: 2,
    },
    {
      label: t('need.plantFacts.warmthInGrowth'),
      low: Math.round(warm(plant.tempLowC)),
      high: Math.round(warm(plant.tempHighC)),
      from: warm(-10),
      to: warm(40),
      unit: warmth.unit,
      decimals: 0,
    },
    {
      label: t('need.plantFacts.depthForTheRoots'),
      high: plant.rootDepthCm * deep.factor,
      from: 0,
      words: text(measures.length(plant.rootDepthCm)),
      to: 60 * deep.factor,
      unit: deep.unit,
      decimals: measures.us ? 1 : 0,
    },
  ]
}

const years = (value: number) => t('need.plantFacts.years', { n: figure(value, 1, true) }, value)

const tall = (plant: Plant) => {
  const times = figure(plant.heightOverWidth, 1, true)
  return plant.heightOverWidth >= 2
    ? t('need.plantFacts.tallAboutTimesItsPot', { times })
    : t('need.plantFacts.aboutTimesItsPotS', { times })
}

const wide = (plant: Plant) => t('need.plantFacts.wide', { times: figure(plant.spread, 1, true) })

/** What else there is to know, as label and words; empty words are left out. */
export const wordsOf = (plant: Plant): [string, string][] =>
  (
    [
      [t('need.plantFacts.termDrying'), plant.drying],
      [t('need.plantFacts.termLight'), plant.light],
      [t('need.plantFacts.termWater'), plant.water],
      [t('need.plantFacts.termTexture'), t('need.plantFacts.mix', { texture: plant.texture })],
      [t('need.plantFacts.termThirst'), plant.thirst],
      [t('need.plantFacts.termPlanting'), plant.planting],
      [t('need.plantFacts.termRest'), plant.rest],
      [
        t('need.plantFacts.termRepotting'),
        t('need.plantFacts.aboutEvery', { years: years(plant.repotYears), repotting: plant.repotting }),
      ],
      [t('need.plantFacts.termGrowth'), `${tall(plant)}; ${wide(plant)}`],
      [t('need.plantFacts.termAcidity'), plant.acidity],
      [t('need.plantFacts.termFood'), plant.food],
      [t('need.plantFacts.termPoison'), plant.poison],
      [t('need.plantFacts.termTrade'), plant.trade],
      [t('need.plantFacts.differs'), plant.differs.join(', ')],
      [t('need.plantFacts.termSource'), plant.source],
    ] as [string, string][]
  ).filter(([, words]) => words !== '')
