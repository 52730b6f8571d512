<script setup lang="ts">
import { computed } from 'vue'
import type { Answer, PotEvent, Potting } from '@/api/types'
import { daysBetween, shortDate } from '@/measure/days'
import { t } from '@/words'

/** What was seen of a pot and done to it, on one line from its potting to today. */
const props = defineProps<{
  potting: Potting
  today: string
  looks: readonly { id: string; lookedOn: string; answer: Answer }[]
  events: readonly PotEvent[]
}>()
const all = computed(() => Math.max(1, daysBetween(props.potting.pottedOn, props.today)))
const at = (day: string) =>
  Math.max(0, Math.min(100, (100 * daysBetween(props.potting.pottedOn, day)) / all.value))
const SIGNS: Record<PotEvent['kind'], string> = {
  MOVED: 'M2 7 H12 M8 3 L12 7 L8 11',
  LENT: 'M2 11 L11 3 M6 3 H11 V8',
  CAME_BACK: 'M12 3 L3 11 M3 6 V11 H8',
  GIVEN_AWAY: 'M2 11 L11 3 M6 3 H11 V8',
  LOST: 'M3 3 L11 11 M11 3 L3 11',
  REPOTTED: 'M3 4 H11 L10 12 H4 Z',
  DIVIDED: 'M7 12 V7 M7 7 L3 2 M7 7 L11 2',
  CUTTINGS: 'M7 12 V4 M7 8 Q3 7 3 3 M7 6 Q11 5 11 2',
  SET_UP: 'M3 4 H11 L10 12 H4 Z',
  FED: 'M7 3 A4 4 0 1 0 7.01 3',
  FLUSHED: 'M3 2 V6 M7 2 V8 M11 2 V6 M2 12 H12',
  TOPPED_UP: 'M2 11 H12 M7 2 V8 M4 6 L7 9 L10 6',
  NOTED: 'M4 2 H10 V12 H4 Z M5.5 5 H8.5 M5.5 8 H8.5',
  THRIVING: 'M7 12 V5 M7 8 Q3 8 2 4 Q6 4 7 8 M7 6 Q11 6 12 2 Q8 2 7 6',
  FLOWERED: 'M7 12 V7 M7 7 C4 7 3 4 5 3 C6 2 8 2 9 3 C11 4 10 7 7 7',
  LEAVES: 'M4 12 C3 7 6 4 11 3 C11 8 8 11 4 12 M4 12 L9 6',
  FAIR: 'M7 12 V6 M7 8 Q4 8 3 5 Q6 5 7 8',
  POOR: 'M7 12 V6 Q7 3 10 4 Q12 5 11 8',
  PICTURED: 'M2 4 H12 V11 H2 Z M7 6 A1.8 1.8 0 1 0 7.01 6',
}
const words = computed(() => {
  const dry = props.looks.filter((each) => each.answer === 'BONE_DRY').length
  const looks = t('pot.page.looks', { n: props.looks.length }, props.looks.length)
  return props.looks.length === 0 ? looks : `${looks}, ${t('pot.page.dry', { n: dry }, dry)}`
})
</script>

<template>
  <div>
    <div class="thread" role="img" :aria-label="words">
      <span
        v-for="each in looks"
        :key="each.id"
        class="look"
        :class="each.answer"
        :style="{ left: `${at(each.lookedOn)}%` }"
        :title="`${shortDate(each.lookedOn)}: ${$t(`pot.page.answer.${each.answer}`)}`"
      />
      <svg
        v-for="each in events"
        :key="each.id"
        class="event"
        viewBox="0 0 14 14"
        :style="{ left: `${at(each.on)}%` }"
      >
        <title>{{ `${shortDate(each.on)}: ${$t(`pot.event.${each.kind}`)}` }}</title>
        <path :d="SIGNS[each.kind]" />
      </svg>
    </div>
    <p class="ends soft">
      <span>{{ $t('pot.page.potted', { day: shortDate(potting.pottedOn) }) }}</span>
      <span>{{ words }}</span>
      <span>{{ $t('pot.page.today') }}</span>
    </p>
  </div>
</template>

<style scoped>
.thread {
  position: relative;
  height: 44px;
  margin: 2px 6px 0;
  border-bottom: 2px solid var(--bottle);
}
.look {
  position: absolute;
  bottom: -7px;
  width: 12px;
  height: 12px;
  margin-left: -6px;
  border-radius: 50%;
  background: var(--bottle);
}
.look.STILL_MOIST {
  background: var(--paper);
  border: 2px solid var(--bottle);
}
.look.BONE_DRY {
  background: var(--marigold);
}
.event {
  position: absolute;
  bottom: 14px;
  width: 20px;
  height: 20px;
  margin-left: -10px;
  background: var(--paper);
}
.event path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.ends {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  font-size: 13.5px;
  margin: 8px 0 0;
}
</style>
