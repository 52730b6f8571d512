<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Potting } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'

/** With which batch a plant is repotted, divided, or its cuttings are set. */
const props = defineProps<{ id: string; origin: NonNullable<Potting['origin']> }>()
const settings = useSettings()
const { data } = useQuery({
  queryKey: ['batches', 'for-potting'],
  queryFn: () => answer(api.GET('/api/batches', { params: { query: { page: 0 } } })),
})
const mixed = computed(() =>
  (data.value?.batches ?? []).filter((batch) => batch.mixedOn && (batch.leftLitres ?? 0) > 0.05),
)
const to = (batchId: string) => `/batches/${batchId}/pot-up?mother=${props.id}&origin=${props.origin}`
</script>

<template>
  <section class="repot-choice" :aria-label="$t('pot.page.withWhich')">
    <h3>{{ $t('pot.page.withWhich') }}</h3>
    <ul class="choices">
      <li v-for="batch in mixed" :key="batch.id">
        <RouterLink :to="to(batch.id)">{{ batch.blendName }}</RouterLink>
        <span class="soft">{{
          $t('pot.page.leftOf', {
            lot: batch.lot,
            litres: text(settings.measures.volume(batch.leftLitres ?? 0)),
          })
        }}</span>
      </li>
    </ul>
    <p v-if="data && mixed.length === 0" class="soft">
      {{ $t('pot.page.noBatch') }} <RouterLink to="/blends">{{ $t('pot.page.mixOne') }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.repot-choice {
  border: 1px solid var(--line);
  background: var(--sheet);
  padding: 12px 16px;
  margin-bottom: 18px;
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}
</style>
