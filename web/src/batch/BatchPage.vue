<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, onMounted, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import { speech } from '@/api/speech'
import type { Batch, Fill, Pack } from '@/api/types'
import { shortDate, todayHere } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { startingPot } from '@/need/words'
import ConflictNotice from '@/parts/ConflictNotice.vue'
import { useDraft } from '@/parts/useDraft'
import { writeOver } from '@/parts/which'
import NotShown from '@/parts/NotShown.vue'
import { t } from '@/words'
import AmountsTable from './AmountsTable.vue'
import BatchThread from './BatchThread.vue'
import BatchTotals from './BatchTotals.vue'
import FillRow from './FillRow.vue'
import StretchPanel from './StretchPanel.vue'

/** A batch: pots to fill, and the amounts that follow. Saves itself. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const client = useQueryClient()
const settings = useSettings()
const path = { path: { id: props.id } }
const get = () => answer(api.GET('/api/batches/{id}', { params: path }))
const draft = useDraft({
  name: `batch.${props.id}`,
  load: get,
  stateOf: ({ fills, storeLitres, tubsFull, reserve, scoopLitres, tubLitres }: Batch) => ({
    fills,
    storeLitres,
    tubsFull,
    reserve,
    scoopLitres,
    tubLitres,
  }),
  put: (revision, amounts) =>
    answer(api.PUT('/api/batches/{id}', { params: path, body: { revision, ...amounts } })),
})
const { stored: batch, state: amounts, problem, loadProblem, theirs, save } = draft
const waiting = computed(() => draft.saving.value !== 'saved')
const fills = computed(() => amounts.value?.fills ?? [])
onMounted(draft.load)

const setFills = (next: Fill[]) => draft.change((now) => ({ ...now, fills: next }))
const setFill = (row: number, fill: Fill) => setFills(fills.value.map((each, i) => (i === row ? fill : each)))
const addFill = () =>
  setFills([...fills.value, { count: 1, pot: fills.value.at(-1)?.pot ?? startingPot(), rootBallLitres: 0 }])
const removeFill = (row: number) => {
  setFills(fills.value.filter((_, i) => i !== row))
  say(t('batch.batchPage.fillRemoved'), draft.undo)
}
const amount = (name: 'reserve' | 'scoopLitres' | 'tubLitres' | 'storeLitres' | 'tubsFull', shown = 1) =>
  computed({
    get: () => Math.round((amounts.value?.[name] ?? 0) * shown * 1e6) / 1e6,
    set: (value: number) => draft.change((now) => ({ ...now, [name]: value / shown }), name),
  })
const reserveField = amount('reserve', 100)
const scoopField = amount('scoopLitres')
const tubField = amount('tubLitres')
const storeField = amount('storeLitres')
const tubsField = amount('tubsFull')

const refresh = async () => {
  batch.value = await get()
}
watch(
  () => speech.units,
  () => void refresh().catch(sayProblem),
)

const pack = async (materialId: string, litres: number, price: number | undefined) => {
  try {
    const line = [...(plan.value?.materials ?? []), ...(plan.value?.layers ?? [])].find(
      (each) => each.materialId === materialId,
    )
    const words = (pack: Pack) =>
      [
        text(settings.measures.pack(pack.litres)),
        pack.price === undefined
          ? t('batch.amountsTable.noPrice')
          : `${settings.currency} ${figure(pack.price, 2)}`,
      ].join(', ')
    await writeOver<Pack, Pack>(
      line?.packRevision,
      (revision) =>
        answer(
          api.PUT('/api/packs/{materialId}', {
            params: { path: { materialId } },
            body: {
              litres,
              ...(price === undefined ? {} : { price }),
              ...(revision === undefined ? {} : { revision }),
            },
          }),
        ),
      {
        what: t('batch.batchPage.thePack', { name: line?.name ?? '' }),
        here: words({ litres, ...(price === undefined ? {} : { price }) }),
        there: words,
      },
    )
    await refresh()
  } catch (error) {
    sayProblem(error)
  }
}

const mixed = async (day: string | undefined) => {
  try {
    await save()
    batch.value = await answer(
      api.PUT('/api/batches/{id}/mixed', {
        params: { path: { id: props.id } },
        body: { revision: batch.value?.revision ?? 0, ...(day === undefined ? {} : { mixedOn: day }) },
      }),
    )
    await client.invalidateQueries({ queryKey: ['batches'] })
    await client.invalidateQueries({ queryKey: ['shelf'] })
    if (day !== undefined) {
      const short = batch.value.lots.filter((lot) => lot.lotId === undefined)
      say(
        short.length > 0
          ? t('batch.batchPage.mixedButShort', {
              what: short
                .map((lot) => `${text(settings.measures.volume(lot.litres))} ${lot.name}`)
                .join(', '),
            })
          : t('batch.batchPage.notedAsMixedToday'),
        () => mixed(undefined),
      )
    }
  } catch (error) {
    if (error instanceof Problem && error.stale && error.current) {
      draft.meet(error.current as Batch)
    }
    sayProblem(error)
  }
}
const potUp = async () => {
  await save()
  await router.push(`/batches/${props.id}/pot-up`)
}
const plan = computed(() => batch.value?.plan)
</script>

<template>
  <main class="page">
    <NotShown v-if="loadProblem" :problem="loadProblem" list="batches" />
    <template v-if="batch && plan">
      <div class="page-head">
        <div>
          <h1>{{ $t('batch.batchPage.aBatch', { blendName: batch.blendName }) }}</h1>
          <p class="soft">
            {{ $t('batch.batchPage.lot', { lot: batch.lot }) }}
            <RouterLink :to="`/blends/${batch.blendId}`">{{
              $t('batch.batchPage.versionOfTheBlend', { versionNumber: batch.versionNumber })
            }}</RouterLink>
            ·
            {{
              batch.mixedOn
                ? $t('batch.batchPage.mixed', { shortDate: shortDate(batch.mixedOn) })
                : $t('batch.batchPage.notMixedYet')
            }}
            ·
            <span :class="{ waiting }">{{
              waiting ? $t('batch.batchPage.notSavedYet') : $t('batch.batchPage.saved')
            }}</span>
          </p>
        </div>
        <BatchThread :id="id" at="amounts" />
      </div>
      <div class="actions">
        <Button
          v-if="!batch.mixedOn"
          as="router-link"
          :to="`/batches/${id}/prepare`"
          :label="$t('batch.batchPage.prepareAndMix')"
        />
        <Button
          v-if="!batch.mixedOn"
          :label="$t('batch.batchPage.itIsMixed')"
          outlined
          :disabled="!!problem"
          @click="mixed(todayHere())"
        />
        <template v-else>
          <Button as="router-link" :to="`/batches/${id}/done`" :label="$t('batch.batchPage.whatIsLeft')" />
          <RouterLink :to="`/shelf/here?after=${id}`">{{ $t('batch.batchPage.countUpTheShelf') }}</RouterLink>
          <Button :label="$t('batch.batchPage.setBackToNotMixed')" text @click="mixed(undefined)" />
        </template>
        <Button
          :label="$t('batch.batchPage.potUp')"
          :outlined="!batch.mixedOn"
          :disabled="!!problem"
          @click="potUp"
        />
      </div>
      <div class="columns">
        <section :aria-label="$t('batch.batchPage.potsToFill')">
          <h2>{{ $t('batch.batchPage.potsToFill') }}</h2>
          <ConflictNotice v-if="theirs" @mine="draft.keepMine" @theirs="draft.takeTheirs" />
          <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
          <p v-if="batch.mixedOn" class="soft">{{ $t('batch.batchPage.isWhatItIs') }}</p>
          <fieldset :disabled="!!batch.mixedOn">
            <ul class="choices">
              <FillRow
                v-for="(fill, row) in fills"
                :key="row"
                :fill="fill"
                :row="row"
                :removable="fills.length > 1 || storeField > 0 || tubsField > 0"
                @changed="setFill(row, $event)"
                @remove="removeFill(row)"
              />
            </ul>
            <button type="button" class="plain" @click="addFill">
              {{ $t('batch.batchPage.anotherKindOfPot') }}
            </button>
            <div class="measures">
              <NumberField
                v-model="storeField"
                :label="$t('batch.batchPage.forStore')"
                kind="volume"
                :decimals="1"
                input-id="store"
              />
              <NumberField
                v-model="tubsField"
                :label="$t('batch.batchPage.tubsFull')"
                :decimals="0"
                input-id="tubs"
              />
            </div>
            <div class="measures">
              <NumberField
                v-model="reserveField"
                :label="$t('batch.batchPage.reserve')"
                unit="%"
                :decimals="0"
                input-id="reserve"
              />
              <NumberField
                v-model="scoopField"
                :label="$t('batch.batchPage.myScoop')"
                kind="volume"
                input-id="scoop"
              />
              <NumberField
                v-model="tubField"
                :label="$t('batch.batchPage.myTub')"
                kind="volume"
                :decimals="1"
                input-id="tub"
              />
            </div>
          </fieldset>
        </section>
        <section :aria-label="$t('batch.batchPage.amounts')" :class="{ old: problem }">
          <BatchTotals :batch="batch" :fills="fills" />
          <AmountsTable :plan="plan" @pack="pack" />
          <p class="soft note">
            {{
              $t('batch.mix.rounded', {
                scoop: text(settings.measures.volume(batch.scoopLitres)),
                off: figure(plan.mostOffPercent, 1),
              })
            }}
            <template v-if="plan.betterScoopLitres !== undefined">
              {{
                $t('batch.mix.betterScoop', {
                  scoop: text(settings.measures.volume(plan.betterScoopLitres)),
                })
              }}
              <button type="button" class="plain" @click="scoopField = plan.betterScoopLitres">
                {{ $t('batch.batchPage.takeScoop') }}
              </button>
            </template>
            {{ $t('batch.batchPage.handlingCautions') }}
          </p>
          <StretchPanel :id="id" :batch="batch" />
        </section>
      </div>
    </template>
    <div v-else-if="!loadProblem">
      <div v-for="i in 4" :key="i" class="skeleton" style="height: 80px; margin-bottom: 10px" />
    </div>
  </main>
</template>

<style scoped>
.actions {
  display: flex;
  gap: 10px;
  align-items: baseline;
  margin-bottom: 18px;
}
.waiting {
  color: var(--marigold-ink);
  font-weight: 600;
}
.columns {
  display: grid;
  grid-template-columns: 380px minmax(0, 1fr);
  gap: 36px;
}
.columns > section:first-child {
  border-right: 1px dashed var(--stitch);
  padding-right: 30px;
}
h2 {
  margin-bottom: 8px;
}
.measures {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 18px;
  margin-top: 22px;
  border-top: 1px dashed var(--stitch);
  padding-top: 14px;
}
.measures :deep(input) {
  width: 4.4em;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}
.old {
  opacity: 0.4;
}
.note {
  margin-top: 14px;
  font-size: 13.5px;
}
@media (width <= 1120px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .columns > section:first-child {
    border: 0;
    padding: 0;
  }
}
</style>
