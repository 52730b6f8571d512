import { speech } from '@/api/speech'

/** Where something is had on paper: with the units, the paper and whatever else it asks for. */
export const printed = (path: string, size: string, more: Record<string, string | number> = {}): string => {
  const query = new URLSearchParams({ units: speech.units, size })
  Object.entries(more).forEach(([name, value]) => query.set(name, String(value)))
  return `${path}?${query.toString()}`
}
