/** Colours of what is drawn to be given away: those of the day, whatever the screen shows. */
export const PRINT = { paper: '#f4f6f1', ink: '#17211d' } as const
