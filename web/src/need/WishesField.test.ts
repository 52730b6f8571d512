import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Habit, Wishes } from '@/api/types'
import HabitField from './HabitField.vue'
import { NO_WISHES } from './wishes'
import WishesField from './WishesField.vue'
import { startingHabit } from './words'

const global = { plugins: [createPinia(), PrimeVue] }
const last = <T>(wrapper: { emitted: (name: string) => unknown[][] | undefined }): T =>
  wrapper.emitted('update:modelValue')?.at(-1)?.[0] as T

describe('wishes field', () => {
  beforeEach(() => localStorage.clear())
  const field = (modelValue: Wishes = NO_WISHES) =>
    mount(WishesField, { props: { modelValue, idPrefix: 'w' }, global })

  it('sets what is ticked and chosen', async () => {
    const wrapper = field()
    await wrapper.get('#w-light').setValue(true)
    expect(last<Wishes>(wrapper)).toEqual({ ...NO_WISHES, light: true })
    await wrapper.get('input[value=NO_PEAT]').setValue(true)
    expect(last<Wishes>(wrapper)).toEqual({ ...NO_WISHES, light: true, fibre: 'NO_PEAT' })
  })

  it('leaves nothing behind of what is emptied', async () => {
    const wrapper = field({ ...NO_WISHES, lifeYears: 3, drainageLayer: true })
    await wrapper.get('#w-life').setValue('')
    expect(last<Wishes>(wrapper)).toEqual({ ...NO_WISHES, drainageLayer: true })
    await wrapper.findAll('input[value=ANY]').at(-1)?.setValue(true)
    expect(last<Wishes>(wrapper)).toEqual(NO_WISHES)
  })

  it('says when a figure is none and keeps what stood before', async () => {
    const wrapper = field()
    await wrapper.get('#w-most').setValue('few')
    expect(wrapper.get('[role=alert]').text()).toContain('“few” is not a number')
    expect(wrapper.emitted('update:modelValue')).toBeUndefined()
  })
})

describe('habit field', () => {
  it('holds what was measured of the water only while it is filled in', async () => {
    const wrapper = mount(HabitField, { props: { modelValue: startingHabit(), idPrefix: 'h' }, global })
    await wrapper.get('#h-alkalinity').setValue('180')
    expect(last<Habit>(wrapper)).toEqual({ ...startingHabit(), alkalinityMgPerL: 180 })
    await wrapper.setProps({ modelValue: last<Habit>(wrapper) })
    await wrapper.get('#h-alkalinity').setValue('')
    expect(last<Habit>(wrapper)).toEqual(startingHabit())
  })
})
