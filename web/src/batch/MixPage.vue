<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { useWakeLock } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Batch, Brief, Material, Mixing } from '@/api/types'
import MaterialPicker from '@/material/MaterialPicker.vue'
import { todayHere } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { useKeys } from '@/parts/keys'
import { say, sayProblem } from '@/parts/notices'
import { writeOver } from '@/parts/which'
import NotShown from '@/parts/NotShown.vue'
import { t } from '@/words'
import BatchThread from './BatchThread.vue'
import { scoopWords } from './scoops'
import SlipNotice from './SlipNotice.vue'
import TubDrawing from './TubDrawing.vue'
import { useMixing } from './useMixing'

/** The work at the tub, one thing at a time, in large type: each scoop a tap, the tub beside it, and what to do about a slip. */
const props = defineProps<{ id: string }>()
const { state, loadProblem, unsent, waiting, late, tap, open } = useMixing(props.id)
const router = useRouter()
const client = useQueryClient()
const settings = useSettings()
const { request, isSupported } = useWakeLock()
const brief = ref<Brief>()
onMounted(async () => {
  await open()
  try {
    brief.value = (await answer(api.GET('/api/batches/{id}', { params: { path: { id: props.id } } }))).brief
    if (isSupported.value) {
      await request('screen')
    }
  } catch {
    // the screen may go dark, and readings of a slip stay out: the work goes on
  }
})

const MOST_DRAWN = 10
const steps = computed(() => state.value?.steps ?? [])
const step = computed(() => (state.value?.next === undefined ? undefined : steps.value[state.value.next]))
const load = computed(() => step.value?.load ?? state.value?.loads ?? 1)
const ofLoad = computed(() => steps.value.filter((each) => each.load === load.value))
const place = computed(() => ofLoad.value.findIndex((each) => each === step.value) + 1)
/** What is under way for the step counts: two quick taps are two scoops, and never one too many. */
const underWay = computed(() =>
  unsent.value.filter((each) => each.load === step.value?.load && each.thingId === step.value?.thingId),
)
const inByNow = computed(
  () => (step.value?.done ?? 0) + underWay.value.reduce((sum, each) => sum + (each.amount ?? 0), 0),
)
const leftOver = computed(() => Math.max(0, (step.value?.scoops ?? 0) - inByNow.value))
const things = computed(() =>
  ofLoad.value
    .filter((each) => !each.weighed)
    .map(({ thingId, name, scoops, done }) => ({
      materialId: thingId,
      name,
      scoops,
      done,
      next: thingId === step.value?.thingId,
    })),
)
/** What was finished last: of this one, one too many may have gone in. */
const finished = computed(() => steps.value.filter((each) => each.done > 0 && each.over).at(-1))

const scoop = (amount: number) => {
  if (step.value && !step.value.weighed) {
    tap({ kind: 'SCOOPED', load: step.value.load, thingId: step.value.thingId, amount })
  }
}
const next = () => {
  if (step.value?.weighed) {
    if (underWay.value.length > 0) {
      return
    }
    tap({ kind: 'WEIGHED', load: step.value.load, thingId: step.value.thingId, amount: step.value.grams })
  } else if (leftOver.value > 0) {
    scoop(Math.min(1, leftOver.value))
  }
}
const undo = () => state.value?.lastTapId && tap({ kind: 'UNDONE', undoes: state.value.lastTapId })
const tooMany = () => {
  if (finished.value) {
    const { load: of, thingId, name } = finished.value
    tap({ kind: 'SCOOPED', load: of, thingId, amount: 1 })
    say(t('batch.mix.oneMoreNoted', { name }))
  }
}
const ranOut = () =>
  step.value && tap({ kind: 'RAN_OUT', load: step.value.load, thingId: step.value.thingId })
const stop = () => tap({ kind: 'STOPPED' })
const choosing = ref(false)
const instead = (chosen: Material) => {
  choosing.value = false
  if (step.value) {
    tap({
      kind: 'SCOOPED',
      load: step.value.load,
      thingId: chosen.id,
      amount: leftOver.value,
      ...(chosen.id === step.value.thingId ? {} : { insteadOf: step.value.thingId }),
    })
  }
}
const back = ({ load: of, thingId, scoops, grams }: Mixing['back'][number]) =>
  tap({ kind: grams > 0 ? 'WEIGHED' : 'SCOOPED', load: of, thingId, amount: grams > 0 ? grams : scoops })

