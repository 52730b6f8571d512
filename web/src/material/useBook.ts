import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'

const FOREVER = { staleTime: Infinity, refetchOnWindowFocus: false } as const

/** The Book's materials and amendments, loaded once. */
export const useMaterials = () => {
  const materials = useQuery({
    queryKey: ['materials'],
    queryFn: () => answer(api.GET('/api/materials')),
    ...FOREVER,
  })
  const amendments = useQuery({
    queryKey: ['amendments'],
    queryFn: () => answer(api.GET('/api/amendments')),
    ...FOREVER,
  })
  const byId = computed(
    () => new Map((materials.data.value ?? []).map((material) => [material.id, material])),
  )
  const amendmentById = computed(() => new Map((amendments.data.value ?? []).map((each) => [each.id, each])))
  return {
    materials: computed(() => materials.data.value ?? []),
    amendments: computed(() => amendments.data.value ?? []),
    materialName: (id: string) => byId.value.get(id)?.name ?? id,
    material: (id: string) => byId.value.get(id),
    amendment: (id: string) => amendmentById.value.get(id),
    /** Done once the materials are there, or cannot be had. */
    ready: () => materials.suspense(),
    loading: computed(() => materials.isLoading.value || amendments.isLoading.value),
    error: computed(() => materials.error.value ?? amendments.error.value),
  }
}
