<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'
import type { Recipe } from '@/api/types'
import { useMaterials } from '@/material/useBook'
import { figure } from '@/measure/units'
import { fillWith, scaleToHundred, sumOf } from './recipe'

/** What can be done about per cents that miss a hundred: scale, name a filler, keep it open. */
const model = defineModel<Recipe>({ required: true })
const { materialName } = useMaterials()
const missing = computed(() => (model.value.measure === 'PERCENT' ? 100 - sumOf(model.value) : 0))
const fillers = computed(() =>
  model.value.parts.map((part, row) => ({ row, name: materialName(part.materialId) })),
)
const sum = computed(() => figure(100 - missing.value, 1, true))
</script>

<template>
  <div v-if="missing > 0.05 && model.parts.length > 0" class="say attention">
    <p>
      <b>{{ $t('blend.rows.sumUnder', { sum }) }}</b>
      {{ $t('blend.rows.open', { missing: figure(missing, 1, true) }) }}
    </p>
    <p class="ways">
      <button type="button" class="plain" @click="model = scaleToHundred(model)">
        {{ $t('blend.rows.scale') }}
      </button>
      <Select
        :model-value="undefined"
        :options="fillers"
        option-label="name"
        option-value="row"
        size="small"
        :placeholder="$t('blend.rows.fillWith')"
        :aria-label="$t('blend.rows.fillWith')"
        @update:model-value="model = fillWith(model, $event)"
      />
      <span>{{ $t('blend.rows.keepOpen') }}</span>
    </p>
  </div>
  <div v-else-if="missing < -0.05" class="say attention">
    <p>
      <b>{{ $t('blend.rows.sumOver', { sum }) }}</b> {{ $t('blend.rows.tooMuch') }}
      <button type="button" class="plain" @click="model = scaleToHundred(model)">
        {{ $t('blend.rows.scale') }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
</style>
