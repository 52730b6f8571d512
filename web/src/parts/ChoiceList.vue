<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** A short list to choose one from, by arrow keys, mouse or touch. */
defineProps<{ options: readonly { value: T; label: string }[]; label: string; hideLabel?: boolean }>()
const model = defineModel<T>({ required: true })
const emit = defineEmits<{ chosen: [] }>()
const name = useId()
const choose = (value: T) => {
  model.value = value
  emit('chosen')
}
</script>

<template>
  <fieldset class="choice-list">
    <legend :class="{ 'visually-hidden': hideLabel }">{{ label }}</legend>
    <label v-for="option in options" :key="option.value" :class="{ on: option.value === model }">
      <input
        type="radio"
        :name="name"
        :value="option.value"
        :checked="option.value === model"
        @change="choose(option.value)"
      />
      {{ option.label }}
    </label>
  </fieldset>
</template>

<style scoped>
.choice-list {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
legend {
  padding: 0 0 2px;
}
label {
  border: 1px solid var(--line);
  padding: 4px 10px;
  cursor: pointer;
  background: var(--sheet);
  min-height: 32px;
}
label.on {
  border-color: var(--bottle);
  background: var(--bottle-soft);
  font-weight: 600;
}
label:has(:focus-visible) {
  outline: 2px solid var(--bottle);
  outline-offset: 1px;
}
input {
  position: absolute;
  opacity: 0;
}
</style>
