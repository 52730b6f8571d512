import type { Pot } from '@/api/types'

/** How thick a wall is drawn [cm], and its colour; by eye. */
export const WALL_LOOKS: Record<Pot['wall'], { cm: number; colour: string }> = {
  CLAY: { cm: 0.8, colour: '#b5603a' },
  PLASTIC: { cm: 0.25, colour: '#4d5b53' },
  GLAZED: { cm: 0.9, colour: '#2f6f7d' },
  GLASS: { cm: 0.4, colour: '#9db8bb' },
  SLATS: { cm: 0.6, colour: '#8a6a48' },
}
