<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { Placing, PlacingAsked, Pot } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import ChoiceList from '@/parts/ChoiceList.vue'
import SelectField from '@/parts/SelectField.vue'
import { t } from '@/words'

/** Where plants or bulbs stand in a pot, from above and to scale; each can be moved by pointer or arrow keys. */
const props = defineProps<{ pot: Pot }>()
type Asked = Omit<PlacingAsked, 'pot'>
const model = defineModel<{ what: Spacing; ownCm: number } & Asked>({ required: true })
const spots = defineModel<Placing['spots'] | undefined>('spots', { required: true })
const settings = useSettings()
const clip = useId()
type Spacing = 'BULBS_TOUCHING' | 'BULBS_APART' | 'ROSETTES' | 'PLANTS' | 'CUTTINGS'
/** Width that each has for itself, against its own; common practice, no source. */
const ROOM: Record<Spacing, number> = {
  BULBS_TOUCHING: 1,
  BULBS_APART: 2,
  ROSETTES: 1.3,
  PLANTS: 1.6,
  CUTTINGS: 1.5,
}
const WHAT = (Object.keys(ROOM) as Spacing[]).map((value) => ({
  value,
  label: t(`planting.placing.what.${value}`),
}))
const PATTERNS = (['RINGS', 'ROWS', 'CLOSEST', 'ONE_SIDE'] as const).map((value) => ({
  value,
  label: t(`planting.placing.pattern.${value}`),
}))
const FACINGS = (['INWARD', 'OUTWARD', 'AHEAD'] as const).map((value) => ({
  value,
  label: t(`planting.placing.facing.${value}`),
}))
const set = (change: Partial<typeof model.value>) => {
  spots.value = undefined
  model.value = { ...model.value, ...change }
}
const what = computed({
  get: () => model.value.what,
  set: (value) => set({ what: value, widthCm: ROOM[value] * model.value.ownCm }),
})
const ownCm = computed({
  get: () => model.value.ownCm,
  set: (value) => set({ ownCm: value, widthCm: ROOM[model.value.what] * value }),
})
const count = computed({
  get: () => model.value.count,
  set: (value) => set({ count: Math.max(1, Math.round(value)) }),
})
const wallCm = computed({ get: () => model.value.wallCm, set: (value) => set({ wallCm: value }) })
const pattern = computed({ get: () => model.value.pattern, set: (value) => set({ pattern: value }) })
const facing = computed({ get: () => model.value.facing, set: (value) => set({ facing: value }) })

const { answer: placed, problem } = useAnswered(
  () => {
    const { what: _what, ownCm: _own, ...asked } = model.value
    return { pot: props.pot, ...asked }
  },
  (body, signal) => answer(api.POST('/api/planting/placing', { body, signal })),
)
const { answer: moved } = useAnswered(
  () => (spots.value ? { pot: props.pot, spots: spots.value } : undefined),
  (body, signal) => answer(api.POST('/api/planting/placing/moved', { body, signal })),
)
const shown = computed(() => spots.value ?? placed.value?.spots ?? [])
const measured = computed(() => (spots.value ? moved.value : placed.value))
const tooClose = computed(
  () =>
    measured.value !== undefined &&
    ((shown.value.length > 1 && measured.value.apartCm < model.value.widthCm - 0.05) ||
      measured.value.fromWallCm < model.value.widthCm / 2 - 0.05),
)

const round = computed(() => props.pot.shape === 'ROUND')
const fill = computed(() => props.pot.fill ?? 0.92)
const deep = computed(() => props.pot.bottomCm + (props.pot.topCm - props.pot.bottomCm) * fill.value)
const wide = computed(() => deep.value * (props.pot.lengthOverWidth ?? 1))
const SIZE = 340
const scale = computed(() => (SIZE - 24) / Math.max(wide.value, deep.value))
const high = computed(() => deep.value * scale.value + 24)
const x = (cm: number) => SIZE / 2 + cm * scale.value
const y = (cm: number) => high.value / 2 - cm * scale.value
const cm = (value: number) => text(settings.measures.length(Math.round(value * 10) / 10))
const selected = ref(0)
watch(shown, (now) => (selected.value = Math.min(selected.value, Math.max(0, now.length - 1))))
const move = (i: number, dx: number, dy: number) => {
  spots.value = shown.value.map((spot, j) => (j === i ? { ...spot, x: spot.x + dx, y: spot.y + dy } : spot))
}
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-0.5, 0],
  ArrowRight: [0.5, 0],
  ArrowUp: [0, 0.5],
  ArrowDown: [0, -0.5],
}
const key = (event: KeyboardEvent, i: number) => {
  const step = STEPS[event.key]
  if (step) {
    event.preventDefault()
    move(i, ...step)
  }
}
const press = (event: PointerEvent, i: number) => {
  const target = event.currentTarget as SVGGElement
  const svg = target.ownerSVGElement
  if (!svg || event.button !== 0) {
    return
  }
  event.preventDefault()
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
  }
  target.addEventListener('pointermove', follow)
  target.addEventListener('pointerup', end)
}
const tip = (spot: Placing['spots'][number]) => {
  const turn = (spot.facingDeg * Math.PI) / 180
  const long = (model.value.ownCm / 2) * scale.value + 5
  return `M${x(spot.x)} ${y(spot.y)} l${long * Math.cos(turn)} ${-long * Math.sin(turn)}`
}
const DEPTHS: Record<Spacing, string> = {
  BULBS_TOUCHING: 'half',
  BULBS_APART: 'covered',
  ROSETTES: 'old',
  PLANTS: 'old',
  CUTTINGS: 'eye',
}
</script>

