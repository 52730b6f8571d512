<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Evaluation, Reading, Remedy } from '@/api/types'
import StopList from '@/caution/StopList.vue'
import ReadingExplained from './ReadingExplained.vue'
import { inALine } from './gauge'
import ReadingGauge from './ReadingGauge.vue'
import ReadingLine from './ReadingLine.vue'

/** All readings, with what is worst in a sentence and what would mend it on top. */
const props = defineProps<{
  evaluation: Evaluation | undefined
  problem: string | undefined
  /** Whether nothing has been composed yet. */
  empty: boolean
  accepted: readonly string[]
  blendId: string
  before?: { version: number; values: ReadonlyMap<string, number> } | undefined
}>()
const emit = defineEmits<{ remedy: [remedy: Remedy]; accept: [ruleIds: string[]] }>()
const opened = ref<Reading['quality'] | undefined>()
const beforeOf = (quality: string) => {
  const value = props.before?.values.get(quality)
  return props.before && value !== undefined ? { value, version: props.before.version } : undefined
}
const drawn = computed(() => props.evaluation?.readings.filter((each) => !inALine(each)) ?? [])
const lined = computed(() => props.evaluation?.readings.filter(inALine) ?? [])
const toggle = (quality: Reading['quality']) => {
  opened.value = opened.value === quality ? undefined : quality
}
</script>

<template>
  <div class="readings">
    <h2 class="visually-hidden">{{ $t('reading.readingsPanel.readings') }}</h2>
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <template v-if="evaluation">
      <StopList :cautions="evaluation.cautions" :accepted="accepted" @accept="emit('accept', $event)" />
      <div class="headline" :class="{ fits: evaluation.fits }" aria-live="polite">
        <b>{{ evaluation.headline }}</b>
        <ul v-if="evaluation.remedies.length > 0" class="choices">
          <li v-for="(remedy, i) in evaluation.remedies" :key="remedy.words">
            <button type="button" class="plain" @click="emit('remedy', remedy)">
              {{ remedy.words
              }}<kbd v-if="i === 0" aria-hidden="true" :title="$t('reading.remedyKey')">r</kbd>
            </button>
          </li>
        </ul>
      </div>
      <div :class="{ old: problem }">
        <template v-for="reading in drawn" :key="reading.quality">
          <ReadingGauge
            :reading="reading"
            :open="opened === reading.quality"
            :before="beforeOf(reading.quality)"
            @explain="toggle(reading.quality)"
          />
          <ReadingExplained v-if="opened === reading.quality" :reading="reading" :blend-id="blendId" />
        </template>
        <div class="lines">
          <template v-for="reading in lined" :key="reading.quality">
            <ReadingLine
              :reading="reading"
              :open="opened === reading.quality"
              @explain="toggle(reading.quality)"
            />
            <ReadingExplained v-if="opened === reading.quality" :reading="reading" :blend-id="blendId" />
          </template>
        </div>
      </div>
    </template>
    <p v-else-if="empty" class="soft">{{ $t('reading.readingsPanel.nothingToReadYet') }}</p>
    <template v-else-if="!problem">
      <div v-for="i in 8" :key="i" class="skeleton" style="height: 46px; margin-bottom: 14px" />
    </template>
  </div>
</template>

<style scoped>
.readings {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.readings :deep(.reading) {
  margin-bottom: 4px;
}
.lines {
  margin-top: 8px;
  display: flex;
  flex-direction: column;
  gap: 1px;
}
.headline {
  border-left: 3px solid var(--marigold);
  background: var(--marigold-soft);
  padding: 6px 10px;
  font-size: 14px;
  line-height: 1.3;
}
.headline.fits {
  border-color: var(--bottle);
  background: var(--bottle-soft);
}
.headline .plain {
  font-weight: 400;
  color: inherit;
  text-align: left;
  font-size: 13.5px;
  padding: 4px 0;
}
.headline kbd {
  font: 12px var(--figures);
  border: 1px solid var(--stitch);
  padding: 0 5px;
  margin-left: 6px;
  display: inline-block;
}
.headline li {
  margin-top: 1px;
}
.old {
  opacity: 0.4;
}
</style>
