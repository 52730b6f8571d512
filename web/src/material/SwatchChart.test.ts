import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import SwatchChart from './SwatchChart.vue'

const rows = [
  { materialId: 'peat', name: 'Sphagnum peat' },
  { materialId: 'perlite_med', name: 'Perlite, medium' },
]

type Chart = ReturnType<typeof mount>
const courses = (chart: Chart) => chart.findAll('.course')
const stitches = (chart: Chart) =>
  courses(chart).reduce((sum, course) => sum + Number(course.attributes('data-stitches')), 0)

describe('swatch chart', () => {
  it('knits a stitch for each per cent and says what it shows', () => {
    const chart = mount(SwatchChart, { props: { rows, shares: [0.6, 0.35] } })
    expect(stitches(chart)).toBe(100)
    expect(chart.attributes('aria-label')).toBe('Swatch: 60 % Sphagnum peat, 35 % Perlite, medium, 5 % open')
  })

  it('draws what lies side by side at once, however many stitches it has', () => {
    const chart = mount(SwatchChart, { props: { rows, shares: [0.55, 0.45] } })
    expect(courses(chart).map((course) => Number(course.attributes('data-stitches')))).toEqual([
      10, 10, 10, 10, 10, 5, 5, 10, 10, 10, 10,
    ])
    expect(courses(chart)[5]?.find('path').attributes('d')?.split('M')).toHaveLength(1 + 5)
  })

  it('lets the chosen row stand out', () => {
    const chart = mount(SwatchChart, { props: { rows, shares: [0.5, 0.5], chosen: 1 } })
    const faint = courses(chart).filter((course) => course.attributes('opacity') !== '1')
    expect(faint.map((course) => Number(course.attributes('data-stitches')))).toEqual([10, 10, 10, 10, 10])
  })

  it('knits smaller swatches too', () => {
    const chart = mount(SwatchChart, { props: { rows, shares: [0.5, 0.5], across: 10, down: 4 } })
    expect(stitches(chart)).toBe(40)
  })
})
