<script setup lang="ts">
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import type { Recipe } from '@/api/types'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'
import { removeDose, setDose } from './recipe'

/** What rides along by weight: lime, sulfur, granules. */
defineProps<{ words: readonly string[] }>()
const model = defineModel<Recipe>({ required: true })
const { amendments, amendment } = useMaterials()
const rest = computed(() =>
  amendments.value.filter((each) => !model.value.doses.some((dose) => dose.amendmentId === each.id)),
)
const picked = ref<string>()
const add = (id: string | undefined) => {
  if (id) {
    model.value = setDose(model.value, id, amendment(id)?.usualLowGPerL ?? 1)
    picked.value = undefined
  }
}
</script>

<template>
  <div class="doses">
    <ul class="choices">
      <li v-for="(dose, i) in model.doses" :key="dose.amendmentId">
        <span class="name">
          {{ amendment(dose.amendmentId)?.name ?? dose.amendmentId }}
          <small v-if="words[i]" class="soft">{{ words[i] }}</small>
        </span>
        <NumberField
          :model-value="dose.gPerL"
          :label="$t('blend.doses.grams', { name: amendment(dose.amendmentId)?.name ?? dose.amendmentId })"
          hide-label
          kind="dose"
          :input-id="`dose-${dose.amendmentId}`"
          @update:model-value="model = setDose(model, dose.amendmentId, $event)"
        />
        <button
          type="button"
          class="remove"
          :aria-label="
            $t('blend.doses.remove', { name: amendment(dose.amendmentId)?.name ?? dose.amendmentId })
          "
          @click="model = removeDose(model, dose.amendmentId)"
        >
          ×
        </button>
      </li>
    </ul>
    <Select
      v-model="picked"
      :options="rest"
      option-label="name"
      option-value="id"
      :placeholder="$t('blend.doses.add')"
      :aria-label="$t('blend.doses.addLabel')"
      size="small"
      @update:model-value="add"
    />
  </div>
</template>

<style scoped>
.doses {
  display: flex;
  flex-direction: column;
  gap: 4px;
  align-items: flex-start;
}
ul {
  width: 100%;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 3px 2px 3px 6px;
}
.name {
  flex: 1;
  line-height: 1.2;
}
.name small {
  display: block;
}
li :deep(input) {
  width: 4em;
}
.remove {
  background: none;
  border: 0;
  color: var(--soft-ink);
  font-size: 17px;
  line-height: 1;
  cursor: pointer;
}
</style>
