import { v7 } from 'uuid'

/** An id for what comes in great numbers: those of one day lie beside each other in the store, whose indexes are written less that way. */
export const newId = (): string => v7()
