import type { Ref, WritableComputedRef } from 'vue'
import type { Recipe } from '@/api/types'
import { useKeys } from '@/parts/keys'
import { moveRow, setAmount } from './recipe'

/** What the keys do with the rows of the recipe on the bench. */
export interface RowActs {
  step: (row: number, by: number) => void
  remove: (row: number) => void
  add: () => void
  menu: (row: number) => void
  lock: (row: number) => void
}

/** A digit sets so many parts, or so many tens of per cent. */
const TENS = 10

/** Keys that choose a row, move it and change it. */
export const useBenchKeys = (recipe: WritableComputedRef<Recipe>, chosen: Ref<number>, acts: RowActs) => {
  const onRow = (act: (row: number) => void) => () => {
    if (chosen.value >= 0 && chosen.value < recipe.value.parts.length) {
      act(chosen.value)
      return true
    }
    return false
  }
  const choose = (by: number) => (event: KeyboardEvent) => {
    const to = Math.min(recipe.value.parts.length - 1, Math.max(0, chosen.value + by))
    if (event.shiftKey && chosen.value >= 0) {
      recipe.value = moveRow(recipe.value, chosen.value, to)
    }
    chosen.value = to
  }
  const digit = (value: number) =>
    onRow((row) => {
      recipe.value = setAmount(recipe.value, row, recipe.value.measure === 'PARTS' ? value : value * TENS)
    })
  useKeys({
    ArrowDown: choose(1),
    ArrowUp: choose(-1),
    '+': onRow((row) => acts.step(row, 1)),
    '=': onRow((row) => acts.step(row, 1)),
    '-': onRow((row) => acts.step(row, -1)),
    ...Object.fromEntries(Array.from({ length: 10 }, (_, value) => [String(value), digit(value)])),
    Delete: onRow(acts.remove),
    a: acts.add,
    l: onRow(acts.lock),
    m: onRow(acts.menu),
  })
}
