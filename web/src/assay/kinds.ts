import type { BenchTest } from '@/api/types'
import { t } from '@/words'

export type Kind = BenchTest['kind']

export const KINDS: { value: Kind; label: string }[] = [
  { value: 'DRAINAGE', label: t('assay.kinds.drainage') },
  { value: 'WEIGHING', label: t('assay.kinds.weights') },
  { value: 'PH', label: t('assay.kinds.ph') },
  { value: 'PONDING', label: t('assay.kinds.pouredWater') },
  { value: 'SQUEEZE', label: t('assay.kinds.squeeze') },
]

/** How the water for a meter of salts is had. */
export const EXTRACTS: { value: NonNullable<BenchTest['extract']>; label: string }[] = [
  { value: 'SLURRY', label: t('assay.kinds.extractSlurry') },
  { value: 'SATURATED', label: t('assay.kinds.extractSaturated') },
  { value: 'POUR_THROUGH', label: t('assay.kinds.extractPoured') },
]

export const kindLabel = (kind: Kind): string =>
  KINDS.find((each) => each.value === kind)?.label ?? t(`assay.batchTest.made.${kind}`)

const HOW: Partial<Record<Kind, string>> = {
  DRAINAGE: 'assay.kinds.howToDrain',
  WEIGHING: 'assay.kinds.howToWeigh',
  PH: 'assay.kinds.howToReadPh',
  PONDING: 'assay.kinds.howToPond',
  SQUEEZE: 'assay.kinds.howToSqueeze',
}

/** How a test is done. */
export const howTo = (kind: Kind): string => t(HOW[kind] ?? '')

export const SHOWS: { value: NonNullable<BenchTest['shows']>; label: string }[] = [
  { value: 'RUNS_FREELY', label: t('assay.kinds.waterRuns') },
  { value: 'FEW_DROPS', label: t('assay.kinds.aFewDrops') },
  { value: 'HOLDS_SHAPE', label: t('assay.kinds.holdsNoDrops') },
  { value: 'CRUMBLES', label: t('assay.kinds.crumbles') },
]

export const METHODS: { value: NonNullable<BenchTest['method']>; label: string }[] = [
  { value: 'SLURRY', label: t('assay.kinds.slurryInDistilledWater') },
  { value: 'CALCIUM_CHLORIDE', label: t('assay.kinds.slurryInCalciumChloride') },
  { value: 'PROBE', label: t('assay.kinds.probeInTheMix') },
  { value: 'POUR_THROUGH', label: t('assay.kinds.waterPouredThrough') },
]
