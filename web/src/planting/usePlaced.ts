import { answer, api } from '@/api/client'
import type { Places, Pot } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'

/** What is between places that stand in a pot. */
export const usePlaced = (of: () => { pot: Pot; places: Places } | undefined) =>
  useAnswered(of, (body, signal) => answer(api.POST('/api/planting/placing/placed', { body, signal })))
