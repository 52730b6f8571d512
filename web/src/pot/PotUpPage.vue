<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Batch, Brief, Pot, Potting, Roots, SetUp, SetUpKind } from '@/api/types'
import CautionList from '@/caution/CautionList.vue'
import { useMaterials } from '@/material/useBook'
import { daysBetween, inWords, todayHere } from '@/measure/days'
import NumberField from '@/measure/NumberField.vue'
import BriefSentence from '@/need/BriefSentence.vue'
import { usePlants } from '@/need/usePlants'
import { startingPot } from '@/need/words'
import { say, sayProblem } from '@/parts/notices'
import StepThread from '@/parts/StepThread.vue'
import { forgetKept, useKept } from '@/parts/useKept'
import NotShown from '@/parts/NotShown.vue'
import NewcomerPanel, { type NewcomerFacts } from '@/planting/NewcomerPanel.vue'
import PlacingPanel from '@/planting/PlacingPanel.vue'
import PotStep from '@/planting/PotStep.vue'
import RootsStep from '@/planting/RootsStep.vue'
import SetUpStep from '@/planting/SetUpStep.vue'
import { holedAs, usualFor, useUsual } from '@/planting/useUsual'
import WorkStep from '@/planting/WorkStep.vue'
import { useEvaluation } from '@/reading/useEvaluation'
import { t } from '@/words'

/** A plant goes into a pot with a batch, step by step: the newcomer, its roots, the pot, the set-up, the places, the work. What is told is kept in the browser until it is done. */
const props = defineProps<{ batchId: string }>()
const route = useRoute()
const router = useRouter()
const client = useQueryClient()
const { plant } = usePlants()
const { materialName } = useMaterials()
const batch = ref<Batch>()
const mother = ref<Potting>()
const loadProblem = ref<string>()
const problem = ref<string>()
const busy = ref(false)

interface Draft {
  id: string
  brief: Brief
  label: string
  pottedOn: string
  count: number
  kind: SetUpKind
  setUp: SetUp | null
  newcomer: NewcomerFacts
  roots: Roots | null
  left: number
  done: string[]
}
const startOf = (): Draft => ({
  id: crypto.randomUUID(),
  brief: { stage: 'ESTABLISHED' },
  label: '',
  pottedOn: todayHere(),
  count: 1,
  kind: 'PLAIN',
  setUp: null,
  newcomer: { arrivedOn: '', suffered: false, flowering: false, southern: false },
  roots: null,
  left: 1,
  done: [],
})
const motherId = computed(() => (typeof route.query.mother === 'string' ? route.query.mother : undefined))
const origin = computed(() => {
  const told = route.query.origin
  return told === 'DIVISION' || told === 'CUTTING' || told === 'REPOTTED' ? told : undefined
})
const KEPT = `loose-knit.potting.${props.batchId}.${motherId.value ?? ''}`
const draft = useKept<Draft>(KEPT, startOf())

const STEPS = ['plant', 'roots', 'pot', 'setUp', 'places', 'work'] as const
type Step = (typeof STEPS)[number]
const step = computed<Step>(() => STEPS.find((each) => each === route.query.step) ?? 'plant')
const at = (to: Step) => ({ query: { ...route.query, step: to } })
const go = (to: Step) => router.replace(at(to))
const knots = computed(() => STEPS.map((id) => ({ id, words: t(`pot.potUpPage.step.${id}`), to: at(id) })))
const nextStep = computed(() => STEPS[STEPS.indexOf(step.value) + 1])

const pot = computed<Pot>({
  get: () => draft.value.brief.pot ?? startingPot(),
  set: (value) => (draft.value.brief = { ...draft.value.brief, pot: value }),
})
const { answer: usual, problem: potProblem } = useUsual(() => pot.value)
const setUp = computed<SetUp | undefined>({
  get: () => draft.value.setUp ?? usual.value?.start,
  set: (value) => (draft.value.setUp = value ?? null),
})
const places = computed({
  get: () => setUp.value?.places,
  set: (value: SetUp['places']) => {
    if (setUp.value) {
      const { places: _before, ...rest } = setUp.value
      setUp.value = { ...rest, ...(value ? { places: value } : {}) }
    }
  },
})
const roots = computed({
  get: () => draft.value.roots ?? undefined,
  set: (value: Roots | undefined) => (draft.value.roots = value ?? null),
})
const asked = computed(() => ({
  recipe: batch.value?.recipe ?? { measure: 'PARTS' as const, parts: [], doses: [] },
  brief: draft.value.brief,
  ...(batch.value ? { blendId: batch.value.blendId } : {}),
}))
const { evaluation } = useEvaluation(
  computed(() => (batch.value ? { recipe: batch.value.recipe, brief: draft.value.brief } : undefined)),
  () => batch.value?.blendId,
)
const plantName = computed(() =>
  draft.value.brief.plantId ? (plant(draft.value.brief.plantId)?.name ?? '') : '',
)
const place = computed(() => draft.value.brief.place?.name)
/** Names that suggest themselves. */
const names = computed(() =>
  [
    ...(mother.value ? [mother.value.label] : []),
    ...(plantName.value ? [plantName.value] : []),
    ...(plantName.value && place.value ? [`${plantName.value}, ${place.value}`] : []),
  ].filter((each, i, all) => all.indexOf(each) === i),
)
const recipeWords = computed(() =>
  batch.value?.plan.materials.map((line) => materialName(line.materialId).toLowerCase()).join(', '),
)

