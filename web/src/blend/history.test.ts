import { describe, expect, it } from 'vitest'
import { History } from './history'

describe('history', () => {
  it('goes back and forth', () => {
    const history = new History({ parts: 1 })
    history.push({ parts: 2 })
    history.push({ parts: 3 })
    expect(history.undo()).toEqual({ parts: 2 })
    expect(history.undo()).toEqual({ parts: 1 })
    expect(history.undo()).toEqual({ parts: 1 })
    expect(history.canUndo).toBe(false)
    expect(history.redo()).toEqual({ parts: 2 })
    expect(history.canRedo).toBe(true)
  })

  it('forgets what was undone when something new happens', () => {
    const history = new History('a')
    history.push('b')
    history.undo()
    history.push('c')
    expect(history.canRedo).toBe(false)
    expect(history.undo()).toBe('a')
  })

  it('does not count a state twice', () => {
    const history = new History({ a: 1 })
    expect(history.push({ a: 1 })).toBe(false)
    expect(history.canUndo).toBe(false)
  })

  it('keeps no more than so many', () => {
    const history = new History(0, 3)
    for (let i = 1; i < 10; i++) {
      history.push(i)
    }
    history.undo()
    history.undo()
    expect(history.undo()).toBe(7)
  })
})
