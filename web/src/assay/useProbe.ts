import { useIntervalFn } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Sitting } from '@/api/types'
import { sayProblem } from '@/parts/notices'
import { useKept } from '@/parts/useKept'

const LOOK_MS = 1000

/** The probe: pushed into a buffer or the heap, and looked at each second. It sits where it is, whatever becomes of this page. */
export const useProbe = (batchId: string) => {
  const kept = useKept<{ id: string }>(`probe.${batchId}`, { id: '' })
  const sitting = ref<Sitting>()
  const calibration = ref<{ set: boolean; wornOut: boolean; says: string }>()
  let looking = false

  const look = async () => {
    if (kept.value.id === '' || looking) {
      return
    }
    looking = true
    const { id } = kept.value
    try {
      const now = await answer(api.GET('/api/devices/probe/sittings/{id}', { params: { path: { id } } }))
      if (kept.value.id === id) {
        sitting.value = now
      }
    } catch {
      // it is looked at again in a second
    } finally {
      looking = false
    }
  }
  const calibrated = async () => {
    calibration.value = await answer(api.GET('/api/devices/probe/calibration'))
  }
  const push = async (medium: Sitting['medium'], damped: boolean) => {
    try {
      const id = crypto.randomUUID()
      sitting.value = await answer(
        api.POST('/api/devices/probe/sittings', { body: { id, medium, batchId, damped } }),
      )
      kept.value = { id }
    } catch (error) {
      sayProblem(error)
    }
  }
  const pull = () => {
    kept.value = { id: '' }
    sitting.value = undefined
  }
  const keep = async () => {
    try {
      sitting.value = await answer(
        api.PUT('/api/devices/probe/sittings/{id}/kept', { params: { path: { id: kept.value.id } } }),
      )
      await calibrated()
    } catch (error) {
      sayProblem(error)
    }
  }
  useIntervalFn(() => void look(), LOOK_MS)
  onMounted(() => {
    void look()
    calibrated().catch(sayProblem)
  })
  return { sitting, calibration, push, pull, keep, sits: computed(() => kept.value.id !== '') }
}
