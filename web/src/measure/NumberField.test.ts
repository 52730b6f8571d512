import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import NumberField from './NumberField.vue'
import { useSettings } from './settings'

let pinia: ReturnType<typeof createPinia>

beforeEach(() => {
  localStorage.clear()
  pinia = createPinia()
  setActivePinia(pinia)
  useSettings().units = {
    volume: [{ id: 'US_QUART', symbol: 'qt', factor: 0.946352946 }],
    length: [{ id: 'INCH', symbol: 'in', factor: 2.54 }],
    mass: [],
    handfulLitres: 0.12,
  }
})

const field = (modelValue: number) =>
  mount(NumberField, {
    props: { modelValue, label: 'Rim', kind: 'length', inputId: 'rim', decimals: 1 },
    global: { plugins: [pinia, PrimeVue] },
  })
const last = (wrapper: ReturnType<typeof field>) => wrapper.emitted('update:modelValue')?.at(-1)?.[0]

describe('number field', () => {
  it('holds centimetres and shows what the person reads', () => {
    expect(field(14).find('input').element.value).toBe('14')
    useSettings().system = 'us'
    const us = field(14)
    expect(us.find('input').element.value).toBe('5.5')
    expect(us.text()).toContain('in')
  })

  it('takes what is typed in the shown unit', async () => {
    useSettings().system = 'us'
    const wrapper = field(14)
    await wrapper.find('input').setValue('6')
    expect(last(wrapper)).toBeCloseTo(15.24, 6)
  })

  it('passes on what is out of range, so that the server can say what is allowed', async () => {
    const wrapper = field(14)
    await wrapper.find('input').setValue('-14')
    expect(last(wrapper)).toBe(-14)
  })

  it('says what is no number and keeps it', async () => {
    const wrapper = field(14)
    await wrapper.find('input').setValue('wide')
    expect(wrapper.text()).toContain('“wide” is not a number')
    expect(last(wrapper)).toBeUndefined()
  })
})
