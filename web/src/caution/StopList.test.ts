import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { describe, expect, it } from 'vitest'
import type { Caution } from '@/api/types'
import StopList from './StopList.vue'

const caution = (id: string, level: Caution['level']): Caution => ({
  id,
  level,
  why: `${id} harms.`,
  instead: 'Take grit.',
  defers: 'Follow the label.',
})
const list = (accepted: string[] = []) =>
  mount(StopList, {
    props: { cautions: [caution('beach_sand', 'STOP'), caution('dust', 'NOTE')], accepted },
    global: { plugins: [PrimeVue], stubs: { teleport: true, transition: false } },
  })

describe('stops', () => {
  it('shows stops only, with what to do instead and whose word comes first', () => {
    const text = list().text()
    expect(text).toContain('beach_sand harms. Take grit. Follow the label.')
    expect(text).not.toContain('dust')
  })

  it('is set aside only after somebody says that they know', async () => {
    const wrapper = list(['hot_lime'])
    await wrapper.get('.stop button').trigger('click')
    await wrapper.get('form').trigger('submit')
    expect(wrapper.emitted('accept')).toBeUndefined()

    await wrapper.get('#stop-sure').setValue(true)
    await wrapper.get('form').trigger('submit')
    expect(wrapper.emitted('accept')).toEqual([[['hot_lime', 'beach_sand']]])
  })

  it('can be let stand again', async () => {
    const wrapper = list(['beach_sand', 'hot_lime'])
    expect(wrapper.text()).toContain('the blend stays marked')
    await wrapper.get('.stop button').trigger('click')
    expect(wrapper.emitted('accept')).toEqual([[['hot_lime']]])
  })
})
