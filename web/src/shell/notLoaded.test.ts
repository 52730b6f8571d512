import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { unreachable } from '@/api/problem'
import { notices } from '@/parts/notices'
import { watchLoading } from './notLoaded'

const opened = vi.fn()
const go = async (answer: () => Promise<Response>, first = '/') => {
  vi.stubGlobal('fetch', answer)
  vi.spyOn(console, 'error').mockImplementation(() => undefined)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', component: { template: '<i />' } },
      {
        path: '/pots',
        component: () => {
          window.dispatchEvent(new Event('vite:preloadError'))
          return Promise.reject(new TypeError('not loaded'))
        },
      },
    ],
  })
  watchLoading(router, opened)
  await router.push(first).catch(() => undefined)
  await flushPromises()
  if (first === '/') {
    await router.push('/pots?place=sill').catch(() => undefined)
  }
  await flushPromises()
}

beforeEach(() => {
  notices.splice(0)
  opened.mockClear()
})

it('says that the server is away where parts of a page do not come', async () => {
  await go(() => Promise.reject(new TypeError('Failed to fetch')))

  expect(notices.map((each) => each.words)).toEqual([unreachable().message])
  expect(opened).not.toHaveBeenCalled()
})

it('opens the page from the ground up where the server was renewed meanwhile', async () => {
  await go(() => Promise.resolve(new Response('{}', { status: 200 })))

  expect(opened).toHaveBeenCalledWith('/pots?place=sill')
  expect(notices).toEqual([])
})

it('is not opened again and again where its parts do not come from the ground up either', async () => {
  await go(() => Promise.resolve(new Response('{}', { status: 200 })), '/pots')

  expect(notices.map((each) => each.words)).toEqual([
    expect.stringContaining('Parts of this page did not come.'),
  ])
  expect(opened).not.toHaveBeenCalled()
})
