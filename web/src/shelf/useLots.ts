import { useQueries } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { MaterialSection, ShelfGlance } from '@/api/types'
import { useMaterials } from '@/material/useBook'

/** So many more lots of a section come each time. */
const FURTHER = 200

/** Lots by section: the first of each at once, further ones when they are asked for, and those that somebody is at wherever they stand. */
export const useLots = (glance: () => ShelfGlance | undefined, besides: () => string[]) => {
  const { material } = useMaterials()
  const pages = ref<Partial<Record<MaterialSection, number>>>({})
  const asked = computed(() =>
    (glance()?.sections ?? []).flatMap(({ section, lots }) =>
      Array.from({ length: pages.value[section] ?? 0 }, (_, i) => ({
        section,
        from: lots.length + i * FURTHER,
      })),
    ),
  )
  const further = useQueries({
    queries: computed(() =>
      asked.value.map(({ section, from }) => ({
        queryKey: ['shelf', 'section', section, from],
        queryFn: async () => ({
          section,
          lots: await answer(
            api.GET('/api/shelf/sections/{section}', {
              params: { path: { section }, query: { from, most: FURTHER } },
            }),
          ),
        }),
      })),
    ),
  })
  /** What the server has put into each section. */
  const listed = computed(() =>
    [...(glance()?.sections ?? []), ...further.value.flatMap((each) => each.data ?? [])].flatMap(
      ({ section, lots }) => lots.map((lot) => ({ section, lot })),
    ),
  )
  const alone = computed(() => {
    const ids = new Set(listed.value.map((each) => each.lot.id))
    return glance() ? [...new Set(besides())].filter((id) => !ids.has(id)) : []
  })
  const single = useQueries({
    queries: computed(() =>
      alone.value.map((id) => ({
        queryKey: ['shelf', 'one', id],
        queryFn: () => answer(api.GET('/api/shelf/lots/{id}', { params: { path: { id } } })),
        retry: false,
      })),
    ),
  })
  const isGone = (error: unknown) => error instanceof Problem && error.status === 404
  const known = computed(() => {
    const found = new Map(listed.value.map((each) => [each.lot.id, each]))
    for (const { data, error } of single.value) {
      if (data && !isGone(error)) {
        found.set(data.id, { section: material(data.facts.materialId)?.section ?? 'OWN', lot: data })
      }
    }
    return [...found.values()]
  })
  const sections = computed(() =>
    (glance()?.sections ?? []).map(({ section, count }) => {
      const members = known.value.filter((each) => each.section === section).map((each) => each.lot)
      return { section, members, left: Math.max(0, count - members.length) }
    }),
  )
  const failed = computed(() => further.value.filter((each) => each.isError))
  return {
    lots: computed(() => known.value.map((each) => each.lot)),
    sections,
    /** Whether some that somebody is at are still to be read; those that are gone are not. */
    reading: computed(() => single.value.some((each) => !each.data && !isGone(each.error))),
    /** Why further ones that were asked for are not there. */
    problem: computed(() => failed.value[0]?.error?.message),
    /** Further ones of a section, or those again that could not be had. */
    more: (section: MaterialSection) => {
      if (failed.value.length > 0) {
        failed.value.forEach((each) => void each.refetch())
        return
      }
      pages.value = { ...pages.value, [section]: (pages.value[section] ?? 0) + 1 }
    },
  }
}
