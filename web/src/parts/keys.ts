import { onBeforeUnmount, onMounted } from 'vue'

/** Whether a key press belongs to something that is typed into or open on top. */
const busy = (event: KeyboardEvent): boolean => {
  const target = event.target as HTMLElement | null
  if (!target) {
    return false
  }
  return (
    target.closest(
      'input, textarea, select, [contenteditable], [role="combobox"], [role="listbox"], .p-dialog, .p-popover, .p-drawer',
    ) !== null
  )
}

/** Keys of a page: by key name; a handler that returns false lets the press pass. */
export type Keys = Record<string, (event: KeyboardEvent) => unknown>

export const useKeys = (keys: Keys) => {
  const onKey = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented || busy(event)) {
      return
    }
    const handler = keys[event.key]
    if (handler && handler(event) !== false) {
      event.preventDefault()
    }
  }
  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
}
