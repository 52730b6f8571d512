<script setup lang="ts">
import Button from 'primevue/button'
import { computed, onMounted, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { Addition, Adjust, BatchTests, Bin, BinStep, Material } from '@/api/types'
import MaterialPicker from '@/material/MaterialPicker.vue'
import { daysBetween, shortDate, todayHere } from '@/measure/days'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { say, sayProblem } from '@/parts/notices'
import NotShown from '@/parts/NotShown.vue'
import { t } from '@/words'
import BatchHead from './BatchHead.vue'
import PhHistory from './PhHistory.vue'
import { scoopWords } from './scoops'

/** What to add to this heap now: more of a material in scoops, or lime with its time; and how its acidity has gone and will go. */
const props = defineProps<{ id: string }>()
const settings = useSettings()
const adjust = ref<Adjust>()
const bin = ref<Bin>()
const tests = ref<BatchTests['tests']>([])
const loadProblem = ref<string>()
const problem = ref<string>()
const goal = ref<{ ph?: number; weeks?: number }>({})
const thought = ref<Addition>()
const params = { path: { id: props.id } }
const said = (error: unknown) => (error instanceof Error ? error.message : String(error))

const load = async () => {
  try {
    const [now, lies, made] = await Promise.all([
      answer(api.GET('/api/batches/{id}/adjust', { params: { ...params, query: goal.value } })),
      answer(api.GET('/api/batches/{id}/bin', { params })),
      answer(api.GET('/api/batches/{batchId}/tests', { params: { path: { batchId: props.id } } })),
    ])
    adjust.value = now
    bin.value = lies
    tests.value = made.tests
    problem.value = undefined
    loadProblem.value = undefined
  } catch (error) {
    if (adjust.value) {
      problem.value = said(error)
    } else {
      loadProblem.value = said(error)
    }
  }
}
onMounted(load)
watch([() => speech.units, goal], load)

const goalPh = computed({
  get: () => goal.value.ph ?? adjust.value?.goalPh ?? 6,
  set: (ph: number) => (goal.value = { ...goal.value, ph }),
})
const goalWeeks = computed({
  get: () => goal.value.weeks ?? adjust.value?.goalWeeks ?? 8,
  set: (weeks: number) => (goal.value = { ...goal.value, weeks }),
})
const last = computed(() => bin.value?.steps[0])
const near = computed(
  () =>
    adjust.value?.wantedLow !== undefined &&
    adjust.value.wantedHigh !== undefined &&
    adjust.value.ph >= adjust.value.wantedLow &&
    adjust.value.ph <= adjust.value.wantedHigh,
)

/** What is sent again after a lost answer keeps its id, so that it is done once. */
let nextId = crypto.randomUUID()
const busy = ref(false)
const tell = async (step: Omit<BinStep, 'id'>, words: string) => {
  if (busy.value) {
    return
  }
  busy.value = true
  try {
    bin.value = await answer(
      api.POST('/api/batches/{id}/bin/steps', { params, body: { id: nextId, ...step } }),
    )
    nextId = crypto.randomUUID()
    const undoes = bin.value.steps[0]?.id
    thought.value = undefined
    await load()
    say(
      words,
      undoes === undefined ? undefined : () => tell({ kind: 'UNDONE', undoes }, t('batch.adjust.undone')),
    )
  } catch (error) {
    sayProblem(error)
  } finally {
    busy.value = false
  }
}
const put = ({ materialId, name, litres, scoops }: Addition) =>
  tell(
    { kind: 'ADDED', thingId: materialId, amount: litres },
    t('batch.adjust.isIn', { what: t('batch.adjust.scoopsOf', { n: scoopWords(scoops), name }) }),
  )
const dose = ({ amendmentId, name, gramsNow }: Adjust['corrections'][number]) =>
  tell(
    { kind: 'DOSED', thingId: amendmentId, amount: gramsNow },
    t('batch.adjust.isIn', { what: `${text(settings.measures.grams(gramsNow))} ${name}` }),
  )
const think = async (material: Material) => {
  try {
    const scoops = adjust.value?.additions[0]?.scoops ?? 1
    thought.value = await answer(
      api.POST('/api/batches/{id}/adjust/thought-of', { params, body: { materialId: material.id, scoops } }),
    )
  } catch (error) {
    sayProblem(error)
  }
}
const testOn = async (on: string | undefined) => {
  try {
    await answer(
      api.POST('/api/batches/{id}/adjust/test-next', { params, body: on === undefined ? {} : { on } }),
    )
    await load()
  } catch (error) {
    sayProblem(error)
  }
}
const moved = (each: Addition['moved'][number]) =>
  `${each.name} ${figure(each.before, each.decimals)} → ${figure(each.after, each.decimals)}${each.unit === 'pH' ? '' : ` ${each.unit}`}`
const WHEN: Record<number, string> = { 1: 'tomorrow', 7: 'week', 28: 'fourWeeks' }
const offered = computed(() =>
  thought.value ? [thought.value, ...(adjust.value?.additions ?? [])] : (adjust.value?.additions ?? []),
)
</script>

<template>
  <main class="page">
    <NotShown v-if="loadProblem" :problem="loadProblem" list="batches">
      <RouterLink :to="`/batches/${id}/mix`">{{ $t('batch.head.toMix') }}</RouterLink>
    </NotShown>
    <template v-if="adjust && bin">
      <BatchHead :id="id" :blend="adjust.blendName" :lot="adjust.lot" at="adjust">
        · {{ $t('batch.head.left', { litres: text(settings.measures.volume(adjust.litres)) }) }}
      </BatchHead>
      <p v-if="adjust.stillWorking" class="say attention">
        {{ adjust.stillWorking }}
        <button v-if="adjust.testOn === undefined" type="button" class="plain" @click="testOn(todayHere())">
          {{ $t('batch.adjust.remindMe') }}
        </button>
      </p>
      <p v-if="adjust.testOn" class="next">
        {{ $t('batch.adjust.testOn', { day: shortDate(adjust.testOn) }) }}
        <button type="button" class="plain" @click="testOn(undefined)">
          {{ $t('batch.adjust.noTest') }}
        </button>
      </p>
      <div class="columns">
        <section :aria-label="$t('batch.adjust.acidity')">
          <h2>{{ $t('batch.adjust.acidity') }}</h2>
          <p class="now">
            <b>{{ $t('batch.adjust.ph', { ph: figure(adjust.ph, 1) }) }}</b>
            <span class="soft">± {{ figure(adjust.phOff, 1) }}</span>
            <span v-if="adjust.wantedLow !== undefined && adjust.wantedHigh !== undefined">{{
              $t(near ? 'batch.adjust.asWanted' : 'batch.adjust.wanted', {
                low: figure(adjust.wantedLow, 1),
                high: figure(adjust.wantedHigh, 1),
              })
            }}</span>
          </p>
          <PhHistory :adjust="adjust" :steps="bin.steps" :tests="tests" :mixed-on="bin.mixedOn" />
          <div class="goal">
            <NumberField
              v-model="goalPh"
              :label="$t('batch.adjust.to')"
              unit="pH"
              :decimals="1"
              input-id="goal-ph"
            />
            <NumberField
              v-model="goalWeeks"
              :label="$t('batch.adjust.in')"
              :unit="$t('batch.adjust.weeks')"
              :decimals="0"
              input-id="goal-weeks"
            />
          </div>
          <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
          <p v-if="adjust.notFor" class="say harm">{{ adjust.notFor }}</p>
          <p v-else-if="near && goal.ph === undefined" class="good">{{ $t('batch.adjust.addNothing') }}</p>
          <p v-else-if="adjust.corrections.length === 0" class="soft">
            {{ $t('batch.adjust.nothingGetsThere') }}
          </p>
          <ul v-if="!near || goal.ph !== undefined" class="ways" role="list">
            <li v-for="way in adjust.corrections" :key="way.amendmentId">
              <p>
                <b>{{
                  $t('batch.adjust.gramsOf', {
                    grams: text(settings.measures.grams(way.gramsNow)),
                    name: way.name,
                  })
                }}</b>
                <span class="soft">{{ way.spoonsNow }}</span>
              </p>
              <p class="small">
                <span v-for="reads in way.reads" :key="reads.days" class="reads">{{
                  $t(`batch.adjust.${WHEN[reads.days] ?? 'fourWeeks'}`, { ph: figure(reads.ph, 1) })
                }}</span>
                <span class="reads">{{
                  $t('batch.adjust.testAgain', { n: daysBetween(todayHere(), way.testOn) })
                }}</span>
              </p>
              <p v-if="way.split" class="small warns">
                {{
                  $t('batch.adjust.half', {
                    all: text(settings.measures.grams(way.grams)),
                    percent: figure(way.overshootPercent, 0),
                  })
                }}
              </p>
              <Button
                :label="$t('batch.adjust.weighedIn')"
                size="small"
                outlined
                :disabled="busy || !adjust.mayDose"
                @click="dose(way)"
              />
            </li>
          </ul>
        </section>
        <section :aria-label="$t('batch.adjust.openers')">
          <h2>{{ $t('batch.adjust.openers') }}</h2>
          <p class="soft">
            {{ $t('batch.adjust.onePart', { scoop: text(settings.measures.volume(adjust.scoopLitres)) }) }}
          </p>
          <p v-if="offered.length === 0">{{ $t('batch.adjust.nothingBetter') }}</p>
          <ul class="ways" role="list">
            <li v-for="(each, i) in offered" :key="`${i} ${each.materialId}`">
              <p>
                <b>{{
                  $t('batch.adjust.scoopsOf', { n: scoopWords(each.scoops), name: each.name.toLowerCase() })
                }}</b>
                <span v-if="each.fitAfter !== undefined" class="soft"
                  >{{
                    $t('batch.adjust.fit', {
                      before: figure(each.fitBefore ?? 0, 0),
                      after: figure(each.fitAfter, 0),
                    })
                  }}
                </span>
              </p>
              <p class="small">
                <span v-for="one in each.moved" :key="one.name" class="reads">{{ moved(one) }}</span>
              </p>
              <Button
                :label="$t('batch.adjust.itIsIn')"
                size="small"
                outlined
                :disabled="busy"
                @click="put(each)"
              />
            </li>
          </ul>
          <MaterialPicker
            :label="$t('batch.adjust.somethingElse')"
            input-id="add-other"
            quiet
            @chosen="think"
          />
          <p v-if="last && (last.kind === 'ADDED' || last.kind === 'DOSED')" class="undo">
            <button
              type="button"
              class="plain"
              @click="tell({ kind: 'UNDONE', undoes: last.id }, $t('batch.adjust.undone'))"
            >
              {{ $t('batch.adjust.takeBack', { name: last.name }) }}
            </button>
          </p>
          <p class="on">
            <Button as="router-link" :to="`/batches/${id}/done`" :label="$t('batch.adjust.on')" />
            <RouterLink :to="`/batches/${id}/test`">{{ $t('batch.adjust.test') }}</RouterLink>
          </p>
        </section>
      </div>
    </template>
    <div v-else-if="!loadProblem" class="skeleton" style="height: 420px" />
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 44px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.now {
  display: flex;
  gap: 12px;
  align-items: baseline;
}
.now b {
  font-size: 34px;
}
.goal {
  display: flex;
  gap: 20px;
}
.ways {
  list-style: none;
  margin: 0;
  padding: 0;
}
.ways li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 16px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
.ways li > p {
  grid-column: 1;
}
.ways li > button {
  grid-column: 2;
  grid-row: 1 / span 3;
}
.ways b {
  font-size: 18px;
  margin-right: 8px;
}
.small {
  font-size: 14px;
}
.ways .small {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
}
.reads {
  white-space: nowrap;
}
.warns {
  color: var(--marigold-ink);
}
.good {
  font-size: 17px;
}
.next {
  margin-bottom: 10px;
}
.on {
  display: flex;
  gap: 16px;
  align-items: baseline;
  margin-top: 8px;
}
@media (width <= 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
