import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import { useAnswered } from '@/api/useAnswered'
import type { Brief, Contradiction, Target } from '@/api/types'

interface Follows {
  targets: Target[]
  contradictions: Contradiction[]
}

/**
 * What follows from a brief: as read with the blend, or asked for alone while nothing has been composed. Targets that moved with the last
 * change are kept with what they were.
 */
export const useFollows = (alone: () => Brief | undefined, read: () => Follows | undefined) => {
  const { answer: asked } = useAnswered(alone, (body, signal) =>
    answer(api.POST('/api/targets', { body, signal })),
  )
  const follows = computed(() => (alone() ? asked.value : read()))
  const moved = ref<ReadonlyMap<string, string>>(new Map())
  let readIn = speech.units
  watch(
    () => follows.value?.targets,
    (now, before) => {
      const otherWords = readIn !== speech.units
      readIn = speech.units
      if (!now || !before || otherWords) {
        return
      }
      const old = new Map<string, string>(before.map((target) => [target.quality, target.words]))
      const changed = now.filter((target) => (old.get(target.quality) ?? target.words) !== target.words)
      if (changed.length > 0 || now.length !== before.length) {
        moved.value = new Map(changed.map((target) => [target.quality, old.get(target.quality) ?? '']))
      }
    },
  )
  return { follows, moved }
}
