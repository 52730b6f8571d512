<script setup lang="ts">
import InputText from 'primevue/inputtext'

/** A line of text with its label. */
defineProps<{
  label: string
  inputId: string
  maxlength?: number
  placeholder?: string
  hideLabel?: boolean
}>()
const model = defineModel<string | undefined>({ required: true })
const emit = defineEmits<{ enter: [] }>()
</script>

<template>
  <div class="text-field">
    <label :for="inputId" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <InputText
      :id="inputId"
      :model-value="model ?? ''"
      :maxlength="maxlength"
      :placeholder="placeholder"
      autocomplete="off"
      @update:model-value="model = $event || undefined"
      @keydown.enter="emit('enter')"
    />
  </div>
</template>

<style scoped>
.text-field {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.text-field input {
  width: 100%;
}
</style>
