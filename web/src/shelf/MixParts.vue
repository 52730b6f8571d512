<script setup lang="ts">
import type { OwnMaterialFacts } from '@/api/types'
import MaterialPicker from '@/material/MaterialPicker.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'

type Part = NonNullable<OwnMaterialFacts['mix']>['parts'][number]

/** What a mix is made of, in parts or per cent; another mix may be one of them. */
const model = defineModel<Part[]>({ required: true })
const { materialName, material } = useMaterials()
const MOST = 20
const set = (row: number, amount: number) => {
  model.value = model.value.map((each, i) => (i === row ? { ...each, amount } : each))
}
const add = (materialId: string) => {
  if (!model.value.some((each) => each.materialId === materialId)) {
    model.value = [...model.value, { materialId, amount: 1 }]
  }
}
</script>

<template>
  <div class="mix-parts">
    <ul v-if="model.length > 0" class="choices">
      <li v-for="(part, row) in model" :key="part.materialId">
        <StitchMark :material-id="part.materialId" :size="20" />
        <span
          >{{ materialName(part.materialId) }}
          <small v-if="material(part.materialId)?.mix" class="soft">{{
            $t('shelf.mixParts.aMixItself')
          }}</small></span
        >
        <NumberField
          :model-value="part.amount"
          :label="$t('shelf.mixParts.partsOf', { materialName: materialName(part.materialId) })"
          hide-label
          :input-id="`mix-${part.materialId}`"
          @update:model-value="set(row, $event)"
        />
        <button
          type="button"
          class="plain"
          :aria-label="$t('shelf.mixParts.remove', { materialName: materialName(part.materialId) })"
          @click="model = model.filter((_, i) => i !== row)"
        >
          ×
        </button>
      </li>
    </ul>
    <MaterialPicker
      v-if="model.length < MOST"
      :label="$t('shelf.mixParts.madeOf')"
      input-id="mix-add"
      :placeholder="$t('shelf.mixParts.addMaterial')"
      :hide-label="model.length > 0"
      @chosen="add($event.id)"
    />
  </div>
</template>

<style scoped>
.mix-parts {
  display: flex;
  flex-direction: column;
  gap: 8px;
  max-width: 420px;
}
li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto 20px;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 3px 0;
}
li .plain {
  text-decoration: none;
  font-size: 17px;
}
</style>
