<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, useId } from 'vue'
import type { Pot, Recipe, Section, SetUp, SetUpKind } from '@/api/types'
import GrainDots from '@/material/GrainDots.vue'
import { chance } from '@/material/grains'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { saveDrawing, saveDrawingAsPng } from '@/parts/saveDrawing'
import { spread } from '@/parts/spread'
import { t } from '@/words'
import { figureOf, HIGH as FIGURE_HIGH, piecesOf, type Figure, type Kin } from './figures'
import { lieOf, linesOf } from './geometry'
import { dressingTop, labelsOf, overflowOf } from './labels'
import PlantFigure from './PlantFigure.vue'
import PotSeams from './PotSeams.vue'
import PotVessel from './PotVessel.vue'
import { useStrewn } from './useStrewn'
import { WALL_LOOKS } from './walls'

/**
 * A pot cut open, to scale, from its data: wall, taper, feet, saucer, holes and what covers them, layers, root ball, pole, channel, overflow,
 * dressing; grains of its own mixes, water from below as tint, wet foot, how far it sinks. Where it may be changed, its seams are drawn up and down.
 */
const props = defineProps<{
  pot: Pot
  setUp: SetUp
  kind: SetUpKind
  section: Section
  recipe: Recipe
  blendName: string
  plant?: Kin | undefined
  name: string
  edit?: boolean
}>()
const emit = defineEmits<{ change: [pot: Pot, setUp: SetUp] }>()
const settings = useSettings()
const narrow = useMediaQuery('(width <= 600px)')
const clip = useId()

const HIGH = 330
const WIDE = 330
const LEFT = 66
const ROOM_BESIDE = 44
const MOST_ABOVE = 150
const LINE = 17
const LETTERS = 38
const LABEL_ROOM = 256

const figure = computed(() => figureOf(props.kind, props.plant))
/** Figures of several plants, each with roots of its own, and those that cover the mouth. */
const BARE_FIGURES = new Set<Figure>(['cuttings', 'bulbs', 'rosettes', 'bog', 'stones'])
const WIDE_FIGURES = new Set<Figure>([...BARE_FIGURES, 'trail'])
const mouthShare = computed(() =>
  Math.min(1, (0.5 * HIGH * props.pot.topCm) / (WIDE * props.pot.heightCm) + 0.5),
)
const above = computed(() => {
  const half = (Math.min(HIGH / props.pot.heightCm, WIDE / props.pot.topCm) * props.pot.topCm) / 2
  const plant = FIGURE_HIGH[figure.value] * half * plantScale.value
  const pole = props.setUp.pole
    ? (props.setUp.pole.heightCm + props.section.underMixCm - props.pot.heightCm) *
      (half / (props.pot.topCm / 2))
    : 0
  return Math.min(MOST_ABOVE, Math.max(34, plant + 10, pole + 16))
})
/** A plant is drawn as wide as its ball allows, at most over the whole mouth; it is a figure, not to scale. */
const plantScale = computed(() => {
  const ball = props.setUp.ball
  return WIDE_FIGURES.has(figure.value)
    ? 0.9
    : ball
      ? Math.min(0.95, Math.max(0.45, (1.25 * ball.widthCm) / props.pot.topCm))
      : 0.7 * mouthShare.value
})
const lie = computed(() => lieOf(props.pot, { top: above.value, left: LEFT, high: HIGH, wide: WIDE }))
const y = (cm: number) => lie.value.y(cm)
const half = (cm: number) => lie.value.half(cm)
const slab = (from: number, to: number) => lie.value.slab(from, to)
const middle = computed(() => lie.value.middle)
const scale = computed(() => lie.value.scale)
const thick = computed(() => Math.max(3, WALL_LOOKS[props.pot.wall].cm * scale.value))
const closed = computed(() => props.pot.base === 'NO_HOLES')
const overflowCm = computed(() => overflowOf(props.pot))
const hung = computed(() => props.pot.base === 'HANGING')
const onFeet = computed(() => props.pot.base === 'ON_FEET')

