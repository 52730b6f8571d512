<script setup lang="ts">
import Popover from 'primevue/popover'
import { nextTick, ref, useId } from 'vue'

/** A word in a sentence that opens what can be said in its place. */
defineProps<{ words: string; label: string; marked?: boolean; missing?: boolean; quiet?: boolean }>()
const popover = ref<InstanceType<typeof Popover> | null>(null)
const button = ref<HTMLButtonElement | null>(null)
const open = ref(false)
const id = useId()

const toggle = (event: Event) => popover.value?.toggle(event)
const close = () => {
  popover.value?.hide()
  button.value?.focus()
}
const shown = async () => {
  open.value = true
  await nextTick()
  document
    .getElementById(id)
    ?.querySelector<HTMLElement>('input:checked, input:not([type=radio]), button, [tabindex="0"]')
    ?.focus()
}
defineExpose({ close })
</script>

<template>
  <!-- the words flow with the sentence, which a button cannot; the button in them is what keys and readers find -->
  <label class="word" :class="{ marked, missing, quiet }" @click.prevent="toggle">
    <span aria-hidden="true">{{ words }}</span>
    <button
      ref="button"
      type="button"
      :aria-label="words === label ? label : `${label}: ${words}`"
      aria-haspopup="dialog"
      :aria-expanded="open"
      @keydown.enter.stop
      @keydown.space.stop
    />
  </label>
  <Popover ref="popover" :aria-label="label" @show="shown" @hide="open = false">
    <div :id="id" class="in-place" @keydown.esc.stop="close">
      <h3>{{ label }}</h3>
      <slot :close="close" />
    </div>
  </Popover>
</template>

<style scoped>
.word {
  position: relative;
  font-weight: 650;
  color: var(--bottle);
  cursor: pointer;
  text-decoration: underline dotted var(--bottle) 2px;
  text-underline-offset: 5px;
}
.word button {
  position: absolute;
  right: 0;
  bottom: 0;
  width: 1em;
  height: 1em;
  padding: 0;
  border: 0;
  opacity: 0;
  cursor: pointer;
}
.word:focus-within {
  outline: 2px solid var(--bottle);
  outline-offset: 2px;
}
.word:hover {
  background: var(--bottle-soft);
}
.word.missing {
  color: var(--marigold-ink);
  text-decoration-color: var(--marigold);
}
.word.marked {
  background: var(--marigold-soft);
  text-decoration-color: var(--marigold);
  color: var(--marigold-ink);
}
.word.quiet {
  font-weight: 600;
  text-decoration: underline 1px;
  text-underline-offset: 3px;
}
.in-place {
  display: flex;
  flex-direction: column;
  gap: 10px;
  max-width: 320px;
  max-height: 72vh;
  overflow: auto;
  padding: 2px;
}
</style>
