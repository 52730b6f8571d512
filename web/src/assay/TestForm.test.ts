import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import type { BenchTest } from '@/api/types'
import { howTo, KINDS, kindLabel } from './kinds'
import TestForm from './TestForm.vue'

const form = (problem?: string) =>
  mount(TestForm, {
    props: { blendId: 'b1', busy: false, problem },
    global: { plugins: [createPinia(), PrimeVue] },
  })
const made = (wrapper: ReturnType<typeof form>) =>
  wrapper.emitted('make')?.[0] as [BenchTest, string, () => void]

describe('test form', () => {
  beforeEach(() => localStorage.clear())

  it('sends the figures of a drainage test, with a comma too', async () => {
    const wrapper = form()
    await wrapper.get('#test-in').setValue('0,85')
    await wrapper.get('#test-out').setValue('0.2')
    await wrapper.get('form').trigger('submit')

    expect(made(wrapper)[0]).toEqual({
      kind: 'DRAINAGE',
      containerL: 1,
      heightCm: 12,
      waterInL: 0.85,
      drainedL: 0.2,
      moistureL: 0,
    })
  })

  it('sends the day on which it was made', async () => {
    const wrapper = form()
    await wrapper.get('#test-day').setValue('2026-10-05')
    await wrapper.get('form').trigger('submit')

    expect(made(wrapper)[1]).toBe('2026-10-05')
  })

  it('sends only what a kind needs', async () => {
    const wrapper = form()
    await wrapper.findAll('input[type=radio]')[2]?.setValue(true)
    await wrapper.get('#test-ph').setValue('5.4')
    await wrapper.get('form').trigger('submit')

    expect(made(wrapper)[0]).toEqual({ kind: 'PH', reading: 5.4, method: 'SLURRY', weeks: 0 })
  })

  it('keeps what was typed until it is noted', async () => {
    await form().get('#test-in').setValue('0.7')
    const again = form()
    expect((again.get('#test-in').element as HTMLInputElement).value).toBe('0.7')

    await again.get('form').trigger('submit')
    made(again)[2]()
    await again.vm.$nextTick()
    expect((again.get('#test-in').element as HTMLInputElement).value).toBe('0')
  })

  it('says what is wrong with a test', () => {
    expect(form('The dry weight is missing.').get('[role=alert]').text()).toBe('The dry weight is missing.')
  })

  it('says of every kind how it is made', () => {
    for (const kind of KINDS) {
      expect(howTo(kind.value).length).toBeGreaterThan(40)
      expect(kindLabel(kind.value)).toBe(kind.label)
    }
  })
})
