<script setup lang="ts" generic="M extends string | undefined">
import Select from 'primevue/select'
import { computed } from 'vue'

/** A blend by its name. Where there are very many, part of the name can be typed. */
const props = defineProps<{
  label: string
  inputId: string
  options: readonly { id: string; name: string }[]
  many: boolean
  optional?: boolean
  placeholder?: string
}>()
const model = defineModel<M>({ required: true })
const sought = defineModel<string>('sought', { required: true })
const chosen = computed({
  get: () => model.value ?? null,
  set: (value: string | null) => (model.value = (value ?? undefined) as M),
})
</script>

<template>
  <div class="blend-select">
    <label :id="`${inputId}-label`">{{ label }}</label>
    <Select
      v-model="chosen"
      :label-id="inputId"
      :options="[...props.options]"
      option-label="name"
      option-value="id"
      :show-clear="optional"
      :placeholder="placeholder"
      :aria-labelledby="`${inputId}-label`"
      :filter="many"
      reset-filter-on-hide
      :filter-placeholder="$t('parts.blendSelect.partOfTheName')"
      :empty-filter-message="$t('parts.blendSelect.none')"
      :pt="{ pcFilter: { root: { 'aria-label': $t('parts.blendSelect.partOfTheName') } } }"
      @filter="sought = $event.value ?? ''"
      @hide="sought = ''"
    />
  </div>
</template>

<style scoped>
.blend-select {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
</style>
