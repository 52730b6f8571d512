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

/** Sends a request; in a house that is shared a change carries the token of the page. */
const ask = (request: Request) => {
  const token = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1]
  if (token !== undefined) {
    request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token))
  }
  return globalThis.fetch(request)
}

/** The server, asked in the units and the language of the person. */
export const api = createClient<paths>({
  baseUrl: window.location.origin,
  querySerializer: (query) => inQuery({ ...query, units: speech.units }),
  fetch: (request) => {
    request.headers.set('Accept-Language', language())
    return ask(request)
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

/** Sends a file of a kind, as it is, and answers with what the server says of it. */
export const sendFile = async <T>(path: string, kind: string, file: Blob): Promise<T> => {
  const request = new Request(new URL(path, window.location.origin), {
    method: 'POST',
    headers: { 'Content-Type': kind, 'Accept-Language': language() },
    body: file,
  })
  return answer(
    ask(request).then(async (response) => {
      const body: unknown = await response.json().catch(() => undefined)
      return response.ok ? { data: body as T, response } : { error: body, response }
    }),
  )
}
