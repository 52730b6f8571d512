import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useSettings } from '@/measure/settings'

export interface Asked {
  method: string
  path: string
  query: URLSearchParams
  body: unknown
}

type Answer = unknown | ((asked: Asked) => unknown)

/** An answer that is no success. */
export class Refusal {
  constructor(
    readonly status: number,
    readonly body: object,
  ) {}
}

/** A server for tests of components: answers by method and path, and a note of what was asked. */
export const stubServer = (answers: Record<string, Answer>) => {
  const asked: Asked[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const url = new URL(request.url)
    const text = await request.clone().text()
    const json = request.headers.get('Content-Type')?.includes('json')
    const one: Asked = {
      method: request.method,
      path: url.pathname,
      query: url.searchParams,
      body: json ? JSON.parse(text) : text,
    }
    asked.push(one)
    const given = answers[`${one.method} ${one.path}`]
    const found = typeof given === 'function' ? (given as (asked: Asked) => unknown)(one) : given
    if (found === undefined) {
      return new Response(JSON.stringify({ detail: `nothing at ${one.method} ${one.path}` }), { status: 404 })
    }
    const status = found instanceof Refusal ? found.status : 200
    return new Response(JSON.stringify(found instanceof Refusal ? found.body : found), {
      status,
      headers: { 'Content-Type': 'application/json' },
    })
  })
  return asked
}

/** Everything that a component of the application needs around it. */
export const surroundings = () => {
  const pinia = createPinia()
  setActivePinia(pinia)
  useSettings().units = { volume: [], length: [], mass: [], handfulLitres: 0.12 }
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)*', component: { template: '<i />' } }],
  })
  const queryClient = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  return {
    plugins: [pinia, PrimeVue, router, [VueQueryPlugin, { queryClient }]] as never[],
    stubs: { teleport: true, transition: false },
  }
}
