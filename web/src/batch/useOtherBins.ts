import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { useSought } from '@/api/useSought'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'

/** Other batches of which something is left, to choose from. Of very many the newest are there, others once part of a name or a lot is typed. */
export const useOtherBins = (batch: string, chosen: () => string) => {
  const settings = useSettings()
  const { sought, asked } = useSought()
  const others = useQuery({
    queryKey: computed(() => ['batches', batch, 'others', asked.value]),
    queryFn: () =>
      answer(
        api.GET('/api/batches/{id}/bin/others', {
          params: { path: { id: batch }, query: { text: asked.value } },
        }),
      ),
    placeholderData: keepPreviousData,
  })
  const found = computed(() => others.data.value?.bins ?? [])
  /** The one that was chosen before part of another's name was typed. */
  const kept = ref<(typeof found.value)[number]>()
  watch([chosen, found], ([id]) => (kept.value = found.value.find((each) => each.id === id) ?? kept.value))
  const offered = computed(() =>
    kept.value?.id === chosen() && !found.value.some((each) => each.id === chosen())
      ? [kept.value, ...found.value]
      : found.value,
  )
  return {
    bins: computed(() =>
      offered.value.map(({ id, lot, blendName, litres }) => ({
        value: id,
        label: `${blendName}, ${lot} (${text(settings.measures.volume(litres))})`,
      })),
    ),
    /** Part of a name or a lot, as it is typed. */
    sought,
    /** Whether there are so many that part of a name has to be typed for some. */
    many: computed(() => sought.value !== '' || others.data.value?.further === true),
    problem: computed(() => others.error.value?.message),
  }
}
