/** A line of states with a place in it, for undo and redo. States are plain data and are copied in and out. */
export class History<T> {
  private readonly states: string[] = []
  private at = -1
  private readonly most: number

  constructor(first: T, most = 200) {
    this.most = most
    this.push(first)
  }

  get current(): T {
    return JSON.parse(this.states[this.at] ?? 'null') as T
  }

  get canUndo(): boolean {
    return this.at > 0
  }

  get canRedo(): boolean {
    return this.at < this.states.length - 1
  }

  /** Adds a state after the current one and forgets what was undone; an equal state is not added. */
  push(state: T): boolean {
    const text = JSON.stringify(state)
    if (this.states[this.at] === text) {
      return false
    }
    this.states.splice(this.at + 1)
    this.states.push(text)
    if (this.states.length > this.most) {
      this.states.shift()
    }
    this.at = this.states.length - 1
    return true
  }

  undo(): T {
    this.at = Math.max(0, this.at - 1)
    return this.current
  }

  redo(): T {
    this.at = Math.min(this.states.length - 1, this.at + 1)
    return this.current
  }
}
