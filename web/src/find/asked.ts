import type { Brief, FindAsked, FindState, Recipe } from '@/api/types'

export type Form = FindAsked['form']
export type Among = FindAsked['among']

/** What can be said of a search before it begins; kept between visits. */
export interface Wanted {
  form: Form
  among: Among
  chosenIds: string[]
  shares: { materialId: string; leastPercent: number; mostPercent: number }[]
  mostMaterials: number
  mostParts: number
  extraMaterials: number
  extraParts: number
  batchLitres: number | undefined
  limeId: string
  acidifierId: string
  feedId: string
  row: number
}

export const NOTHING_SAID: Wanted = {
  form: 'FIND',
  among: 'SHELF',
  chosenIds: [],
  shares: [],
  mostMaterials: 5,
  mostParts: 12,
  extraMaterials: 3,
  extraParts: 8,
  batchLitres: undefined,
  limeId: 'dolomite',
  acidifierId: '',
  feedId: 'granules',
  row: 0,
}

export const FORMS: { value: Form; label: string; says: string }[] = [
  { value: 'FIND', label: 'The best for the brief', says: 'What to mix for this plant, pot and hand.' },
  {
    value: 'IMPROVE',
    label: 'Better this blend',
    says: 'All rows stay; the fewest extra parts that bring it into its bands.',
  },
  {
    value: 'REPLACE',
    label: 'Stand in for a row',
    says: 'One material is missing; what keeps the readings nearest to what they are.',
  },
  { value: 'USE_UP', label: 'Use up leftovers', says: 'The most litres out of what is left that still fit.' },
]

export const AMONGS: { value: Among; label: string }[] = [
  { value: 'SHELF', label: 'what is on the shelf' },
  { value: 'SHELF_AND_OFFERS', label: 'the shelf and what can be bought' },
  { value: 'CHOSEN', label: 'materials that I pick' },
]

/** The request of a search. */
export const askedFor = (
  wanted: Wanted,
  brief: Brief,
  recipe: Recipe,
  lockedIds: readonly string[],
  blendId: string,
): FindAsked => {
  const extra = wanted.form === 'IMPROVE'
  const lockedRows =
    wanted.form === 'FIND' || wanted.form === 'USE_UP'
      ? recipe.parts.flatMap((part, row) => (lockedIds.includes(part.materialId) ? [row] : []))
      : []
  const needsRecipe = wanted.form === 'IMPROVE' || wanted.form === 'REPLACE' || lockedRows.length > 0
  return {
    form: wanted.form,
    briefs: [brief],
    blendId,
    ...(needsRecipe ? { recipe } : {}),
    lockedRows,
    ...(wanted.form === 'REPLACE' ? { row: wanted.row } : {}),
    among: wanted.among,
    chosenIds: wanted.chosenIds,
    shares: wanted.shares,
    mostMaterials: extra ? wanted.extraMaterials : wanted.mostMaterials,
    mostParts: extra ? wanted.extraParts : wanted.mostParts,
    ...(wanted.batchLitres === undefined ? {} : { batchLitres: wanted.batchLitres }),
    ...(wanted.limeId === '' ? {} : { limeId: wanted.limeId }),
    ...(wanted.acidifierId === '' ? {} : { acidifierId: wanted.acidifierId }),
    ...(wanted.feedId === '' ? {} : { feedId: wanted.feedId }),
  }
}

const short = (recipes: number) =>
  recipes >= 1e6 ? `${(recipes / 1e6).toFixed(1)} million` : recipes.toLocaleString('en-GB')

/** How far a search is, in words. */
export const progressWords = (state: FindState): string => {
  if (state.state === 'WAITING') {
    return 'waiting for another search to end …'
  }
  if (state.stage === '') {
    return 'laying out the materials …'
  }
  const settled = `${short(state.covered)} of ${short(state.total)} recipes settled`
  const best =
    state.bestFit === undefined
      ? ''
      : `; the best so far fits ${state.bestFit.toFixed(0)}${
          (state.gap ?? 0) >= 0.5 ? `, at most ${(state.gap ?? 0).toFixed(0)} more could be had` : ''
        }`
  return state.total > 1 ? `${state.stage}: ${settled}${best}` : `${state.stage} …`
}

export const isOver = (state: FindState) =>
  state.state === 'DONE' || state.state === 'CANCELLED' || state.state === 'FAILED'
