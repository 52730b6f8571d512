import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { PotEventAsked, Potting } from '@/api/types'
import { surroundings } from '@/testing/stubbedServer'
import PotTell from './PotTell.vue'

const open = (states: Potting['state'][] = ['HERE']) => {
  const view = mount(PotTell, { props: { states, busy: false }, global: surroundings() })
  const choose = async (words: string) => {
    const found = view.findAll('button, input').find((each) => {
      const label = each.element.closest('label')?.textContent ?? each.text()
      return label.trim() === words
    })
    await found?.trigger(found.element.tagName === 'INPUT' ? 'change' : 'click')
  }
  const told = () => view.emitted<[PotEventAsked]>('tell')?.at(-1)?.[0]
  return { view, choose, told }
}

describe('telling what happened', () => {
  it('offers what fits where the plant is', () => {
    expect(open(['HERE']).view.text()).toContain('lent')
    expect(open(['LENT']).view.text()).toContain('came back')
    expect(open(['HERE', 'LENT']).view.text()).not.toContain('came back')
  })

  it('asks for a number where leaves are counted, and takes it along', async () => {
    const { view, choose, told } = open()
    await choose('leaves counted')
    expect(view.text()).toContain('How many leaves has it?')
    await view.get('#tell-words').trigger('keydown.enter')
    expect(told()).toBeUndefined()
    await view.get('#tell-amount').setValue('14')
    expect(view.text()).not.toContain('How many leaves has it?')
    await view.get('#tell-words').trigger('keydown.enter')
    expect(told()).toMatchObject({ kind: 'LEAVES', amount: 14 })
  })

  it('takes no amount along where none belongs', async () => {
    const { view, choose, told } = open()
    await choose('fed')
    await view.get('#tell-amount').setValue('6')
    await choose('flowered')
    expect(view.find('#tell-amount').exists()).toBe(false)
    await view.get('#tell-words').setValue('three spikes')
    await view.get('#tell-words').trigger('keydown.enter')
    expect(told()).toMatchObject({ kind: 'FLOWERED', words: 'three spikes' })
    expect(told()).not.toHaveProperty('amount')
  })
})
