import type { Brief, Habit, Place, Pot } from '@/api/types'
import { figure, text, type Measures } from '@/measure/units'

type Options<T extends string> = readonly { value: T; label: string }[]

export const STAGES: Options<Brief['stage']> = [
  { value: 'CUTTINGS', label: 'fresh cuttings' },
  { value: 'YOUNG', label: 'young' },
  { value: 'ESTABLISHED', label: 'established' },
  { value: 'ROOT_FILLED', label: 'root-filled' },
  { value: 'RECOVERING', label: 'recovering from rot' },
  { value: 'SEVERAL', label: 'several in one pot' },
]

export const SHAPES: Options<Pot['shape']> = [
  { value: 'ROUND', label: 'round' },
  { value: 'SQUARE', label: 'square' },
]

export const WALLS: Options<Pot['wall']> = [
  { value: 'PLASTIC', label: 'plastic' },
  { value: 'GLAZED', label: 'glazed' },
  { value: 'CLAY', label: 'unglazed clay' },
]

export const BASES: Options<Pot['base']> = [
  { value: 'ON_FEET', label: 'on feet' },
  { value: 'HANGING', label: 'hanging' },
  { value: 'FLAT', label: 'flat on a hard surface' },
  { value: 'NO_HOLES', label: 'without holes' },
  { value: 'WICK', label: 'on a wick or mat' },
]

export const LIGHTS: Options<Place['light']> = [
  { value: 'DIM', label: 'dim' },
  { value: 'MEDIUM', label: 'moderately bright' },
  { value: 'BRIGHT', label: 'bright' },
  { value: 'SUN', label: 'in the sun' },
]

export const DRAUGHTS: Options<Place['draught']> = [
  { value: 'STILL', label: 'still air' },
  { value: 'FAN', label: 'moving air' },
  { value: 'SHELTERED', label: 'outdoors, sheltered' },
  { value: 'BREEZY', label: 'outdoors, breezy' },
]

export const AMOUNTS: Options<Habit['amount']> = [
  { value: 'THOROUGHLY', label: 'thoroughly' },
  { value: 'LIGHTLY', label: 'lightly' },
  { value: 'FROM_BELOW', label: 'from below' },
]

export const HANDS: Options<Habit['hand']> = [
  { value: 'STEADY', label: 'steady' },
  { value: 'OFTEN_TOO_SOON', label: 'often too soon' },
  { value: 'OFTEN_TOO_LATE', label: 'often too late' },
]

export const WATERS: Options<Habit['water']> = [
  { value: 'RAIN', label: 'rain' },
  { value: 'DISTILLED', label: 'distilled water' },
  { value: 'SOFT_TAP', label: 'soft tap water' },
  { value: 'HARD_TAP', label: 'hard tap water' },
]

export const TRIGGERS = [
  { value: 'NEVER_DRY', label: 'barely moist' },
  { value: 'TOP_THIRD', label: 'dry by a third' },
  { value: 'HALF', label: 'half dry' },
  { value: 'DRY', label: 'dry' },
  { value: 'NEARLY_ALL', label: 'nearly dry through' },
  { value: 'COMPLETELY', label: 'bone dry' },
] as const

export const MINERALS = [
  { value: 'PURE', label: 'mineral-free water only' },
  { value: 'SOFT', label: 'soft water' },
  { value: 'TOLERANT', label: 'ordinary tap water' },
] as const

export const REPOTTINGS = [
  { value: 'YES', label: 'takes repotting well' },
  { value: 'RELUCTANT', label: 'resents repotting' },
  { value: 'NEVER', label: 'must not be repotted' },
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
    : `${figure(place.dailyLightMol, 1, true)} mol of light`

export const climateWords = (place: Place, measures: Measures): string =>
  [
    text(measures.temperature(place.temperatureC)),
    `${Math.round(place.humidityPercent)} %`,
    lightWords(place),
    ...(place.rainMmPerWeek ? ['rain'] : []),
  ].join(', ')

/** Water with what was measured of it. */
export const waterWords = (habit: Habit): string => {
  const measured = [
    ...(habit.alkalinityMgPerL === undefined ? [] : [`${figure(habit.alkalinityMgPerL, 0)} mg/L alkalinity`]),
    ...(habit.waterEcDsPerM === undefined ? [] : [`${figure(habit.waterEcDsPerM, 2, true)} dS/m`]),
  ]
  return [labelOf(WATERS, habit.water), ...measured].join(', ')
}

export const everyWords = (days: number): string =>
  days === 1 ? 'every day' : `every ${Number.isInteger(days) ? days : days.toFixed(1)} days`

/** "an established anthurium", "a young fern". */
export const withArticle = (words: string): string => `${/^[aeiou]/i.test(words) ? 'an' : 'a'} ${words}`
