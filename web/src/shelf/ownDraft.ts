import type { OwnMaterialFacts } from '@/api/types'
import { t } from '@/words'
import { drainOf, EMPTY_DRAIN, type Noted } from './measuring'
import { without } from './words'

export type Kind = 'plain' | 'soil' | 'mix'

type Plain = NonNullable<OwnMaterialFacts['plain']>
type Soil = NonNullable<OwnMaterialFacts['soil']>
type Mix = NonNullable<OwnMaterialFacts['mix']>

/** An own material while it is written down: all three kinds side by side, so that none is lost when another is looked at. */
export interface OwnDraft {
  id: string
  kind: Kind
  name: string
  plain: {
    matter: Plain['matter']
    fromMm: number
    toMm: number
    gPerL: number | undefined
    ph: number | undefined
    drain: NonNullable<Noted['drain']>
    natures: NonNullable<Plain['natures']>
  }
  soil: { [K in keyof Soil]: number | undefined }
  mix: Mix
}

export const emptyDraft = (): OwnDraft => ({
  id: '',
  kind: 'mix',
  name: '',
  plain: {
    matter: 'WOODY',
    fromMm: 2,
    toMm: 8,
    gPerL: undefined,
    ph: undefined,
    drain: { ...EMPTY_DRAIN },
    natures: [],
  },
  soil: {
    afterMinuteCm: undefined,
    afterHoursCm: undefined,
    clearCm: undefined,
    organicPercent: undefined,
    ph: undefined,
  },
  mix: { parts: [], certainty: 'ESTIMATED', fed: false },
})

/** A draft of its own: nothing in it is shared with the facts, which may not be written to. */
export const draftOf = (id: string, facts: OwnMaterialFacts): OwnDraft => {
  const empty = emptyDraft()
  const { plain, soil, mix } = JSON.parse(JSON.stringify(facts)) as OwnMaterialFacts
  return {
    ...empty,
    id,
    kind: plain ? 'plain' : soil ? 'soil' : 'mix',
    name: facts.name,
    plain: plain
      ? {
          ...empty.plain,
          ...plain,
          gPerL: plain.gPerL,
          ph: plain.ph,
          drain: plain.drain ?? empty.plain.drain,
          natures: plain.natures ?? [],
        }
      : empty.plain,
    soil: soil ?? empty.soil,
    mix: mix ?? empty.mix,
  }
}

/** The facts of the kind that is chosen. */
export const factsOf = (draft: OwnDraft): OwnMaterialFacts => {
  const name = draft.name.trim()
  if (draft.kind === 'soil') {
    return { name, soil: draft.soil as Soil }
  }
  if (draft.kind === 'mix') {
    return { name, mix: draft.mix }
  }
  const { drain, natures, ...plain } = draft.plain
  return {
    name,
    plain: without<Plain>({
      ...plain,
      drain: drainOf({ drain }),
      natures: natures.length > 0 ? natures : undefined,
    }),
  }
}

/** What is missing before anything can be worked out, in a sentence; nothing if enough is there. */
export const missing = (draft: OwnDraft): string | undefined => {
  if (draft.kind === 'mix' && draft.mix.parts.length === 0) {
    return t('shelf.ownDraft.contentsMissing')
  }
  const heights = ['afterMinuteCm', 'afterHoursCm', 'clearCm', 'organicPercent', 'ph'] as const
  if (draft.kind === 'soil' && heights.some((each) => draft.soil[each] === undefined)) {
    return t('shelf.ownDraft.writeTheThreeHeightsHow')
  }
  return undefined
}
