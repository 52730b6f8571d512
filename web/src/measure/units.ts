import type { Units } from '@/api/types'
import { language, t } from '@/words'

export type System = 'metric' | 'us'

/**
 * What kind of figure is typed in: grams for what is weighed out, mass for what is lifted, density for a
 * litre that is weighed, swell for the litres that a kilogram makes. */
export type FieldKind =
  | 'length'
  | 'volume'
  | 'temperature'
  | 'grams'
  | 'mass'
  | 'dose'
  | 'density'
  | 'swell'
  | 'rain'
  | 'rainPerWeek'
  | 'plain'

/** A figure ready to read. */
export interface Shown {
  figure: string
  unit: string
}

const numbers = new Map<string, Intl.NumberFormat>()

/** A number with so many decimals at most, or exactly so many. */
export const figure = (value: number, decimals: number, trim = false): string => {
  const key = `${decimals}${trim}`
  let format = numbers.get(key)
  if (!format) {
    format = new Intl.NumberFormat(language(), {
      minimumFractionDigits: trim ? 0 : decimals,
      maximumFractionDigits: decimals,
      useGrouping: false,
    })
    numbers.set(key, format)
  }
  const text = format.format(value)
  return /^-0(\.0+)?$/.test(text) ? text.slice(1) : text.replace('-', '−')
}

/** A spread beside its value: with a decimal more where it is small, so that it does not look like none. */
export const spread = (sd: number, decimals: number): string =>
  `± ${figure(sd, decimals === 0 && sd < 10 ? 1 : decimals)}`

/** Converts between the units of the core (litres, centimetres, grams, °C) and those that are shown. */
export class Measures {
  readonly system: System
  private readonly factors: Map<string, number>

  constructor(units: Units, system: System) {
    this.system = system
    this.factors = new Map(
      [...units.volume, ...units.length, ...units.mass].map((unit) => [unit.id, unit.factor]),
    )
  }

  get us(): boolean {
    return this.system === 'us'
  }

  private factor(id: string): number {
    const factor = this.factors.get(id)
    if (factor === undefined) {
      throw new Error(t('measure.units.unknownUnit', { id }))
    }
    return factor
  }

  /** A volume, rounded to what a scoop can mean. */
  volume(litres: number): Shown {
    if (this.us) {
      const quarts = litres / this.factor('US_QUART')
      if (quarts >= 8) {
        return { figure: figure(litres / this.factor('US_GALLON'), 1), unit: t('measure.unit.gal') }
      }
      if (quarts >= 1) {
        return { figure: figure(quarts, 1), unit: t('measure.unit.qt') }
      }
      const cups = litres / this.factor('US_CUP')
      return cups >= 0.5
        ? { figure: figure(cups, 1), unit: t('measure.unit.cups') }
        : { figure: figure(litres / this.factor('US_TABLESPOON'), 0), unit: t('measure.unit.tbsp') }
    }
    if (litres < 0.995) {
      const millilitres = litres * 1000
      return {
        figure: figure(millilitres < 50 ? millilitres : Math.round(millilitres / 10) * 10, 0),
        unit: t('measure.unit.mL'),
      }
    }
    return { figure: figure(litres, litres < 20 ? 1 : 0), unit: t('measure.unit.L') }
  }

  /** The size of a pack: a round figure stays round. */
  pack(litres: number): Shown {
    return this.us
      ? { figure: figure(litres / this.factor('US_QUART'), 1, true), unit: t('measure.unit.qt') }
      : { figure: figure(litres, 2, true), unit: t('measure.unit.L') }
  }

  /** What lies on a shelf: no finer than one reads off a bag. */
  stock(litres: number): Shown {
    const field = this.field('volume')
    const value = litres * field.factor
    return { figure: figure(value, value < 20 ? 1 : 0, true), unit: field.unit }
  }

  /** A price of a litre, by the unit in which people scoop. */
  perVolume(pricePerLitre: number): Shown {
    return this.us
      ? { figure: figure(pricePerLitre * this.factor('US_QUART'), 2), unit: t('measure.unit.aQuart') }
      : { figure: figure(pricePerLitre, 2), unit: t('measure.unit.aLitre') }
  }

