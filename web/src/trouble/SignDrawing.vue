<script setup lang="ts">
import { computed } from 'vue'
import type { Sign } from '@/api/types'
import { SIGN_DRAWINGS, type SignInk } from './signDrawings'

/** A sign as a small drawing; beside its words, so that it says nothing of its own to who does not see it. */
const props = defineProps<{ sign: Sign }>()
const drawn = computed(() => SIGN_DRAWINGS[props.sign])
const leaf = computed<SignInk>(() => drawn.value?.leaf ?? 'green')
const lower = computed<SignInk>(() => drawn.value?.lower ?? leaf.value)
const top = computed<SignInk>(() => drawn.value?.top ?? leaf.value)
const STANDS = {
  hanging: { stem: 'M28 38 V20', turn: 'rotate(0)', hang: true },
  leaning: { stem: 'M28 38 V14', turn: 'rotate(28 28 38)', hang: false },
  long: { stem: 'M28 38 V8', turn: 'rotate(0)', hang: false },
  low: { stem: 'M28 38 V26', turn: 'translate(0 12)', hang: false },
} as const
const stands = computed(() =>
  drawn.value?.stands ? STANDS[drawn.value.stands] : { stem: 'M28 38 V14', turn: 'rotate(0)', hang: false },
)
const long = computed(() => drawn.value?.stands === 'long')
</script>

<template>
  <svg v-if="drawn" class="sign-drawing" viewBox="0 0 56 56" aria-hidden="true">
    <g v-if="drawn.scene === 'leaf'">
      <path d="M7 49 C6 26 22 8 49 7 C50 33 33 50 7 49 Z" :class="['fill', leaf]" />
      <path
        d="M3 53 L43 13 M18 38 V25 M18 38 H32 M27 29 V17 M27 29 H40"
        class="line"
        :class="leaf === 'pale' ? 'green' : 'outline'"
      />
    </g>
    <g v-else-if="drawn.scene === 'plant'">
      <path d="M17 38 H39 L36 53 H20 Z" class="pot" />
      <g :transform="stands.turn">
        <path :d="stands.stem" class="line green" />
        <template v-if="stands.hang">
          <path d="M28 20 C18 18 12 24 11 36 C19 34 25 28 28 20 Z" :class="['fill', lower]" />
          <path d="M28 20 C38 18 44 24 45 36 C37 34 31 28 28 20 Z" :class="['fill', lower]" />
        </template>
        <template v-else-if="long">
          <path d="M28 30 C23 30 20 28 18 25 C23 24 26 26 28 30 Z" :class="['fill', leaf]" />
          <path d="M28 19 C33 19 36 17 38 14 C33 13 30 15 28 19 Z" :class="['fill', leaf]" />
          <path d="M28 8 C26 5 26 3 28 1 C30 3 30 5 28 8 Z" :class="['fill', leaf]" />
        </template>
        <template v-else>
          <path d="M28 36 C19 37 12 33 8 26 C17 24 25 28 28 36 Z" :class="['fill', lower]" />
          <path d="M28 36 C37 37 44 33 48 26 C39 24 31 28 28 36 Z" :class="['fill', lower]" />
          <path d="M28 25 C21 25 16 21 14 15 C21 14 27 18 28 25 Z" :class="['fill', leaf]" />
          <path d="M28 25 C35 25 40 21 42 15 C35 14 29 18 28 25 Z" :class="['fill', leaf]" />
          <path d="M28 16 C25 11 25 7 28 2 C31 7 31 11 28 16 Z" :class="['fill', top]" />
        </template>
      </g>
    </g>
    <g v-else-if="drawn.scene === 'mix'">
      <path d="M8 20 H48 L43 52 H13 Z" class="pot" />
      <path d="M10 24 H46 L42 50 H14 Z" class="soil" />
    </g>
    <g v-else-if="drawn.scene === 'roots'">
      <path d="M28 4 V16" class="line green" />
      <path d="M13 16 H43 L39 52 H17 Z" class="soil" />
      <path
        d="M28 16 C27 26 20 30 19 50 M28 16 C28 30 28 40 28 51 M28 16 C29 26 36 30 37 50 M24 26 C18 28 17 32 16 36 M32 26 C38 28 39 32 40 36"
        class="line root"
        :class="leaf"
      />
    </g>
    <path
      v-for="(mark, i) in drawn.marks ?? []"
      :key="i"
      :d="mark.d"
      :class="['mark', `fill-${mark.fill ?? 'none'}`, `line-${mark.line ?? 'none'}`, { thin: mark.thin }]"
    />
  </svg>
</template>

<style scoped>
.sign-drawing {
  width: 46px;
  height: 46px;
  flex: none;
}
path {
  stroke-linecap: round;
  stroke-linejoin: round;
}
.pot {
  fill: var(--drawn-clay);
}
.soil {
  fill: var(--drawn-soil);
}
.line {
  fill: none;
  stroke-width: 1.6;
}
.line.outline {
  stroke: var(--drawn-edge);
}
.fill {
  stroke: var(--drawn-edge);
  stroke-width: 1;
}
.fill.none {
  fill: none;
  stroke: none;
}
.fill.green {
  fill: var(--drawn-green);
}
.fill.pale {
  fill: var(--drawn-pale);
}
.fill.yellow {
  fill: var(--drawn-yellow);
}
.fill.brown {
  fill: var(--drawn-brown);
}
.fill.black {
  fill: var(--drawn-dark);
}
.fill.red {
  fill: var(--drawn-red);
}
.line.green {
  stroke: var(--drawn-stem);
}
.root {
  stroke-width: 2;
}
.root.black {
  stroke: var(--drawn-black);
}
.root.pale {
  stroke: var(--drawn-straw);
}
.root.white {
  stroke: var(--drawn-white);
}
.mark {
  stroke-width: 2;
}
.mark.thin {
  stroke-width: 1.2;
}
.fill-none {
  fill: none;
}
.fill-green {
  fill: var(--drawn-green);
}
.fill-yellow {
  fill: var(--drawn-yellow);
}
.fill-brown {
  fill: var(--drawn-brown);
}
.fill-black {
  fill: var(--drawn-black);
}
.fill-red {
  fill: var(--drawn-red);
}
.fill-water {
  fill: var(--drawn-water);
}
.fill-white {
  fill: var(--drawn-white);
}
.line-none {
  stroke: none;
}
.line-green {
  stroke: var(--drawn-stem);
}
.line-yellow {
  stroke: var(--drawn-yellow);
}
.line-brown {
  stroke: var(--drawn-brown);
}
.line-black {
  stroke: var(--drawn-black);
}
.line-red {
  stroke: var(--drawn-red);
}
.line-water {
  stroke: var(--drawn-water);
}
</style>
