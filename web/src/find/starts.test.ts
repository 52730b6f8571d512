import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { proposalOf } from '@/testing/proposals'
import { stubServer, surroundings } from '@/testing/stubbedServer'
import type { Proposal } from '@/api/types'
import StartMixes from './StartMixes.vue'

const proposal = (material: string) => proposalOf(material, { titleWords: 'on bark', fit: 99 })
const lists = { 'GET /api/materials': [], 'GET /api/amendments': [] }
const settle = async () => {
  await new Promise((done) => setTimeout(done, 160))
  await flushPromises()
}

describe('mixes to start from', () => {
  beforeEach(() => localStorage.clear())

  it('stand there once a plant is named, and a key takes one', async () => {
    stubServer({
      ...lists,
      'POST /api/starts': { source: 'SHOPS', proposals: [proposal('peat'), proposal('bark')] },
    })
    const wrapper = mount(StartMixes, {
      props: { brief: { stage: 'ESTABLISHED', plantId: 'jade' } },
      global: surroundings(),
    })
    await settle()
    expect(wrapper.text()).toContain('of what most shops sell')
    expect(wrapper.findAll('.proposal')).toHaveLength(2)

    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: '2', bubbles: true }))
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: '3', bubbles: true }))
    expect(wrapper.emitted('take')?.map(([each]) => (each as Proposal).words)).toEqual(['bark'])
    wrapper.unmount()
  })

  it('say nothing without a plant, and say so where there are none', async () => {
    stubServer({ ...lists, 'POST /api/starts': { source: 'SHOPS', proposals: [] } })
    const wrapper = mount(StartMixes, { props: { brief: { stage: 'ESTABLISHED' } }, global: surroundings() })
    await settle()
    expect(wrapper.find('.starts').exists()).toBe(false)
    await wrapper.setProps({ brief: { stage: 'ESTABLISHED', plantId: 'jade' } })
    await settle()
    expect(wrapper.text()).toContain('nothing usual can be made')
    wrapper.unmount()
  })
})
