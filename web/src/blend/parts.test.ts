import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, defineComponent, h, nextTick, ref } from 'vue'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import type { Evaluation, Recipe, WrittenRecipe } from '@/api/types'
import { usePastedText } from '@/parts/usePastedText'
import CloseUp from './close-up/CloseUp.vue'
import OneMoreTable from './OneMoreTable.vue'
import PasteRecipe from './PasteRecipe.vue'
import RecipeRows from './RecipeRows.vue'
import RowMenu from './RowMenu.vue'
import SumWays from './SumWays.vue'
import SwatchChart from '@/material/SwatchChart.vue'
import { fileName, swatchSvg } from './swatchFile'
import { useBenchKeys } from './useBenchKeys'

const material = (id: string, name: string, otherGradeIds: string[] = []) => ({
  id,
  name,
  grade: '1–2 mm',
  d10Mm: 1,
  d50Mm: 1.5,
  d90Mm: 2,
  shape: 'ROUND',
  roles: ['AIR'],
  roleWords: ['opens air'],
  otherGradeIds,
})
const book = {
  'GET /api/materials': [
    material('perlite', 'Perlite, medium', ['perlite_fine', 'gone']),
    material('perlite_fine', 'Perlite, fine'),
    material('peat', 'Peat'),
  ],
  'GET /api/amendments': [],
}
const recipe = (...parts: [string, number][]): Recipe => ({
  measure: 'PARTS',
  parts: parts.map(([materialId, amount]) => ({ materialId, amount })),
  doses: [],
})
const AFTER_ASKING = 200

beforeEach(() => {
  localStorage.clear()
  document.body.innerHTML = ''
})

describe('a written recipe', () => {
  const line = (typed: string, change: object = {}) => ({
    typed,
    amount: 1,
    dose: false,
    choices: [
      { id: 'perlite', name: 'Perlite, medium' },
      { id: 'perlite_fine', name: 'Perlite, fine' },
    ],
    known: true,
    certain: true,
    says: '',
    ...change,
  })
  const understood = (...lines: object[]) =>
    ({ measure: 'PARTS', notes: ['One part stands for one of the cups.'], lines }) as unknown as WrittenRecipe
  const open = async (answered: unknown) => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    const asked = stubServer({ ...book, 'POST /api/recipes/read': answered })
    const view = mount(PasteRecipe, {
      props: { open: true, pot: undefined, pasted: '2 perlite, 1 moonstone' },
      global: surroundings(),
    })
    await vi.advanceTimersByTimeAsync(AFTER_ASKING)
    vi.useRealTimers()
    await flushPromises()
    return { view, asked }
  }

  it('shows what was understood, asks about the rest, and leaves out what nobody knows', async () => {
    const { view, asked } = await open(
      understood(
        line('2 perlite', { amount: 2, certain: false, says: 'Which one?' }),
        line('1 moonstone', { known: false, certain: false, says: 'No material is called “moonstone”.' }),
      ),
    )
    expect(asked.at(-1)?.body).toEqual({ text: '2 perlite, 1 moonstone', scoopLitres: 0.5 })
    expect(view.findAll('li.asks')).toHaveLength(2)
    expect(view.text()).toContain('2 lines want a look.')
    expect(view.text()).toContain('One part stands for one of the cups.')
    await view.get('form').trigger('submit')
    expect(view.emitted('take')?.[0]).toEqual([recipe(['perlite', 2])])
    expect(view.emitted('update:open')?.[0]).toEqual([false])
  })

  it('takes what was chosen, and remembers it over a reload', async () => {
    const { view } = await open(understood(line('2 perlite', { amount: 2, certain: false })))
    view.findComponent({ name: 'Select' }).vm.$emit('update:modelValue', 'perlite_fine')
    await nextTick()
    expect(view.text()).toContain('Everything is clear.')
    view.unmount()
    const again = await open(understood(line('2 perlite', { amount: 2, certain: false })))
    await again.view.get('form').trigger('submit')
    expect(again.view.emitted('take')?.[0]).toEqual([recipe(['perlite_fine', 2])])
  })

  it('passes on why it cannot be read, and takes nothing', async () => {
    const { view } = await open(new Refusal(422, { detail: 'The recipe is 3 numbers for 2 names.' }))
    expect(view.get('[role=alert]').text()).toContain('3 numbers for 2 names')
    await view.get('form').trigger('submit')
    expect(view.emitted('take')).toBeUndefined()
  })

  it('says when the per cents miss a hundred', async () => {
    const { view } = await open({ ...understood(line('90% perlite', { amount: 90 })), measure: 'PERCENT' })
    expect(view.text()).toContain('The sum is 90 %.')
  })
})