const pole = computed(() => {
  const it = props.setUp.pole
  if (!it) {
    return undefined
  }
  const wide = it.kind === 'TRELLIS' ? it.widthCm : Math.max(it.widthCm, 3 / scale.value)
  const foot = it.kind === 'TRELLIS' ? 0 : props.section.underMixCm
  const top = y(foot + it.heightCm)
  const cut = top < 8
  return {
    kind: it.kind,
    x: middle.value + (it.kind === 'TRELLIS' ? 0 : 0.16 * half(props.section.fillCm)),
    half: (wide * scale.value) / 2,
    foot: y(foot),
    top: Math.max(8, top),
    cut,
  }
})
const channel = computed(() => {
  const wide = props.setUp.channelCm * scale.value
  return wide > 0
    ? {
        x: middle.value - 0.62 * half(props.section.underMixCm) - wide / 2,
        wide,
        top: y(props.section.fillCm),
        foot: y(props.pot.layerCm),
      }
    : undefined
})
const ball = computed(() => {
  const it = props.setUp.ball
  if (!it) {
    return undefined
  }
  const top = props.section.fillCm + it.aboveCm
  const foot = top - it.heightCm
  const [a, b] = [(it.widthCm * scale.value) / 2, (0.75 * it.widthCm * scale.value) / 2]
  const [at, to] = [y(top), y(foot)]
  const m = middle.value
  const deep = to - at
  return {
    d: `M${m - a} ${at} C${m - a} ${at + 0.55 * deep} ${m - b} ${to} ${m - 0.55 * b} ${to} H${m + 0.55 * b} C${m + b} ${to} ${m + a} ${at + 0.55 * deep} ${m + a} ${at} Z`,
    at,
    to,
    a,
    b,
  }
})
/** Roots that run out of the ball, or from where a plant stands. */
const roots = computed(() => {
  const it = ball.value
  if (!it && BARE_FIGURES.has(figure.value)) {
    return []
  }
  const from = it
    ? { x: 0.7 * it.b, y: it.at + 0.75 * (it.to - it.at) }
    : { x: 6, y: y(props.section.fillCm) + 4 }
  const reach = Math.min(0.8 * half(props.section.underMixCm), 1.5 * (it?.b ?? 40) + 14)
  const deepest = y(props.section.underMixCm) - 4
  return Array.from({ length: 13 }, (_, i) => {
    const side = (i - 6) / 6
    const long = 0.55 + 0.45 * chance(`root ${i}`)
    const x0 = middle.value + side * from.x
    const x1 = middle.value + side * reach * long + 8 * (chance(`bend ${i}`) - 0.5)
    const y1 = Math.min(deepest, from.y + (26 + 0.16 * (deepest - from.y) * (1.4 - Math.abs(side))) * long)
    return `M${x0} ${from.y - 5 * Math.abs(side)} Q${(x0 + x1) / 2} ${from.y + 6} ${x1} ${y1}`
  })
})

const { layers, stones, dressing, channelStones, feedDots } = useStrewn(props, lie, channel)
const dressed = computed(() => dressingTop(props.setUp, props.section))
/** Between the grains: water as a tint, the deeper the more of the pores it fills. */
const tints = computed(() =>
  props.section.slices.map((slice) => ({
    d: slab(slice.fromCm, slice.toCm),
    opacity: 0.75 * Math.min(1, slice.water / Math.max(1e-9, slice.water + slice.air)) ** 1.6,
  })),
)
/** Water that stands below: between the stones of a closed pot up to its overflow. */
const standing = computed(() =>
  overflowCm.value > 0 && props.pot.layerCm > 0
    ? slab(0, Math.min(props.pot.layerCm, overflowCm.value))
    : undefined,
)

