/** Ways to look closer at a blend, in the order in which they are offered. */
export const CLOSER = [
  { id: 'tests', label: 'Tests' },
  { id: 'doses', label: 'Lime and feed' },
  { id: 'outlook', label: 'Over time' },
  { id: 'season', label: 'A season' },
  { id: 'layers', label: 'Layers' },
  { id: 'standing', label: 'How it stands' },
  { id: 'chance', label: 'How sure' },
] as const

export type CloserView = (typeof CLOSER)[number]['id']
