<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { Batch, Bin, BinStep } from '@/api/types'
import { shortDate } from '@/measure/days'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import LabelsDialog from '@/parts/LabelsDialog.vue'
import { say } from '@/parts/notices'
import SelectField from '@/parts/SelectField.vue'
import { printed } from '@/parts/printed'
import NotShown from '@/parts/NotShown.vue'
import { t } from '@/words'
import { ownId } from '@/shelf/words'
import BatchHead from './BatchHead.vue'
import BinDrawing from './BinDrawing.vue'
import { useOtherBins } from './useOtherBins'

/** A batch that is mixed: what is left of it, its label, how to keep it, where it came from and where it went. */
const props = defineProps<{ id: string }>()
const settings = useSettings()
const client = useQueryClient()
const bin = ref<Bin>()
const batch = ref<Batch>()
const loadProblem = ref<string>()
const problem = ref<string>()
const params = { path: { id: props.id } }
const said = (error: unknown) => (error instanceof Error ? error.message : String(error))

const load = async () => {
  try {
    const [lies, whole] = await Promise.all([
      answer(api.GET('/api/batches/{id}/bin', { params })),
      answer(api.GET('/api/batches/{id}', { params })),
    ])
    bin.value = lies
    batch.value = whole
  } catch (error) {
    loadProblem.value = said(error)
  }
}
onMounted(load)
watch(() => speech.units, load)

type Doing = 'SPLIT' | 'MOVED' | 'THROWN' | 'SHELVED'
const DOINGS: Doing[] = ['SPLIT', 'MOVED', 'SHELVED', 'THROWN']
const doing = ref<Doing>()
const form = ref({ litres: 1, reason: '', other: '', name: '', materialId: '' })
const {
  bins: others,
  sought: soughtOther,
  many: manyOthers,
  problem: othersProblem,
} = useOtherBins(props.id, () => form.value.other)
/** The newest is meant until another is chosen, also if it comes only now. */
watch(others, ([newest]) => (form.value.other ||= newest?.value ?? ''))
const open = (what: Doing) => {
  doing.value = doing.value === what ? undefined : what
  problem.value = undefined
  form.value = {
    litres: Math.round((bin.value?.litres ?? 1) * 50) / 100,
    reason: '',
    other: others.value[0]?.value ?? '',
    name: t('batch.done.baseName', { blend: bin.value?.blendName ?? '' }),
    materialId: ownId('own', bin.value?.blendName ?? ''),
  }
  ids = newIds()
}
const money = (amount: number) => `${settings.currency} ${figure(amount, 2)}`
const link = (name: string) => printed(`/api/batches/${props.id}/${name}.pdf`, settings.paperSize)
const labelling = ref(false)

const newIds = () => ({ step: crypto.randomUUID(), other: crypto.randomUUID() })
/** What is sent again after a lost answer keeps its ids, so that it is done once. */
let ids = newIds()
const shownProblem = computed(
  () => problem.value ?? (doing.value === 'MOVED' ? othersProblem.value : undefined),
)
const busy = ref(false)
const once = async (what: () => Promise<void>) => {
  if (busy.value) {
    return
  }
  busy.value = true
  problem.value = undefined
  try {
    await what()
    ids = newIds()
    doing.value = undefined
    await load()
    await client.invalidateQueries()
  } catch (error) {
    problem.value = said(error)
  } finally {
    busy.value = false
  }
}
const tell = (step: Omit<BinStep, 'id'>, words: string) =>
  once(async () => {
    bin.value = await answer(
      api.POST('/api/batches/{id}/bin/steps', { params, body: { id: ids.step, ...step } }),
    )
    say(words)
  })
const shelve = () =>
  once(async () => {
    await answer(
      api.POST('/api/batches/{batchId}/shelved', {
        params: { path: { batchId: props.id } },
        body: {
          id: ids.step,
          materialId: form.value.materialId,
          name: form.value.name,
          litres: form.value.litres,
        },
      }),
    )
    say(t('batch.done.onTheShelf', { name: form.value.name }))
  })