describe('rows', () => {
  const rows = async (from: Recipe) => {
    stubServer(book)
    const view = mount(RecipeRows, {
      props: {
        modelValue: from,
        shares: [0.5, 0.5],
        volumes: ['1 L', '1 L'],
        chosen: 0,
        locked: ['peat'],
        'onUpdate:modelValue': (now: Recipe) => view.setProps({ modelValue: now }),
      },
      global: surroundings(),
      attachTo: document.body,
    })
    await flushPromises()
    return view
  }
  const now = (view: Awaited<ReturnType<typeof rows>>) =>
    (view.props('modelValue') as Recipe).parts.map((part) => [part.materialId, part.amount])

  it('show what is locked, and step', async () => {
    const view = await rows(recipe(['perlite', 2], ['peat', 1]))
    expect(view.findAll('li')[1]?.text()).toContain('locked')
    await view.get('[aria-label="One step more Peat"]').trigger('click')
    expect(now(view)).toEqual([
      ['perlite', 2],
      ['peat', 2],
    ])
    await view.get('.adding button.plain').trigger('click')
    expect(view.emitted('paste')).toHaveLength(1)
  })

  it('are moved, split, replaced and taken out from their menu', async () => {
    const view = await rows(recipe(['perlite', 2], ['peat', 1]))
    const menu = view.getComponent(RowMenu)
    menu.vm.$emit('move', 1)
    await flushPromises()
    expect(now(view)[0]).toEqual(['peat', 1])
    expect(view.emitted('choose')?.at(-1)).toEqual([1])
    view.findAllComponents(RowMenu).at(1)?.vm.$emit('split', 'perlite_fine')
    await flushPromises()
    expect(now(view)).toEqual([
      ['peat', 1],
      ['perlite', 1],
      ['perlite_fine', 1],
    ])
    view.findAllComponents(RowMenu).at(1)?.vm.$emit('replace', 'peat')
    await flushPromises()
    expect(now(view)).toEqual([
      ['peat', 2],
      ['perlite_fine', 1],
    ])
    view.findAllComponents(RowMenu).at(1)?.vm.$emit('remove')
    await flushPromises()
    expect(now(view)).toEqual([['peat', 2]])
    expect(view.emitted('removed')?.at(-1)).toEqual(['Perlite, fine'])
  })

  it('offer in their menu only what can be done', async () => {
    stubServer(book)
    const view = mount(RowMenu, {
      props: { recipe: recipe(['perlite', 2], ['peat', 1]), row: 0, locked: true },
      global: surroundings(),
    })
    await flushPromises()
    await view.get('.menu').trigger('click')
    await flushPromises()
    const menu = view.get('.row-menu')
    expect(menu.text()).toContain('Unlock')
    expect(menu.text()).toContain('Move down')
    expect(menu.text()).not.toContain('Move up')
    // a grade that is not in the Book any more is not offered
    expect(menu.findAll('.grade').map((each) => each.text())).toEqual(['Perlite, fine 1–2 mm'])
    await menu.get('.grade').trigger('click')
    expect(view.emitted('split')).toEqual([['perlite_fine']])
  })

  it('can be scaled or filled up where per cents miss a hundred', async () => {
    stubServer(book)
    const percent: Recipe = { ...recipe(['perlite', 60], ['peat', 30]), measure: 'PERCENT' }
    const view = mount(SumWays, { props: { modelValue: percent }, global: surroundings() })
    await flushPromises()
    expect(view.text()).toContain('The sum is 90 %:')
    view.findComponent({ name: 'Select' }).vm.$emit('update:modelValue', 1)
    expect((view.emitted('update:modelValue')?.[0]?.[0] as Recipe).parts[1]?.amount).toBe(40)
    await view.setProps({ modelValue: { ...percent, parts: [{ materialId: 'peat', amount: 120 }] } })
    expect(view.text()).toContain('more than there is')
    await view.setProps({ modelValue: { ...percent, parts: [{ materialId: 'peat', amount: 100 }] } })
    expect(view.text()).toBe('')
  })
})

