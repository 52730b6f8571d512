<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { BatchTests, BenchTest, TestKind } from '@/api/types'
import BatchTestForm from '@/assay/BatchTestForm.vue'
import type { Figures } from '@/assay/figures'
import ProbePanel from '@/assay/ProbePanel.vue'
import ResultAxis from '@/assay/ResultAxis.vue'
import { shortDate, todayHere } from '@/measure/days'
import { figure, spread } from '@/measure/units'
import { say, sayProblem } from '@/parts/notices'
import NotShown from '@/parts/NotShown.vue'
import { t } from '@/words'
import BatchHead from './BatchHead.vue'

/** Tests of a mixed heap: which one tells what in how many minutes, the test itself with the instruments, and what is believed with it. */
const props = defineProps<{ id: string }>()
const client = useQueryClient()
const tests = ref<BatchTests>()
const loadProblem = ref<string>()
const problem = ref<string>()
const busy = ref(false)
const chosen = ref<TestKind['kind']>('PH_PROBE')
const madeOn = ref(todayHere())
const form = ref<InstanceType<typeof BatchTestForm>>()
let nextId = crypto.randomUUID()
const params = { path: { batchId: props.id } }

const load = async () => {
  try {
    tests.value = await answer(api.GET('/api/batches/{batchId}/tests', { params }))
    loadProblem.value = undefined
  } catch (error) {
    loadProblem.value = error instanceof Error ? error.message : String(error)
  }
}
onMounted(load)
watch(() => speech.units, load)

const kind = computed(() => tests.value?.kinds.find((each) => each.kind === chosen.value))
const tells = (each: TestKind) => each.narrows[0]
const words = (each: TestKind) => {
  const first = tells(each)
  return first
    ? t('assay.batchTest.tells', {
        name: first.name,
        before: spread(first.sdBefore, first.decimals),
        after: spread(first.sdAfter, first.decimals),
      })
    : t(each.kind === 'MOISTURE' ? 'assay.batchTest.tellsNow' : 'assay.batchTest.tellsNothing')
}
const choose = (next: TestKind['kind']) => {
  chosen.value = next
  problem.value = undefined
}

