import { useQueryClient } from '@tanstack/vue-query'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { Answer, PotEvent, PotEventAsked, Portrait } from '@/api/types'
import { newId } from '@/parts/newId'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** A pot with what was seen of it and done to it, and what can be told of it. */
export const usePot = (id: string) => {
  const client = useQueryClient()
  const router = useRouter()
  const portrait = ref<Portrait>()
  const looks = ref<{ id: string; lookedOn: string; answer: Answer }[]>([])
  const events = ref<PotEvent[]>([])
  const problem = ref<string>()
  const busy = ref(false)
  const params = { path: { id } }

  const load = async () => {
    try {
      const [drawn, seen, happened] = await Promise.all([
        answer(api.GET('/api/pottings/{id}/portrait', { params })),
        answer(api.GET('/api/pottings/{id}/looks', { params })),
        answer(api.GET('/api/pottings/{id}/events', { params })),
      ])
      portrait.value = drawn
      looks.value = [...seen].sort((a, b) => a.lookedOn.localeCompare(b.lookedOn))
      events.value = happened
      problem.value = undefined
    } catch (error) {
      problem.value = error instanceof Error ? error.message : String(error)
    }
  }
  onMounted(load)
  watch(() => speech.units, load)
  const again = async () => {
    await load()
    void client.invalidateQueries()
  }
  const done = async (work: () => Promise<unknown>, words: string, undo?: () => Promise<unknown>) => {
    if (busy.value) {
      return false
    }
    busy.value = true
    try {
      await work()
      await again()
      say(
        words,
        undo &&
          (async () => {
            await undo()
            await again()
          }),
      )
      return true
    } catch (error) {
      sayProblem(error)
      return false
    } finally {
      busy.value = false
    }
  }

  const look = (given: Answer) => {
    const lookId = newId()
    return done(
      () => answer(api.POST('/api/looks', { body: { id: lookId, pottingId: id, answer: given } })),
      t('pot.page.noted'),
      () => answer(api.DELETE('/api/looks/{id}', { params: { path: { id: lookId } } })),
    )
  }
  const takeBack = (event: PotEvent) =>
    done(
      () => answer(api.DELETE('/api/pot-events/{id}', { params: { path: { id: event.id } } })),
      t('pot.page.takenBack'),
    )
  const tell = (body: PotEventAsked) =>
    done(
      () => answer(api.POST('/api/pottings/{id}/events', { params, body })),
      t('pot.page.noted'),
      () => answer(api.DELETE('/api/pot-events/{id}', { params: { path: { id: body.id } } })),
    )
  const picture = (file: File) => {
    const photo = crypto.randomUUID()
    return done(async () => {
      const sent = await fetch(`/api/photos/${photo}?potting=${id}`, {
        method: 'PUT',
        headers: { 'Content-Type': file.type || 'image/jpeg' },
        body: file,
      })
      if (!sent.ok) {
        const said = (await sent.json().catch(() => ({}))) as { detail?: string }
        throw new Error(said.detail ?? t('pot.page.notAPicture'))
      }
    }, t('pot.page.pictured'))
  }
  const remove = async () => {
    const label = portrait.value?.potting.label ?? ''
    try {
      await answer(api.DELETE('/api/pottings/{id}', { params }))
      await client.invalidateQueries()
      say(t('pot.potsPage.isOffTheList', { label }), async () => {
        await answer(api.POST('/api/pottings/{id}/restore', { params }))
        await client.invalidateQueries()
      })
      await router.push('/pots')
    } catch (error) {
      sayProblem(error)
    }
  }
  return {
    portrait,
    potting: computed(() => portrait.value?.potting),
    looks,
    events,
    problem,
    busy,
    look,
    tell,
    takeBack,
    picture,
    remove,
  }
}
