<script setup lang="ts" generic="T extends string, M extends T | undefined">
import Select from 'primevue/select'
import { computed } from 'vue'

/** One of several words, with its label; may be left open if optional. */
const props = defineProps<{
  label: string
  inputId: string
  options: readonly { value: T; label: string }[]
  optional?: boolean
  placeholder?: string
  hideLabel?: boolean
}>()
const model = defineModel<M>({ required: true })
const chosen = computed({
  get: () => model.value ?? null,
  set: (value: string | null) => (model.value = (value ?? undefined) as M),
})
</script>

<template>
  <div class="select-field">
    <label :id="`${inputId}-label`" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <Select
      v-model="chosen"
      :label-id="inputId"
      :options="[...props.options]"
      option-label="label"
      option-value="value"
      :show-clear="optional"
      :placeholder="placeholder"
      :aria-labelledby="`${inputId}-label`"
    />
  </div>
</template>

<style scoped>
.select-field {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
</style>
