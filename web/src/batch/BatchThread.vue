<script setup lang="ts">
import { computed } from 'vue'

/** The way of a batch as a thread of knots: where it is, and where it can be taken up. */
const props = defineProps<{ id: string; at: 'amounts' | 'prepare' | 'mix' | 'test' | 'adjust' | 'done' }>()
const KNOTS = computed(
  () =>
    [
      ['amounts', `/batches/${props.id}`],
      ['prepare', `/batches/${props.id}/prepare`],
      ['mix', `/batches/${props.id}/mix`],
      ['test', `/batches/${props.id}/test`],
      ['adjust', `/batches/${props.id}/adjust`],
      ['done', `/batches/${props.id}/done`],
    ] as const,
)
</script>

<template>
  <nav class="batch-thread" :aria-label="$t('batch.thread.label')">
    <RouterLink
      v-for="[knot, path] in KNOTS"
      :key="knot"
      :to="path"
      :aria-current="knot === at ? 'step' : undefined"
    >
      <span class="knot" aria-hidden="true" />
      {{ $t(`batch.thread.${knot}`) }}
    </RouterLink>
  </nav>
</template>

<style scoped>
.batch-thread {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  min-width: min(100%, 640px);
}
a {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  color: var(--ink);
  text-decoration: none;
  font-size: 15px;
  padding-top: 4px;
}
a::before {
  content: '';
  position: absolute;
  top: 13px;
  left: -50%;
  right: 50%;
  border-top: 2px dashed var(--bottle);
}
a:first-child::before {
  display: none;
}
.knot {
  position: relative;
  z-index: 1;
  width: 16px;
  height: 16px;
  margin: 2px;
  border: 2px solid var(--bottle);
  border-radius: 50%;
  background: var(--paper);
}
[aria-current] {
  font-weight: 700;
}
[aria-current] .knot {
  background: var(--bottle);
  transform: scale(1.2);
}
a:hover {
  color: var(--bottle);
}
</style>
