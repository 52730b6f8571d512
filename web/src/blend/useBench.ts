import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { Blend } from '@/api/types'
import { useDraft } from '@/parts/useDraft'
import { t } from '@/words'
import { benchOf } from './bench'

/** The bench of a blend, its versions, and the stops that were set aside. */
export const useBench = (id: string) => {
  const path = { path: { id } }
  const get = () => answer(api.GET('/api/blends/{id}', { params: path }))
  const draft = useDraft({
    name: id,
    load: get,
    stateOf: benchOf,
    put: (revision, bench) =>
      answer(api.PUT('/api/blends/{id}', { params: path, body: { revision, ...bench } })),
  })

  /** Keeps the bench as a version, after everything is saved. */
  const keepVersion = async (note: string) => {
    await draft.save()
    if (draft.saving.value !== 'saved') {
      throw new Error(draft.problem.value ?? t('blend.useBench.notSavedYet'))
    }
    const version = await answer(api.POST('/api/blends/{id}/versions', { params: path, body: { note } }))
    draft.stored.value = await get()
    return version
  }

  /** Sets stops aside, or lets them stand again, after everything is saved. */
  const accept = async (ruleIds: string[]) => {
    await draft.save()
    const revision = draft.stored.value?.revision ?? 0
    try {
      draft.stored.value = await answer(
        api.PUT('/api/blends/{id}/accepted', { params: path, body: { ruleIds, revision } }),
      )
    } catch (error) {
      if (error instanceof Problem && error.stale && error.current) {
        draft.meet(error.current as Blend)
      }
      throw error
    }
  }

  const { stored, state, ...rest } = draft
  return { ...rest, blend: computed(() => stored.value), bench: state, keepVersion, accept }
}
