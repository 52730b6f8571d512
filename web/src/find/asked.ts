import type { Brief, FindAsked, FindState, Recipe } from '@/api/types'
import { language, t } from '@/words'

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
  { value: 'FIND', label: t('find.asked.theBestForTheBrief'), says: t('find.asked.findLead') },
  {
    value: 'IMPROVE',
    label: t('find.asked.betterThisBlend'),
    says: t('find.asked.allRowsStayTheFewest'),
  },
  {
    value: 'REPLACE',
    label: t('find.asked.standInForARow'),
    says: t('find.asked.replaceLead'),
  },
  { value: 'USE_UP', label: t('find.asked.useUpLeftovers'), says: t('find.asked.mostMixThatFits') },
]

export const AMONGS: { value: Among; label: string }[] = [
  { value: 'SHELF', label: t('find.asked.whatIsOnTheShelf') },
  { value: 'SHELF_AND_OFFERS', label: t('find.asked.theShelfAndWhatCan') },
  { value: 'CHOSEN', label: t('find.asked.materialsThatIPick') },
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
  recipes >= 1e6
    ? t('find.asked.million', { n: (recipes / 1e6).toFixed(1) })
    : recipes.toLocaleString(language())

/** How far a search is, in words. */
export const progressWords = (state: FindState): string => {
  if (state.state === 'WAITING') {
    return t('find.asked.waitingForOtherSearch')
  }
  if (state.stage === '') {
    return t('find.asked.layingOutTheMaterials')
  }
  const settled = t('find.asked.ofRecipesSettled', {
    short: short(state.covered),
    short2: short(state.total),
  })
  const best =
    state.bestFit === undefined
      ? ''
      : t('find.asked.theBestSoFarFits', {
          state: state.bestFit.toFixed(0),
          state2:
            (state.gap ?? 0) >= 0.5
              ? t('find.asked.atMostMoreCouldBe', { state: (state.gap ?? 0).toFixed(0) })
              : '',
        })
  return state.total > 1 ? `${state.stage}: ${settled}${best}` : `${state.stage} …`
}

export const isOver = (state: FindState) =>
  state.state === 'DONE' || state.state === 'CANCELLED' || state.state === 'FAILED'
