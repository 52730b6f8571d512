<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { BenchTest, TestKind } from '@/api/types'
import NumberField from '@/measure/NumberField.vue'
import { figure } from '@/measure/units'
import ChoiceList from '@/parts/ChoiceList.vue'
import { sayProblem } from '@/parts/notices'
import { useKept } from '@/parts/useKept'
import { EXTRACTS, METHODS, SHOWS } from './kinds'
import { START, testOf, type Figures } from './figures'
import ContainerFields from './ContainerFields.vue'
import SqueezeDrawing from './SqueezeDrawing.vue'

/** The figures of one kind of test of a heap, typed or taken from the instruments. What is typed outlives a reload until it is noted. */
const props = defineProps<{
  batchId: string
  kind: TestKind['kind']
  /** How long the sample has to stand; 0 if it need not. */
  waitMinutes: number
  busy: boolean
  problem: string | undefined
}>()
const emit = defineEmits<{ note: [test: BenchTest] }>()
const form = useKept<Figures>(`batch-test.${props.batchId}`, START)
const SLURRIES = METHODS.filter((each) => each.value !== 'PROBE')
const begun = useKept<{ at: Partial<Record<TestKind['kind'], number>> }>(`batch-test-wait.${props.batchId}`, {
  at: {},
})
const timestamp = ref(Date.now())
useIntervalFn(() => (timestamp.value = Date.now()), 1000)
const wait = computed(() => {
  const minutes = props.waitMinutes
  const from = begun.value.at[props.kind]
  return minutes === 0 || from === undefined
    ? undefined
    : Math.round((from + minutes * 60_000 - timestamp.value) / 1000)
})
const clock = (seconds: number) =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`
const begin = () => (begun.value = { at: { ...begun.value.at, [props.kind]: Date.now() } })

const pouredAt = ref<number>()
const stopwatch = () => {
  if (pouredAt.value === undefined) {
    pouredAt.value = Date.now()
  } else {
    form.value.seconds = Math.max(0.1, Math.round((Date.now() - pouredAt.value) / 100) / 10)
    pouredAt.value = undefined
  }
}
const running = computed(() =>
  pouredAt.value === undefined ? undefined : Math.max(0, (timestamp.value - pouredAt.value) / 1000),
)

const weigh = async (dried: boolean) => {
  try {
    const { containerL, heightCm } = form.value
    const { grams } = await answer(
      api.POST('/api/devices/scale', { body: { batchId: props.batchId, containerL, heightCm, dried } }),
    )
    form.value[dried ? 'dryG' : 'wetG'] = grams
  } catch (error) {
    sayProblem(error)
  }
}
const readSalts = async () => {
  try {
    const { dsPerM } = await answer(
      api.POST('/api/devices/salts', { body: { batchId: props.batchId, extract: form.value.extract } }),
    )
    form.value.dsPerM = dsPerM
  } catch (error) {
    sayProblem(error)
  }
}
defineExpose({
  fill: (figures: Partial<Figures>) => (form.value = { ...form.value, ...figures }),
  clear: () => {
    const { containerL, heightCm } = form.value
    form.value = { ...START, containerL, heightCm }
    begun.value = { at: {} }
  },
})
</script>

<template>
  <form class="test" @submit.prevent="emit('note', testOf(kind, form))">
    <ContainerFields
      v-if="kind === 'DRAINAGE' || kind === 'WEIGHING'"
      :model-value="form"
      :kind="kind"
      id-prefix="heap"
      @update:model-value="form = { ...form, ...$event }"
    >
      <template #wet>
        <Button
          type="button"
          outlined
          size="small"
          :label="$t('assay.batchTest.scaleWet')"
          @click="weigh(false)"
        />
      </template>
      <template #dry>
        <Button
          type="button"
          outlined
          size="small"
          :label="$t('assay.batchTest.scaleDry')"
          @click="weigh(true)"
        />
      </template>
    </ContainerFields>
    <fieldset v-if="kind === 'SQUEEZE'" class="shows">
      <legend>{{ $t('assay.testForm.theHandful') }}</legend>
      <label v-for="each in SHOWS" :key="each.value" :class="{ on: form.shows === each.value }">
        <input v-model="form.shows" type="radio" name="heap-shows" :value="each.value" />
        <SqueezeDrawing :shows="each.value" />
        {{ each.label }}
      </label>
    </fieldset>
    <div v-if="kind === 'PONDING'" class="fields">
      <NumberField
        v-model="form.depthCm"
        :label="$t('assay.testForm.poured')"
        kind="length"
        input-id="heap-depth"
      />
      <NumberField
        v-model="form.seconds"
        :label="$t('assay.testForm.goneAfter')"
        unit="s"
        :decimals="1"
        input-id="heap-seconds"
      />
      <Button
        type="button"
        outlined
        :label="
          running === undefined
            ? $t('assay.batchTest.pourNow')
            : $t('assay.batchTest.goneNow', { seconds: figure(running, 0) })
        "
        @click="stopwatch"
      />
    </div>
    <ChoiceList
      v-if="kind === 'PH_SLURRY'"
      v-model="form.method"
      :options="SLURRIES"
      :label="$t('assay.testForm.how')"
    />
    <NumberField
      v-if="kind === 'PH_PROBE' || kind === 'PH_SLURRY'"
      v-model="form.reading"
      :label="$t('assay.testForm.itReads')"
      unit="pH"
      :decimals="2"
      input-id="heap-ph"
    />
    <template v-if="kind === 'SALTS'">
      <ChoiceList v-model="form.extract" :options="EXTRACTS" :label="$t('assay.testForm.how')" />
      <div class="fields">
        <NumberField
          v-model="form.dsPerM"
          :label="$t('assay.testForm.itReads')"
          unit="dS/m"
          input-id="heap-salts"
        />
        <Button type="button" outlined size="small" :label="$t('assay.batchTest.meter')" @click="readSalts" />
      </div>
    </template>
    <NumberField
      v-if="kind === 'MOISTURE'"
      v-model="form.waterPercent"
      :label="$t('assay.batchTest.water')"
      unit="%"
      :decimals="0"
      input-id="heap-water"
    />
    <p v-if="waitMinutes > 0" class="waits">
      <b v-if="wait !== undefined" class="figures" role="timer">{{
        wait > 0 ? clock(wait) : $t('batch.prepare.ready')
      }}</b>
      <button type="button" class="plain" @click="begin">
        {{ $t('batch.prepare.wait', { minutes: waitMinutes }) }}
      </button>
    </p>
    <slot />
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <div><Button type="submit" size="large" :label="$t('assay.testForm.noteIt')" :disabled="busy" /></div>
  </form>
</template>

<style scoped>
.test {
  display: flex;
  flex-direction: column;
  gap: 12px;
  border-top: 1px dashed var(--stitch);
  padding-top: 12px;
}
.shows {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
  gap: 8px;
}
.shows label {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  text-align: center;
  padding: 8px 6px;
  border: 1px solid var(--line);
  background: var(--sheet);
  cursor: pointer;
}
.shows label.on {
  border-color: var(--bottle);
  background: var(--bottle-soft);
  font-weight: 600;
}
.shows label:has(:focus-visible) {
  outline: 2px solid var(--bottle);
  outline-offset: 1px;
}
.shows input {
  position: absolute;
  opacity: 0;
}
.waits {
  display: flex;
  gap: 14px;
  align-items: baseline;
}
.waits b {
  font-size: 22px;
}
</style>
