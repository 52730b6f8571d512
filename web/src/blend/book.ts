import type { BookOrder } from '@/api/types'

/** How the swatch book is sifted and sorted. */
export type Order = BookOrder

export interface Filter {
  text: string
  group: string | undefined
  materialIds: string[]
  plantId: string | undefined
  onlyFitting: boolean
  archived: boolean
  order: Order
}

export const NO_FILTER: Filter = {
  text: '',
  group: undefined,
  materialIds: [],
  plantId: undefined,
  onlyFitting: false,
  archived: false,
  order: 'CHANGED',
}
