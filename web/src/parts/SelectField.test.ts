import { mount } from '@vue/test-utils'
import Select from 'primevue/select'
import { describe, expect, it } from 'vitest'
import { surroundings } from '@/testing/stubbedServer'
import SelectField from './SelectField.vue'

const open = (many: boolean) =>
  mount(SelectField, {
    props: {
      modelValue: 'b1',
      sought: '',
      label: 'Mix',
      inputId: 'mix',
      many,
      options: [
        { value: 'b1', label: 'Loft mix' },
        { value: 'b2', label: 'Quay mix' },
      ],
    },
    global: surroundings(),
    attachTo: document.body,
  })

describe('one of several', () => {
  it('is picked from the few there are', async () => {
    const view = open(false)
    expect(view.get('#mix').text()).toBe('Loft mix')
    await view.get('#mix').trigger('click')
    expect(view.find('input[placeholder]').exists()).toBe(false)
    await view.findAll('[role=option]')[1]?.trigger('mousedown')
    expect(view.emitted('update:modelValue')).toEqual([['b2']])
    view.unmount()
  })

  it('is looked for by part of its name among many', async () => {
    const view = open(true)
    await view.get('#mix').trigger('click')
    const field = view.get('input[aria-label="Part of the name"]')
    await field.setValue('qua')
    expect(view.emitted('update:sought')).toEqual([['qua']])
    expect(view.findAll('[role=option]').map((each) => each.text())).toEqual(['Quay mix'])
    view.getComponent(Select).vm.$emit('hide')
    expect(view.emitted('update:sought')).toEqual([['qua'], ['']])
    view.unmount()
  })
})
