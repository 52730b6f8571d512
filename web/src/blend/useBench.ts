import { computed, onBeforeUnmount, ref } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { Blend } from '@/api/types'
import { t } from '@/words'
import { type Bench, draftOf, dropDraft, keepDraft, keepLine, lineOf } from './drafts'
import { History } from './history'

const SAVE_AFTER_MS = 350
const RETRY_AFTER_MS = 4000

const benchOf = (blend: Blend): Bench => ({ name: blend.name, brief: blend.brief, recipe: blend.recipe })
const same = (a: Bench, b: Bench) => JSON.stringify(a) === JSON.stringify(b)

/**
 * The bench of a blend: loads it, saves each change by itself, keeps what could not be saved in the browser, goes back and forth,
 * and asks when the blend was changed elsewhere.
 */
export const useBench = (id: string) => {
  const blend = ref<Blend>()
  const bench = ref<Bench>()
  const saving = ref<'saved' | 'saving' | 'waiting'>('saved')
  const problem = ref<string>()
  const loadProblem = ref<string>()
  const theirs = ref<Blend>()
  let history: History<Bench> | undefined
  const canUndo = ref(false)
  const canRedo = ref(false)
  let timer: number | undefined
  let running: Promise<void> | undefined

  const mark = () => {
    canUndo.value = history?.canUndo ?? false
    canRedo.value = history?.canRedo ?? false
    if (history) {
      keepLine(id, history.kept())
    }
  }

  const put = (state: Bench, soon = SAVE_AFTER_MS) => {
    bench.value = state
    mark()
    if (blend.value && !same(state, benchOf(blend.value))) {
      keepDraft(id, { revision: blend.value.revision, bench: state })
    }
    saving.value = 'waiting'
    window.clearTimeout(timer)
    timer = window.setTimeout(() => void save(), soon)
  }

  const load = async () => {
    try {
      const loaded = await answer(api.GET('/api/blends/{id}', { params: { path: { id } } }))
      blend.value = loaded
      history = new History(benchOf(loaded))
      const draft = draftOf(id)
      if (draft && !same(draft.bench, benchOf(loaded))) {
        const drafted = new History(draft.bench)
        if (drafted.goOn(lineOf(id))) {
          history = drafted
        } else {
          history.push(draft.bench)
        }
        bench.value = draft.bench
        mark()
        if (draft.revision === loaded.revision) {
          put(draft.bench, 0)
        } else {
          saving.value = 'waiting'
          theirs.value = loaded
        }
      } else {
        dropDraft(id)
        bench.value = benchOf(loaded)
        history.goOn(lineOf(id))
        mark()
      }
    } catch (error) {
      loadProblem.value = error instanceof Error ? error.message : String(error)
    }
  }

  const store = async () => {
    const sent = bench.value
    const base = blend.value
    if (!sent || !base || theirs.value) {
      return
    }
    if (same(sent, benchOf(base))) {
      saving.value = 'saved'
      problem.value = undefined
      dropDraft(id)
      return
    }
    saving.value = 'saving'
    try {
      const saved = await answer(
        api.PUT('/api/blends/{id}', { params: { path: { id } }, body: { revision: base.revision, ...sent } }),
      )
      blend.value = saved
      problem.value = undefined
      if (bench.value && same(bench.value, sent)) {
        bench.value = benchOf(saved)
        saving.value = 'saved'
        dropDraft(id)
      } else if (bench.value) {
        put(bench.value)
      }
    } catch (error) {
      saving.value = 'waiting'
      if (error instanceof Problem && error.stale && error.current) {
        theirs.value = error.current as Blend
      } else {
        problem.value = error instanceof Error ? error.message : String(error)
        if (error instanceof Problem && error.unreachable) {
          timer = window.setTimeout(() => void save(), RETRY_AFTER_MS)
        }
      }
    }
  }

  /** Saves what is on the bench, one request after the other. */
  const save = async (): Promise<void> => {
    window.clearTimeout(timer)
    while (running) {
      await running
    }
    running = store().finally(() => {
      running = undefined
    })
    await running
  }

  /** Changes the bench; the changes of one gesture are undone together. */
  const change = (by: (now: Bench) => Bench, gesture?: string) => {
    if (bench.value) {
      const next = by(bench.value)
      if (history?.push(next, gesture)) {
        put(next)
      }
    }
  }

  const undo = () => {
    if (history?.canUndo) {
      put(history.undo())
    }
  }

  const redo = () => {
    if (history?.canRedo) {
      put(history.redo())
    }
  }

  /** Keeps what is on this bench over what was stored elsewhere. */
  const keepMine = async () => {
    if (theirs.value) {
      blend.value = theirs.value
      theirs.value = undefined
      await save()
    }
  }

  /** Takes what was stored elsewhere; what was on this bench stays one undo away. */
  const takeTheirs = () => {
    if (theirs.value) {
      blend.value = theirs.value
      const taken = benchOf(theirs.value)
      theirs.value = undefined
      history?.push(taken)
      bench.value = taken
      mark()
      dropDraft(id)
      saving.value = 'saved'
      problem.value = undefined
    }
  }

  /** Keeps the bench as a version, after everything is saved. */
  const keepVersion = async (note: string) => {
    await save()
    if (saving.value !== 'saved') {
      throw new Error(problem.value ?? t('blend.useBench.notSavedYetSettleThe'))
    }
    const version = await answer(
      api.POST('/api/blends/{id}/versions', { params: { path: { id } }, body: { note } }),
    )
    blend.value = await answer(api.GET('/api/blends/{id}', { params: { path: { id } } }))
    return version
  }

  /** Sets stops aside, or lets them stand again, after everything is saved. */
  const accept = async (ruleIds: string[]) => {
    await save()
    blend.value = await answer(
      api.PUT('/api/blends/{id}/accepted', { params: { path: { id } }, body: { ruleIds } }),
    )
  }

  onBeforeUnmount(() => {
    window.clearTimeout(timer)
    if (saving.value === 'waiting') {
      void save()
    }
  })

  return {
    blend: computed(() => blend.value),
    bench: computed(() => bench.value),
    saving: computed(() => saving.value),
    problem: computed(() => problem.value),
    loadProblem: computed(() => loadProblem.value),
    theirs: computed(() => theirs.value),
    canUndo: computed(() => canUndo.value),
    canRedo: computed(() => canRedo.value),
    load,
    change,
    undo,
    redo,
    save,
    keepMine,
    takeTheirs,
    keepVersion,
    accept,
  }
}
