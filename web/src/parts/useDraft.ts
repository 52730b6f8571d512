import { useTimeoutFn } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, type Ref } from 'vue'
import { Problem, RETRY_AFTER_MS } from '@/api/problem'
import { t } from '@/words'
import { draftOf, dropDraft, keepDraft, keepLine, lineOf } from './draftStore'
import { History } from './history'
import { merge } from './merge'
import { say } from './notices'

const SAVE_AFTER_MS = 350

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/**
 * Something stored that is changed as one works: loaded, each change saved by itself, kept in the browser while it cannot be saved, gone back
 * and forth in; asks when it was changed elsewhere.
 *
 * @param D what is stored
 * @param S the part of it that is worked on
 */
export const useDraft = <D extends { revision: number }, S>(of: {
  name: string
  load: () => Promise<D>
  stateOf: (stored: D) => S
  put: (revision: number, state: S) => Promise<D>
}) => {
  const stored = ref() as Ref<D | undefined>
  const state = ref() as Ref<S | undefined>
  const saving = ref<'saved' | 'saving' | 'waiting'>('saved')
  const problem = ref<string>()
  const loadProblem = ref<string>()
  const theirs = ref() as Ref<D | undefined>
  const canUndo = ref(false)
  const canRedo = ref(false)
  let history: History<S> | undefined
  let running: Promise<void> | undefined
  const soon = useTimeoutFn(() => void save(), SAVE_AFTER_MS, { immediate: false })
  const retry = useTimeoutFn(() => void save(), RETRY_AFTER_MS, { immediate: false })

  const mark = () => {
    canUndo.value = history?.canUndo ?? false
    canRedo.value = history?.canRedo ?? false
    if (history) {
      keepLine(of.name, history.kept())
    }
  }
  const lay = (next: S, atOnce = false) => {
    state.value = next
    mark()
    if (stored.value && !same(next, of.stateOf(stored.value))) {
      keepDraft(of.name, {
        revision: stored.value.revision,
        state: next,
        base: of.stateOf(stored.value),
      })
    }
    saving.value = 'waiting'
    retry.stop()
    if (atOnce) {
      void save()
    } else {
      soon.start()
    }
  }
  /** Takes in what was stored elsewhere if it touches nothing that was changed here; else it is asked which shall stand. */
  const meet = (other: D, base: S | undefined) => {
    const mine = state.value
    const both = base !== undefined && mine !== undefined && merge(base, mine, of.stateOf(other))
    if (!both) {
      theirs.value = other
      return
    }
    stored.value = other
    history?.push(both)
    lay(both, true)
    if (!same(both, mine)) {
      say(t('parts.draft.merged'))
    }
  }
  const load = async () => {
    try {
      const loaded = await of.load()
      const fresh = of.stateOf(loaded)
      stored.value = loaded
      history = new History(fresh)
      const draft = draftOf<S>(of.name)
      if (!draft || same(draft.state, fresh)) {
        dropDraft(of.name)
        state.value = fresh
        history.goOn(lineOf(of.name))
        mark()
        return
      }
      const drafted = new History(draft.state)
      if (drafted.goOn(lineOf(of.name))) {
        history = drafted
      } else {
        history.push(draft.state)
      }
      state.value = draft.state
      mark()
      if (draft.revision === loaded.revision) {
        lay(draft.state, true)
      } else {
        saving.value = 'waiting'
        meet(loaded, draft.base)
      }
    } catch (error) {
      loadProblem.value = error instanceof Error ? error.message : String(error)
    }
  }
  const store = async (): Promise<D | undefined> => {
    const sent = state.value
    const base = stored.value
    if (sent === undefined || !base || theirs.value) {
      return undefined
    }
    let met: D | undefined
    if (same(sent, of.stateOf(base))) {
      saving.value = 'saved'
      problem.value = undefined
      dropDraft(of.name)
      return undefined
    }
    saving.value = 'saving'
    try {
      const saved = await of.put(base.revision, sent)
      stored.value = saved
      problem.value = undefined
      if (same(state.value, sent)) {
        state.value = of.stateOf(saved)
        saving.value = 'saved'
        dropDraft(of.name)
      } else if (state.value !== undefined) {
        lay(state.value)
      }
    } catch (error) {
      saving.value = 'waiting'
      if (error instanceof Problem && error.stale && error.current) {
        met = error.current as D
      } else {
        problem.value = error instanceof Error ? error.message : String(error)
        if (error instanceof Problem && error.unreachable) {
          retry.start()
        }
      }
    }
    return met
  }
  /** Saves what was changed, one request after the other. */
  const save = async (): Promise<void> => {
    soon.stop()
    while (running) {
      await running
    }
    const before = stored.value
    let other: D | undefined
    running = store()
      .then((met) => {
        other = met
      })
      .finally(() => {
        running = undefined
      })
    await running
    if (other && before) {
      meet(other, of.stateOf(before))
    }
  }
  /** Changes it; the changes of one gesture are undone together. */
  const change = (by: (now: S) => S, gesture?: string) => {
    if (state.value !== undefined) {
      const next = by(state.value)
      if (history?.push(next, gesture)) {
        lay(next)
      }
    }
  }
  const undo = () => {
    if (history?.canUndo) {
      lay(history.undo())
    }
  }
  const redo = () => {
    if (history?.canRedo) {
      lay(history.redo())
    }
  }
  /** Keeps what was entered here over what was stored elsewhere. */
  const keepMine = async () => {
    if (theirs.value) {
      stored.value = theirs.value
      theirs.value = undefined
      await save()
    }
  }
  /** Takes what was stored elsewhere; what was entered here stays one undo away. */
  const takeTheirs = () => {
    if (theirs.value) {
      stored.value = theirs.value
      const taken = of.stateOf(theirs.value)
      theirs.value = undefined
      history?.push(taken)
      state.value = taken
      mark()
      dropDraft(of.name)
      saving.value = 'saved'
      problem.value = undefined
    }
  }
  onBeforeUnmount(() => {
    soon.stop()
    if (saving.value === 'waiting') {
      void save()
    }
  })

  return {
    stored,
    state: computed(() => state.value),
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
    /** Takes in what was stored elsewhere while nothing was saved from here. */
    meet: (other: D) => {
      if (stored.value) {
        meet(other, of.stateOf(stored.value))
      }
    },
    keepMine,
    takeTheirs,
  }
}
