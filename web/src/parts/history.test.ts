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

  it('counts a gesture as one step', () => {
    const history = new History(0)
    history.push(1, 'drag')
    history.push(2, 'drag')
    history.push(3, 'drag')
    expect(history.undo()).toBe(0)
    history.push(4, 'drag')
    history.push(5, 'other')
    expect(history.undo()).toBe(4)
  })

  it('goes on after a reload if it stands where it stood', () => {
    const history = new History('a')
    history.push('b')
    history.push('c')
    history.undo()
    const again = new History('b')
    expect(again.goOn(history.kept())).toBe(true)
    expect(again.redo()).toBe('c')
    expect(again.undo()).toBe('b')
    expect(again.undo()).toBe('a')
    expect(new History('z').goOn(history.kept())).toBe(false)
    expect(new History('z').goOn('not json')).toBe(false)
    expect(new History('z').goOn(null)).toBe(false)
  })

  it('keeps only what lies near', () => {
    const history = new History(0, 500)
    Array.from({ length: 300 }, (_, i) => history.push(i + 1))
    const again = new History(300)
    expect(again.goOn(history.kept(60))).toBe(true)
    expect(Array.from({ length: 80 }, () => again.undo()).at(-1)).toBe(241)
  })
})