describe('one step', () => {
  const step = (row: number, materialId: string, change: number, size = 1) => ({
    row,
    materialId,
    step: size,
    changes: [{ quality: 'AIR', change, decimals: 1, effect: 'BETTER' }],
  })
  const table = async (swaps: unknown = []) => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    const asked = stubServer({ ...book, 'POST /api/swaps': swaps })
    const view = mount(OneMoreTable, {
      props: {
        evaluation: {
          readings: [{ quality: 'AIR' }],
          oneMore: [step(0, 'perlite', 2.4), step(1, 'peat', -0.01)],
          oneLess: [step(0, 'perlite', -2)],
        } as unknown as Evaluation,
        asked: { recipe: recipe(['perlite', 0.5], ['peat', 1]) },
        chosen: 0,
      },
      global: surroundings(),
    })
    await flushPromises()
    return { view, asked }
  }
  const show = async (view: Awaited<ReturnType<typeof table>>['view'], way: string) => {
    await view.get(`input[value=${way}]`).trigger('change')
    await vi.advanceTimersByTimeAsync(AFTER_ASKING)
    vi.useRealTimers()
    await flushPromises()
  }

  it('more or less shows what it would do, and takes it', async () => {
    const { view } = await table()
    expect(view.findAll('tbody tr')[0]?.text()).toContain('+2.4')
    expect(view.findAll('tbody tr')[1]?.text()).toContain('·')
    await view.get('tbody button').trigger('click')
    expect(view.emitted('step')).toEqual([[0, 1]])
    await show(view, 'less')
    await view.get('tbody button').trigger('click')
    expect(view.emitted('step')?.at(-1)).toEqual([0, -1])
  })

  it('in place of another gives as much as was worked out, not more than there is', async () => {
    const { view, asked } = await table([step(1, 'peat', -3, 0.5)])
    await show(view, 'swap')
    expect(asked.at(-1)).toMatchObject({ path: '/api/swaps', body: { row: 0 } })
    await view.get('tbody button').trigger('click')
    expect(view.emitted('swap')).toEqual([[0, 1, 0.5]])
  })
})

