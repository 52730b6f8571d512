<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import type { BenchTest } from '@/api/types'
import { todayHere } from '@/measure/days'
import ChoiceList from '@/parts/ChoiceList.vue'
import { useKept } from '@/parts/useKept'
import NumberField from '@/measure/NumberField.vue'
import ContainerFields from './ContainerFields.vue'
import { howTo, KINDS, METHODS, SHOWS, type Kind } from './kinds'

/** Figures of one test. What is typed outlives a reload until the test is noted. */
const props = defineProps<{ blendId: string; busy: boolean; problem: string | undefined }>()
const emit = defineEmits<{ make: [test: BenchTest, madeOn: string, done: () => void] }>()

const START = {
  kind: 'DRAINAGE' as Kind,
  containerL: 1,
  heightCm: 12,
  waterInL: 0,
  drainedL: 0,
  moistureL: 0,
  wetG: 0,
  dryG: 0,
  shows: 'HOLDS_SHAPE' as NonNullable<BenchTest['shows']>,
  depthCm: 2,
  seconds: 5,
  reading: 6,
  method: 'SLURRY' as NonNullable<BenchTest['method']>,
  weeks: 0,
  day: '',
}
const form = useKept(`test-form-${props.blendId}`, START)
/** Today unless another day was said. */
const madeOn = computed({
  get: () => form.value.day || todayHere(),
  set: (day: string) => (form.value.day = day),
})

const test = computed<BenchTest>(() => {
  const it = form.value
  switch (it.kind) {
    case 'DRAINAGE':
      return {
        kind: it.kind,
        containerL: it.containerL,
        heightCm: it.heightCm,
        waterInL: it.waterInL,
        drainedL: it.drainedL,
        moistureL: it.moistureL,
      }
    case 'WEIGHING':
      return { kind: it.kind, containerL: it.containerL, heightCm: it.heightCm, wetG: it.wetG, dryG: it.dryG }
    case 'SQUEEZE':
      return { kind: it.kind, shows: it.shows }
    case 'PONDING':
      return { kind: it.kind, depthCm: it.depthCm, seconds: it.seconds }
    default:
      return { kind: 'PH', reading: it.reading, method: it.method, weeks: it.weeks }
  }
})
const note = () =>
  emit('make', test.value, madeOn.value, () => {
    form.value = {
      ...START,
      kind: form.value.kind,
      containerL: form.value.containerL,
      heightCm: form.value.heightCm,
    }
  })
</script>

<template>
  <form class="test-form" @submit.prevent="note">
    <ChoiceList v-model="form.kind" :options="KINDS" :label="$t('assay.testForm.kindOfTest')" hide-label />
    <p class="how">{{ howTo(form.kind) }}</p>
    <ContainerFields
      v-if="form.kind === 'DRAINAGE' || form.kind === 'WEIGHING'"
      :model-value="form"
      :kind="form.kind"
      id-prefix="test"
      @update:model-value="form = { ...form, ...$event }"
    />
    <template v-else-if="form.kind === 'PH'">
      <ChoiceList v-model="form.method" :options="METHODS" :label="$t('assay.testForm.how')" />
      <div class="fields">
        <NumberField
          v-model="form.reading"
          :label="$t('assay.testForm.itReads')"
          unit="pH"
          :decimals="1"
          input-id="test-ph"
        />
        <NumberField
          v-model="form.weeks"
          :label="$t('assay.testForm.limedSince')"
          unit="weeks"
          :decimals="1"
          input-id="test-weeks"
        />
      </div>
    </template>
    <div v-else-if="form.kind === 'PONDING'" class="fields">
      <NumberField
        v-model="form.depthCm"
        :label="$t('assay.testForm.poured')"
        kind="length"
        input-id="test-depth"
      />
      <NumberField
        v-model="form.seconds"
        :label="$t('assay.testForm.goneAfter')"
        unit="s"
        :decimals="1"
        input-id="test-seconds"
      />
    </div>
    <ChoiceList v-else v-model="form.shows" :options="SHOWS" :label="$t('assay.testForm.theHandful')" />
    <div class="day">
      <label for="test-day">{{ $t('assay.testForm.madeOn') }}</label>
      <InputText id="test-day" v-model="madeOn" type="date" :max="todayHere()" required />
    </div>
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <div><Button type="submit" :label="$t('assay.testForm.noteIt')" :disabled="busy" /></div>
  </form>
</template>

<style scoped>
.test-form {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.how {
  font-size: 14.5px;
  line-height: 1.4;
}
.day {
  display: flex;
  flex-direction: column;
  gap: 2px;
  align-items: flex-start;
}
</style>
