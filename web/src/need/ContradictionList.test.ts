import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Contradiction, Target } from '@/api/types'
import ContradictionList from './ContradictionList.vue'
import TargetList from './TargetList.vue'

const slow: Contradiction = {
  id: 'slow',
  says: 'You water every 3 days; this pot takes about 16 days.',
  waysOut: [
    { words: 'A pot of unglazed clay: 4 days', after: { brief: { stage: 'ESTABLISHED' } } },
    { words: 'Or wait.' },
  ],
}

describe('contradictions', () => {
  it('are named with ways out, of which those that can be taken are buttons', async () => {
    const wrapper = mount(ContradictionList, { props: { contradictions: [slow] } })
    expect(wrapper.text()).toContain('this pot takes about 16 days')
    expect(wrapper.findAll('button')).toHaveLength(1)
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('way')).toEqual([[slow.waysOut[0]]])
  })

  it('take no room where there are none', () => {
    expect(mount(ContradictionList, { props: { contradictions: [] } }).html()).not.toContain('section')
  })
})

const target = (quality: Target['quality'], words: string): Target => ({
  quality,
  label: quality,
  words,
  bearableWords: '',
  weight: 1,
  weightWords: 'counts',
  because: [`because of ${quality}`],
})
const targets = ['AIR', 'WATER', 'EASY_WATER', 'DRY_DAYS', 'PH', 'FOOD'].map((each) =>
  target(each as Target['quality'], '1–2'),
)

describe('targets', () => {
  it('show the first few, and all when asked', async () => {
    const wrapper = mount(TargetList, { props: { targets, moved: new Map() } })
    expect(wrapper.findAll('li')).toHaveLength(4)
    await wrapper.get('button').trigger('click')
    expect(wrapper.findAll('li')).toHaveLength(6)
  })

  it('mark what moved with what it was, and never hide it', () => {
    const wrapper = mount(TargetList, { props: { targets, moved: new Map([['FOOD', '5–9']]) } })
    expect(wrapper.findAll('li')).toHaveLength(5)
    expect(wrapper.get('.moved').text()).toContain('It was 5–9.')
  })
})
