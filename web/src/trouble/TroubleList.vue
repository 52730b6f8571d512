<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Outcome, Trouble } from '@/api/types'
import { daysBetween, inWords, shortDate, todayHere } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** What was wrong with a plant and what came of it; without a plant, all that is to be looked at again today. */
const props = defineProps<{ pottingId?: string }>()
const client = useQueryClient()
const { data } = useQuery({
  queryKey: computed(() => ['troubles', props.pottingId ?? 'to-see']),
  queryFn: () =>
    props.pottingId
      ? answer(api.GET('/api/pottings/{id}/troubles', { params: { path: { id: props.pottingId } } }))
      : answer(api.GET('/api/troubles/to-see')),
})
const troubles = computed(() => data.value ?? [])
const OUTCOMES: readonly Outcome[] = ['BETTER', 'SAME', 'WORSE']
const refresh = () => client.invalidateQueries({ queryKey: ['troubles'] })
const put = (trouble: Trouble, outcome: Outcome | undefined) =>
  answer(
    api.PUT('/api/troubles/{id}/outcome', {
      params: { path: { id: trouble.id } },
      body: { revision: trouble.revision, ...(outcome ? { outcome } : {}) },
    }),
  )
const came = async (trouble: Trouble, outcome: Outcome | undefined) => {
  try {
    const after = await put(trouble, outcome)
    await refresh()
    say(t('trouble.noted'), async () => {
      await put(after, trouble.outcome)
      await refresh()
    })
  } catch (error) {
    sayProblem(error)
  }
}
const forget = async (trouble: Trouble) => {
  try {
    await answer(api.DELETE('/api/troubles/{id}', { params: { path: { id: trouble.id } } }))
    await refresh()
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <div v-if="troubles.length > 0" class="trouble-list">
    <h2>{{ $t(pottingId ? 'trouble.watched' : 'trouble.toSee') }}</h2>
    <ul>
      <li v-for="trouble in troubles" :key="trouble.id">
        <RouterLink v-if="!pottingId" :to="`/pots/${trouble.pottingId}`">{{ trouble.label }}</RouterLink>
        <span class="cause">{{
          $t('trouble.taken', {
            cause: trouble.words,
            percent: Math.round(100 * trouble.share),
            day: shortDate(trouble.toldOn),
          })
        }}</span>
        <small v-if="trouble.signs.length > 0" class="soft">{{ trouble.signs.join(', ') }}</small>
        <span v-if="trouble.outcome" class="answers">
          <b>{{
            $t('trouble.came', {
              outcome: $t(`trouble.outcome.${trouble.outcome}`),
              day: shortDate(trouble.outcomeOn ?? ''),
            })
          }}</b>
          <button type="button" class="plain" @click="came(trouble, undefined)">
            {{ $t('trouble.undoOutcome') }}
          </button>
        </span>
        <span v-else class="answers" role="group" :aria-label="$t('trouble.how')">
          <span v-if="pottingId" class="soft">{{
            $t('trouble.again', { inWords: inWords(daysBetween(todayHere(), trouble.lookOn)) })
          }}</span>
          <button
            v-for="outcome in OUTCOMES"
            :key="outcome"
            type="button"
            class="plain"
            @click="came(trouble, outcome)"
          >
            {{ $t(`trouble.outcome.${outcome}`) }}
          </button>
          <button
            v-if="pottingId"
            type="button"
            class="plain quiet"
            :aria-label="$t('trouble.forgetNamed', { cause: trouble.words })"
            @click="forget(trouble)"
          >
            {{ $t('trouble.forget') }}
          </button>
        </span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-direction: column;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.cause::first-letter {
  text-transform: uppercase;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
}
li > a,
.answers .plain {
  display: inline-flex;
  align-items: center;
  min-height: 26px;
}
.quiet {
  font-weight: 400;
}
</style>
