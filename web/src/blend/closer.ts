/** Ways to look closer at a blend, in the order in which they are offered. */
export const CLOSER = ['pots', 'tests', 'doses', 'outlook', 'season', 'layers', 'standing', 'chance'] as const

export type CloserView = (typeof CLOSER)[number]
