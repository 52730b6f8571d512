<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Diagnosis, Suspect } from '@/api/types'
import { daysAfter, daysBetween, inWords } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** What to do if it is that, what to mind, where the application can help, and when to look again. */
const props = defineProps<{ diagnosis: Diagnosis; suspect: Suspect }>()
const emit = defineEmits<{ kept: [] }>()
const router = useRouter()
const client = useQueryClient()
const busy = ref(false)
const lookOn = ref('')
watch(
  () => [props.suspect.cause, props.diagnosis.today] as const,
  () => (lookOn.value = daysAfter(props.diagnosis.today, props.suspect.lookDays)),
  { immediate: true },
)
const helps = computed(() => props.suspect.help.filter((each) => each !== 'WAIT' && each !== 'NAME_IT'))
const page = computed(() => `/pots/${props.diagnosis.pottingId}`)
const working = async (work: () => Promise<void>) => {
  if (busy.value) {
    return
  }
  busy.value = true
  try {
    await work()
  } catch (error) {
    sayProblem(error)
  } finally {
    busy.value = false
  }
}
const rescue = () =>
  working(async () => {
    const blend = await answer(
      api.POST('/api/blends', {
        body: {
          id: crypto.randomUUID(),
          name: t('trouble.rescueName', { label: props.diagnosis.label }).slice(0, 80),
          brief: props.diagnosis.rescue,
          recipe: { measure: 'PARTS', parts: [], doses: [] },
        },
      }),
    )
    await client.invalidateQueries({ queryKey: ['blends'] })
    await router.push(`/blends/${blend.id}`)
  })
const watered = () =>
  working(async () => {
    const id = crypto.randomUUID()
    await answer(
      api.POST('/api/looks', { body: { id, pottingId: props.diagnosis.pottingId, answer: 'WATERED' } }),
    )
    await client.invalidateQueries()
    say(t('trouble.noted'), async () => {
      await answer(api.DELETE('/api/looks/{id}', { params: { path: { id } } }))
      await client.invalidateQueries()
    })
  })
const flushed = () =>
  working(async () => {
    const id = crypto.randomUUID()
    await answer(
      api.POST('/api/pottings/{id}/events', {
        params: { path: { id: props.diagnosis.pottingId } },
        body: { id, kind: 'NOTED', words: t('trouble.flushed') },
      }),
    )
    say(t('trouble.noted'), async () => {
      await answer(api.DELETE('/api/pot-events/{id}', { params: { path: { id } } }))
    })
  })
const HELP: Record<Suspect['help'][number], () => unknown> = {
  RESCUE: rescue,
  REPOT: () => router.push(`${page.value}?open=REPOTTED`),
  WATER: watered,
  FEED: () => router.push(`${page.value}?open=tell`),
  FLUSH: flushed,
  ACIDITY: () => router.push(`/batches/${props.diagnosis.batchId}/test`),
  MOVE: () => router.push(`${page.value}?open=tell`),
  WAIT: () => undefined,
  NAME_IT: () => undefined,
}
const keep = () =>
  working(async () => {
    const id = crypto.randomUUID()
    await answer(
      api.POST('/api/pottings/{id}/troubles', {
        params: { path: { id: props.diagnosis.pottingId } },
        body: {
          id,
          seen: props.diagnosis.seen.map((each) => each.sign),
          cause: props.suspect.cause,
          lookOn: lookOn.value,
        },
      }),
    )
    await client.invalidateQueries({ queryKey: ['troubles'] })
    say(
      t('trouble.kept', {
        cause: props.suspect.words,
        inWords: inWords(daysBetween(props.diagnosis.today, lookOn.value)),
      }),
      async () => {
        await answer(api.DELETE('/api/troubles/{id}', { params: { path: { id } } }))
        await client.invalidateQueries({ queryKey: ['troubles'] })
      },
    )
    emit('kept')
    await router.push(page.value)
  })
</script>

<template>
  <div class="do-panel">
    <h3 class="cause">{{ suspect.words }}</h3>
    <p>{{ suspect.doing }}</p>
    <div class="helps">
      <Button
        v-for="(each, i) in helps"
        :key="each"
        :label="$t(`trouble.help.${each}`)"
        :outlined="i > 0"
        :disabled="busy"
        @click="HELP[each]()"
      />
    </div>
    <p v-if="helps.includes('RESCUE')" class="soft">{{ $t('trouble.rescueSays') }}</p>
    <p class="say attention">{{ suspect.caution }}</p>
    <p v-if="diagnosis.poison" class="say attention">{{ diagnosis.poison }}</p>
    <div class="again">
      <label for="trouble-look-on">{{ $t('trouble.lookAgain') }}</label>
      <InputText id="trouble-look-on" v-model="lookOn" type="date" :min="diagnosis.today" />
      <Button :label="$t('trouble.keep')" outlined :disabled="busy || lookOn === ''" @click="keep" />
    </div>
    <p class="soft foot">{{ $t('trouble.foot') }}</p>
  </div>
</template>

<style scoped>
.do-panel {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.cause {
  margin: 0;
}
.cause::first-letter {
  text-transform: uppercase;
}
p {
  margin: 0;
}
.helps {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.again {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  border-top: 1px dashed var(--stitch);
  padding-top: 12px;
}
.again label {
  width: 100%;
}
.foot {
  font-size: 13.5px;
}
</style>