useKeys({
  Enter: (event) => ((event.target as HTMLElement).closest('button, a') ? false : next()),
  ' ': (event) => ((event.target as HTMLElement).closest('button, a') ? false : next()),
  h: () => leftOver.value >= 0.5 && scoop(0.5),
  u: undo,
})

const mixed = async () => {
  try {
    const done = await writeOver<Batch, Batch>(
      state.value?.revision,
      (revision) =>
        answer(
          api.PUT('/api/batches/{id}/mixed', {
            params: { path: { id: props.id } },
            body: { mixedOn: todayHere(), ...(revision === undefined ? {} : { revision }) },
          }),
        ),
      {
        what: t('batch.mix.theBatch'),
        here: t('batch.mix.mixedToday'),
        there: (batch) =>
          batch.mixedOn
            ? t('batch.mix.mixedOn', { day: batch.mixedOn })
            : t('batch.mix.otherAmounts', {
                volume: text(settings.measures.volume(batch.plan.litresToMake)),
              }),
      },
    )
    await client.invalidateQueries({ queryKey: ['batches'] })
    if (!done) {
      return
    }
    say(t('batch.mix.isMixed'))
    await router.push(`/batches/${props.id}/test`)
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <main class="page">
    <NotShown v-if="loadProblem" :problem="loadProblem" list="batches" />
    <template v-if="state">
      <div class="page-head">
        <div>
          <h1>{{ $t('batch.mix.title', { blend: state.blendName }) }}</h1>
          <p class="soft">{{ $t('batch.mix.lot', { lot: state.lot, version: state.versionNumber }) }}</p>
        </div>
        <BatchThread :id="id" at="mix" />
      </div>
      <div class="halves">
        <section class="todo" aria-live="polite">
          <template v-if="step">
            <p class="where">
              {{ $t('batch.mix.where', { load: step.load, loads: state.loads, place, of: ofLoad.length }) }}
            </p>
            <h2 class="huge">
              <template v-if="step.weighed">{{ text(settings.measures.grams(step.grams)) }}</template>
              <template v-else>{{
                $t('batch.mix.scoops', { n: scoopWords(step.scoops) }, step.scoops > 1 ? 2 : 1)
              }}</template>
              <br />{{ step.name.toLowerCase() }}
            </h2>
            <p class="because">{{ step.because }}</p>
            <p v-if="!step.weighed" class="count" :aria-label="$t('batch.mix.countLabel')">
              <template v-if="step.scoops <= MOST_DRAWN">
                <span
                  v-for="i in Math.ceil(step.scoops)"
                  :key="i"
                  class="scoop"
                  :class="{ in: i <= inByNow + 1e-9, part: i > step.scoops + 1e-9 }"
                  aria-hidden="true"
                />
              </template>
              <b class="figures">{{
                $t('batch.mix.inOf', { done: scoopWords(inByNow), scoops: scoopWords(step.scoops) })
              }}</b>
            </p>
            <p class="doing">
              <Button
                class="next"
                size="large"
                :label="
                  step.weighed
                    ? $t('batch.mix.weighedIn')
                    : leftOver >= 1
                      ? $t('batch.mix.nextIn')
                      : $t('batch.mix.partIn', { part: scoopWords(leftOver) })
                "
                @click="next"
              />
              <template v-if="!step.weighed && leftOver > 1">
                <Button
                  size="large"
                  outlined
                  label="½"
                  :aria-label="$t('batch.mix.half')"
                  @click="scoop(0.5)"
                />
                <Button
                  size="large"
                  outlined
                  label="¼"
                  :aria-label="$t('batch.mix.quarter')"
                  @click="scoop(0.25)"
                />
              </template>
              <Button
                size="large"
                outlined
                :label="$t('batch.mix.undo')"
                :disabled="!state.lastTapId"
                @click="undo"
              />
            </p>
            <p class="slips">
              <button v-if="finished" type="button" class="plain" @click="tooMany">
                {{ $t('batch.mix.oneTooMany', { name: finished?.name.toLowerCase() }) }}
              </button>
              <template v-if="!step.weighed">
                <button type="button" class="plain" @click="ranOut">{{ $t('batch.mix.ranOut') }}</button>
                <button type="button" class="plain" @click="choosing = !choosing">
                  {{ $t('batch.mix.instead') }}
                </button>
              </template>
              <button type="button" class="plain" @click="stop">{{ $t('batch.mix.leaveOff') }}</button>
            </p>
            <MaterialPicker
              v-if="choosing"
              :label="$t('batch.mix.insteadOf', { name: step.name })"
              input-id="instead"
              @chosen="instead"
            />
          </template>
          <template v-else>
            <h2 class="huge">{{ $t(state.stopped ? 'batch.mix.stoppedHere' : 'batch.mix.allIn') }}</h2>
            <p class="because">{{ $t('batch.mix.turn') }}</p>
            <p class="doing">
              <Button
                class="next"
                size="large"
                :label="$t('batch.mix.itIsMixed')"
                :disabled="waiting > 0 || !state.made"
                @click="mixed"
              />
              <Button
                size="large"
                outlined
                :label="$t('batch.mix.undo')"
                :disabled="!state.lastTapId"
                @click="undo"
              />
            </p>
            <p v-if="finished && !state.stopped" class="slips">
              <button type="button" class="plain" @click="tooMany">
                {{ $t('batch.mix.oneTooMany', { name: finished?.name.toLowerCase() }) }}
              </button>
            </p>
          </template>
          <p v-if="late" class="say attention" role="status">
            {{ $t('batch.mix.notSent', { n: waiting }, waiting) }}
          </p>
          <SlipNotice v-if="state.differs" :state="state" :brief="brief" @back="back" />
          <p class="soft small">
            {{
              $t('batch.mix.rounded', {
                scoop: text(settings.measures.volume(state.scoopLitres)),
                off: figure(state.mostOffPercent, 1),
              })
            }}
            <template v-if="state.betterScoopLitres !== undefined">
              {{
                $t('batch.mix.betterScoop', {
                  scoop: text(settings.measures.volume(state.betterScoopLitres)),
                })
              }}
            </template>
          </p>
        </section>
        <section :aria-label="$t('batch.mix.inTheTub')">
          <h2>{{ $t('batch.mix.inTheTub') }}</h2>
          <TubDrawing :tub-litres="state.tubLitres" :scoop-litres="state.scoopLitres" :things="things" />
          <p class="soft small">
            {{
              $t('batch.mix.made', {
                made: text(settings.measures.volume(state.madeLitres)),
                tub: text(settings.measures.volume(state.tubLitres)),
              })
            }}
          </p>
        </section>
      </div>
    </template>
    <div v-else-if="!loadProblem" class="skeleton" style="height: 420px" />
  </main>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 40px;
  align-items: start;
}
.where {
  color: var(--soft-ink);
  font-size: 17px;
}
.huge {
  font: 700 44px/1.08 var(--heading);
  margin: 4px 0 8px;
}
.because {
  font-size: 18px;
  line-height: 1.4;
  max-width: 46ch;
}
.count {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin: 18px 0;
  font-size: 18px;
}
.scoop {
  width: 44px;
  height: 34px;
  border: 2px dashed var(--bottle);
  border-radius: 0 0 22px 22px;
}
.scoop.part {
  width: 26px;
  border-radius: 0 0 13px 13px;
}
.scoop.in {
  border-style: solid;
  background: var(--bottle-soft);
}
.doing {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 18px 0 16px;
}
.doing :deep(.p-button) {
  min-height: 60px;
  font-size: 19px;
  padding-inline: 22px;
}
.doing .next {
  min-width: 220px;
}
.slips {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 22px;
  margin-bottom: 14px;
}
.slips button {
  min-height: 32px;
}
.small {
  font-size: 14px;
}
@media (width <= 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
  .huge {
    font-size: 52px;
  }
}
</style>
