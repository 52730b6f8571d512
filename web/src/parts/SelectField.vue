<script setup lang="ts" generic="T extends string, M extends T | undefined">
import Select from 'primevue/select'
import { computed } from 'vue'

/** One of several words, with its label; may be left open if optional. Where there are very many, part of a word can be typed. */
const props = defineProps<{
  label: string
  inputId: string
  options: readonly { value: T; label: string }[]
  optional?: boolean
  placeholder?: string
  hideLabel?: boolean
  many?: boolean
}>()
const model = defineModel<M>({ required: true })
/** Part of a word, as it is typed. */
const sought = defineModel<string>('sought', { default: '' })
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
      :filter="many"
      reset-filter-on-hide
      :filter-placeholder="$t('parts.selectField.partOfTheName')"
      :empty-filter-message="$t('parts.selectField.none')"
      :pt="{ pcFilter: { root: { 'aria-label': $t('parts.selectField.partOfTheName') } } }"
      @filter="sought = $event.value ?? ''"
      @hide="sought = ''"
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
