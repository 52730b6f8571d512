<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { useAnswered } from '@/api/useAnswered'
import { shortDate, todayHere } from '@/measure/days'
import TickField from '@/parts/TickField.vue'

/** Whether a plant may be potted up yet: when it came, what it suffered, whether it flowers, its rest. */
const props = defineProps<{ plantId: string | undefined }>()
export interface NewcomerFacts {
  arrivedOn: string
  suffered: boolean
  flowering: boolean
  southern: boolean
}
const facts = defineModel<NewcomerFacts>({ required: true })
const of = <K extends keyof NewcomerFacts>(key: K) =>
  computed<NewcomerFacts[K]>({
    get: () => facts.value[key],
    set: (value) => (facts.value = { ...facts.value, [key]: value }),
  })
const arrivedOn = of('arrivedOn')
const suffered = of('suffered')
const flowering = of('flowering')
const southern = of('southern')
const { answer: advice, problem } = useAnswered(
  () => {
    const { arrivedOn: on, ...rest } = facts.value
    return props.plantId ? { plantId: props.plantId, ...rest, ...(on ? { arrivedOn: on } : {}) } : undefined
  },
  (body, signal) => answer(api.POST('/api/planting/newcomer', { body, signal })),
)
</script>

<template>
  <div class="newcomer">
    <h2>{{ $t('planting.newcomer.now') }}</h2>
    <div class="field">
      <label for="arrived-on">{{ $t('planting.newcomer.arrived') }}</label>
      <InputText id="arrived-on" v-model="arrivedOn" type="date" :max="todayHere()" />
    </div>
    <TickField v-model="suffered" :label="$t('planting.newcomer.suffered')" input-id="suffered" />
    <TickField v-model="flowering" :label="$t('planting.newcomer.flowering')" input-id="flowering" />
    <TickField v-model="southern" :label="$t('planting.newcomer.southern')" input-id="southern" />
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <div v-if="advice" class="say" :class="{ attention: advice.shouldWait || advice.betterSeason }">
      <b v-if="advice.shouldWait">{{ $t('planting.newcomer.from', { day: shortDate(advice.from) }) }}</b>
      <p v-for="words in advice.words" :key="words">{{ words }}</p>
    </div>
  </div>
</template>

<style scoped>
.newcomer {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.field {
  max-width: 220px;
}
.say p {
  margin: 0;
}
</style>
