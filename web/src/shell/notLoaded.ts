import { START_LOCATION, type Router } from 'vue-router'
import { unreachable } from '@/api/problem'
import { sayProblem } from '@/parts/notices'
import { t } from '@/words'

/**
 * The parts of a page come when it is opened first. If they do not: the server is away, which is said, or it was renewed meanwhile and its
 * old parts are gone; then the page is opened from the ground up. If they do not come then either, that is said, and not tried on and on.
 */
export const watchLoading = (
  router: Router,
  open: (path: string) => void = (path) => location.assign(path),
) => {
  let failed = false
  window.addEventListener('vite:preloadError', () => {
    failed = true
  })
  router.onError(async (error, to, from) => {
    console.error(error)
    if (!failed) {
      sayProblem(error)
      return
    }
    failed = false
    try {
      const there = await fetch('/api/units', { cache: 'no-store' })
      if (there.ok || there.status === 401) {
        if (from === START_LOCATION) {
          sayProblem(t('frame.lostPage.partsMissing'))
        } else {
          open(to.fullPath)
        }
        return
      }
    } catch {
      // as below
    }
    sayProblem(unreachable())
  })
}
