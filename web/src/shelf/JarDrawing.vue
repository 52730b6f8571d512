<script setup lang="ts">
import { computed } from 'vue'

/** A jar of settled soil with its shares to scale: sand at the bottom, then silt, then clay, water above. */
const props = defineProps<{ sand: number; silt: number; clay: number }>()
const HEIGHT = 150
const layers = computed(() => {
  const all = Math.max(1e-9, props.sand + props.silt + props.clay)
  let bottom = HEIGHT
  return [
    { name: 'sand', share: props.sand },
    { name: 'silt', share: props.silt },
    { name: 'clay', share: props.clay },
  ].map(({ name, share }) => {
    const height = Math.max(0, (share / all) * HEIGHT * 0.72)
    bottom -= height
    return { name, top: bottom, height }
  })
})
</script>

<template>
  <svg class="jar" viewBox="0 0 170 172" width="170" height="172" aria-hidden="true">
    <defs>
      <pattern id="jar-sand" width="7" height="7" patternUnits="userSpaceOnUse">
        <path d="M1.5 2 h.1 M5 5.5 h.1" stroke="var(--ink)" stroke-width="2" stroke-linecap="round" />
      </pattern>
      <pattern id="jar-silt" width="6" height="6" patternUnits="userSpaceOnUse">
        <path d="M1 2 h.1 M4 5 h.1" stroke="var(--ink)" stroke-width="1" stroke-linecap="round" />
      </pattern>
      <pattern id="jar-clay" width="8" height="5" patternUnits="userSpaceOnUse">
        <path d="M0 2.5 h5" stroke="var(--ink)" stroke-width=".8" />
      </pattern>
    </defs>
    <g transform="translate(8 14)">
      <rect x="0" y="0" width="84" :height="HEIGHT" fill="var(--air)" fill-opacity=".35" />
      <g v-for="layer in layers" :key="layer.name">
        <rect
          x="0"
          :y="layer.top"
          width="84"
          :height="layer.height"
          fill="var(--solids)"
          fill-opacity=".35"
        />
        <rect x="0" :y="layer.top" width="84" :height="layer.height" :fill="`url(#jar-${layer.name})`" />
        <text
          v-if="layer.height > 1"
          x="92"
          :y="layer.top + layer.height / 2 + 4"
          fill="var(--ink)"
          font-size="13"
        >
          {{ layer.name }}
        </text>
      </g>
      <path :d="`M-3 -10 h90 M0 -10 V${HEIGHT} H84 V-10`" fill="none" stroke="var(--ink)" stroke-width="2" />
    </g>
  </svg>
</template>

<style scoped>
.jar {
  flex: none;
}
</style>
