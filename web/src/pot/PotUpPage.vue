<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Batch, Brief } from '@/api/types'
import { daysBetween, inWords, todayHere } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import { useMaterials } from '@/material/useBook'
import BriefSentence from '@/need/BriefSentence.vue'
import { usePlants } from '@/need/usePlants'
import CautionList from '@/caution/CautionList.vue'
import ReadingGauge from '@/reading/ReadingGauge.vue'
import { useEvaluation } from '@/reading/useEvaluation'
import { t } from '@/words'
import PotSection from './PotSection.vue'

/** A plant goes into a pot with a batch. What is typed is kept in the browser until it is done. */
const props = defineProps<{ batchId: string }>()
const router = useRouter()
const client = useQueryClient()
const { plant } = usePlants()
const { materialName } = useMaterials()
const batch = ref<Batch>()
const brief = ref<Brief>({ stage: 'ESTABLISHED' })
const label = ref('')
const pottedOn = ref(todayHere())
const loadProblem = ref<string>()
const problem = ref<string>()
const busy = ref(false)
let id: string = crypto.randomUUID()

const DRAFT = `loose-knit.potting.${props.batchId}`
interface Draft {
  brief: Brief
  label: string
  pottedOn: string
}

const asked = computed(() => (batch.value ? { recipe: batch.value.recipe, brief: brief.value } : undefined))
const { evaluation, problem: readProblem } = useEvaluation(asked, () => batch.value?.blendId)
const plantName = computed(() => (brief.value.plantId ? (plant(brief.value.plantId)?.name ?? '') : ''))
const shown = computed(
  () =>
    evaluation.value?.readings.filter((each) => each.quality !== 'FOOD' && each.quality !== 'EASY_WATER') ??
    [],
)
const recipeWords = computed(() =>
  batch.value?.plan.materials.map((line) => materialName(line.materialId).toLowerCase()).join(', '),
)

onMounted(async () => {
  try {
    const loaded = await answer(api.GET('/api/batches/{id}', { params: { path: { id: props.batchId } } }))
    const draft = JSON.parse(localStorage.getItem(DRAFT) ?? 'null') as Draft | null
    const firstPot = loaded.fills[0]?.pot
    brief.value = draft?.brief ?? (firstPot ? { ...loaded.brief, pot: firstPot } : loaded.brief)
    label.value = draft?.label ?? ''
    pottedOn.value = draft?.pottedOn ?? todayHere()
    batch.value = loaded
  } catch (error) {
    loadProblem.value = error instanceof Error ? error.message : String(error)
  }
})
watch([brief, label, pottedOn], () => {
  if (batch.value) {
    const draft: Draft = { brief: brief.value, label: label.value, pottedOn: pottedOn.value }
    localStorage.setItem(DRAFT, JSON.stringify(draft))
  }
})

const potUp = async (another: boolean) => {
  if (busy.value || !batch.value) {
    return
  }
  busy.value = true
  try {
    const name = label.value.trim() || plantName.value || t('pot.potUpPage.nameless')
    const potting = await answer(
      api.POST('/api/pottings', {
        body: { id, label: name, brief: brief.value, batchId: props.batchId, pottedOn: pottedOn.value },
      }),
    )
    problem.value = undefined
    localStorage.removeItem(DRAFT)
    await Promise.all(['today', 'pottings'].map((key) => client.invalidateQueries({ queryKey: [key] })))
    say(
      t('pot.potUpPage.isPottedUpFirstLook', {
        label: potting.label,
        inWords: inWords(daysBetween(todayHere(), potting.nextLookOn)),
      }),
      async () => {
        await answer(api.DELETE('/api/pottings/{id}', { params: { path: { id: potting.id } } }))
        await Promise.all(['today', 'pottings'].map((key) => client.invalidateQueries({ queryKey: [key] })))
      },
    )
    id = crypto.randomUUID()
    if (another) {
      label.value = ''
    } else {
      await router.push('/pots')
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
    <p v-if="loadProblem" class="say harm" role="alert">{{ loadProblem }}</p>
    <template v-if="batch">
      <div class="page-head">
        <div>
          <h1>{{ $t('pot.potUpPage.potUp') }}</h1>
          <p class="soft">
            {{ $t('pot.potUpPage.with') }}
            <RouterLink :to="`/batches/${batch.id}`">{{
              $t('pot.potUpPage.lot', { blendName: batch.blendName, lot: batch.lot })
            }}</RouterLink>: {{ recipeWords }}
          </p>
        </div>
      </div>
      <div class="columns">
        <section class="what" :aria-label="$t('pot.potUpPage.whatGoesWhere')">
          <BriefSentence v-model="brief" />
          <div class="named">
            <label for="label">{{ $t('pot.potUpPage.whatShallThePotBe') }}</label>
            <InputText
              id="label"
              v-model="label"
              :placeholder="plantName || $t('pot.potUpPage.pot')"
              autocomplete="off"
            />
          </div>
          <div class="named">
            <label for="potted-on">{{ $t('pot.potUpPage.pottedOn') }}</label>
            <InputText id="potted-on" v-model="pottedOn" type="date" :max="todayHere()" />
          </div>
          <p v-if="problem ?? readProblem" class="say harm" role="alert">{{ problem ?? readProblem }}</p>
          <div class="actions">
            <Button :label="$t('pot.potUpPage.potUp')" :disabled="busy" @click="potUp(false)" />
            <Button
              :label="$t('pot.potUpPage.potUpThenAnother')"
              outlined
              :disabled="busy"
              @click="potUp(true)"
            />
          </div>
          <ol class="steps soft">
            <li>{{ $t('pot.potUpPage.coverTheHolesFillHalf') }}</li>
            <li>{{ $t('pot.potUpPage.fillALittleHigh') }}</li>
            <li>{{ $t('pot.potUpPage.waterInUntilItRuns') }}</li>
          </ol>
          <CautionList :cautions="evaluation?.cautions ?? []" />
        </section>
        <section :aria-label="$t('pot.potUpPage.potCutOpen')">
          <h2>{{ $t('pot.potUpPage.inThisPot') }}</h2>
          <PotSection
            v-if="evaluation && brief.pot && !readProblem"
            :pot="brief.pot"
            :mix-height-cm="evaluation.mixHeightCm"
            :wet-zone-cm="evaluation.wetZoneCm"
          />
          <p v-else class="soft">{{ $t('pot.potUpPage.sayWhichPot') }}</p>
        </section>
        <section :aria-label="$t('pot.potUpPage.readings')">
          <p v-if="evaluation" class="say" :class="{ attention: !evaluation.fits }">
            <b>{{ evaluation.headline }}</b>
          </p>
          <ReadingGauge v-for="reading in shown" :key="reading.quality" :reading="reading" class="gauge" />
        </section>
      </div>
    </template>
    <div v-else-if="!loadProblem" class="skeleton" style="height: 320px" />
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 390px 260px;
  gap: 36px;
}
.columns > section + section {
  border-left: 1px dashed var(--stitch);
  padding-left: 26px;
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
  max-width: 360px;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.steps {
  margin: 0;
  padding-left: 20px;
  font-size: 14px;
}
.gauge {
  margin-top: 10px;
}
h2 {
  margin-bottom: 10px;
}
@media (width <= 1120px) {
  .columns {
    grid-template-columns: minmax(0, 1fr) 300px;
  }
  .columns > section:last-child {
    grid-column: 1 / -1;
    border: 0;
    padding: 0;
  }
}
@media (width <= 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .columns > section + section {
    border: 0;
    padding: 0;
  }
}
</style>
