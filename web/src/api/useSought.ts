import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'

const AFTER_MS = 150

/** Part of a name, as it is typed, and as it is asked for a moment later. */
export const useSought = () => {
  const sought = ref('')
  const later = refDebounced(sought, AFTER_MS)
  return { sought, asked: computed(() => later.value.trim()) }
}