const cm = (value: number) => text(settings.measures.length(Math.round(value * 10) / 10))
const litres = (value: number) => text(settings.measures.volume(value))
const labels = computed(() => {
  const all = labelsOf(props.pot, props.setUp, props.section, props.blendName, { cm, litres })
  const lines = all.map((label) => linesOf(label.words, LETTERS))
  const places = spread(
    all.map((label, i) => ({ at: y(label.at) - LINE / 2, high: (lines[i]?.length ?? 1) * LINE + 3 })),
    4,
    depth.value,
  )
  return all.map((label, i) => ({
    ...label,
    lines: lines[i] ?? [],
    from: y(label.at),
    edge: middle.value + half(Math.max(0, Math.min(props.pot.heightCm, label.at))) + thick.value + 2,
    place: places[i] ?? 0,
  }))
})
const labelX = computed(
  () =>
    middle.value +
    Math.max(half(props.pot.heightCm), half(0)) +
    thick.value +
    (hung.value && figure.value === 'trail' ? 64 : 28),
)
const width = computed(() => (narrow.value ? labelX.value + 24 : labelX.value + LABEL_ROOM))
const foot = computed(() => y(0) + thick.value + (onFeet.value ? 10 : 0) + (props.setUp.saucer ? 8 : 0))
const depth = computed(() => Math.max(foot.value + 12, narrow.value ? 0 : 300))
const said = computed(() =>
  t('pot.portrait.said', { labels: labels.value.map((label) => label.words).join('; ') }),
)
/** Marks of height beside the wall, so many that they can be read. */
const ticks = computed(() => {
  const step = [0.5, 1, 2, 5, 10, 20].find((each) => each * scale.value >= 15) ?? 50
  return Array.from({ length: Math.floor(props.pot.heightCm / step) + 1 }, (_, i) => i * step)
})
const tickWords = (at: number) => (settings.measures.us ? String(Math.round(at / 0.254) / 10) : String(at))

const drawing = ref<SVGSVGElement>()
defineExpose({
  save: () => drawing.value && saveDrawing(drawing.value, props.name),
  savePng: () => drawing.value && saveDrawingAsPng(drawing.value, props.name),
})
</script>

