<script setup lang="ts">
import Popover from 'primevue/popover'
import { nextTick, ref, useId } from 'vue'

/** A word in a sentence that opens what can be said in its place. */
defineProps<{ words: string; label: string; marked?: boolean; missing?: boolean }>()
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
  <button
    ref="button"
    type="button"
    class="word"
    :class="{ marked, missing }"
    :aria-label="`${label}: ${words}`"
    aria-haspopup="dialog"
    :aria-expanded="open"
    @click="toggle"
  >
    {{ words }}
  </button>
  <Popover ref="popover" :aria-label="label" @show="shown" @hide="open = false">
    <div :id="id" class="in-place" @keydown.esc.stop="close">
      <h3>{{ label }}</h3>
      <slot :close="close" />
    </div>
  </Popover>
</template>

<style scoped>
.word {
  background: none;
  border: 0;
  border-bottom: 2px dotted var(--bottle);
  padding: 0;
  font: inherit;
  font-weight: 650;
  color: var(--bottle);
  cursor: pointer;
  text-align: left;
  display: inline;
}
.word:hover {
  background: var(--bottle-soft);
}
.word.missing {
  color: var(--marigold-ink);
  border-color: var(--marigold);
}
.word.marked {
  background: var(--marigold-soft);
  border-color: var(--marigold);
  color: var(--marigold-ink);
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