describe('the swatch by hand', () => {
  const rows = [
    { materialId: 'peat', name: 'Peat' },
    { materialId: 'perlite', name: 'Perlite' },
  ]
  it('moves its edge by keys and by dragging', async () => {
    const view = mount(SwatchChart, { props: { rows, shares: [0.6, 0.4], movable: true } })
    const grip = view.get('[role=slider]')
    expect(grip.attributes()).toMatchObject({
      'aria-valuenow': '60',
      'aria-label': 'Edge between Peat and Perlite',
    })
    await grip.trigger('keydown', { key: 'ArrowUp' })
    await grip.trigger('keydown', { key: 'PageDown' })
    await grip.trigger('keydown', { key: 'x' })
    expect(view.emitted('edge')?.map((each) => each[1])).toEqual([1, -10])
    vi.spyOn(view.element, 'getBoundingClientRect').mockReturnValue({
      left: 0,
      bottom: 100,
      width: 100,
      height: 100,
    } as DOMRect)
    Object.assign(grip.element, { setPointerCapture: () => undefined })
    await grip.trigger('pointerdown', { pointerId: 1 })
    // three lines up from the foot, half across: place 35
    await grip.trigger('pointermove', { clientX: 50, clientY: 65 })
    expect(view.emitted('edge')?.at(-1)?.slice(0, 2)).toEqual([0, -25])
    await grip.trigger('pointerup')
    await grip.trigger('pointermove', { clientX: 50, clientY: 5 })
    expect(view.emitted('edge')).toHaveLength(3)
  })

  it('has no edges to move when it is mixed', () => {
    const view = mount(SwatchChart, { props: { rows, shares: [0.6, 0.4], movable: true, through: true } })
    expect(view.find('[role=slider]').exists()).toBe(false)
    expect(view.attributes('role')).toBe('img')
  })

  it('is given away with its name and key', () => {
    const text = swatchSvg({ name: 'Cellar & Co', rows, shares: [0.6, 0.4], through: false })
    expect(text).toContain('Cellar &amp; Co')
    expect(text).toContain('Perlite')
    expect(text).toContain('40 %')
    expect(text).not.toContain('var(')
    expect(fileName('Cellar & Co', 'svg')).toBe('cellar-co.svg')
    expect(fileName('™', 'png')).toBe('swatch.png')
  })

  it('has no drawing beside it where the browser cannot draw apart', async () => {
    stubServer(book)
    const view = mount(CloseUp, { props: { rows, shares: [0.6, 0.4] }, global: surroundings() })
    await flushPromises()
    expect(view.find('figure').exists()).toBe(false)
  })
})

describe('keys and paste', () => {
  it('work on the chosen row only, and not in fields', async () => {
    const held = ref(recipe(['perlite', 2], ['peat', 1]))
    const chosen = ref(-1)
    const acts = { step: vi.fn(), remove: vi.fn(), add: vi.fn(), menu: vi.fn(), lock: vi.fn() }
    const pasted: string[] = []
    const view = mount(
      defineComponent({
        setup() {
          useBenchKeys(computed({ get: () => held.value, set: (now) => (held.value = now) }), chosen, acts)
          usePastedText((text) => pasted.push(text))
          return () => h('input')
        },
      }),
      { attachTo: document.body },
    )
    const press = (key: string, more: object = {}) =>
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, ...more }))
    press('+')
    expect(acts.step).not.toHaveBeenCalled()
    press('ArrowDown')
    press('+')
    press('-')
    expect(acts.step.mock.calls).toEqual([
      [0, 1],
      [0, -1],
    ])
    press('7')
    expect(held.value.parts[0]?.amount).toBe(7)
    press('ArrowDown', { shiftKey: true })
    expect(held.value.parts[1]).toEqual({ materialId: 'perlite', amount: 7 })
    expect(chosen.value).toBe(1)
    press('m')
    press('l')
    press('Delete')
    expect([acts.menu, acts.lock, acts.remove].map((act) => act.mock.calls)).toEqual([[[1]], [[1]], [[1]]])
    held.value = { ...held.value, measure: 'PERCENT' }
    press('4')
    expect(held.value.parts[1]?.amount).toBe(40)

    const paste = (target: Element, text: string) => {
      const event = new Event('paste', { bubbles: true, cancelable: true })
      Object.assign(event, { clipboardData: { getData: () => text } })
      target.dispatchEvent(event)
    }
    paste(document.body, ' 4 bark ')
    paste(view.get('input').element, '2 peat')
    paste(document.body, '  ')
    expect(pasted).toEqual(['4 bark'])
    view.unmount()
    press('+')
    expect(acts.step).toHaveBeenCalledTimes(2)
  })
})
