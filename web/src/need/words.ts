import type { Brief, Habit, Place, Pot } from '@/api/types'
import { figure, text, type Measures } from '@/measure/units'
import { t } from '@/words'

type Options<T extends string> = readonly { value: T; label: string }[]

export const STAGES: Options<Brief['stage']> = [
  { value: 'CUTTINGS', label: t('need.words.freshCuttings') },
  { value: 'YOUNG', label: t('need.words.young') },
  { value: 'ESTABLISHED', label: t('need.words.established') },
  { value: 'ROOT_FILLED', label: t('need.words.rootFilled') },
  { value: 'RECOVERING', label: t('need.words.recoveringFromRot') },
  { value: 'SEVERAL', label: t('need.words.severalInOnePot') },
]

export const SHAPES: Options<Pot['shape']> = [
  { value: 'ROUND', label: t('need.words.round') },
  { value: 'SQUARE', label: t('need.words.square') },
]

export const WALLS: Options<Pot['wall']> = [
  { value: 'PLASTIC', label: t('need.words.plastic') },
  { value: 'GLAZED', label: t('need.words.glazed') },
  { value: 'CLAY', label: t('need.words.unglazedClay') },
  { value: 'GLASS', label: t('need.words.glass') },
  { value: 'SLATS', label: t('need.words.slats') },
]

export const BASES: Options<Pot['base']> = [
  { value: 'ON_FEET', label: t('need.words.onFeet') },
  { value: 'HANGING', label: t('need.words.hanging') },
  { value: 'FLAT', label: t('need.words.flatOnAHardSurface') },
  { value: 'NO_HOLES', label: t('need.words.withoutHoles') },
  { value: 'WICK', label: t('need.words.onAWickOrMat') },
]

export const LIGHTS: Options<Place['light']> = [
  { value: 'DIM', label: t('need.words.dim') },
  { value: 'MEDIUM', label: t('need.words.moderatelyBright') },
  { value: 'BRIGHT', label: t('need.words.bright') },
  { value: 'SUN', label: t('need.words.inTheSun') },
]

export const DRAUGHTS: Options<Place['draught']> = [
  { value: 'STILL', label: t('need.words.stillAir') },
  { value: 'FAN', label: t('need.words.movingAir') },
  { value: 'SHELTERED', label: t('need.words.outdoorsSheltered') },
  { value: 'BREEZY', label: t('need.words.outdoorsBreezy') },
]

export const AMOUNTS: Options<Habit['amount']> = [
  { value: 'THOROUGHLY', label: t('need.words.thoroughly') },
  { value: 'LIGHTLY', label: t('need.words.lightly') },
  { value: 'FROM_BELOW', label: t('need.words.fromBelow') },
]

export const HANDS: Options<Habit['hand']> = [
  { value: 'STEADY', label: t('need.words.steady') },
  { value: 'OFTEN_TOO_SOON', label: t('need.words.oftenTooSoon') },
  { value: 'OFTEN_TOO_LATE', label: t('need.words.oftenTooLate') },
]

export const WATERS: Options<Habit['water']> = [
  { value: 'RAIN', label: t('need.words.rain') },
  { value: 'DISTILLED', label: t('need.words.distilledWater') },
  { value: 'SOFT_TAP', label: t('need.words.softTapWater') },
  { value: 'HARD_TAP', label: t('need.words.hardTapWater') },
]

export const TRIGGERS = [
  { value: 'NEVER_DRY', label: t('need.words.barelyMoist') },
  { value: 'TOP_THIRD', label: t('need.words.dryByAThird') },
  { value: 'HALF', label: t('need.words.halfDry') },
  { value: 'DRY', label: t('need.words.dry') },
  { value: 'NEARLY_ALL', label: t('need.words.nearlyDryThrough') },
  { value: 'COMPLETELY', label: t('need.words.boneDry') },
] as const

export const MINERALS = [
  { value: 'PURE', label: t('need.words.mineralFreeWaterOnly') },
  { value: 'SOFT', label: t('need.words.softWater') },
  { value: 'TOLERANT', label: t('need.words.ordinaryTapWater') },
] as const

export const REPOTTINGS = [
  { value: 'YES', label: t('need.words.takesRepottingWell') },
  { value: 'RELUCTANT', label: t('need.words.resentsRepotting') },
  { value: 'NEVER', label: t('need.words.mustNotBeRepotted') },
] as const

export const labelOf = <T extends string>(options: Options<T>, value: T): string =>
  options.find((option) => option.value === value)?.label ?? value

/** An ordinary pot of this width to start from; its proportions are only a first guess that the person corrects. */
export const startingPot = (): Pot => ({
  shape: 'ROUND',
  topCm: 14,
  bottomCm: 10.5,
  heightCm: 13,
  wall: 'PLASTIC',
  base: 'ON_FEET',
  baseCm: 0,
  layerCm: 0,
})

export const startingPlace = (): Place => ({
  name: t('need.briefSentence.myRoom'),
  temperatureC: 21,
  humidityPercent: 45,
  light: 'MEDIUM',
  draught: 'STILL',
})

export const startingHabit = (): Habit => ({
  everyDays: 7,
  amount: 'THOROUGHLY',
  hand: 'STEADY',
  water: 'SOFT_TAP',
})

export const potWords = (pot: Pot, measures: Measures): string =>
  `${text(measures.length(pot.topCm))} ${labelOf(WALLS, pot.wall)}`

const lightWords = (place: Place): string =>
  place.dailyLightMol === undefined
    ? labelOf(LIGHTS, place.light)
    : t('need.words.molOfLight', { place: figure(place.dailyLightMol, 1, true) })

export const climateWords = (place: Place, measures: Measures): string =>
  [
    text(measures.temperature(place.temperatureC)),
    `${Math.round(place.humidityPercent)} %`,
    lightWords(place),
    ...(place.rainMmPerWeek ? [t('need.words.rain')] : []),
  ].join(', ')

/** Water with what was measured of it. */
export const waterWords = (habit: Habit): string => {
  const measured = [
    ...(habit.alkalinityMgPerL === undefined
      ? []
      : [t('need.words.mgLAlkalinity', { habit: figure(habit.alkalinityMgPerL, 0) })]),
    ...(habit.waterEcDsPerM === undefined ? [] : [`${figure(habit.waterEcDsPerM, 2, true)} dS/m`]),
  ]
  return [labelOf(WATERS, habit.water), ...measured].join(', ')
}

export const everyWords = (days: number): string =>
  days === 1
    ? t('need.words.everyDay')
    : t('need.words.everyDays', { number: Number.isInteger(days) ? days : days.toFixed(1) })

/** "an established anthurium", "a young fern". */
export const withArticle = (words: string): string =>
  t(/^[aeiou]/i.test(words) ? 'need.words.an' : 'need.words.a', { words })

/** How wide a plant may be against its pot. */
export const SPREADS = [
  { value: 'USUAL', label: t('need.spread.usual'), times: undefined },
  { value: 'HALF', label: t('need.spread.half'), times: 0.5 },
  { value: 'AS_WIDE', label: t('need.spread.asWide'), times: 1 },
  { value: 'HALF_AS_WIDE_AGAIN', label: t('need.spread.halfAsWideAgain'), times: 1.5 },
  { value: 'TWICE', label: t('need.spread.twice'), times: 2 },
  { value: 'THREE', label: t('need.spread.threeTimes'), times: 3 },
] as const

/** "as wide as its pot". */
export const spreadWords = (times: number | undefined): string =>
  SPREADS.find((each) => each.times === times)?.label ?? t('need.spread.times', { times: String(times) })
