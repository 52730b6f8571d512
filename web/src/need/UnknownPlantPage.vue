<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { Likely, LooksQuestion } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { useKept } from '@/parts/useKept'
import { useMixFor } from './useMixFor'

/** For whoever does not know a plant's name: four questions lead to the kinds that look so. */
type Looks = Partial<Record<'grows' | 'leaf' | 'roots' | 'from', string>>
const questions = useQuery({
  queryKey: ['looks', 'questions', speech.units],
  queryFn: () => answer(api.GET('/api/plants-by-looks/questions')),
  staleTime: Infinity,
})
const seen = useKept<Looks>('loose-knit.looks', {})
const { answer: likely, problem } = useAnswered(
  () => seen.value,
  (body, signal) => answer(api.POST('/api/plants-by-looks', { body: body as never, signal })),
  20,
)
const nothing = computed(() => Object.keys(seen.value).length === 0)
const set = (question: LooksQuestion, choice: string | undefined) => {
  const { [question.id as keyof Looks]: _before, ...others } = seen.value
  seen.value = choice === undefined ? others : { ...others, [question.id]: choice }
}
const mixFor = useMixFor()
const compose = (each: Likely) => mixFor({ id: each.plantId, name: each.kindName })
</script>

<template>
  <main class="page">
    <div class="page-head">
      <h1>{{ $t('need.unknownPlant.title') }}</h1>
      <p class="soft">{{ $t('need.unknownPlant.lead') }}</p>
    </div>
    <p v-if="questions.error.value" class="say harm" role="alert">{{ questions.error.value.message }}</p>
    <div class="halves">
      <div class="questions">
        <fieldset v-for="question in questions.data.value ?? []" :key="question.id">
          <legend>{{ $t(`need.unknownPlant.${question.id}`) }}</legend>
          <label v-for="choice in question.choices" :key="choice.id">
            <input
              type="radio"
              :name="question.id"
              :checked="seen[question.id as keyof Looks] === choice.id"
              @change="set(question, choice.id)"
            />
            {{ choice.name }}
          </label>
          <label>
            <input
              type="radio"
              :name="question.id"
              :checked="seen[question.id as keyof Looks] === undefined"
              @change="set(question, undefined)"
            />
            {{ $t('need.unknownPlant.cannotTell') }}
          </label>
        </fieldset>
      </div>
      <section class="likely" aria-live="polite" :aria-label="$t('need.unknownPlant.likely')">
        <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
        <p v-if="nothing" class="soft">{{ $t('need.unknownPlant.nothingYet') }}</p>
        <p v-else-if="likely?.length === 0" class="say attention">{{ $t('need.unknownPlant.noneFits') }}</p>
        <ol v-else class="choices">
          <li v-for="(each, i) in likely" :key="each.plantId" :class="{ first: i === 0 }">
            <h2>{{ each.kindName }}</h2>
            <p v-if="each.such.length > 0" class="soft">
              {{ $t('need.unknownPlant.such', { names: each.such.join(', ') }) }}
            </p>
            <p v-if="i === 0">{{ each.roots }}</p>
            <p class="answers">
              <span>{{ $t('need.unknownPlant.fits', { words: each.agrees.join('; ') }) }}</span>
              <span v-if="each.against.length > 0" class="against">{{
                $t('need.unknownPlant.against', { words: each.against.join('; ') })
              }}</span>
            </p>
            <p class="ways">
              <Button
                :label="$t('need.unknownPlant.compose')"
                size="small"
                :outlined="i > 0"
                @click="compose(each)"
              />
              <RouterLink :to="`/book/plants/${each.plantId}`">{{ $t('need.unknownPlant.read') }}</RouterLink>
            </p>
          </li>
        </ol>
      </section>
    </div>
  </main>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 40px;
  align-items: start;
}
.questions {
  columns: 2;
  column-gap: 28px;
}
fieldset {
  border: 0;
  border-top: 1px dashed var(--stitch);
  margin: 0;
  padding: 10px 0 18px;
  min-width: 0;
  break-inside: avoid;
}
legend {
  float: left;
  width: 100%;
  font: 600 17px/1.3 var(--heading);
  padding: 0 0 6px;
}
fieldset label {
  clear: both;
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  gap: 8px;
  padding: 3px 0;
  line-height: 1.3;
  cursor: pointer;
}
fieldset input {
  accent-color: var(--bottle);
  width: 16px;
  height: 16px;
  margin: 1px 0 0;
}
.likely {
  position: sticky;
  top: 12px;
}
.likely li {
  border-top: 1px dashed var(--stitch);
  padding: 10px 0 12px;
}
.likely li.first {
  border-top: 2px solid var(--bottle);
}
.likely h2::first-letter {
  text-transform: uppercase;
}
.answers {
  display: flex;
  flex-direction: column;
  font-size: 14px;
}
.against {
  color: var(--brick);
}
.ways {
  display: flex;
  gap: 18px;
  align-items: baseline;
  margin-top: 8px;
}
@media (width <= 860px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .questions {
    columns: 1;
  }
}
</style>
