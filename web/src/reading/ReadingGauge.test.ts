import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import type { Reading } from '@/api/types'
import ReadingGauge from './ReadingGauge.vue'

const reading = (change: Partial<Reading>): Reading => ({
  quality: 'AIR',
  label: 'Air after draining',
  unit: '%',
  value: 31.4,
  low80: 25.8,
  high80: 37.2,
  decimals: 0,
  targetLow: 24,
  targetHigh: 40,
  verdict: 'FITS',
  words: 'fits',
  explanation: {
    formula: '',
    reference: '',
    inputs: [],
    steps: [],
    contributions: [],
    grading: [],
    contributionUnit: '',
    causes: [],
  },
  ...change,
})
const gauge = (change: Partial<Reading> = {}) =>
  mount(ReadingGauge, { props: { reading: reading(change) }, global: { plugins: [createPinia()] } })

describe('reading gauge', () => {
  it('shows value, unit and words, and says the likely range', () => {
    const text = gauge().text()
    expect(text).toContain('31')
    expect(text).not.toContain('31.4')
    expect(text).toContain('likely 26 to 37')
    expect(text).toContain('fits')
  })

  it('marks what lies outside', () => {
    expect(gauge({ verdict: 'TOO_LOW', value: 12, words: 'too little air' }).classes()).toContain('out')
    expect(gauge().classes()).toContain('in')
  })

  it('draws no band where nothing is wanted, and one end for an open band', () => {
    const free = gauge({ verdict: 'NO_TARGET' })
    expect(free.findAll('.band-ends line')).toHaveLength(2)
    const { targetLow: _low, targetHigh: _high, ...bare } = reading({ verdict: 'NO_TARGET', words: '' })
    const none = mount(ReadingGauge, { props: { reading: bare }, global: { plugins: [createPinia()] } })
    expect(none.find('.band').exists()).toBe(false)
    const { targetHigh: _open, ...atLeast } = reading({})
    const open = mount(ReadingGauge, { props: { reading: atLeast }, global: { plugins: [createPinia()] } })
    expect(open.findAll('.band-ends line')).toHaveLength(1)
  })

  it('asks to be explained', async () => {
    const one = gauge()
    await one.find('button').trigger('click')
    expect(one.emitted('explain')).toHaveLength(1)
  })
})
