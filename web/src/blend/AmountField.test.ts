import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import AmountField from './AmountField.vue'

const field = (modelValue: number) => mount(AmountField, { props: { modelValue, label: 'Parts of peat' } })
const last = (wrapper: ReturnType<typeof field>) => wrapper.emitted('update:modelValue')?.at(-1)?.[0]

describe('amount field', () => {
  it('takes commas and points while they are typed', async () => {
    const wrapper = field(1)
    await wrapper.find('input').setValue('2,5')
    expect(last(wrapper)).toBe(2.5)
  })

  it('keeps what is being typed when the page is drawn anew', async () => {
    const wrapper = field(1)
    await wrapper.find('input').setValue('3.')
    await wrapper.setProps({ modelValue: 3, label: 'Parts of sphagnum peat' })
    expect(wrapper.find('input').element.value).toBe('3.')
  })

  it('says what is no number and sends nothing on', async () => {
    const wrapper = field(1)
    await wrapper.find('input').setValue('two')
    expect(wrapper.find('input').attributes('title')).toContain('“two” is not a number')
    expect(last(wrapper)).toBeUndefined()
  })

  it('follows a change from outside', async () => {
    const wrapper = field(1)
    await wrapper.setProps({ modelValue: 4 })
    expect(wrapper.find('input').element.value).toBe('4')
  })
})
