<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Brief, Roots, RootsFound } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ChoiceList from '@/parts/ChoiceList.vue'
import TickField from '@/parts/TickField.vue'
import { t } from '@/words'
import RootDrawing from './RootDrawing.vue'

/** Roots looked at: six questions, a drawing that follows them, what it comes to, and what to do. */
const props = defineProps<{ brief: Brief }>()
const roots = defineModel<Roots | undefined>({ required: true })
const emit = defineEmits<{ found: [found: RootsFound] }>()
const SOUND: Roots = {
  colour: 'PALE',
  smell: 'EARTHY',
  firmness: 'FIRM',
  growth: 'WELL_SPREAD',
  ball: 'HOLDS',
  oldMix: 'LOOSE',
}
const QUESTIONS = {
  colour: ['PALE', 'TAN', 'BROWN', 'BLACK'],
  firmness: ['FIRM', 'PAPERY', 'SOFT'],
  smell: ['EARTHY', 'NONE', 'SOUR'],
  growth: ['SPARSE', 'WELL_SPREAD', 'CIRCLING', 'MATTED'],
  ball: ['HOLDS', 'FALLS_APART'],
  oldMix: ['LOOSE', 'PACKED', 'SLUDGE'],
} as const
type Question = keyof typeof QUESTIONS
const questions = (Object.keys(QUESTIONS) as Question[]).map((question) => ({
  question,
  options: QUESTIONS[question].map((value) => ({
    value: value as string,
    label: t(`planting.roots.${question}.${value}`),
  })),
}))
const looked = computed({
  get: () => roots.value !== undefined,
  set: (yes: boolean) => (roots.value = yes ? SOUND : undefined),
})
const answerTo = (question: Question, value: string) => {
  roots.value = { ...(roots.value ?? SOUND), [question]: value }
}
const { answer: found, problem } = useAnswered(
  () =>
    roots.value && props.brief.plantId
      ? { plantId: props.brief.plantId, stage: props.brief.stage, roots: roots.value }
      : undefined,
  async (body, signal) => {
    const got = await answer(api.POST('/api/planting/roots', { body, signal }))
    emit('found', got)
    return got
  },
)
</script>

<template>
  <div class="roots-step">
    <section :aria-label="$t('planting.roots.label')">
      <TickField v-model="looked" :label="$t('planting.roots.looked')" input-id="roots-looked" />
      <template v-if="roots">
        <ChoiceList
          v-for="each in questions"
          :key="each.question"
          :model-value="roots[each.question] as string"
          :options="each.options"
          :label="$t(`planting.roots.ask.${each.question}`)"
          @update:model-value="answerTo(each.question, $event)"
        />
      </template>
      <p v-else class="soft">{{ $t('planting.roots.later') }}</p>
    </section>
    <section v-if="roots" :aria-label="$t('planting.roots.found')">
      <RootDrawing :roots="roots" />
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <p v-if="!brief.plantId" class="soft">{{ $t('planting.roots.namePlant') }}</p>
      <template v-if="found">
        <h2 class="state">{{ found.words }}</h2>
        <ol class="actions">
          <li v-for="action in found.actions" :key="action">{{ action }}</li>
        </ol>
        <p v-if="found.stage !== brief.stage" class="say attention">
          {{ $t('planting.roots.stage', { stage: $t(`planting.stage.${found.stage}`) }) }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.roots-step {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 36px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.state::first-letter {
  text-transform: uppercase;
}
.actions {
  margin: 0;
  padding-left: 22px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
@media (width <= 860px) {
  .roots-step {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
