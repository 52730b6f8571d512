<script setup lang="ts">
import { computed } from 'vue'
import { figure } from '@/measure/units'

/** A drained column of a material: solids, water and air as one bar, each with its share. */
const props = defineProps<{ air: number; water: number }>()
const parts = computed(() =>
  [
    { name: 'solids', share: Math.max(0, 100 - props.air - props.water) },
    { name: 'water', share: props.water },
    { name: 'air', share: props.air },
  ].map((part) => ({ ...part, words: `${part.name} ${figure(part.share, 0)} %` })),
)
</script>

<template>
  <figure class="pore-bar">
    <div class="bar" aria-hidden="true">
      <span v-for="part in parts" :key="part.name" :class="part.name" :style="{ width: `${part.share}%` }" />
    </div>
    <figcaption>
      {{ $t('material.poreBar.drained') }}
      <template v-for="(part, i) in parts" :key="part.name">
        <i class="key" :class="part.name" aria-hidden="true" /> {{ part.words
        }}{{ i < parts.length - 1 ? ', ' : '' }}
      </template>
    </figcaption>
  </figure>
</template>

<style scoped>
.pore-bar {
  margin: 0;
}
.bar {
  display: flex;
  height: 22px;
  border: 1px solid var(--ink);
}
figcaption {
  font-size: 13.5px;
}
.key {
  display: inline-block;
  width: 9px;
  height: 9px;
  border: 1px solid var(--ink);
}
.solids {
  background: var(--solids);
}
.water {
  background: var(--water);
}
.air {
  background: var(--sheet);
}
</style>
