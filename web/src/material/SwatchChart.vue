<script setup lang="ts">
import { computed, ref } from 'vue'
import { PRINT } from '@/theme/print'
import { t } from '@/words'
import { courses } from './knitting'
import { STITCH_HEIGHT, STITCH_WIDTH, stitchOf } from './stitches'
import { edges, knit, knitThrough, OPEN, stitchCounts } from './swatch'

/**
 * A blend as knitting: ten by ten stitches, one for each per cent by volume. Grouped, its edges can be moved by hand or with the arrow
 * keys; small, the marks are left out, because they could not be told apart any more.
 */
const props = withDefaults(
  defineProps<{
    rows: readonly { materialId: string; name: string }[]
    shares: readonly number[]
    chosen?: number
    across?: number
    down?: number
    through?: boolean
    small?: boolean
    movable?: boolean
  }>(),
  { chosen: -1, across: 10, down: 10 },
)
const emit = defineEmits<{ edge: [row: number, stitches: number, gesture: string]; choose: [row: number] }>()
const svg = ref<SVGSVGElement | null>(null)
const total = computed(() => props.across * props.down)
const at = (place: number) => ({
  x: (place % props.across) * STITCH_WIDTH,
  y: (props.down - 1 - Math.floor(place / props.across)) * STITCH_HEIGHT,
})
const materialOf = (row: number) => props.rows[row]?.materialId
const knitted = computed(() =>
  courses(
    (props.through ? knitThrough : knit)(props.shares, total.value, props.across).map((row, place) => ({
      row,
      ...at(place),
    })),
    materialOf,
  ),
)
const yarn = (row: number) => stitchOf(materialOf(row) ?? '')
const box = computed(() => `0 0 ${props.across * STITCH_WIDTH} ${props.down * STITCH_HEIGHT + 6}`)
const counts = computed(() => stitchCounts(props.shares, 100))
const spoken = computed(() => {
  const named = props.rows
    .map((row, i) => ({ count: counts.value[i] ?? 0, name: row.name }))
    .filter((each) => each.count > 0)
    .map((each) => t('blend.swatch.share', { percent: each.count, name: each.name }))
  const open = counts.value.at(-1) ?? 0
  return t('blend.swatch.spoken', {
    shares: [...named, ...(open > 0 ? [t('blend.swatch.open', { percent: open })] : [])].join(', '),
  })
})

const grips = computed(() =>
  props.movable && !props.through
    ? edges(props.shares, total.value).map((edge) => ({
        ...edge,
        ...at(Math.min(edge.place, total.value - 1)),
        end: edge.place >= total.value,
        words: t('blend.swatch.edge', {
          below: props.rows[edge.row]?.name ?? '',
          above: props.rows[edge.row + 1]?.name ?? '',
        }),
      }))
    : [],
)
const dragged = ref<{ row: number; place: number; gesture: string }>()
const placeUnder = (event: PointerEvent) => {
  const shown = svg.value?.getBoundingClientRect()
  if (!shown || shown.width === 0) {
    return 0
  }
  const column = ((event.clientX - shown.left) / shown.width) * props.across
  const line = ((shown.bottom - event.clientY) / shown.height) * props.down
  const below = Math.floor(Math.min(props.down - 1e-6, Math.max(0, line))) * props.across
  return below + Math.round(Math.min(props.across, Math.max(0, column)))
}
const grab = (event: PointerEvent, row: number, place: number) => {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  dragged.value = { row, place, gesture: `edge ${row} ${Date.now()}` }
}
const drag = (event: PointerEvent) => {
  const now = dragged.value
  const grip = now && grips.value.find((each) => each.row === now.row)
  if (!now || !grip) {
    return
  }
  const by = placeUnder(event) - grip.place
  if (by !== 0) {
    emit('edge', now.row, by, now.gesture)
  }
}
const step = (event: KeyboardEvent, row: number) => {
  const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[event.key]
  if (by !== undefined) {
    event.preventDefault()
    event.stopPropagation()
    emit('edge', row, by, `edge ${row} by key`)
  }
}
</script>

<template>
  <svg
    ref="svg"
    class="swatch"
    :class="{ movable: grips.length > 0 }"
    :viewBox="box"
    :role="grips.length > 0 ? 'group' : 'img'"
    :aria-label="spoken"
  >
    <g aria-hidden="true">
      <g
        v-for="(course, i) in knitted"
        :key="i"
        class="course"
        :data-stitches="course.stitches"
        :opacity="chosen < 0 || chosen === course.row ? 1 : 0.45"
        @click="course.row === OPEN || emit('choose', course.row)"
      >
        <path
          v-if="course.row === OPEN"
          :d="course.legs"
          fill="none"
          stroke="var(--stitch)"
          stroke-width="1.2"
          stroke-dasharray="2.5 2.5"
        />
        <template v-else>
          <path
            :d="course.legs"
            :fill="yarn(course.row).colour"
            :stroke="PRINT.ink"
            stroke-opacity=".5"
            :stroke-width="small ? 1.6 : 1.1"
          />
          <path
            v-if="!small && course.marks"
            :d="course.marks"
            fill="none"
            :stroke="yarn(course.row).thread"
            stroke-opacity=".85"
            stroke-width="1.4"
            stroke-linecap="round"
            stroke-linejoin="round"
          />
        </template>
      </g>
    </g>
    <g
      v-for="grip in grips"
      :key="grip.row"
      class="grip"
      role="slider"
      tabindex="0"
      :aria-label="grip.words"
      aria-valuemin="0"
      :aria-valuemax="total"
      :aria-valuenow="grip.place"
      :transform="`translate(${grip.end ? grip.x + STITCH_WIDTH : grip.x} ${grip.y})`"
      @pointerdown.prevent="grab($event, grip.row, grip.place)"
      @pointermove="drag"
      @pointerup="dragged = undefined"
      @pointercancel="dragged = undefined"
      @keydown="step($event, grip.row)"
    >
      <rect x="-9" y="-2" width="18" :height="STITCH_HEIGHT + 6" class="reach" />
      <path :d="`M0 0 V${STITCH_HEIGHT + 2}`" class="seam" />
      <path d="M-5 14 L0 9 L5 14 L0 19 Z" class="knob" />
    </g>
  </svg>
</template>

<style scoped>
.swatch {
  display: block;
  width: 100%;
  height: auto;
}
.movable {
  touch-action: pan-y;
}
.grip {
  cursor: ew-resize;
  touch-action: none;
  outline: none;
}
.reach {
  fill: transparent;
}
.seam {
  stroke: var(--paper);
  stroke-width: 3;
}
.knob {
  fill: var(--marigold);
  stroke: var(--outline);
  stroke-width: 1;
  opacity: 0;
}
.swatch:hover .knob,
.grip:focus .knob,
.grip:focus-visible .knob {
  opacity: 1;
}
.grip:focus .seam,
.grip:focus-visible .seam {
  stroke: var(--marigold);
}
@media (pointer: coarse) {
  .knob {
    opacity: 1;
  }
}
</style>