const go = () => {
  const { litres, reason, other } = form.value
  switch (doing.value) {
    case 'SPLIT':
      return tell({ kind: 'SPLIT', amount: litres, otherBatchId: ids.other }, t('batch.done.wasSplit'))
    case 'MOVED':
      return tell({ kind: 'MOVED', amount: litres, otherBatchId: other }, t('batch.done.wasMoved'))
    case 'THROWN':
      return tell({ kind: 'THROWN', amount: litres, reason }, t('batch.done.wasThrown'))
    default:
      return shelve()
  }
}
const last = computed(() => bin.value?.steps[0])
const amountOf = (step: Bin['steps'][number]) =>
  step.kind === 'DOSED'
    ? text(settings.measures.grams(step.amount))
    : text(settings.measures.volume(step.amount))
const stepWords = (step: Bin['steps'][number]) =>
  t(`batch.done.step.${step.kind}`, { amount: amountOf(step), name: step.name, reason: step.reason })

const keep = async () => {
  if (!bin.value) {
    return
  }
  try {
    const path = { path: { id: bin.value.blendId } }
    const blend = await answer(api.GET('/api/blends/{id}', { params: path }))
    await answer(
      api.PUT('/api/blends/{id}', {
        params: path,
        body: {
          revision: blend.revision,
          name: blend.name,
          brief: blend.brief,
          recipe: bin.value.recipe,
        },
      }),
    )
    await answer(
      api.POST('/api/blends/{id}/versions', {
        params: path,
        body: { note: t('batch.done.versionNote', { lot: bin.value.lot }) },
      }),
    )
    await client.invalidateQueries({ queryKey: ['blends'] })
    say(t('batch.done.isKept'))
  } catch (error) {
    problem.value = said(error)
  }
}
</script>