  mass(kilograms: number): Shown {
    if (this.us) {
      const pounds = (kilograms * 1000) / this.factor('POUND')
      return pounds < 1
        ? { figure: figure((kilograms * 1000) / this.factor('OUNCE'), 0), unit: t('measure.unit.oz') }
        : { figure: figure(pounds, pounds < 20 ? 1 : 0), unit: t('measure.unit.lb') }
    }
    return kilograms < 1
      ? { figure: figure(Math.round(kilograms * 100) * 10, 0), unit: t('measure.unit.g') }
      : { figure: figure(kilograms, kilograms < 10 ? 2 : 1), unit: t('measure.unit.kg') }
  }

  /** A small mass that is weighed. */
  grams(grams: number): Shown {
    return this.us
      ? { figure: figure(grams / this.factor('OUNCE'), grams < 280 ? 2 : 1), unit: t('measure.unit.oz') }
      : { figure: figure(grams, grams < 10 ? 1 : 0), unit: t('measure.unit.g') }
  }

  length(centimetres: number): Shown {
    return this.us
      ? { figure: figure(centimetres / this.factor('INCH'), 1, true), unit: t('measure.unit.in') }
      : { figure: figure(centimetres, 1, true), unit: t('measure.unit.cm') }
  }

  temperature(celsius: number): Shown {
    return this.us
      ? { figure: figure(celsius * 1.8 + 32, 0), unit: t('measure.unit.fahrenheit') }
      : { figure: figure(celsius, 0), unit: t('measure.unit.celsius') }
  }

  /** A dose given in grams per litre. */
  dose(gPerL: number): Shown {
    return this.us
      ? {
          figure: figure((gPerL * this.factor('US_GALLON')) / this.factor('OUNCE'), 2),
          unit: t('measure.unit.ozPerGal'),
        }
      : { figure: figure(gPerL, 2, true), unit: t('measure.unit.gPerL') }
  }

  /** How a kind of figure is typed in: unit shown, and factor and offset from the unit of the core. */
  field(kind: FieldKind): Field {
    return this.us ? this.usField(kind) : metricField(kind)
  }

  /** A figure as it is typed in. */
  typed(value: number, kind: FieldKind): Shown {
    const field = this.field(kind)
    return { figure: figure(value * field.factor + field.offset, 2, true), unit: field.unit }
  }

  private usField(kind: FieldKind): Field {
    switch (kind) {
      case 'length':
        return scaled(t('measure.unit.in'), 1 / this.factor('INCH'))
      case 'volume':
        return scaled(t('measure.unit.qt'), 1 / this.factor('US_QUART'))
      case 'grams':
        return scaled(t('measure.unit.oz'), 1 / this.factor('OUNCE'))
      case 'mass':
        return scaled(t('measure.unit.lb'), 1000 / this.factor('POUND'))
      case 'dose':
        return scaled(t('measure.unit.ozPerGal'), this.factor('US_GALLON') / this.factor('OUNCE'))
      case 'density':
        return scaled(t('measure.unit.oz'), this.factor('US_QUART') / this.factor('OUNCE'))
      case 'swell':
        return scaled(t('measure.unit.qt'), this.factor('POUND') / (1000 * this.factor('US_QUART')))
      case 'rain':
        return scaled(t('measure.unit.in'), 1 / (10 * this.factor('INCH')))
      case 'rainPerWeek':
        return scaled(t('measure.unit.inAWeek'), 1 / (10 * this.factor('INCH')))
      case 'temperature':
        return { unit: t('measure.unit.fahrenheit'), factor: 1.8, offset: 32 }
      default:
        return scaled('', 1)
    }
  }
}

/** How a figure is typed in: its unit, and factor and offset from the unit of the core. */
export interface Field {
  unit: string
  factor: number
  offset: number
}

const scaled = (unit: string, factor: number): Field => ({ unit, factor, offset: 0 })

const METRIC: Record<Exclude<FieldKind, 'plain'>, string> = {
  length: 'measure.unit.cm',
  volume: 'measure.unit.L',
  grams: 'measure.unit.g',
  mass: 'measure.unit.kg',
  dose: 'measure.unit.gPerL',
  density: 'measure.unit.g',
  swell: 'measure.unit.L',
  rain: 'measure.unit.mm',
  rainPerWeek: 'measure.unit.mmAWeek',
  temperature: 'measure.unit.celsius',
}

const metricField = (kind: FieldKind): Field => scaled(kind === 'plain' ? '' : t(METRIC[kind]), 1)

/** A figure that the server sent in the unit in which people read it. */
export const inUnit = (value: number, unit: string, decimals: number): Shown => ({
  figure: figure(value, decimals),
  unit,
})

export const text = (shown: Shown): string => `${shown.figure} ${shown.unit}`