onMounted(async () => {
  try {
    const loaded = await answer(api.GET('/api/batches/{id}', { params: { path: { id: props.batchId } } }))
    if (motherId.value) {
      mother.value = await answer(api.GET('/api/pottings/{id}', { params: { path: { id: motherId.value } } }))
    }
    if (!draft.value.brief.plantId) {
      const firstPot = loaded.fills[0]?.pot
      const from = mother.value?.brief ?? loaded.brief
      draft.value.brief = firstPot && !mother.value ? { ...from, pot: firstPot } : from
      const was = mother.value?.brief.pot
      if (mother.value && was && origin.value === 'REPOTTED') {
        draft.value.label = mother.value.label
        const { start, ballOutOfIt } = await usualFor(was)
        draft.value.setUp = { ...start, ball: ballOutOfIt }
      }
    }
    batch.value = loaded
  } catch (error) {
    loadProblem.value = error instanceof Error ? error.message : String(error)
  }
})
watch(usual, (now) => {
  if (now && draft.value.setUp) {
    draft.value.setUp = holedAs(draft.value.setUp, now)
  }
})

const refresh = () =>
  Promise.all(['today', 'pottings'].map((key) => client.invalidateQueries({ queryKey: [key] })))
const potUp = async (another: boolean) => {
  if (busy.value || !batch.value) {
    return
  }
  busy.value = true
  try {
    const potted = await answer(
      api.POST('/api/pottings/several', {
        body: {
          count: origin.value === 'REPOTTED' ? 1 : draft.value.count,
          each: {
            id: draft.value.id,
            label: draft.value.label.trim() || plantName.value || t('pot.potUpPage.nameless'),
            brief: draft.value.brief,
            batchId: props.batchId,
            pottedOn: draft.value.pottedOn,
            setUpKind: draft.value.kind,
            ...(draft.value.setUp ? { setUp: draft.value.setUp } : {}),
            ...(draft.value.roots ? { roots: draft.value.roots } : {}),
            ...(motherId.value && origin.value ? { motherId: motherId.value, origin: origin.value } : {}),
          },
        },
      }),
    )
    problem.value = undefined
    await refresh()
    const [first] = potted
    say(
      t(
        'pot.potUpPage.isPottedUpFirstLook',
        {
          label: first?.label ?? '',
          n: potted.length,
          inWords: inWords(daysBetween(todayHere(), first?.nextLookOn ?? todayHere())),
        },
        potted.length,
      ),
      async () => {
        await Promise.all(
          potted.map(({ id }) => answer(api.DELETE('/api/pottings/{id}', { params: { path: { id } } }))),
        )
        await refresh()
      },
    )
    if (another) {
      draft.value = { ...draft.value, id: crypto.randomUUID(), label: '', done: [] }
    } else {
      await forgetKept(KEPT)
      await router.push(potted.length === 1 ? `/pots/${first?.id ?? ''}` : '/pots')
    }
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
    sayProblem(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page">
    <NotShown v-if="loadProblem" :problem="loadProblem" list="batches" />
    <template v-if="batch">
      <div class="page-head">
        <div>
          <h1>
            {{
              mother
                ? $t(`pot.potUpPage.of.${origin ?? 'CUTTING'}`, { label: mother.label })
                : $t('pot.potUpPage.potUp')
            }}
          </h1>
          <p class="soft">
            {{ $t('pot.potUpPage.with') }}
            <RouterLink :to="`/batches/${batch.id}`">{{
              $t('pot.potUpPage.lot', { blendName: batch.blendName, lot: batch.lot })
            }}</RouterLink>: {{ recipeWords }}
          </p>
        </div>
        <StepThread :label="$t('pot.potUpPage.thread')" :at="step" :knots="knots" replace />
      </div>

      <div v-if="step === 'plant'" class="columns">
        <section class="what" :aria-label="$t('pot.potUpPage.whatGoesWhere')">
          <BriefSentence v-model="draft.brief" />
          <p v-if="evaluation" class="say" :class="{ attention: !evaluation.fits }">
            <b>{{ evaluation.headline }}</b>
          </p>
          <CautionList :cautions="evaluation?.cautions ?? []" />
        </section>
        <NewcomerPanel v-model="draft.newcomer" :plant-id="draft.brief.plantId" />
      </div>
      <RootsStep
        v-else-if="step === 'roots'"
        v-model="roots"
        :brief="draft.brief"
        @found="
          (found) => {
            draft.left = found.left
            draft.brief = { ...draft.brief, stage: found.stage }
          }
        "
      />
      <template v-else-if="!setUp">
        <p v-if="potProblem" class="say harm" role="alert">{{ potProblem }}</p>
        <div v-else class="skeleton" style="height: 320px" />
      </template>
      <PotStep
        v-else-if="step === 'pot'"
        v-model:pot="pot"
        v-model:set-up="setUp"
        :asked="asked"
        :left="draft.left"
      />
      <SetUpStep
        v-else-if="step === 'setUp'"
        v-model:pot="pot"
        v-model:set-up="setUp"
        v-model:kind="draft.kind"
        :asked="asked"
        :blend-name="batch.blendName"
        :name="draft.label || plantName"
      />
      <PlacingPanel v-else-if="step === 'places'" v-model="places" :pot="pot" />
      <div v-else class="columns">
        <section :aria-label="$t('planting.work.label')">
          <WorkStep
            v-model:done="draft.done"
            :asked="asked"
            :set-up="setUp"
            :kind="draft.kind"
            :several="places !== undefined || draft.brief.stage === 'SEVERAL'"
            :roots="roots"
          />
        </section>
        <section class="what" :aria-label="$t('pot.potUpPage.nameAndDay')">
          <div class="named">
            <label for="label">{{ $t('pot.potUpPage.whatShallThePotBe') }}</label>
            <InputText
              id="label"
              v-model="draft.label"
              :placeholder="plantName || $t('pot.potUpPage.pot')"
              autocomplete="off"
              maxlength="110"
            />
            <p v-if="names.length > 0" class="soft names">
              <button
                v-for="name in names"
                :key="name"
                type="button"
                class="plain"
                @click="draft.label = name"
              >
                {{ name }}
              </button>
            </p>
          </div>
          <div class="pair">
            <div class="named">
              <label for="potted-on">{{ $t('pot.potUpPage.pottedOn') }}</label>
              <InputText id="potted-on" v-model="draft.pottedOn" type="date" :max="todayHere()" />
            </div>
            <NumberField
              v-if="origin !== 'REPOTTED'"
              v-model="draft.count"
              :label="$t('pot.potUpPage.howMany')"
              :decimals="0"
              input-id="pot-count"
            />
          </div>
          <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
          <div class="actions">
            <Button :label="$t('pot.potUpPage.potUp')" :disabled="busy" @click="potUp(false)" />
            <Button
              :label="$t('pot.potUpPage.potUpThenAnother')"
              outlined
              :disabled="busy"
              @click="potUp(true)"
            />
          </div>
          <p class="soft">{{ $t('pot.potUpPage.litresComeOff') }}</p>
          <CautionList :cautions="evaluation?.cautions ?? []" />
        </section>
      </div>
      <p v-if="nextStep" class="next">
        <Button
          :label="$t('pot.potUpPage.next', { step: $t(`pot.potUpPage.step.${nextStep}`) })"
          @click="go(nextStep)"
        />
        <span class="soft">{{ $t('pot.potUpPage.skip') }}</span>
      </p>
    </template>
    <div v-else-if="!loadProblem" class="skeleton" style="height: 320px" />
  </main>
</template>

<style scoped>
.page-head > div:first-child {
  max-width: 620px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 40px;
  align-items: start;
}
.what {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.named {
  display: flex;
  flex-direction: column;
  gap: 3px;
  max-width: 380px;
}
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  margin: 0;
}
.pair :deep(#pot-count) {
  width: 4em;
}
.actions,
.next {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.next {
  margin-top: 22px;
  border-top: 1px dashed var(--stitch);
  padding-top: 14px;
}
@media (width <= 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
