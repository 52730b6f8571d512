<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Answer, OnScale, RoundPot } from '@/api/types'
import { agoWords, daysBetween } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { potWords } from '@/need/words'
import PotThumb from '@/planting/PotThumb.vue'
import { t } from '@/words'
import { ANSWERS } from './answers'
import WeighPot from './WeighPot.vue'

/** One pot on the round, or several alike: how much water is left as reckoned, how to tell, and the answers as large buttons. */
const props = defineProps<{ pots: readonly RoundPot[]; today: string; at: boolean }>()
const emit = defineEmits<{ answer: [answer: Answer, grams?: number]; apart: []; focus: [] }>()
const settings = useSettings()
const first = computed(() => props.pots[0] as RoundPot)
const potting = computed(() => first.value.potting)
const many = computed(() => props.pots.length > 1)
const NAMED = 3
const labels = computed(() => {
  const all = props.pots.map((each) => each.potting.label)
  return all.length <= NAMED + 1
    ? all.join(', ')
    : t('care.round.labels', { labels: all.slice(0, NAMED).join(', '), n: all.length - NAMED })
})
const name = computed(() =>
  many.value
    ? t('care.round.many', { n: props.pots.length, plant: potting.value.plantName })
    : potting.value.label,
)
const tells = computed(() => [
  ...(potting.value.wantsKg === undefined
    ? []
    : [t('care.round.lift', { kg: text(settings.measures.mass(potting.value.wantsKg)) })]),
  ...(potting.value.leafSign ? [potting.value.leafSign] : []),
  ...(potting.value.lookHint ? [potting.value.lookHint] : []),
])
const ago = computed(() => agoWords(daysBetween(potting.value.lastWateredOn, props.today)))

const weighing = ref(false)
const onScale = ref<OnScale>()
/** What a weight suggests is marked; whoever stands there decides. */
const suggested = computed(() => onScale.value?.suggests)
const give = (answer: Answer) => emit('answer', answer, onScale.value?.grams)

const SWIPE_PX = 90
const dragged = ref(0)
let from: { x: number; y: number } | undefined
const down = (event: TouchEvent) => {
  const [touch] = event.touches
  from = touch && event.touches.length === 1 ? { x: touch.clientX, y: touch.clientY } : undefined
}
const move = (event: TouchEvent) => {
  const [touch] = event.touches
  if (from && touch) {
    const across = touch.clientX - from.x
    dragged.value = Math.abs(across) > 2 * Math.abs(touch.clientY - from.y) ? across : 0
  }
}
const up = () => {
  if (Math.abs(dragged.value) > SWIPE_PX) {
    give(dragged.value > 0 ? 'WATERED' : 'STILL_MOIST')
  }
  dragged.value = 0
  from = undefined
}
</script>

<template>
  <article
    class="round-card"
    :class="{ at }"
    tabindex="-1"
    :aria-label="name"
    :style="{ transform: dragged ? `translateX(${dragged}px)` : undefined }"
    @focusin="emit('focus')"
    @touchstart.passive="down"
    @touchmove.passive="move"
    @touchend="up"
    @touchcancel="up"
  >
    <PotThumb
      :pot="potting.brief.pot"
      :set-up="potting.setUp"
      :kind="potting.setUpKind"
      :plant="potting"
      :water="first.left"
      large
    />
    <div class="who">
      <b>
        <RouterLink v-if="!many" :to="`/pots/${potting.id}`">{{ name }}</RouterLink>
        <template v-else>{{ name }}</template>
      </b>
      <span class="soft">
        <template v-if="many">{{ labels }}</template>
        <template v-else>{{ potting.plantName }}</template>
        · {{ potting.brief.pot ? potWords(potting.brief.pot, settings.measures) : '' }} ·
        {{ $t('care.round.wateredAgo', { ago }) }}, {{ potting.nextLookBecause }}
      </span>
      <ul class="tells">
        <li v-for="each in tells" :key="each">{{ each }}</li>
      </ul>
      <span class="links">
        <button v-if="many" type="button" class="plain" @click="emit('apart')">
          {{ $t('care.round.oneByOne') }}
        </button>
        <template v-else>
          <RouterLink :to="`/pots/${potting.id}/wrong`">{{ $t('care.round.wrong') }}</RouterLink>
          <button
            type="button"
            class="plain"
            :aria-expanded="weighing"
            :aria-label="`${$t('care.weigh.weigh')}: ${name}`"
            @click="weighing = !weighing"
          >
            {{ $t('care.weigh.weigh') }}
          </button>
        </template>
      </span>
      <WeighPot v-if="weighing && !many" :potting-id="potting.id" :label="name" @weighed="onScale = $event" />
    </div>
    <div class="answers" role="group" :aria-label="$t('care.round.answers', { label: name })">
      <button
        v-for="(each, i) in ANSWERS"
        :key="each"
        type="button"
        :class="['answer', each, { suggested: each === suggested }]"
        :data-key="i + 1"
        :aria-label="`${$t(`care.round.answer.${each}`)}: ${name}`"
        @click="give(each)"
      >
        {{ $t(`care.round.answer.${each}`) }}
      </button>
    </div>
  </article>
</template>

<style scoped>
.round-card {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr) minmax(0, 400px);
  gap: 6px 18px;
  align-items: center;
  padding: 8px 8px 10px;
  border-bottom: 1px solid var(--line);
  border-left: 3px solid transparent;
  outline: none;
}
.round-card.at {
  border-left-color: var(--bottle);
  background: var(--sheet);
}
.who {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.who b {
  font-size: 18px;
  overflow-wrap: anywhere;
}
.who b a {
  color: inherit;
}
.who .soft {
  font-size: 13.5px;
}
.tells {
  margin: 0;
  padding: 0;
  list-style: none;
  font-weight: 600;
  font-size: 14.5px;
}
.tells li::first-letter {
  text-transform: uppercase;
}
.links {
  font-size: 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: center;
}
.links .plain {
  min-height: 26px;
}
.answer.suggested {
  outline: 2px solid var(--marigold);
  outline-offset: 1px;
}
.answers {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
}
.answer {
  font: inherit;
  font-weight: 700;
  line-height: 1.15;
  min-height: 52px;
  padding: 4px 8px;
  color: var(--bottle);
  background: var(--sheet);
  border: 1px solid var(--stitch);
  cursor: pointer;
}
.answer.WATERED {
  color: var(--paper);
  background: var(--bottle);
}
.answer.SKIPPED {
  color: var(--soft-ink);
  font-weight: 400;
}
.answer:hover {
  border-color: var(--bottle);
}
.at .answer::after {
  content: attr(data-key);
  font: 12px var(--figures);
  opacity: 0.75;
  margin-left: 5px;
}
@media (hover: none) {
  .at .answer::after {
    content: none;
  }
}
@media (width <= 1000px) {
  .round-card {
    grid-template-columns: 84px minmax(0, 1fr);
  }
  .answers {
    grid-column: 1 / -1;
  }
}
@media (width <= 600px) {
  .answer {
    min-height: 60px;
  }
}
</style>
