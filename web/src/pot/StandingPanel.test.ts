import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import StandingPanel from './StandingPanel.vue'

const standing = (kg: number, tipsAtDeg: number, words: string) => ({
  kg,
  centreCm: 14.26,
  tipsAtDeg,
  firm: words === 'stands',
  words,
  loads: [
    { name: 'mix', kg: kg - 0.4, heightCm: 7 },
    { name: 'plant', kg: 0.4, heightCm: 40 },
  ],
})
let asked: unknown[]

describe('how a pot stands', () => {
  beforeEach(() => {
    localStorage.clear()
    asked = []
    vi.useFakeTimers()
    vi.stubGlobal('fetch', async (request: Request) => {
      asked.push(await request.clone().json())
      return new Response(
        JSON.stringify({
          wet: standing(2.4, 17, 'stands'),
          dry: standing(1.6, 9, 'falls in wind'),
          unsteadyDeg: 15,
          fallsInWindDeg: 10,
        }),
        { headers: { 'Content-Type': 'application/json' } },
      )
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('says what there is to lift and how it falls, wet and dry', async () => {
    const panel = mount(StandingPanel, {
      props: {
        asked: { recipe: { measure: 'PARTS', parts: [], doses: [] }, blendId: 'b1' },
        blendId: 'b1',
      },
      global: { plugins: [createPinia(), PrimeVue] },
    })
    await vi.advanceTimersByTimeAsync(200)
    vi.useRealTimers()
    await vi.waitFor(() => expect(panel.text()).toContain('falls in wind'))
    await flushPromises()

    expect(panel.text()).toContain('2.40 kg')
    expect(panel.text()).toContain('1.60 kg')
    expect(panel.findAll('tbody tr').at(-1)?.text()).toBe('so itstandsfalls in wind')
    expect(asked).toHaveLength(1)
    expect(asked[0]).toMatchObject({ plantKg: 0.4, dressing: 'NONE' })
  })
})
