import { onBeforeUnmount, onMounted } from 'vue'

/** Text that is pasted onto the page, not into a field of it. */
export const usePastedText = (taken: (text: string) => void) => {
  const onPaste = (event: ClipboardEvent) => {
    const into = event.target as HTMLElement | null
    const text = event.clipboardData?.getData('text/plain').trim() ?? ''
    if (!into?.closest('input, textarea, [contenteditable], .p-dialog') && text !== '') {
      event.preventDefault()
      taken(text)
    }
  }
  onMounted(() => window.addEventListener('paste', onPaste))
  onBeforeUnmount(() => window.removeEventListener('paste', onPaste))
}