<template>
  <div class="placing-panel">
    <section :aria-label="$t('planting.placing.fromAbove')">
      <svg
        :viewBox="`0 0 ${SIZE} ${high}`"
        class="above"
        role="group"
        :aria-label="$t('planting.placing.drawn', { n: shown.length })"
      >
        <clipPath :id="clip">
          <ellipse
            v-if="round"
            :cx="SIZE / 2"
            :cy="high / 2"
            :rx="(wide / 2) * scale"
            :ry="(deep / 2) * scale"
          />
          <rect v-else :x="x(-wide / 2)" :y="y(deep / 2)" :width="wide * scale" :height="deep * scale" />
        </clipPath>
        <ellipse
          v-if="round"
          :cx="SIZE / 2"
          :cy="high / 2"
          :rx="(wide / 2) * scale"
          :ry="(deep / 2) * scale"
          class="mouth"
        />
        <rect
          v-else
          :x="x(-wide / 2)"
          :y="y(deep / 2)"
          :width="wide * scale"
          :height="deep * scale"
          class="mouth"
        />
        <g
          v-for="(spot, i) in shown"
          :key="i"
          class="spot"
          role="button"
          tabindex="0"
          :aria-label="$t('planting.placing.spot', { n: i + 1, x: cm(spot.x), y: cm(spot.y) })"
          @pointerdown="press($event, i)"
          @keydown="key($event, i)"
        >
          <circle :cx="x(spot.x)" :cy="y(spot.y)" :r="(model.widthCm / 2) * scale" class="room" />
          <circle :cx="x(spot.x)" :cy="y(spot.y)" :r="Math.max(3, (model.ownCm / 2) * scale)" class="own" />
          <path
            v-if="model.facing !== 'INWARD' || model.what.startsWith('BULBS') || model.what === 'PLANTS'"
            :d="tip(spot)"
            class="tip"
          />
        </g>
      </svg>
      <p v-if="measured" class="soft" :class="{ attention: tooClose }" role="status">
        {{
          $t('planting.placing.measured', {
            apart: cm(measured.apartCm),
            wall: cm(measured.fromWallCm - model.ownCm / 2),
          })
        }}
        <template v-if="tooClose">{{ $t('planting.placing.tooClose') }}</template>
        <button v-if="spots" type="button" class="plain" @click="spots = undefined">
          {{ $t('planting.placing.again') }}
        </button>
      </p>
    </section>
    <section :aria-label="$t('planting.placing.how')">
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <div class="fields">
        <SelectField
          v-model="what"
          :label="$t('planting.placing.whatStands')"
          :options="WHAT"
          input-id="placing-what"
        />
        <NumberField
          v-model="ownCm"
          :label="$t('planting.placing.ownWidth')"
          kind="length"
          :decimals="1"
          input-id="placing-own"
        />
        <NumberField
          v-model="count"
          :label="$t('planting.placing.count')"
          :decimals="0"
          input-id="placing-count"
        />
        <NumberField
          v-model="wallCm"
          :label="$t('planting.placing.wall')"
          kind="length"
          :decimals="1"
          input-id="placing-wall"
        />
      </div>
      <ChoiceList v-model="pattern" :options="PATTERNS" :label="$t('planting.placing.patternLabel')" />
      <ChoiceList v-model="facing" :options="FACINGS" :label="$t('planting.placing.facingLabel')" />
      <p v-if="placed">{{ $t('planting.placing.most', { most: placed.most }) }}</p>
      <p class="soft">{{ $t(`planting.placing.depth.${DEPTHS[model.what]}`) }}</p>
      <p class="soft">{{ $t('planting.placing.small') }}</p>
    </section>
  </div>
</template>

<style scoped>
.placing-panel {
  display: grid;
  grid-template-columns: minmax(0, 400px) minmax(0, 1fr);
  gap: 36px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.above {
  width: 100%;
  touch-action: none;
}
.mouth {
  fill: var(--sheet);
  stroke: #b5603a;
  stroke-width: 6;
}
.spot {
  cursor: grab;
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
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: flex-end;
}
.fields :deep(input[type='text']) {
  width: 4.4em;
}
.attention {
  border-left: 3px solid var(--marigold);
  padding-left: 9px;
}
@media (width <= 860px) {
  .placing-panel {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
