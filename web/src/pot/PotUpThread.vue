<script setup lang="ts">
import { STEPS, type Step } from './steps'

/** The way of potting up as a thread of knots; each can be gone to, none has to be. */
defineProps<{ at: Step }>()
const emit = defineEmits<{ go: [step: Step] }>()
</script>

<template>
  <nav class="pot-thread" :aria-label="$t('pot.potUpPage.thread')">
    <button
      v-for="step in STEPS"
      :key="step"
      type="button"
      :aria-current="step === at ? 'step' : undefined"
      @click="emit('go', step)"
    >
      <span class="knot" aria-hidden="true" />
      {{ $t(`pot.potUpPage.step.${step}`) }}
    </button>
  </nav>
</template>

<style scoped>
.pot-thread {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  min-width: min(100%, 560px);
}
button {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  color: var(--ink);
  background: none;
  border: 0;
  font: inherit;
  font-size: 15px;
  padding: 4px 0 0;
  cursor: pointer;
  min-height: 44px;
}
button::before {
  content: '';
  position: absolute;
  top: 13px;
  left: -50%;
  right: 50%;
  border-top: 2px dashed var(--bottle);
}
button:first-child::before {
  display: none;
}
.knot {
  position: relative;
  z-index: 1;
  width: 18px;
  height: 18px;
  border-radius: 50%;
  background: var(--paper);
  border: 2px solid var(--bottle);
}
[aria-current='step'] {
  font-weight: 700;
}
[aria-current='step'] .knot {
  background: var(--bottle);
}
@media (width <= 600px) {
  button {
    font-size: 13px;
  }
}
</style>
