<script setup lang="ts">
import { nextTick, ref } from 'vue'
import type { Material, Recipe } from '@/api/types'
import AmountField from './AmountField.vue'
import MaterialPicker from '@/material/MaterialPicker.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import { figure } from '@/measure/units'
import { addMaterial, changeBy, moveRow, removeRow, replaceRow, setAmount, splitRow } from './recipe'
import RowMenu from './RowMenu.vue'
import SumWays from './SumWays.vue'

/** The rows of a recipe: material, parts or per cent, share, volume. */
const props = defineProps<{
  shares: readonly number[]
  volumes: readonly string[]
  chosen: number
  locked: readonly string[]
}>()
const model = defineModel<Recipe>({ required: true })
const emit = defineEmits<{
  choose: [row: number]
  removed: [name: string]
  lock: [materialId: string]
  paste: []
  copy: []
}>()
const { material, materialName } = useMaterials()

const adder = ref<InstanceType<typeof MaterialPicker> | null>(null)
const menus = ref<InstanceType<typeof RowMenu>[]>([])
const rowOf = (materialId: string) => model.value.parts.findIndex((part) => part.materialId === materialId)
const add = async (chosen: Material) => {
  model.value = addMaterial(model.value, chosen.id)
  await nextTick()
  emit('choose', rowOf(chosen.id))
}
const remove = (row: number) => {
  const name = materialName(model.value.parts[row]?.materialId ?? '')
  model.value = removeRow(model.value, row)
  emit('removed', name)
}
const move = (row: number, to: number) => {
  model.value = moveRow(model.value, row, to)
  emit('choose', to)
}
const replace = async (row: number, materialId: string) => {
  model.value = replaceRow(model.value, row, materialId)
  await nextTick()
  emit('choose', rowOf(materialId))
}
const share = (row: number) => figure((props.shares[row] ?? 0) * 100, 1, true)
const focusAdder = () => adder.value?.focus()
const openMenu = (row: number) => menus.value[row]?.open()
defineExpose({ focusAdder, openMenu })
</script>

<template>
  <div class="recipe-rows">
    <ol class="choices" :aria-label="$t('blend.rows.list')">
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
            }}<b v-if="locked.includes(part.materialId)">{{ $t('blend.rows.locked') }}</b></small
          >
        </span>
        <span class="stepper">
          <button
            type="button"
            :aria-label="$t('blend.rows.less', { name: materialName(part.materialId) })"
            @click.stop="model = changeBy(model, row, -1)"
          >
            −
          </button>
          <AmountField
            :model-value="part.amount"
            :label="
              $t(model.measure === 'PARTS' ? 'blend.rows.parts' : 'blend.rows.percent', {
                name: materialName(part.materialId),
              })
            "
            @focus="emit('choose', row)"
            @update:model-value="model = setAmount(model, row, $event)"
          />
          <button
            type="button"
            :aria-label="$t('blend.rows.more', { name: materialName(part.materialId) })"
            @click.stop="model = changeBy(model, row, 1)"
          >
            +
          </button>
        </span>
        <span class="share figures">
          {{ share(row) }} %<small class="soft">{{ volumes[row] ?? '' }}</small>
        </span>
        <RowMenu
          ref="menus"
          :recipe="model"
          :row="row"
          :locked="locked.includes(part.materialId)"
          @lock="emit('lock', part.materialId)"
          @move="move(row, $event)"
          @replace="replace(row, $event)"
          @split="model = splitRow(model, row, $event)"
          @remove="remove(row)"
        />
      </li>
    </ol>
    <div class="adding">
      <MaterialPicker
        ref="adder"
        :label="$t('blend.rows.add')"
        hide-label
        :placeholder="$t('blend.rows.addPlaceholder')"
        input-id="add-material"
        @chosen="add"
      />
      <button type="button" class="plain" @click="emit('paste')">{{ $t('blend.rows.paste') }}</button>
      <button v-if="model.parts.length > 0" type="button" class="plain" @click="emit('copy')">
        {{ $t('blend.rows.copy') }}
      </button>
    </div>
    <SumWays v-model="model" />
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
  grid-template-columns: 24px minmax(80px, 1fr) auto 70px 24px;
  gap: 8px;
  align-items: center;
  padding: 4px 0 4px 6px;
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
.adding {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px 14px;
  align-items: center;
}
.adding > :first-child {
  grid-column: 1 / -1;
}
.adding > .plain {
  justify-self: start;
}
@media (width <= 640px) {
  li {
    grid-template-columns: 24px minmax(60px, 1fr) auto 64px 26px;
    gap: 6px;
  }
  .stepper button {
    width: 36px;
    height: 38px;
  }
}
</style>
