<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { figure } from '@/measure/units'
import LineChart, { type Line } from '@/parts/LineChart.vue'
import TickField from '@/parts/TickField.vue'
import { t } from '@/words'
import { useProbe } from './useProbe'

/** The probe at work: set by its buffers, pushed in, and watched until its curve says that it has settled. */
const props = defineProps<{ batchId: string }>()
const emit = defineEmits<{ reading: [ph: number]; water: [share: number] }>()
const { sitting, calibration, push, pull, keep, sits } = useProbe(props.batchId)
const damped = ref(true)
/** An end that is known no better than this is not drawn: its band would hide the curve. */
const FAR = 0.45
/** Two standard deviations hold about nineteen of twenty. */
const BAND = 2
const inMix = computed(() => sitting.value?.medium === 'MIX')
const clock = computed(() => {
  const seconds = sitting.value?.seconds ?? 0
  return `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`
})
const lines = computed<Line[]>(() => {
  const it = sitting.value
  if (!it) {
    return []
  }
  const points = it.curve.map(({ seconds, ph }): [number, number] => [seconds / 60, ph])
  const goes = it.end === undefined || (it.endOff ?? FAR) > FAR ? [] : [it.end]
  return [
    { name: t('assay.probe.shows'), points, ink: 'bottle' },
    ...goes.map((end): Line => {
      const off = BAND * (it.endOff ?? 0)
      const to = Math.max(10, it.seconds / 60)
      return {
        name: t('assay.probe.goes'),
        ink: 'marigold',
        dashed: true,
        points: [
          [0, end],
          [to, end],
        ],
        band: [
          [0, end - off, end + off],
          [to, end - off, end + off],
        ],
      }
    }),
  ]
})
const values = computed(() => lines.value.flatMap((line) => line.points.map(([, y]) => y)))
const low = computed(() => Math.floor(Math.min(...values.value, 6.8) * 2) / 2 - 0.5)
const high = computed(() => Math.ceil(Math.max(...values.value, 7) * 2) / 2)
</script>

<template>
  <div class="probe">
    <p v-if="calibration" class="small" :class="{ warns: !calibration.set || calibration.wornOut }">
      {{ calibration.says }}
    </p>
    <div class="push">
      <Button
        :label="$t('assay.probe.intoHeap')"
        :outlined="sits"
        size="small"
        @click="push('MIX', damped)"
      />
      <Button
        :label="$t('assay.probe.intoSeven')"
        outlined
        size="small"
        @click="push('BUFFER_SEVEN', true)"
      />
      <Button :label="$t('assay.probe.intoFour')" outlined size="small" @click="push('BUFFER_FOUR', true)" />
      <button v-if="sits" type="button" class="plain" @click="pull">{{ $t('assay.probe.pullOut') }}</button>
      <TickField v-model="damped" :label="$t('assay.probe.damped')" input-id="probe-damped" />
    </div>
    <template v-if="sitting">
      <p v-if="sitting.refused" class="say harm" role="alert">{{ sitting.refused }}</p>
      <template v-else>
        <p class="state" role="status">
          <b class="figures now">{{ figure(sitting.now, 2) }}</b>
          <span class="soft">{{ $t(`assay.probe.in.${sitting.medium}`) }} · {{ clock }}</span>
          <span :class="{ settled: sitting.settled }">{{ sitting.says }}</span>
        </p>
        <LineChart
          :label="$t('assay.probe.curve')"
          :lines="lines"
          :x-name="$t('assay.probe.minutes')"
          y-name="pH"
          :y-min="low"
          :y-max="high"
          :x-max="Math.max(10, Math.ceil(sitting.seconds / 60))"
          :decimals="2"
          :height="150"
        />
        <p class="push">
          <template v-if="inMix">
            <Button
              v-if="sitting.settled"
              :label="$t('assay.probe.take')"
              size="small"
              @click="emit('reading', sitting.now)"
            />
            <button
              v-else-if="sitting.foreseen && sitting.end !== undefined"
              type="button"
              class="plain"
              @click="emit('reading', sitting.end)"
            >
              {{ $t('assay.probe.takeEarly') }}
            </button>
            <button type="button" class="plain" @click="emit('water', sitting.water)">
              {{ $t('assay.probe.moisture', { percent: figure(sitting.water * 100, 0) }) }}
            </button>
          </template>
          <Button
            v-else
            :label="$t(sitting.kept ? 'assay.probe.isKept' : 'assay.probe.keep')"
            :disabled="!sitting.settled || sitting.kept"
            size="small"
            @click="keep"
          />
        </p>
      </template>
    </template>
  </div>
</template>

<style scoped>
.probe {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.push {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}
.state {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}
.now {
  font-size: 34px;
  font-weight: 600;
}
.settled {
  color: var(--bottle);
  font-weight: 600;
}
.warns {
  color: var(--marigold-ink);
}
.small {
  font-size: 14px;
}
</style>
