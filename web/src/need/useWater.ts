import { useKept } from '@/parts/useKept'

/** The water and feed that pots get here; asked for once, counted wherever it matters. */
export const useWater = () =>
  useKept('water', { alkalinityMeqPerL: 0, litresPerLWeek: 0.5, feedAcidMeqPerLWeek: 0 })
