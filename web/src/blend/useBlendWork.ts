import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Brief } from '@/api/types'
import { say, sayProblem } from '@/parts/notices'
import { useSettings } from '@/measure/settings'
import { startingPot } from '@/need/words'
import { t } from '@/words'
import type { useBench } from './useBench'
import { useLayAway } from './useLayAway'

/** What is done with a whole blend, one thing at a time: keep, mix, accept, lay away, delete. */
export const useBlendWork = (id: string, bench: ReturnType<typeof useBench>) => {
  const client = useQueryClient()
  const router = useRouter()
  const settings = useSettings()
  const layAway = useLayAway()
  const busy = ref(false)
  const changed = () => client.invalidateQueries({ queryKey: ['blends'] })

  const onceAtATime = async (work: () => Promise<void>) => {
    if (busy.value) {
      return
    }
    busy.value = true
    try {
      await work()
    } catch (error) {
      sayProblem(error)
    } finally {
      busy.value = false
    }
  }

  const keep = (note: string, done: () => void) =>
    onceAtATime(async () => {
      const version = await bench.keepVersion(note)
      done()
      await changed()
      say(t('blend.work.kept', { number: version.number }))
    })

  const accept = (ruleIds: string[]) =>
    onceAtATime(async () => {
      await bench.accept(ruleIds)
      await changed()
    })

  const mixBatch = (brief: Brief) =>
    onceAtATime(async () => {
      const version = await bench.keepVersion('')
      const batch = await answer(
        api.POST('/api/batches', {
          body: {
            id: crypto.randomUUID(),
            blendId: id,
            versionNumber: version.number,
            fills: [{ count: 1, pot: brief.pot ?? startingPot(), rootBallLitres: 0 }],
            scoopLitres: settings.scoopLitres,
          },
        }),
      )
      await client.invalidateQueries({ queryKey: ['batches'] })
      await router.push(`/batches/${batch.id}`)
    })

  const path = { params: { path: { id } } }
  const remove = (name: string) =>
    onceAtATime(async () => {
      await answer(api.DELETE('/api/blends/{id}', path))
      await changed()
      await router.push('/blends')
      say(t('blend.work.deleted', { name }), async () => {
        await answer(api.POST('/api/blends/{id}/restore', path))
        await changed()
      })
    })
  const archive = (name: string) =>
    onceAtATime(async () => {
      await bench.save()
      if (await layAway({ id, name }, true)) {
        await router.push('/blends')
      }
    })

  return { busy, onceAtATime, keep, accept, mixBatch, remove, archive }
}
