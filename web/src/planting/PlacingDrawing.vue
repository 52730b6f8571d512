<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Places, Placing, Pot } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'
import { WALL_LOOKS } from './walls'

/** A pot from above and to scale, with each place and the room that it is to have; where it may be changed, by pointer or arrow keys. */
const props = defineProps<{ placing: Placing; places: Places; wall: Pot['wall']; edit?: boolean }>()
const emit = defineEmits<{ moved: [spots: Placing['spots']] }>()
const settings = useSettings()
const clip = useId()

const SIZE = 340
const EDGE = 24
const mouth = computed(() => props.placing.mouth)
const scale = computed(() => (SIZE - EDGE) / Math.max(mouth.value.wideCm, mouth.value.deepCm))
const high = computed(() => mouth.value.deepCm * scale.value + EDGE)
const x = (cm: number) => SIZE / 2 + cm * scale.value
const y = (cm: number) => high.value / 2 - cm * scale.value
const cm = (value: number) => text(settings.measures.length(Math.round(value * 10) / 10))
const spots = computed(() => props.places.spots)

const move = (i: number, dx: number, dy: number) =>
  emit(
    'moved',
    spots.value.map((spot, j) => (j === i ? { ...spot, x: spot.x + dx, y: spot.y + dy } : spot)),
  )
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-0.5, 0],
  ArrowRight: [0.5, 0],
  ArrowUp: [0, 0.5],
  ArrowDown: [0, -0.5],
}
const key = (event: KeyboardEvent, i: number) => {
  const step = props.edit ? STEPS[event.key] : undefined
  if (step) {
    event.preventDefault()
    move(i, ...step)
  }
}
const press = (event: PointerEvent, i: number) => {
  const target = event.currentTarget as SVGGElement
  const svg = target.ownerSVGElement
  if (!props.edit || !svg || event.button !== 0) {
    return
  }
  event.preventDefault()
  target.focus()
  target.setPointerCapture(event.pointerId)
  const at = (each: PointerEvent) =>
    new DOMPoint(each.clientX, each.clientY).matrixTransform(svg.getScreenCTM()?.inverse())
  let last = at(event)
  const follow = (each: PointerEvent) => {
    const now = at(each)
    move(i, (now.x - last.x) / scale.value, -(now.y - last.y) / scale.value)
    last = now
  }
  const end = () => {
    target.removeEventListener('pointermove', follow)
    target.removeEventListener('pointerup', end)
    target.removeEventListener('pointercancel', end)
  }
  target.addEventListener('pointermove', follow)
  target.addEventListener('pointerup', end)
  target.addEventListener('pointercancel', end)
}
const pointed = computed(
  () =>
    props.places.facing !== 'INWARD' ||
    props.places.spacing.startsWith('BULBS') ||
    props.places.spacing === 'PLANTS',
)
const tip = (spot: Placing['spots'][number]) => {
  const turn = (spot.facingDeg * Math.PI) / 180
  const long = (props.places.ownCm / 2) * scale.value + 5
  return `M${x(spot.x)} ${y(spot.y)} l${long * Math.cos(turn)} ${-long * Math.sin(turn)}`
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${SIZE} ${high}`"
    class="above"
    :class="{ edit }"
    :role="edit ? 'group' : 'img'"
    :aria-label="t('planting.placing.drawn', { n: spots.length }, spots.length)"
  >
    <clipPath :id="clip">
      <ellipse
        v-if="mouth.round"
        :cx="SIZE / 2"
        :cy="high / 2"
        :rx="(mouth.wideCm / 2) * scale"
        :ry="(mouth.deepCm / 2) * scale"
      />
      <rect
        v-else
        :x="x(-mouth.wideCm / 2)"
        :y="y(mouth.deepCm / 2)"
        :width="mouth.wideCm * scale"
        :height="mouth.deepCm * scale"
      />
    </clipPath>
    <ellipse
      v-if="mouth.round"
      :cx="SIZE / 2"
      :cy="high / 2"
      :rx="(mouth.wideCm / 2) * scale"
      :ry="(mouth.deepCm / 2) * scale"
      class="mouth"
      :stroke="WALL_LOOKS[wall].colour"
    />
    <rect
      v-else
      :x="x(-mouth.wideCm / 2)"
      :y="y(mouth.deepCm / 2)"
      :width="mouth.wideCm * scale"
      :height="mouth.deepCm * scale"
      class="mouth"
      :stroke="WALL_LOOKS[wall].colour"
    />
    <g :clip-path="`url(#${clip})`">
      <circle
        v-for="(spot, i) in spots"
        :key="i"
        :cx="x(spot.x)"
        :cy="y(spot.y)"
        :r="(placing.roomCm / 2) * scale"
        class="room"
      />
    </g>
    <g
      v-for="(spot, i) in spots"
      :key="i"
      class="spot"
      :role="edit ? 'button' : undefined"
      :tabindex="edit ? 0 : undefined"
      :aria-label="edit ? t('planting.placing.spot', { n: i + 1, x: cm(spot.x), y: cm(spot.y) }) : undefined"
      @pointerdown="press($event, i)"
      @keydown="key($event, i)"
    >
      <circle :cx="x(spot.x)" :cy="y(spot.y)" :r="Math.max(3, (places.ownCm / 2) * scale)" class="own" />
      <path v-if="pointed" :d="tip(spot)" class="tip" />
    </g>
  </svg>
</template>

<style scoped>
.above {
  width: 100%;
  max-width: 400px;
}
.above.edit {
  touch-action: none;
}
.mouth {
  fill: var(--sheet);
  stroke-width: 6;
}
.edit .spot {
  cursor: grab;
}
.spot {
  outline: none;
}
.room {
  fill: var(--bottle-soft);
  fill-opacity: 0.55;
  stroke: var(--bottle);
  stroke-dasharray: 3 3;
}
.own {
  fill: #6f9c4d;
  stroke: #2d4a26;
}
.spot:focus-visible .own {
  stroke: var(--marigold);
  stroke-width: 4;
}
.tip {
  stroke: #2d4a26;
  stroke-width: 3;
  stroke-linecap: round;
}
</style>
