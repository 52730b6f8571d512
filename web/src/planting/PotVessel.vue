<script setup lang="ts">
import { computed } from 'vue'
import type { Pot, SetUp } from '@/api/types'
import type { Lie } from './geometry'
import { overflowOf } from './labels'
import { WALL_LOOKS } from './walls'

/** The vessel itself, cut: wall or slats, bottom with its holes and what covers them, overflow, feet, saucer. */
const props = defineProps<{ pot: Pot; setUp: SetUp; lie: Lie; thick: number; foot: number }>()
const wall = computed(() => WALL_LOOKS[props.pot.wall])
const outline = computed(() => {
  const [m, w] = [props.lie.middle, props.thick]
  const [a, b] = [props.lie.half(0), props.lie.half(props.pot.heightCm)]
  const [top, foot] = [props.lie.y(props.pot.heightCm), props.lie.y(0)]
  return `M${m - b - w} ${top} L${m - a - w} ${foot + w} H${m + a + w} L${m + b + w} ${top} H${m + b} L${m + a} ${foot} H${m - a} L${m - b} ${top} Z`
})
/** Holes as they are met by the cut: those of a ring that fall into it. */
const holes = computed(() => {
  const count = props.pot.base === 'NO_HOLES' ? 0 : props.setUp.holes
  const shown = Math.min(count, count > 6 ? 5 : count > 2 ? 3 : count)
  const wide = Math.max(
    3,
    Math.min((props.setUp.holeMm / 10) * props.lie.scale, (1.4 * props.lie.half(0)) / Math.max(1, shown)),
  )
  return Array.from({ length: shown }, (_, i) => ({
    x:
      props.lie.middle +
      (shown === 1 ? 0 : ((i / (shown - 1)) * 2 - 1) * 0.62 * props.lie.half(0)) -
      wide / 2,
    wide,
  }))
})
const slats = computed(() =>
  props.pot.wall === 'SLATS'
    ? Array.from({ length: 5 }, (_, i) => ({
        from: (i / 5) * props.pot.heightCm,
        to: ((i + 0.62) / 5) * props.pot.heightCm,
      }))
    : [],
)
const closed = computed(() => props.pot.base === 'NO_HOLES')
const overflowCm = computed(() => overflowOf(props.pot))
const onFeet = computed(() => props.pot.base === 'ON_FEET')
</script>

<template>
  <g class="pot-vessel">
    <template v-if="slats.length > 0">
      <path
        v-for="(each, i) in slats"
        :key="i"
        :d="`M${lie.middle - lie.half(each.from) - thick} ${lie.y(each.from)} H${lie.middle - lie.half(each.from)} L${lie.middle - lie.half(each.to)} ${lie.y(each.to)} H${lie.middle - lie.half(each.to) - thick} Z M${lie.middle + lie.half(each.from)} ${lie.y(each.from)} H${lie.middle + lie.half(each.from) + thick} L${lie.middle + lie.half(each.to) + thick} ${lie.y(each.to)} H${lie.middle + lie.half(each.to)} Z`"
        :fill="wall.colour"
      />
      <rect
        :x="lie.middle - lie.half(0) - thick"
        :y="lie.y(0)"
        :width="2 * (lie.half(0) + thick)"
        :height="thick"
        :fill="wall.colour"
      />
    </template>
    <path v-else :d="outline" :fill="wall.colour" :class="{ glass: pot.wall === 'GLASS' }" />
    <rect
      v-for="hole in holes"
      :key="hole.x"
      :x="hole.x"
      :y="lie.y(0) - 0.5"
      :width="hole.wide"
      :height="thick + 1"
      class="hole"
    />
    <g v-if="!closed && setUp.cover !== 'NONE'">
      <line
        v-for="hole in holes"
        :key="hole.x"
        :x1="hole.x - 4"
        :x2="hole.x + hole.wide + 4"
        :y1="lie.y(0) - 1"
        :y2="lie.y(0) - 1"
        :class="['cover', setUp.cover]"
      />
    </g>
    <rect
      v-if="overflowCm > 0"
      :x="lie.middle + lie.half(overflowCm) - 1"
      :y="lie.y(overflowCm) - 4"
      :width="thick + 3"
      height="8"
      class="hole"
    />
    <g v-if="onFeet">
      <rect
        v-for="side in [-0.7, 0.7]"
        :key="side"
        :x="lie.middle + side * lie.half(0) - 12"
        :y="lie.y(0) + thick"
        width="24"
        height="8"
        class="feet"
      />
    </g>
    <path
      v-if="setUp.saucer"
      :d="`M${lie.middle - lie.half(0) - thick - 22} ${foot - 9} L${lie.middle - lie.half(0) - thick - 16} ${foot} H${lie.middle + lie.half(0) + thick + 16} L${lie.middle + lie.half(0) + thick + 22} ${foot - 9}`"
      class="saucer"
    />
  </g>
</template>

<style scoped>
.cover {
  stroke: var(--ink);
  stroke-width: 2;
}
.cover.MESH {
  stroke-dasharray: 2 2;
}
.cover.SHERDS {
  stroke: #b5603a;
  stroke-width: 4;
}
.cover.MOSS {
  stroke: #8fa04d;
  stroke-width: 4;
}
.glass {
  fill-opacity: 0.6;
}
.hole {
  fill: var(--paper);
}
.feet {
  fill: var(--soft-ink);
}
.saucer {
  fill: none;
  stroke: #b5603a;
  stroke-width: 4;
  stroke-linejoin: round;
}
</style>
