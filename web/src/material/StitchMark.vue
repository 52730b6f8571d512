<script setup lang="ts">
import { computed } from 'vue'
import { courses } from './knitting'
import { isBead, MARKS, stitchOf } from './stitches'

/** One stitch of a material, as a key beside its name; a bead for what is weighed. */
const props = withDefaults(defineProps<{ materialId: string; size?: number }>(), { size: 22 })
const stitch = computed(() => stitchOf(props.materialId))
const drawn = computed(() => courses([{ row: 0, x: 0, y: 0 }], () => props.materialId)[0])
</script>

<template>
  <svg class="stitch-mark" :width="size" :height="size * 1.1" viewBox="0 0 32 36" aria-hidden="true">
    <g v-if="isBead(materialId)">
      <circle cx="16" cy="18" r="13.5" :fill="stitch.colour" stroke="var(--ink)" stroke-opacity=".45" />
      <path
        :d="MARKS[stitch.mark]"
        transform="translate(7.6 1)"
        fill="none"
        :stroke="stitch.thread"
        stroke-width="1.5"
        stroke-linecap="round"
        stroke-linejoin="round"
      />
    </g>
    <template v-else>
      <path
        :d="drawn?.legs"
        :fill="stitch.colour"
        stroke="var(--ink)"
        stroke-opacity=".45"
        stroke-width="1"
      />
      <path
        v-if="drawn?.marks"
        :d="drawn.marks"
        fill="none"
        :stroke="stitch.thread"
        stroke-width="1.5"
        stroke-linecap="round"
        stroke-linejoin="round"
      />
    </template>
  </svg>
</template>

<style scoped>
.stitch-mark {
  flex: none;
  display: block;
}
</style>
