/** A line of states with a place in it, for undo and redo. States are plain data and are copied in and out. */
export class History<T> {
  private states: string[] = []
  private at = -1
  private gesture: string | undefined
  private readonly most: number

  constructor(first: T, most = 200) {
    this.most = most
    this.push(first)
  }

  /** The line as text, to be kept over a reload; only the nearest states if there are many. */
  kept(near = 60): string {
    const from = Math.max(0, Math.min(this.at - near / 2, this.states.length - near))
    return JSON.stringify({ states: this.states.slice(from, from + near), at: this.at - from })
  }

  /** Goes on from a line that was kept, if it stands at the same state; says whether it did. */
  goOn(kept: string | null): boolean {
    try {
      const line = JSON.parse(kept ?? 'null') as { states: string[]; at: number } | null
      if (!line || line.states[line.at] !== this.states[this.at]) {
        return false
      }
      this.states = line.states
      this.at = line.at
      return true
    } catch {
      return false
    }
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

  /**
   * Adds a state after the current one and forgets what was undone; an equal state is not added.
   *
   * @param gesture name of a movement that goes on: its states count as one
   */
  push(state: T, gesture?: string): boolean {
    const text = JSON.stringify(state)
    const goesOn = gesture !== undefined && gesture === this.gesture
    this.gesture = gesture
    if (this.states[this.at] === text) {
      return false
    }
    if (goesOn && this.at > 0) {
      this.at--
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
    this.gesture = undefined
    this.at = Math.max(0, this.at - 1)
    return this.current
  }

  redo(): T {
    this.gesture = undefined
    this.at = Math.min(this.states.length - 1, this.at + 1)
    return this.current
  }
}
