import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import type { Explanation, Reading } from '@/api/types'
import ReadingExplained from './ReadingExplained.vue'

const explanation: Explanation = {
  formula: 'Air = pores − water.',
  reference: 'Fonteno (1989), from memory',
  inputs: [{ name: 'Height of the mix', value: 13.46, unit: 'cm', decimals: 1, source: 'your pot' }],
  steps: [{ name: 'All pores', value: 87.2, unit: '%', decimals: 0, source: '' }],
  contributions: [
    { name: 'Bark', value: 18.4, pull: 5.2 },
    { name: 'Peat', value: 7.1, pull: -3.4 },
    { name: 'lost where grains fill gaps', value: -1.5 },
  ],
  contributionUnit: '%',
  grading: [],
  causes: [
    { name: 'Peat', sd: 3.1, share: 0.6 },
    { name: 'the model itself', sd: 2.5, share: 0.39 },
    { name: 'measuring by level scoops', sd: 0.2, share: 0.01 },
  ],
}
const explained = (change: Partial<Explanation> = {}, unit = '%') =>
  mount(ReadingExplained, {
    props: { reading: { unit, explanation: { ...explanation, ...change } } as Reading },
    global: { plugins: [createPinia()] },
  })

describe('how a reading was worked out', () => {
  it('shows what went in with its source, what came out on the way, and who it is from', () => {
    const text = explained().text()
    expect(text).toContain('Height of the mix your pot')
    expect(text).toContain('13.5 cm')
    expect(text).toContain('87 %')
    expect(text).toContain('Fonteno (1989)')
  })

  it('tells what made it from what took it', () => {
    const rows = explained().findAll('tbody tr')
    expect(rows.map((row) => row.text())).toEqual([
      'Bark18.4+5.2',
      'Peat7.1−3.4',
      'lost where grains fill gaps−1.5',
    ])
    expect(rows[1]?.find('.takes').exists()).toBe(true)
    expect(rows[0]?.find('.takes').exists()).toBe(false)
  })

  it('names the causes that matter, greatest first', () => {
    const causes = explained().findAll('.causes li')
    expect(causes.map((cause) => cause.text())).toEqual(['Peat60 %', 'the model itself39 %'])
  })

  it('has no column of pulls where there are none', () => {
    const plain = explained({ contributions: [{ name: 'leaves', value: 12 }], contributionUnit: 'mL a day' })
    expect(plain.text()).toContain('mL a day')
    expect(plain.text()).not.toContain('lifts it by')
  })
})
