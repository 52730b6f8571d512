import { answer, api } from '@/api/client'
import type { Asked, SetUp } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'

const SOON_MS = 40

/** The readings of a pot that is set up in some way, following each change. */
export const useSection = (of: () => { asked: Asked; setUp: SetUp } | undefined) =>
  useAnswered(
    () => {
      const it = of()
      const brief = it?.asked.brief
      return it && brief?.plantId && brief.pot && brief.place ? it : undefined
    },
    (body, signal) => answer(api.POST('/api/planting/section', { body, signal })),
    SOON_MS,
  )
