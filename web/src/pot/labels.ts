import { speech } from '@/api/speech'

/** Where a sheet of labels of some pots is had, on the paper that goes with the units. */
export const labelsPath = (ids: readonly string[], large = false): string => {
  const query = new URLSearchParams()
  ids.forEach((id) => query.append('ids', id))
  query.set('size', speech.units === 'us' ? 'LETTER' : 'A4')
  query.set('label', large ? 'LARGE' : 'SMALL')
  query.set('units', speech.units)
  return `/api/pot-labels.pdf?${query.toString()}`
}