const note = async (test: BenchTest) => {
  if (busy.value) {
    return
  }
  busy.value = true
  problem.value = undefined
  try {
    const made = await answer(
      api.POST('/api/batches/{batchId}/tests', {
        params,
        body: { id: nextId, madeOn: madeOn.value, test },
      }),
    )
    nextId = crypto.randomUUID()
    form.value?.clear()
    await load()
    await client.invalidateQueries({ queryKey: ['blends'] })
    say(
      made.state === undefined
        ? t('assay.batchTest.noted')
        : t('assay.batchTest.itIs', { state: made.state }),
    )
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
const fill = (figures: Partial<Figures>) => form.value?.fill(figures)
const takeOut = async (testId: string) => {
  try {
    await answer(api.DELETE('/api/tests/{id}', { params: { path: { id: testId } } }))
    await load()
    say(t('assay.testsPanel.theTestIsTakenOut'), async () => {
      await answer(api.POST('/api/tests/{id}/restore', { params: { path: { id: testId } } }))
      await load()
    })
  } catch (error) {
    sayProblem(error)
  }
}
const madeKind = (test: BenchTest) =>
  t(`assay.batchTest.made.${test.kind === 'PH' && test.method === 'PROBE' ? 'PROBE' : test.kind}`)
</script>

<template>
  <main class="page">
    <NotShown v-if="loadProblem" :problem="loadProblem" list="batches">
      <RouterLink :to="`/batches/${id}/mix`">{{ $t('batch.head.toMix') }}</RouterLink>
    </NotShown>
    <template v-if="tests">
      <BatchHead :id="id" :blend="tests.blendName" :lot="tests.lot" at="test" />
      <div class="columns">
        <section :aria-label="$t('assay.batchTest.which')">
          <h2>{{ $t('assay.batchTest.which') }}</h2>
          <ul class="kinds" role="list">
            <li v-for="each in tests.kinds" :key="each.kind">
              <button
                type="button"
                :class="{ on: each.kind === chosen }"
                :aria-pressed="each.kind === chosen"
                @click="choose(each.kind)"
              >
                <b>{{ each.name }}</b>
                <span class="minutes figures">{{ $t('assay.batchTest.minutes', { n: each.minutes }) }}</span>
                <span class="soft">{{ words(each) }}</span>
                <span
                  class="bar"
                  :style="{ width: `${tells(each)?.sharePercent ?? 0}%` }"
                  aria-hidden="true"
                />
              </button>
            </li>
          </ul>
          <p class="soft small">{{ $t('assay.batchTest.barHint') }}</p>
        </section>
        <section v-if="kind" :aria-label="kind.name">
          <h2 class="huge">{{ kind.name }}</h2>
          <p class="why">{{ kind.why }}</p>
          <p class="sample">{{ kind.sample }}</p>
          <ProbePanel
            v-if="chosen === 'PH_PROBE' || chosen === 'MOISTURE'"
            :batch-id="id"
            @reading="(reading) => fill({ reading })"
            @water="(water) => fill({ waterPercent: Math.round(water * 100) })"
          />
          <BatchTestForm
            ref="form"
            :key="chosen"
            :batch-id="id"
            :kind="chosen"
            :wait-minutes="kind.waitMinutes"
            :busy="busy"
            :problem="problem"
            @note="note"
          >
            <label class="day"
              >{{ $t('assay.testForm.madeOn') }}
              <InputText v-model="madeOn" type="date" :max="todayHere()" required />
            </label>
          </BatchTestForm>
        </section>
        <section :aria-label="$t('assay.testsPanel.whatTheyShowed')">
          <h2>{{ $t('assay.testsPanel.whatTheyShowed') }}</h2>
          <p v-if="tests.tests.length === 0" class="soft">{{ $t('assay.batchTest.none') }}</p>
          <article v-for="made in tests.tests" :key="made.id">
            <p class="made">
              <b>{{ madeKind(made.test) }}</b> <span class="soft">{{ shortDate(made.madeOn) }}</span>
              <button type="button" class="plain" @click="takeOut(made.id)">
                {{ $t('assay.testsPanel.takeOut') }}
              </button>
            </p>
            <p v-if="made.state">{{ made.state }}</p>
            <ResultAxis v-for="result in made.results" :key="result.name" :result="result" />
          </article>
          <p v-if="tests.tests.length > 0" class="next">
            <Button as="router-link" :to="`/batches/${id}/adjust`" :label="$t('assay.batchTest.adjust')" />
            <RouterLink :to="`/batches/${id}/done`">{{ $t('assay.batchTest.done') }}</RouterLink>
          </p>
          <p v-else class="soft small">{{ $t('assay.batchTest.why', { n: figure(2, 0) }) }}</p>
          <p class="soft small">{{ $t('assay.probe.simulated') }}</p>
        </section>
      </div>
    </template>
    <div v-else-if="!loadProblem" class="skeleton" style="height: 420px" />
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(250px, 0.8fr) minmax(0, 1.2fr) minmax(0, 1.05fr);
  gap: 34px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.kinds {
  list-style: none;
  margin: 0;
  padding: 0;
}
.kinds button {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  width: 100%;
  text-align: left;
  padding: 7px 10px 9px;
  border: 0;
  border-bottom: 1px solid var(--line);
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.kinds button.on {
  background: var(--bottle-soft);
}
.kinds button .soft {
  grid-column: 1 / -1;
  font-size: 13.5px;
}
.minutes {
  font-size: 13.5px;
}
.bar {
  position: absolute;
  left: 0;
  bottom: 0;
  height: 3px;
  background: var(--bottle);
}
.huge {
  font-size: 30px;
}
.why {
  font-size: 17px;
  line-height: 1.35;
}
.sample {
  border-left: 3px solid var(--bottle);
  padding-left: 12px;
  line-height: 1.4;
}
article {
  border-top: 1px dashed var(--stitch);
  padding-top: 8px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.made {
  display: flex;
  gap: 10px;
  align-items: baseline;
}
.made button {
  margin-left: auto;
}
.next {
  display: flex;
  gap: 16px;
  align-items: baseline;
}
.small {
  font-size: 13.5px;
}
.day {
  display: flex;
  flex-direction: column;
  gap: 2px;
  align-items: flex-start;
}
@media (width <= 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .kinds {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0 24px;
  }
}
</style>
