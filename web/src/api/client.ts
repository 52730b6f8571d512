import createClient, { createQuerySerializer } from 'openapi-fetch'
import { language } from '@/words'
import type { paths } from './generated/api'
import { problemOf, unreachable } from './problem'
import { speech } from './speech'

const NOT_SIGNED_IN = 401
/** What is done when the server wants to know who asks. */
let signInWanted: () => void = () => undefined
export const onSignInWanted = (then: () => void) => {
  signInWanted = then
}

const inQuery = createQuerySerializer()

/** The server, asked in the units and the language of the person. */
export const api = createClient<paths>({
  baseUrl: window.location.origin,
  querySerializer: (query) => inQuery({ ...query, units: speech.units }),
  fetch: (request) => {
    request.headers.set('Accept-Language', language())
    // in a house that is shared a change carries the token of the page
    const token = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1]
    if (token !== undefined) {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token))
    }
    return globalThis.fetch(request)
  },
})

interface Answered<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The answer's data, or a {@link Problem} that says what is wrong. */
export const answer = async <T>(call: Promise<Answered<T>>): Promise<T> => {
  let answered: Answered<T>
  try {
    answered = await call
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') {
      throw error
    }
    throw unreachable()
  }
  if (answered.response.status === NOT_SIGNED_IN) {
    signInWanted()
  }
  if (!answered.response.ok) {
    throw problemOf(answered.response.status, answered.error)
  }
  return answered.data as T
}
