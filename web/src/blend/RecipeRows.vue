<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { Material, Recipe } from '@/api/types'
import AmountField from './AmountField.vue'
import MaterialPicker from '@/material/MaterialPicker.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import { figure } from '@/measure/units'
import { addMaterial, changeBy, fillWith, removeRow, scaleToHundred, setAmount, sumOf } from './recipe'

/** The rows of a recipe: material, parts or per cent, share. */
const props = defineProps<{
  shares: readonly number[]
  litres: readonly string[]
  chosen: number
  locked: readonly string[]
}>()
const model = defineModel<Recipe>({ required: true })
const emit = defineEmits<{ choose: [row: number]; removed: [name: string] }>()
const { material, materialName } = useMaterials()

const missing = computed(() => (model.value.measure === 'PERCENT' ? 100 - sumOf(model.value) : 0))
const largest = computed(() => {
  const amounts = model.value.parts.map((part) => part.amount)
  return amounts.indexOf(Math.max(...amounts))
})

const adder = ref<InstanceType<typeof MaterialPicker> | null>(null)
const add = async (chosen: Material) => {
  model.value = addMaterial(model.value, chosen.id)
  await nextTick()
  emit(
    'choose',
    model.value.parts.findIndex((part) => part.materialId === chosen.id),
  )
}
const remove = (row: number) => {
  const name = materialName(model.value.parts[row]?.materialId ?? '')
  model.value = removeRow(model.value, row)
  emit('removed', name)
}
const share = (row: number) => figure((props.shares[row] ?? 0) * 100, 1, true)
const focusAdder = () => adder.value?.focus()
defineExpose({ focusAdder })
</script>

<template>
  <div class="recipe-rows">
    <ol class="choices" aria-label="Materials of the blend">
      <li
        v-for="(part, row) in model.parts"
        :key="row"
        :class="{ chosen: row === chosen }"
        :aria-current="row === chosen ? 'true' : undefined"
        @click="emit('choose', row)"
      >
        <StitchMark :material-id="part.materialId" :size="24" />
        <span class="name">
          <b>{{ materialName(part.materialId) }}</b>
          <small class="soft"
            >{{ material(part.materialId)?.grade ?? ''
            }}<b v-if="locked.includes(part.materialId)"> · locked</b></small
          >
        </span>
        <span class="stepper">
          <button
            type="button"
            :aria-label="`One step less ${materialName(part.materialId)}`"
            @click.stop="model = changeBy(model, row, -1)"
          >
            −
          </button>
          <AmountField
            :model-value="part.amount"
            :label="`${model.measure === 'PARTS' ? 'Parts' : 'Per cent'} of ${materialName(part.materialId)}`"
            @focus="emit('choose', row)"
            @update:model-value="model = setAmount(model, row, $event)"
          />
          <button
            type="button"
            :aria-label="`One step more ${materialName(part.materialId)}`"
            @click.stop="model = changeBy(model, row, 1)"
          >
            +
          </button>
        </span>
        <span class="share figures">
          {{ share(row) }} %<small class="soft">{{ litres[row] ?? '' }}</small>
        </span>
        <button
          type="button"
          class="remove"
          :aria-label="`Remove ${materialName(part.materialId)}`"
          @click.stop="remove(row)"
        >
          ×
        </button>
      </li>
    </ol>
    <MaterialPicker
      ref="adder"
      label="Add a material"
      hide-label
      placeholder="Add a material (a)"
      input-id="add-material"
      @chosen="add"
    />
    <div v-if="missing > 0.05 && model.parts.length > 0" class="say attention">
      <p>
        <b>The sum is {{ figure(100 - missing, 1, true) }} %:</b> {{ figure(missing, 1, true) }} % is open.
      </p>
      <p>
        <button type="button" class="plain" @click="model = scaleToHundred(model)">Scale to 100</button>,
        <button type="button" class="plain" @click="model = fillWith(model, largest)">
          fill with {{ materialName(model.parts[largest]?.materialId ?? '') }}</button
        >, or keep it open as a reserve.
      </p>
    </div>
    <div v-if="missing < -0.05" class="say attention">
      <p>
        <b>The sum is {{ figure(100 - missing, 1, true) }} %,</b> more than there is.
        <button type="button" class="plain" @click="model = scaleToHundred(model)">Scale to 100</button>
      </p>
    </div>
  </div>
</template>

<style scoped>
.recipe-rows {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
li {
  display: grid;
  grid-template-columns: 24px minmax(80px, 1fr) auto 62px 18px;
  gap: 8px;
  align-items: center;
  padding: 4px 2px 4px 6px;
  border-bottom: 1px solid var(--line);
  border-left: 3px solid transparent;
}
li.chosen {
  background: var(--wash);
  border-left-color: var(--bottle);
}
.name {
  display: flex;
  flex-direction: column;
  line-height: 1.15;
  min-width: 0;
}
.name b {
  font-weight: 600;
}
.stepper {
  display: flex;
  align-items: center;
}
.stepper button {
  width: 28px;
  height: 30px;
  border: 1px solid var(--stitch);
  background: var(--sheet);
  font: 17px/1 var(--figures);
  color: var(--ink);
  cursor: pointer;
}
.stepper button:hover {
  background: var(--bottle-soft);
}
.share {
  text-align: right;
  font-size: 14px;
  line-height: 1.25;
  white-space: nowrap;
}
.share small {
  display: block;
}
.remove {
  background: none;
  border: 0;
  color: var(--soft-ink);
  font-size: 17px;
  line-height: 1;
  padding: 4px 2px;
  cursor: pointer;
}
.remove:hover {
  color: var(--brick);
}
@media (max-width: 640px) {
  li {
    grid-template-columns: 24px minmax(80px, 1fr) auto 58px 20px;
  }
  .stepper button {
    width: 36px;
    height: 38px;
  }
}
</style>
