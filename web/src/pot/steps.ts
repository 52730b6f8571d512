/** The steps of potting up, in order. */
export const STEPS = ['plant', 'roots', 'pot', 'setUp', 'places', 'work'] as const
export type Step = (typeof STEPS)[number]
