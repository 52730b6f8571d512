import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Lot, Measured } from '@/api/types'
import { useSettings } from '@/measure/settings'
import LotBar from './LotBar.vue'
import LotRow from './LotRow.vue'
import MeasuredFields from './MeasuredFields.vue'

const pinia = createPinia()
const global = { plugins: [pinia, PrimeVue] }

const lot = (change: Partial<Lot> = {}, facts: Partial<Lot['facts']> = {}): Lot => ({
  id: 'l1',
  revision: 0,
  facts: {
    materialId: 'peat',
    sold: 'LOOSE_LITRES',
    amount: 20,
    swell: 0,
    leftLitres: 5,
    fed: false,
    rinsed: false,
    quarantined: false,
    ...facts,
  },
  materialName: 'Sphagnum peat',
  fullLitres: 20,
  pricePerLitre: 0.4,
  low: false,
  inUse: true,
  ...change,
})
const row = (given: Lot, counting = false) =>
  mount(LotRow, {
    props: { lot: given, grade: '0.2–6 mm', scale: 100, open: false, counting, left: given.facts.leftLitres },
    global,
  })

beforeEach(() => {
  localStorage.clear()
  setActivePinia(pinia)
  useSettings().units = { volume: [], length: [], mass: [], handfulLitres: 0.12 }
})

describe('a lot in one line', () => {
  it('says how much is left of how much, and what a litre costs', () => {
    const text = row(lot()).text()
    expect(text).toContain('5 L of 20 L')
    expect(text).toContain('€ 0.40 a litre')
    expect(row(lot({ pricePerLitre: 0 })).text()).toContain('free')
  })

  it('shows what to know about it', () => {
    expect(row(lot({ low: true })).text()).toContain('running low')
    expect(row(lot({ low: true }, { leftLitres: 0 })).text()).toContain('used up')
    expect(row(lot({}, { quarantined: true, rinsed: true, measured: { ph: 4 } })).text()).toMatch(
      /in quarantine.*rinsed.*measured/s,
    )
    expect(row(lot({ inUse: false })).text()).toContain('waits its turn')
  })

  it('takes a count and stores it on Enter', async () => {
    const wrapper = row(lot(), true)
    await wrapper.get('#count-l1').setValue('3.5')
    expect(wrapper.emitted('left')).toEqual([[3.5]])
    await wrapper.get('#count-l1').trigger('keydown', { key: 'Enter' })
    expect(wrapper.emitted('store')).toHaveLength(1)
  })

  it('draws bars to one scale', () => {
    const bar = mount(LotBar, { props: { materialId: 'peat', full: 50, left: 20, scale: 100, mark: 10 } })
    const [full, left] = bar.findAll('rect')
    expect(full?.attributes('width')).toBe('50%')
    expect(left?.attributes('width')).toBe('20%')
    expect(bar.get('.mark').attributes('x1')).toBe('10%')
    const empty = mount(LotBar, {
      props: { materialId: 'peat', full: 50, left: 0, scale: 100, mark: undefined },
    })
    expect(empty.findAll('rect')).toHaveLength(1)
    expect(empty.find('.mark').exists()).toBe(false)
  })
})

describe('what is measured of a lot', () => {
  const fields = (modelValue: Measured = {}) =>
    mount(MeasuredFields, { props: { modelValue, idSuffix: 'l1' }, global })
  const last = (wrapper: ReturnType<typeof fields>) => wrapper.emitted('update:modelValue')?.at(-1)?.[0]

  it('counts a drain test once all of it is written down, and keeps the rest over a reload', async () => {
    const wrapper = fields()
    await wrapper.findAll('button')[0]?.trigger('click')
    await wrapper.get('#drain-height-l1').setValue('10')
    await wrapper.get('#drain-air-l1').setValue('31')
    expect(last(wrapper)).toEqual({})
    expect(wrapper.text()).toContain('once all of its figures are there')

    const again = fields()
    expect((again.get('#drain-air-l1').element as HTMLInputElement).value).toBe('31')
    await again.get('#drain-water-l1').setValue('40')
    expect(last(again)).toEqual({ drain: { heightCm: 10, airPercent: 31, waterPercent: 40 } })
  })

  it('takes sieves, more of them and none', async () => {
    const wrapper = fields({ ph: 6 })
    await wrapper.findAll('button').at(-1)?.trigger('click')
    for (let i = 0; i < 4; i++) {
      await wrapper.get(`#stays-${i}-l1`).setValue(String(10 * i))
    }
    await wrapper.get('#through-l1').setValue('5')
    expect(last(wrapper)).toMatchObject({ sieves: { throughAll: 5 } })
    const buttons = wrapper.findAll('button')
    await buttons.find((each) => each.text() === 'one more sieve')?.trigger('click')
    expect(wrapper.findAll('[id^=opening-]')).toHaveLength(5)
    await wrapper
      .findAll('button')
      .find((each) => each.text() === 'not sieved')
      ?.trigger('click')
    expect(wrapper.findAll('[id^=opening-]')).toHaveLength(0)
  })
})
