<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router'

/** The way of some work as a thread of knots: where it is, and where it can be taken up. */
defineProps<{
  label: string
  at: string
  knots: readonly { id: string; words: string; to: RouteLocationRaw }[]
  /** Whether a step takes the place of the one before in the history of the browser. */
  replace?: boolean
}>()
</script>

<template>
  <nav class="step-thread" :style="{ '--knots': knots.length }" :aria-label="label">
    <RouterLink
      v-for="knot in knots"
      :key="knot.id"
      :to="knot.to"
      :replace="replace"
      :aria-current="knot.id === at ? 'step' : undefined"
    >
      <span class="knot" aria-hidden="true" />
      {{ knot.words }}
    </RouterLink>
  </nav>
</template>

<style scoped>
.step-thread {
  display: grid;
  grid-template-columns: repeat(var(--knots), minmax(0, 1fr));
  min-width: min(100%, 600px);
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
  min-height: 44px;
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
@media (width <= 600px) {
  a {
    font-size: 13px;
  }
}
</style>
