import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Brought } from '@/api/types'
import { notices } from '@/parts/notices'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import WeatherPage from './WeatherPage.vue'

const day = (on: string, rainMm = 0) => ({ day: on, temperatureC: 14, humidityPercent: 70, rainMm })
const brought = (change: Partial<Brought> = {}): Brought => ({
  days: [day('2026-05-01'), day('2026-05-02', 4)],
  known: 1,
  tooShort: [],
  bad: [],
  moved: 0,
  ...change,
})
const places = [
  { place: 'stair', pots: 4, days: 0 },
  { place: 'yard', pots: 1, days: 2, last: '2026-05-02' },
]
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/climate/places': places,
    'GET /api/climate': [day('2026-05-01'), day('2026-05-02', 4)],
    'POST /api/climate/file': brought(),
    'POST /api/climate/logger': brought({ moved: 3 }),
    ...answers,
  })
  const view = mount(WeatherPage, { global: { ...surroundings(), stubs: { LineChart: true } } })
  await flushPromises()
  return { view, asked }
}
const button = (view: Awaited<ReturnType<typeof open>>['view'], words: string) => {
  const found = view.findAll('button').find((each) => each.text() === words)
  if (!found) {
    throw new Error(`no button ${words}`)
  }
  return found
}

describe('the weather', () => {
  beforeEach(() => {
    notices.splice(0)
  })

  it('begins with the place of which most is logged', async () => {
    const { view, asked } = await open()
    const read = asked.find((each) => each.path === '/api/climate')
    expect(read?.query.get('place')).toBe('yard')
    expect(view.text()).toContain('4 mm of rain in 2 days')
    expect(view.findAll('tbody tr')).toHaveLength(2)
  })

  it('looks a file through before it is kept', async () => {
    const { view, asked } = await open()
    await view.get('textarea').setValue('time,temperature_c\n')
    await button(view, 'Look through it').trigger('click')
    await flushPromises()
    expect(view.text()).toContain('1 of them known and taken anew.')
    await button(view, 'Keep these days').trigger('click')
    await flushPromises()
    expect(
      asked
        .filter((each) => each.path === '/api/climate/file')
        .map((each) => (each.body as { keep: boolean }).keep),
    ).toEqual([false, true])
    expect(notices.at(-1)?.words).toContain('2 days kept')
    expect(view.get('textarea').element.value).toBe('')
  })

  it('says what could not be read, and keeps what was typed', async () => {
    const { view } = await open({
      'POST /api/climate/file': brought({
        days: [],
        known: 0,
        tooShort: ['2026-05-03'],
        bad: ['line 2: temperature_c is "warm"'],
      }),
    })
    await view.get('textarea').setValue('time,temperature_c\nwarm')
    await button(view, 'Look through it').trigger('click')
    await flushPromises()
    expect(view.text()).toContain('There is no whole day in it.')
    expect(view.text()).toContain('Too little was logged of 3 May 2026')
    expect(view.get('.bad').text()).toContain('warm')
    expect(view.get('textarea').element.value).toContain('warm')
  })

  it('says a refusal', async () => {
    const { view } = await open({
      'POST /api/climate/logger': new Refusal(422, { detail: 'The logger was not there.' }),
    })
    await button(view, 'Read the logger').trigger('click')
    await flushPromises()
    expect(view.get('[role=alert]').text()).toBe('The logger was not there.')
  })

  it('reads the logger and says how many looks moved', async () => {
    const { view } = await open()
    await button(view, 'Read the logger').trigger('click')
    await flushPromises()
    expect(notices.at(-1)?.words).toBe('2 days kept; pots that are looked at on another day: 3.')
  })
})
