import { speech } from '@/api/speech'

/** Where a sheet of labels of some pots is had, on the paper that goes with the units; a note goes on each. */
export const labelsPath = (ids: readonly string[], note = '', large = false): string => {
  const query = new URLSearchParams()
  ids.forEach((id) => query.append('ids', id))
  query.set('size', speech.units === 'us' ? 'LETTER' : 'A4')
  query.set('label', large ? 'LARGE' : 'SMALL')
  query.set('units', speech.units)
  if (note !== '') {
    query.set('note', note)
  }
  return `/api/pot-labels.pdf?${query.toString()}`
}
