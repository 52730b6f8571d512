<script setup lang="ts">
import type { Dot } from './strewn'

/** Strewn grains, within a drawing. */
defineProps<{ dots: readonly Dot[] }>()
</script>

<template>
  <ellipse
    v-for="each in dots"
    :key="each.key"
    class="grain"
    :cx="each.x"
    :cy="each.y"
    :rx="each.rx"
    :ry="each.ry"
    :fill="each.colour"
    :transform="`rotate(${each.turn} ${each.x} ${each.y})`"
  />
</template>

<style scoped>
.grain {
  stroke: var(--ink);
  stroke-opacity: 0.22;
  stroke-width: 0.5;
}
</style>