<template>
  <div class="pot-drawing">
    <svg
      ref="drawing"
      class="portrait"
      :viewBox="`0 0 ${width} ${depth + 4}`"
      :role="edit ? 'group' : 'img'"
      :aria-label="said"
    >
      <defs>
        <clipPath v-for="(layer, i) in layers" :id="`${clip}-${i}`" :key="i">
          <path :d="slab(layer.from, layer.to)" />
        </clipPath>
        <clipPath :id="`${clip}-stones`"><path :d="slab(0, Math.max(0.01, pot.layerCm))" /></clipPath>
        <clipPath :id="`${clip}-dressing`">
          <path :d="slab(section.fillCm, Math.max(section.fillCm + 0.01, dressed))" />
        </clipPath>
        <clipPath v-if="channel" :id="`${clip}-channel`">
          <rect :x="channel.x" :y="channel.top" :width="channel.wide" :height="channel.foot - channel.top" />
        </clipPath>
        <clipPath :id="`${clip}-below`">
          <rect x="0" :y="y(section.fillCm)" :width="width" :height="depth" />
        </clipPath>
        <clipPath :id="`${clip}-ball`"><path v-if="ball" :d="ball.d" /></clipPath>
      </defs>
      <g v-if="hung" class="chain">
        <path
          :d="`M${middle - half(pot.heightCm)} ${y(pot.heightCm)} L${middle} 2 L${middle + half(pot.heightCm)} ${y(pot.heightCm)}`"
        />
      </g>
      <g v-if="pole && pole.kind === 'TRELLIS'" class="trellis">
        <path
          :d="`M${pole.x - pole.half} ${pole.foot} V${pole.top} M${pole.x + pole.half} ${pole.foot} V${pole.top} M${pole.x} ${pole.foot} V${pole.top}`"
        />
        <path
          v-for="i in 5"
          :key="i"
          :d="`M${pole.x - pole.half} ${y(pot.heightCm) - ((i - 0.4) / 5) * (y(pot.heightCm) - pole.top)} H${pole.x + pole.half}`"
        />
      </g>
      <g v-for="(layer, i) in layers" :key="`layer ${i}`" :clip-path="`url(#${clip}-${i})`">
        <path :d="slab(layer.from, layer.to)" class="ground" />
      </g>
      <path
        v-for="(tint, i) in tints"
        :key="`tint ${i}`"
        :d="tint.d"
        class="water"
        :style="{ opacity: tint.opacity }"
      />
      <g v-for="(layer, i) in layers" :key="`grains ${i}`" :clip-path="`url(#${clip}-${i})`">
        <GrainDots :dots="layer.dots" />
      </g>
      <g v-if="pot.layerCm > 0" :clip-path="`url(#${clip}-stones)`">
        <path :d="slab(0, pot.layerCm)" class="ground" />
        <path v-if="standing" :d="standing" class="water" style="opacity: 0.7" />
        <GrainDots :dots="stones" />
      </g>
      <g v-if="channel" :clip-path="`url(#${clip}-channel)`">
        <rect
          :x="channel.x"
          :y="channel.top"
          :width="channel.wide"
          :height="channel.foot - channel.top"
          class="ground"
        />
        <rect
          v-if="overflowCm > 0"
          :x="channel.x"
          :y="y(overflowCm)"
          :width="channel.wide"
          :height="Math.max(0, channel.foot - y(overflowCm))"
          class="water"
          style="opacity: 0.7"
        />
        <GrainDots :dots="channelStones" />
      </g>
      <g v-if="pole && pole.kind !== 'TRELLIS'">
        <rect
          :x="pole.x - pole.half"
          :y="pole.top"
          :width="2 * pole.half"
          :height="pole.foot - pole.top"
          :class="['pole', pole.kind]"
        />
        <path
          v-if="pole.cut"
          :d="`M${pole.x - pole.half - 4} 13 l${pole.half} -6 l${pole.half} 6 l8 -4`"
          class="break"
        />
      </g>
      <g v-if="ball">
        <path :d="ball.d" class="ball" :clip-path="figure === 'caudex' ? `url(#${clip}-below)` : undefined" />
        <path
          v-for="(root, i) in roots"
          :key="`in ${i}`"
          :d="root"
          class="root"
          :clip-path="`url(#${clip}-ball)`"
        />
      </g>
      <path v-for="(root, i) in roots" :key="`root ${i}`" :d="root" class="root" />
      <g v-if="feedDots.length > 0">
        <circle v-for="(dot, i) in feedDots" :key="i" :cx="dot.x" :cy="dot.y" r="2.1" class="feed" />
      </g>
      <g v-if="dressing.length > 0" :clip-path="`url(#${clip}-dressing)`">
        <path :d="slab(section.fillCm, dressed)" :class="['under', setUp.dressing]" />
        <GrainDots :dots="dressing" />
      </g>
      <line
        :x1="middle - half(section.underMixCm + section.wetFootCm)"
        :x2="middle + half(section.underMixCm + section.wetFootCm)"
        :y1="y(section.underMixCm + section.wetFootCm)"
        :y2="y(section.underMixCm + section.wetFootCm)"
        class="foot"
      />
      <line
        v-if="section.fillCm - section.settledCm > 0.15"
        :x1="middle - half(section.settledCm)"
        :x2="middle + half(section.settledCm)"
        :y1="y(section.settledCm)"
        :y2="y(section.settledCm)"
        class="sinks"
      />
      <line
        v-if="closed && setUp.cover === 'MESH' && pot.layerCm > 0"
        :x1="middle - half(pot.layerCm)"
        :x2="middle + half(pot.layerCm)"
        :y1="y(pot.layerCm)"
        :y2="y(pot.layerCm)"
        class="mesh"
      />
      <PotVessel :pot="pot" :set-up="setUp" :lie="lie" :thick="thick" :foot="foot" />
      <line v-if="!hung" :x1="LEFT - 50" :x2="labelX - 8" :y1="foot + 1" :y2="foot + 1" class="stand" />
      <PlantFigure
        :pieces="piecesOf(figure)"
        :tall="FIGURE_HIGH[figure]"
        :x="middle"
        :y="
          ball && setUp.ball && setUp.ball.aboveCm > 0 && figure === 'caudex' ? y(section.fillCm) : y(dressed)
        "
        :size="half(section.fillCm) * plantScale"
        :highest="above - 6 + (y(pot.heightCm) === above ? y(dressed) - above : 0)"
      />
      <g class="ruler" aria-hidden="true">
        <line :x1="LEFT - ROOM_BESIDE + 14" :x2="LEFT - ROOM_BESIDE + 14" :y1="y(0)" :y2="y(pot.heightCm)" />
        <g v-for="at in ticks" :key="at">
          <line :x1="LEFT - ROOM_BESIDE + 10" :x2="LEFT - ROOM_BESIDE + 14" :y1="y(at)" :y2="y(at)" />
          <text :x="LEFT - ROOM_BESIDE + 7" :y="y(at) + 4" text-anchor="end">{{ tickWords(at) }}</text>
        </g>
      </g>
      <template v-if="narrow">
        <g v-for="(label, i) in labels" :key="label.words">
          <path :d="`M${label.edge} ${label.from} L${labelX - 4} ${label.place + 9}`" class="lead" />
          <circle :cx="labelX + 6" :cy="label.place + 9" r="9.5" class="number" />
          <text :x="labelX + 6" :y="label.place + 13.5" text-anchor="middle" class="digit">{{ i + 1 }}</text>
        </g>
      </template>
      <template v-else>
        <g v-for="label in labels" :key="label.words">
          <path
            :d="`M${label.edge} ${label.from} L${labelX - 12} ${label.place + 9} H${labelX - 6}`"
            class="lead"
          />
          <text v-for="(line, i) in label.lines" :key="i" :x="labelX" :y="label.place + 13.5 + i * LINE">
            {{ line }}
          </text>
        </g>
      </template>
      <PotSeams
        v-if="edit"
        :pot="pot"
        :set-up="setUp"
        :section="section"
        :lie="lie"
        :thick="thick"
        @change="(nextPot, nextSetUp) => emit('change', nextPot, nextSetUp)"
      />
    </svg>
    <ol v-if="narrow" class="legend">
      <li v-for="label in labels" :key="label.words">{{ label.words }}</li>
    </ol>
  </div>
