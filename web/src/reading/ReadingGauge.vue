<script setup lang="ts">
import { computed } from 'vue'
import type { Reading } from '@/api/types'
import { figure, inUnit } from '@/measure/units'
import { t } from '@/words'
import { placeOn, scaleOf, ticksOf, toneOf } from './gauge'

/** One reading: what is wanted, more faintly what is bearable, its value as a diamond and the 80 % interval as a whisker. Opens how it was worked out. */
const props = defineProps<{
  reading: Reading
  open?: boolean
  before?: { value: number; version: number } | undefined
}>()
const emit = defineEmits<{ explain: [] }>()
const WIDTH = 236

const scale = computed(() => scaleOf(props.reading))
const x = (value: number) => placeOn(scale.value, value) * WIDTH
const shown = computed(() => inUnit(props.reading.value, props.reading.unit, props.reading.decimals))
const banded = computed(() => props.reading.targetLow !== undefined || props.reading.targetHigh !== undefined)
const bandFrom = computed(() => x(props.reading.targetLow ?? scale.value.low))
const bandTo = computed(() => x(props.reading.targetHigh ?? scale.value.high))
const bearFrom = computed(() => x(props.reading.bearableLow ?? scale.value.low))
const bearTo = computed(() => x(props.reading.bearableHigh ?? scale.value.high))
const tone = computed(() => toneOf(props.reading.verdict))
/** What changed since the version kept last, if it shows at the figure's own precision. */
const since = computed(() => {
  if (!props.before) {
    return ''
  }
  const { unit, decimals } = props.reading
  const now = inUnit(props.reading.value, unit, decimals).figure
  const was = inUnit(props.before.value, unit, decimals).figure
  const number = (words: string) => Number(words.replace('−', '-'))
  const change = number(now) - number(was)
  if (change === 0 || !Number.isFinite(change)) {
    return ''
  }
  const places = now.split('.')[1]?.length ?? 0
  return t('reading.since', {
    change: `${change > 0 ? '+' : ''}${figure(change, places)}`,
    version: props.before.version,
  })
})
const likely = computed(() => {
  const low = inUnit(props.reading.low80, props.reading.unit, props.reading.decimals)
  const high = inUnit(props.reading.high80, props.reading.unit, props.reading.decimals)
  return t('reading.readingGauge.range', { low: low.figure, high: high.figure })
})
</script>

<template>
  <section class="reading" :class="tone" :data-quality="reading.quality">
    <button type="button" class="open" :aria-expanded="open" @click="emit('explain')">
      <span class="label">{{ reading.label }}</span>
      <span class="value">
        <b class="figures">{{ shown.figure }}</b> <small>{{ shown.unit }}</small>
      </span>
      <span class="visually-hidden">{{
        $t('reading.readingGauge.likelyHowThisWasWorked', { likely, words: reading.words })
      }}</span>
    </button>
    <svg :viewBox="`-7 0 ${WIDTH + 14} 20`" aria-hidden="true">
      <rect
        v-if="banded"
        :x="bearFrom"
        y="5"
        :width="Math.max(1, bearTo - bearFrom)"
        height="7"
        class="bearable"
      />
      <rect
        v-if="banded"
        :x="bandFrom"
        y="2"
        :width="Math.max(1, bandTo - bandFrom)"
        height="13"
        class="band"
      />
      <g v-if="banded" class="band-ends">
        <line v-if="reading.targetLow !== undefined" :x1="bandFrom" y1="1" :x2="bandFrom" y2="16" />
        <line v-if="reading.targetHigh !== undefined" :x1="bandTo" y1="1" :x2="bandTo" y2="16" />
      </g>
      <line x1="0" y1="16" :x2="WIDTH" y2="16" class="axis" />
      <line
        v-for="tick in ticksOf(scale)"
        :key="tick"
        :x1="x(tick)"
        y1="14"
        :x2="x(tick)"
        y2="18"
        class="axis"
      />
      <path v-if="since && before" :d="`M${x(before.value)} 3.5 l5 5 l-5 5 l-5 -5 Z`" class="was" />
      <line :x1="x(reading.low80)" y1="8.5" :x2="x(reading.high80)" y2="8.5" class="whisker" />
      <path :d="`M${x(reading.value)} 3.5 l5 5 l-5 5 l-5 -5 Z`" class="diamond" />
    </svg>
    <p class="words">
      {{ reading.words || '\u00a0' }}
      <span v-if="since" class="since figures">{{ since }}</span>
    </p>
  </section>
</template>

<style scoped>
.reading {
  --tone: var(--bottle);
}
.reading.out {
  --tone: var(--marigold-ink);
}
.reading.little {
  --tone: var(--soft-ink);
}
.reading.free {
  --tone: var(--soft-ink);
}
.open {
  position: relative;
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
  width: 100%;
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  color: inherit;
  cursor: pointer;
  text-align: left;
}
.open:hover .label {
  text-decoration: underline;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
.value {
  white-space: nowrap;
}
.value b {
  font-size: 17px;
  font-weight: 600;
}
.value small {
  color: var(--soft-ink);
}
svg {
  display: block;
  width: calc(100% + 14px);
  margin: 0 -7px;
}
.band {
  fill: var(--bottle-soft);
}
.bearable {
  fill: var(--bottle-soft);
  opacity: 0.55;
}
.band-ends line {
  stroke: var(--bottle);
  stroke-dasharray: 2 2;
}
.axis {
  stroke: var(--stitch);
}
.whisker {
  stroke: var(--tone);
  stroke-width: 2;
}
.diamond {
  fill: var(--tone);
}
.was {
  fill: var(--paper);
  stroke: var(--soft-ink);
}
.since {
  float: right;
  font-weight: 400;
  color: var(--soft-ink);
  font-size: 12.5px;
}
.words {
  font-size: 13px;
  line-height: 1.2;
  color: var(--soft-ink);
}
.out .words {
  color: var(--marigold-ink);
  font-weight: 600;
}
</style>
