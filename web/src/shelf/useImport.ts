import { computed, onBeforeUnmount, ref } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { FileImport } from '@/api/types'
import { t } from '@/words'

const POLL_MS = 250
const KEY = 'loose-knit.import'

/** A file being read in: dry first, then for good. Found again after a reload; nothing is stored until the person says so. */
export const useImport = (done: () => void) => {
  const found = ref<FileImport>()
  const problem = ref<string>()
  let timer: number | undefined

  const forget = () => {
    window.clearTimeout(timer)
    localStorage.removeItem(KEY)
  }
  const failed = (error: unknown) => {
    problem.value = error instanceof Error ? error.message : String(error)
  }
  const follow = (job: FileImport) => {
    found.value = job
    if (job.state === 'READING' || job.state === 'STORING') {
      timer = window.setTimeout(() => void look(job.id), POLL_MS)
    } else if (job.state === 'DONE') {
      forget()
      done()
    }
  }
  const look = async (id: string) => {
    try {
      follow(await answer(api.GET('/api/imports/{id}', { params: { path: { id } } })))
    } catch (error) {
      if (error instanceof Problem && error.status === 404) {
        forget()
        found.value = undefined
        problem.value = t('shelf.useImport.importGone')
      } else {
        failed(error)
        timer = window.setTimeout(() => void look(id), 8 * POLL_MS)
      }
    }
  }
  const read = async (kind: string, text: string) => {
    const id = crypto.randomUUID()
    problem.value = undefined
    localStorage.setItem(KEY, id)
    try {
      follow(
        await answer(
          api.POST('/api/imports/{id}', {
            params: { path: { id }, query: { kind } },
            body: text,
            bodySerializer: (body: string) => body,
            headers: { 'Content-Type': 'text/csv' },
          }),
        ),
      )
    } catch (error) {
      forget()
      failed(error)
    }
  }
  const store = async () => {
    if (found.value) {
      try {
        follow(
          await answer(api.POST('/api/imports/{id}/apply', { params: { path: { id: found.value.id } } })),
        )
      } catch (error) {
        failed(error)
      }
    }
  }
  const stop = async () => {
    const id = found.value?.id
    forget()
    found.value = undefined
    problem.value = undefined
    if (id) {
      await answer(api.DELETE('/api/imports/{id}', { params: { path: { id } } })).catch(failed)
    }
  }

  const kept = localStorage.getItem(KEY)
  if (kept) {
    void look(kept)
  }
  onBeforeUnmount(() => window.clearTimeout(timer))

  return { found: computed(() => found.value), problem: computed(() => problem.value), read, store, stop }
}
