import { t } from '@/words'

/** After how long somebody who could not be reached is tried again [ms]. */
export const RETRY_AFTER_MS = 4000

/** What the server says when it refuses something, or that it cannot be reached. */
export class Problem extends Error {
  readonly status: number
  readonly field: string | undefined
  readonly current: unknown

  constructor(status: number, detail: string, field?: string, current?: unknown) {
    super(detail)
    this.name = 'Problem'
    this.status = status
    this.field = field
    this.current = current
  }

  get unreachable(): boolean {
    return this.status === 0
  }

  get signInWanted(): boolean {
    return this.status === 401
  }

  get stale(): boolean {
    return this.status === 409
  }
}

interface ProblemDetails {
  detail?: string
  title?: string
  field?: string
  current?: unknown
}

export const unreachable = () => new Problem(0, t('api.problem.unreachable'))

export const problemOf = (status: number, body: unknown): Problem => {
  const details = (typeof body === 'object' && body !== null ? body : {}) as ProblemDetails
  const detail = details.detail ?? details.title ?? t('api.problem.serverError', { status })
  return new Problem(status, detail, details.field, details.current)
}
