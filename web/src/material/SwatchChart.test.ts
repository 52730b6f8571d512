import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import SwatchChart from './SwatchChart.vue'

const rows = [
  { materialId: 'peat', name: 'Sphagnum peat' },
  { materialId: 'perlite_med', name: 'Perlite, medium' },
]

describe('swatch chart', () => {
  it('knits a stitch for each per cent and says what it shows', () => {
    const chart = mount(SwatchChart, { props: { rows, shares: [0.6, 0.35] } })
    expect(chart.findAll('use')).toHaveLength(100)
    expect(chart.attributes('aria-label')).toBe('Swatch: 60 % Sphagnum peat, 35 % Perlite, medium, 5 % open')
  })

  it('draws each material once, however many stitches it has', () => {
    const chart = mount(SwatchChart, { props: { rows, shares: [0.5, 0.5] } })
    expect(chart.findAll('symbol')).toHaveLength(rows.length + 1)
  })

  it('lets the chosen row stand out', () => {
    const chart = mount(SwatchChart, { props: { rows, shares: [0.5, 0.5], chosen: 1 } })
    const faint = chart.findAll('use').filter((use) => use.attributes('opacity') !== '1')
    expect(faint).toHaveLength(50)
  })

  it('knits smaller swatches too', () => {
    const chart = mount(SwatchChart, { props: { rows, shares: [0.5, 0.5], across: 10, down: 4 } })
    expect(chart.findAll('use')).toHaveLength(40)
  })
})
