<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { PotEvent } from '@/api/types'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** A few plants that are asked after, gently: those of which it would tell most. */
const client = useQueryClient()
const { data } = useQuery({
  queryKey: ['outcomes', 'to-ask'],
  queryFn: () => answer(api.GET('/api/outcomes/to-ask')),
})
const asked = computed(() => data.value ?? [])
const HOW = ['THRIVING', 'FAIR', 'POOR'] as const satisfies readonly PotEvent['kind'][]
const refresh = () => client.invalidateQueries({ queryKey: ['outcomes'] })
const tell = async (pot: { id: string; label: string }, kind: (typeof HOW)[number]) => {
  const id = crypto.randomUUID()
  try {
    await answer(
      api.POST('/api/pottings/{id}/events', {
        params: { path: { id: pot.id } },
        body: { id, kind, words: '' },
      }),
    )
    await refresh()
    say(t('outcome.told', { label: pot.label, how: t(`pot.event.${kind}`) }), async () => {
      await answer(api.DELETE('/api/pot-events/{id}', { params: { path: { id } } }))
      await refresh()
    })
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <div v-if="asked.length > 0" class="ask-after">
    <h2>{{ $t('outcome.ask') }}</h2>
    <ul :title="$t('outcome.askWhy')">
      <li v-for="pot in asked" :key="pot.id">
        <RouterLink :to="`/pots/${pot.id}`">{{ pot.label }}</RouterLink>
        <span class="answers" role="group" :aria-label="`${$t('outcome.ask')} ${pot.label}`">
          <button v-for="kind in HOW" :key="kind" type="button" class="plain" @click="tell(pot, kind)">
            {{ $t(`pot.event.${kind}`) }}
          </button>
        </span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0 0 18px;
  padding: 0;
}
li {
  display: flex;
  flex-direction: column;
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
  font-size: 14px;
}
li a,
.answers .plain {
  display: inline-flex;
  align-items: center;
  min-height: 26px;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
</style>