<template>
  <main class="page">
    <NotShown v-if="loadProblem" :problem="loadProblem" list="batches" />
    <template v-if="bin && batch">
      <BatchHead :id="id" :blend="bin.blendName" :lot="bin.lot" at="done">
        <template v-if="bin.mixedOn"
          >· {{ $t('batch.done.mixed', { day: shortDate(bin.mixedOn) }) }}</template
        >
        <template v-if="bin.lotFrom">
          ·
          <RouterLink :to="`/batches/${bin.splitFrom}/done`">{{
            $t('batch.done.splitFrom', { lot: bin.lotFrom })
          }}</RouterLink></template
        >
      </BatchHead>
      <p v-if="!bin.mixedOn" class="say attention">
        {{ $t('batch.done.notMixed') }}
        <RouterLink :to="`/batches/${id}/mix`">{{ $t('batch.head.toMix') }}</RouterLink>
      </p>
      <div v-else class="columns">
        <section :aria-label="$t('batch.done.left')">
          <p class="left">
            <b>{{ text(settings.measures.volume(bin.litres)) }}</b>
            <span>{{
              bin.litres > 0.05
                ? $t('batch.done.leftOf', { whole: text(settings.measures.volume(bin.wholeLitres)) })
                : $t('batch.done.allGone')
            }}</span>
          </p>
          <BinDrawing :recipe="bin.recipe" :full="bin.wholeLitres > 0 ? bin.litres / bin.wholeLitres : 0" />
          <p v-if="bin.costPerLitre !== undefined" class="soft">
            {{
              $t('batch.done.cost', {
                all: money(bin.cost ?? 0),
                each: `${settings.currency} ${text(settings.measures.perVolume(bin.costPerLitre))}`,
              })
            }}
          </p>
          <p class="actions">
            <Button as="router-link" :to="`/batches/${id}/pot-up`" :label="$t('batch.batchPage.potUp')" />
            <Button as="a" :href="link('label')" target="_blank" outlined :label="$t('batch.done.label')" />
            <button type="button" class="plain" @click="labelling = true">
              {{ $t('batch.done.labels') }}
            </button>
            <LabelsDialog
              v-model:open="labelling"
              :path="`/api/batches/${id}/labels.pdf`"
              :count="1"
              copies
            />
            <a :href="link('order')" target="_blank">{{ $t('batch.done.order') }}</a>
            <RouterLink :to="`/shelf/here?after=${id}`">{{
              $t('batch.batchPage.countUpTheShelf')
            }}</RouterLink>
          </p>
          <p v-if="bin.another">
            {{ $t('batch.done.another') }}
            <button type="button" class="plain" @click="keep">{{ $t('batch.done.keep') }}</button>
          </p>
          <div class="doings">
            <button
              v-for="each in DOINGS"
              :key="each"
              type="button"
              class="plain"
              :aria-expanded="doing === each"
              @click="open(each)"
            >
              {{ $t(`batch.done.doing.${each}`) }}
            </button>
          </div>
          <form v-if="doing" class="doing" @submit.prevent="go">
            <NumberField
              v-model="form.litres"
              :label="$t('batch.done.howMuch')"
              kind="volume"
              input-id="bin-litres"
            />
            <SelectField
              v-if="doing === 'MOVED'"
              v-model="form.other"
              v-model:sought="soughtOther"
              :label="$t('batch.done.into')"
              input-id="bin-other"
              :options="others"
              :many="manyOthers"
            />
            <label v-if="doing === 'THROWN'" class="field"
              >{{ $t('batch.done.why') }}
              <InputText v-model="form.reason" maxlength="200" />
            </label>
            <label v-if="doing === 'SHELVED'" class="field"
              >{{ $t('batch.done.calledOnShelf') }}
              <InputText v-model="form.name" maxlength="80" />
            </label>
            <Button type="submit" :label="$t(`batch.done.do.${doing}`)" :disabled="busy" />
          </form>
          <p v-if="shownProblem" class="say harm" role="alert">{{ shownProblem }}</p>
        </section>
        <section :aria-label="$t('batch.done.keeping')">
          <h2>{{ $t('batch.done.keeping') }}</h2>
          <p v-if="bin.keepsUntil" class="until">
            {{ $t('batch.done.until', { day: shortDate(bin.keepsUntil) }) }}
          </p>
          <ul class="advice">
            <li v-for="each in bin.storage" :key="each">{{ each }}</li>
          </ul>
          <h2>{{ $t('batch.done.came') }}</h2>
          <p v-if="batch.lots.length === 0" class="soft">{{ $t('batch.done.noLots') }}</p>
          <ul v-else class="trace" role="list">
            <li v-for="(each, i) in batch.lots" :key="i">
              {{ each.name }}
              <span class="figures">{{ text(settings.measures.volume(each.litres)) }}</span>
              <span v-if="!each.lotId" class="warns">{{ $t('batch.done.onNoLot') }}</span>
            </li>
          </ul>
          <h2>{{ $t('batch.done.went') }}</h2>
          <p v-if="bin.steps.length === 0" class="soft">{{ $t('batch.done.nothingYet') }}</p>
          <ul v-else class="trace" role="list">
            <li v-for="step in bin.steps" :key="step.id">
              <span class="soft day">{{ shortDate(step.on) }}</span>
              <RouterLink v-if="step.otherBatchId" :to="`/batches/${step.otherBatchId}/done`">{{
                stepWords(step)
              }}</RouterLink>
              <template v-else>{{ stepWords(step) }}</template>
              <button
                v-if="step === last && !['POTTED', 'JOINED', 'SHELVED'].includes(step.kind)"
                type="button"
                class="plain"
                @click="tell({ kind: 'UNDONE', undoes: step.id }, $t('batch.adjust.undone'))"
              >
                {{ $t('batch.done.takeBack') }}
              </button>
            </li>
          </ul>
          <p>
            <RouterLink :to="`/recall/batch/${id}`">{{ $t('batch.done.inPots') }}</RouterLink>
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
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 48px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.left b {
  display: block;
  font: 700 52px/1.05 var(--heading);
  line-height: 1.05;
}
.actions,
.doings {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: baseline;
}
.doing {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: flex-end;
  border-left: 3px solid var(--bottle);
  padding-left: 14px;
}
.field {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.until {
  font-size: 20px;
  font-weight: 600;
}
.advice {
  margin: 0;
  padding-left: 18px;
  line-height: 1.45;
}
.trace {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 260px;
  overflow: auto;
}
.trace li {
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
.trace li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}
.day {
  min-width: 6.2em;
}
.warns {
  color: var(--marigold-ink);
}
@media (width <= 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
