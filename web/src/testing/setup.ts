import { config, disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach } from 'vitest'
import { words } from '@/words'

// components under test speak the same words as the application
if (!config.global.plugins.includes(words)) {
  config.global.plugins = [...config.global.plugins, words]
}

// what is not stubbed asks nobody
globalThis.fetch = () =>
  Promise.resolve(new Response('{"detail":"nobody is asked in tests"}', { status: 404 }))

// files share one surrounding: nothing that a test mounted or kept is left for the next
disableAutoUnmount()
enableAutoUnmount(afterEach)
afterEach(() => {
  localStorage.clear()
  sessionStorage.clear()
})
