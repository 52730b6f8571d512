import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { useSettings } from '@/measure/settings'
import { stubServer, surroundings } from '@/testing/stubbedServer'
import LabelsDialog from './LabelsDialog.vue'
import { printed } from './printed'

const SHEETS = [
  { id: 'CUT_SMALL', widthMm: 62, heightMm: 26, labels: 30, cut: true },
  { id: 'MM_99X68', widthMm: 99.1, heightMm: 67.7, labels: 8, cut: false },
]

const open = async (count: number, copies = false) => {
  const asked = stubServer({ 'GET /api/label-sheets': SHEETS })
  const view = mount(LabelsDialog, {
    props: { open: true, path: '/api/pot-labels.pdf', more: { ids: 'p1,p2' }, count, copies },
    global: { ...surroundings(), stubs: { Dialog: { template: '<div><slot /></div>' } } },
  })
  await flushPromises()
  return { view, asked }
}
const link = (view: Awaited<ReturnType<typeof open>>['view']) => view.get('a').attributes('href')

describe('labels', () => {
  it('go on the sheet, from the first label that is free', async () => {
    localStorage.clear()
    const { view, asked } = await open(3)
    expect(asked[0]?.path).toBe('/api/label-sheets')
    expect(link(view)).toContain('size=A4')
    expect(view.get('a').text()).toBe('Open 3 on 1 page (PDF)')
    await view.get('#label-first').setValue('29')
    await view.get('#label-first').trigger('change')
    await flushPromises()
    expect(link(view)).toContain('first=29')
    expect(link(view)).toContain('ids=p1%2Cp2')
    expect(view.get('a').text()).toBe('Open 3 on 2 pages (PDF)')
  })

  it('are as many of each as are wanted', async () => {
    localStorage.clear()
    const { view } = await open(1, true)
    await view.get('#label-copies').setValue('31')
    await view.get('#label-copies').trigger('change')
    expect(link(view)).toContain('copies=31')
    expect(view.get('a').text()).toBe('Open 31 on 2 pages (PDF)')
  })

  it('follow the paper in the printer, and the units if nothing was said', async () => {
    await open(1)
    const settings = useSettings()
    settings.system = 'us'
    expect(settings.paperSize).toBe('LETTER')
    settings.paper = 'A4'
    expect(printed('/x.pdf', settings.paperSize, { year: 2026 })).toBe('/x.pdf?units=us&size=A4&year=2026')
    settings.paper = 'units'
    settings.system = 'metric'
  })
})
