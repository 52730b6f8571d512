import { nextTick } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useForm } from './useForm'

const form = () => useForm('form', () => ({ name: '', litres: 0 }))

beforeEach(() => localStorage.clear())

describe('a form that is sent', () => {
  it('keeps what was typed over a reload, until it is forgotten', async () => {
    const first = form()
    first.draft.value.name = 'bark'
    await nextTick()
    expect(form().draft.value.name).toBe('bark')
    await first.forget()
    expect(form().draft.value.name).toBe('')
  })
  it('says what it lacks, and is quiet again after a change', async () => {
    const one = form()
    one.refuse('The name is empty.')
    expect(one.problem.value).toBe('The name is empty.')
    one.draft.value.name = 'grit'
    await nextTick()
    expect(one.problem.value).toBeUndefined()
  })
  it('sends once at a time and keeps everything when that fails', async () => {
    const one = form()
    one.draft.value.name = 'lava'
    let fail: (error: Error) => void = () => undefined
    const sent = vi.fn(() => new Promise((_, no) => (fail = no)))
    const first = one.send(sent)
    expect(await one.send(sent)).toBe(false)
    expect(one.busy.value).toBe(true)
    fail(new Error('Not reached.'))
    expect(await first).toBe(false)
    expect(sent).toHaveBeenCalledTimes(1)
    expect(one.problem.value).toBe('Not reached.')
    expect(one.draft.value.name).toBe('lava')
    expect(one.busy.value).toBe(false)
  })
  it('begins again', async () => {
    const one = form()
    one.draft.value.litres = 5
    expect(await one.send(() => Promise.resolve())).toBe(true)
    one.again()
    expect(one.draft.value).toEqual({ name: '', litres: 0 })
  })
})
