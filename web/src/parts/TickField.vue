<script setup lang="ts">
import Checkbox from 'primevue/checkbox'

/** Yes or no, as a tick beside its words. */
defineProps<{ label: string; inputId: string }>()
const model = defineModel<boolean>({ required: true })
</script>

<template>
  <label class="tick-field" :for="inputId">
    <Checkbox v-model="model" :input-id="inputId" binary />
    <span>{{ label }}</span>
  </label>
</template>

<style scoped>
.tick-field {
  display: flex;
  gap: 8px;
  align-items: center;
  cursor: pointer;
  min-height: 26px;
}
</style>