</template>

<style scoped>
.portrait {
  width: 100%;
  max-height: 590px;
  touch-action: pan-y;
}
.ground {
  fill: var(--sheet);
}
.under {
  fill: #8a8f88;
  fill-opacity: 0.45;
}
.under.BARK {
  fill: #7b4a30;
}
.under.SPHAGNUM {
  fill: #8fa04d;
}
.water {
  fill: var(--water);
  shape-rendering: crispedges;
}
.foot {
  stroke: var(--water);
  stroke-width: 2;
}
.sinks {
  stroke: var(--ink);
  stroke-width: 1.4;
  stroke-dasharray: 5 4;
}
.mesh {
  stroke: var(--ink);
  stroke-width: 2.4;
  stroke-dasharray: 2 3;
}
.stand {
  stroke: var(--line);
  stroke-width: 2;
}
.chain path {
  fill: none;
  stroke: var(--soft-ink);
  stroke-width: 1.4;
}
.trellis path {
  fill: none;
  stroke: #8a6a48;
  stroke-width: 3;
}
.pole {
  fill: #8a6a48;
  fill-opacity: 0.9;
}
.pole.FILLED {
  fill: #8b9150;
  fill-opacity: 0.75;
  stroke: var(--ink);
  stroke-width: 1;
  stroke-dasharray: 3 2;
}
.break {
  fill: none;
  stroke: var(--paper);
  stroke-width: 4;
}
.ball {
  fill: #cdbf9c;
  fill-opacity: 0.62;
  stroke: #6b5b4b;
  stroke-width: 1.2;
  stroke-dasharray: 4 3;
}
.root {
  fill: none;
  stroke: #f2ead6;
  stroke-width: 1.7;
  stroke-linecap: round;
}
.feed {
  fill: var(--marigold);
  stroke: var(--ink);
  stroke-width: 0.6;
}
.lead {
  fill: none;
  stroke: var(--soft-ink);
  stroke-width: 1;
}
text {
  font-size: 13.5px;
  fill: var(--ink);
}
.ruler line {
  stroke: var(--soft-ink);
  stroke-width: 1;
}
.ruler text {
  font-size: 11px;
  fill: var(--soft-ink);
}
.number {
  fill: var(--paper);
  stroke: var(--bottle);
  stroke-width: 1.4;
}
.digit {
  font-size: 12.5px;
}
.legend {
  margin: 4px 0 0;
  padding-left: 26px;
  display: flex;
  flex-direction: column;
  gap: 3px;
}
</style>
