<script setup lang="ts">
import { computed } from 'vue'
import type { Piece } from './figures'

/** The figure of a plant over the surface of its mix, within a drawing: not to scale, only what kind of plant it is. */
const props = defineProps<{
  pieces: readonly Piece[]
  /** How high it stands, in its own units. */
  tall: number
  x: number
  y: number
  size: number
  /** Room above its foot; a taller one is drawn smaller. */
  highest: number
}>()
const place = computed(
  () => `translate(${props.x} ${props.y}) scale(${Math.min(props.size, props.highest / props.tall)})`,
)
const COLOURS: Record<NonNullable<Piece['fill']>, string> = {
  leaf: '#4c7a3d',
  young: '#6f9c4d',
  stem: '#7a5c3e',
  body: '#9a7b58',
  flower: '#b4577c',
}
</script>

<template>
  <g :transform="place" class="plant-figure">
    <path
      v-for="(piece, i) in pieces"
      :key="i"
      :d="piece.d"
      :fill="piece.fill ? COLOURS[piece.fill] : 'none'"
      :stroke="piece.line ? COLOURS[piece.line] : '#2d4a26'"
      :stroke-width="piece.line ? piece.wide : 0.012"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </g>
</template>
