<script setup lang="ts">
import { computed, onBeforeUnmount } from 'vue'
import type { Measured } from '@/api/types'
import { forgetKept, useKept } from '@/parts/useKept'
import NumberField from '@/measure/NumberField.vue'
import { EMPTY_DRAIN, KITCHEN_SIEVES, measuredOf, type Noted, notedOf } from './measuring'
import { without } from './words'

/** What can be measured with kitchen means: pH, weight, a drain test, a set of sieves. A test counts once all of it is written down. */
const model = defineModel<Measured>({ required: true })
const props = defineProps<{ idSuffix: string }>()
const MOST_SIEVES = 12
const LEAST_SIEVES = 2

const KEY = `loose-knit.measured.${props.idSuffix}`
const noted = useKept<{ tests: Noted }>(KEY, { tests: notedOf(model.value) })
const note = (tests: Noted) => {
  noted.value = { tests }
  model.value = measuredOf(model.value, tests)
}
const figureOf = (key: 'ph' | 'bulkDensityGPerL') =>
  computed({
    get: () => model.value[key],
    set: (value: number | undefined) => (model.value = without<Measured>({ ...model.value, [key]: value })),
  })
const ph = figureOf('ph')
const density = figureOf('bulkDensityGPerL')

const tests = computed(() => noted.value.tests)
const drain = (key: keyof typeof EMPTY_DRAIN) =>
  computed({
    get: () => tests.value.drain?.[key],
    set: (value: number | undefined) =>
      note({ ...tests.value, drain: { ...(tests.value.drain ?? EMPTY_DRAIN), [key]: value } }),
  })
const drainHeight = drain('heightCm')
const drainAir = drain('airPercent')
const drainWater = drain('waterPercent')
const noDrain = () => {
  const { drain: _gone, ...rest } = tests.value
  note(rest)
}

const sieves = computed(() => tests.value.sieves ?? [])
const setSieves = (next: NonNullable<Noted['sieves']>) => note({ ...tests.value, sieves: next })
const setSieve = (row: number, change: Partial<NonNullable<Noted['sieves']>[number]>) =>
  setSieves(sieves.value.map((each, i) => (i === row ? { ...each, ...change } : each)))
const addSieve = () =>
  setSieves([...sieves.value, { openingMm: (sieves.value.at(-1)?.openingMm ?? 1) * 2, stays: undefined }])
const through = computed({
  get: () => tests.value.throughAll,
  set: (value: number | undefined) => note({ ...tests.value, throughAll: value }),
})
const noSieves = () => {
  const { sieves: _gone, throughAll: _fines, ...rest } = tests.value
  note(rest)
}
const open = computed(
  () => (tests.value.drain && !model.value.drain) || (tests.value.sieves && !model.value.sieves),
)
onBeforeUnmount(() => {
  if (!open.value) {
    void forgetKept(KEY)
  }
})
const id = (name: string) => `${name}-${props.idSuffix}`
</script>

<template>
  <div class="measured-fields">
    <div class="line">
      <NumberField
        v-model="ph"
        :label="$t('shelf.measuredFields.phInASlurry')"
        :decimals="1"
        optional
        :input-id="id('ph')"
      />
      <NumberField
        v-model="density"
        :label="$t('shelf.measuredFields.dryWeight')"
        kind="density"
        :decimals="0"
        optional
        :input-id="id('density')"
      />
    </div>
    <div v-if="tests.drain" class="line">
      <NumberField
        v-model="drainHeight"
        :label="$t('shelf.measuredFields.drainedHeight')"
        kind="length"
        :decimals="1"
        optional
        :input-id="id('drain-height')"
      />
      <NumberField
        v-model="drainAir"
        :label="$t('shelf.measuredFields.air')"
        unit="%"
        :decimals="1"
        optional
        :input-id="id('drain-air')"
      />
      <NumberField
        v-model="drainWater"
        :label="$t('shelf.measuredFields.water')"
        unit="%"
        :decimals="1"
        optional
        :input-id="id('drain-water')"
      />
      <button type="button" class="plain out" @click="noDrain">
        {{ $t('shelf.measuredFields.notTested') }}
      </button>
    </div>
    <div v-if="tests.sieves" class="sieves">
      <span class="soft">{{ $t('shelf.measuredFields.whatStaysOnEachSieve') }}</span>
      <div v-for="(sieve, row) in sieves" :key="row" class="line">
        <NumberField
          :model-value="sieve.openingMm"
          :label="$t('shelf.measuredFields.openingOfSieve', { row: row + 1 })"
          hide-label
          unit="mm"
          :input-id="id(`opening-${row}`)"
          @update:model-value="setSieve(row, { openingMm: $event })"
        />
        <NumberField
          :model-value="sieve.stays"
          :label="$t('shelf.measuredFields.staysOnSieve', { row: row + 1 })"
          hide-label
          optional
          :input-id="id(`stays-${row}`)"
          @update:model-value="setSieve(row, { stays: $event })"
        />
        <button
          v-if="sieves.length > LEAST_SIEVES"
          type="button"
          class="plain out"
          :aria-label="$t('shelf.measuredFields.removeSieve', { row: row + 1 })"
          @click="setSieves(sieves.filter((_, i) => i !== row))"
        >
          ×
        </button>
      </div>
      <div class="line">
        <NumberField
          v-model="through"
          :label="$t('shelf.measuredFields.fallsThroughAll')"
          optional
          :input-id="id('through')"
        />
        <button v-if="sieves.length < MOST_SIEVES" type="button" class="plain out" @click="addSieve">
          {{ $t('shelf.measuredFields.oneMoreSieve') }}
        </button>
        <button type="button" class="plain out" @click="noSieves">
          {{ $t('shelf.measuredFields.notSieved') }}
        </button>
      </div>
    </div>
    <p v-if="open" class="soft">{{ $t('shelf.measuredFields.aTestCountsOnceAll') }}</p>
    <p v-if="!tests.drain || !tests.sieves" class="line">
      <button v-if="!tests.drain" type="button" class="plain" @click="note({ ...tests, drain: EMPTY_DRAIN })">
        {{ $t('shelf.measuredFields.noteADrainTest') }}
      </button>
      <button v-if="!tests.sieves" type="button" class="plain" @click="setSieves(KITCHEN_SIEVES)">
        {{ $t('shelf.measuredFields.noteASieving') }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.measured-fields,
.sieves {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.sieves {
  gap: 4px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: flex-end;
}
.out {
  font-weight: 400;
  padding-bottom: 7px;
}
</style>
