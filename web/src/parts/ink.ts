import { onMounted, onUnmounted, ref } from 'vue'

const NAMES = {
  bottle: '--bottle',
  marigold: '--marigold-ink',
  brick: '--brick',
  soft: '--soft-ink',
  line: '--line',
}

export type Ink = Record<keyof typeof NAMES, string>

const read = (): Ink => {
  const style = window.getComputedStyle(document.documentElement)
  return Object.fromEntries(
    Object.entries(NAMES).map(([name, variable]) => [name, style.getPropertyValue(variable).trim()]),
  ) as Ink
}

/** The colours of the page for what cannot be styled by it, by day and by night. */
export const useInk = () => {
  const ink = ref<Ink>(read())
  const watcher = new MutationObserver(() => (ink.value = read()))
  onMounted(() => watcher.observe(document.documentElement, { attributes: true }))
  onUnmounted(() => watcher.disconnect())
  return ink
}
