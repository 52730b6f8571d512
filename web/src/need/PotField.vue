<script setup lang="ts">
import Select from 'primevue/select'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Pot } from '@/api/types'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'
import ChoiceList from '@/parts/ChoiceList.vue'
import { sayProblem } from '@/parts/notices'
import { t } from '@/words'
import { BASES, SHAPES, WALLS } from './words'

/** A pot by its measures or by its volume. */
const model = defineModel<Pot>({ required: true })
defineProps<{ idPrefix: string }>()
const { materials } = useMaterials()

const set = (change: Partial<Pot>) => {
  model.value = { ...model.value, ...change }
}
const part = <K extends keyof Pot>(key: K) =>
  computed<Pot[K]>({ get: () => model.value[key], set: (value) => set({ [key]: value } as Partial<Pot>) })
const shape = part('shape')
const topCm = part('topCm')
const bottomCm = part('bottomCm')
const heightCm = part('heightCm')
const wall = part('wall')
const base = part('base')
const baseCm = part('baseCm')
const layerCm = part('layerCm')

const litres = ref(2)
const fit = async () => {
  try {
    const found = await answer(
      api.GET('/api/pots/by-volume', {
        params: {
          query: {
            litres: litres.value,
            shape: model.value.shape,
            wall: model.value.wall,
            base: model.value.base,
          },
        },
      }),
    )
    const round = (cm: number) => Math.round(cm * 10) / 10
    set({
      topCm: round(found.pot.topCm),
      bottomCm: round(found.pot.bottomCm),
      heightCm: round(found.pot.heightCm),
    })
  } catch (error) {
    sayProblem(error)
  }
}

const NO_LAYER = 'none'
const layers = computed(() => [
  { id: NO_LAYER, name: t('need.potField.noLayer') },
  ...materials.value.filter((each) => each.roles.includes('AIR') || each.roles.includes('WEIGHT')),
])
const layer = computed({
  get: () => model.value.layerMaterialId ?? NO_LAYER,
  set: (id: string) => {
    const { layerMaterialId: _gone, ...rest } = model.value
    model.value =
      id === NO_LAYER
        ? { ...rest, layerCm: 0 }
        : { ...rest, layerMaterialId: id, layerCm: model.value.layerCm > 0 ? model.value.layerCm : 2 }
  },
})
</script>

<template>
  <div class="pot-field">
    <ChoiceList v-model="shape" :options="SHAPES" :label="$t('need.potField.shape')" hide-label />
    <div class="sizes">
      <NumberField
        v-model="topCm"
        :label="$t('need.potField.rimInside')"
        kind="length"
        :decimals="1"
        :input-id="`${idPrefix}-top`"
      />
      <NumberField
        v-model="bottomCm"
        :label="$t('need.potField.bottom')"
        kind="length"
        :decimals="1"
        :input-id="`${idPrefix}-bottom`"
      />
      <NumberField
        v-model="heightCm"
        :label="$t('need.potField.height')"
        kind="length"
        :decimals="1"
        :input-id="`${idPrefix}-height`"
      />
    </div>
    <div class="volume">
      <NumberField
        v-model="litres"
        :label="$t('need.potField.orOrdinaryPotOf')"
        kind="volume"
        :input-id="`${idPrefix}-litres`"
        @enter="fit"
      />
      <Button :label="$t('need.potField.fit')" size="small" outlined @click="fit" />
    </div>
    <ChoiceList v-model="wall" :options="WALLS" :label="$t('need.potField.wall')" />
    <ChoiceList v-model="base" :options="BASES" :label="$t('need.potField.foot')" />
    <NumberField
      v-if="base === 'NO_HOLES'"
      v-model="baseCm"
      :label="$t('need.potField.overflowHoleAboveTheBottom')"
      kind="length"
      :decimals="1"
      :input-id="`${idPrefix}-overflow`"
    />
    <NumberField
      v-if="base === 'WICK'"
      v-model="baseCm"
      :label="$t('need.potField.lengthOfTheWick')"
      kind="length"
      :decimals="1"
      :input-id="`${idPrefix}-wick`"
    />
    <div class="layer">
      <label :id="`${idPrefix}-layer`">{{ $t('need.potField.drainageLayer') }}</label>
      <Select
        v-model="layer"
        :options="layers"
        option-label="name"
        option-value="id"
        append-to="self"
        :aria-labelledby="`${idPrefix}-layer`"
      />
      <NumberField
        v-if="layer !== NO_LAYER"
        v-model="layerCm"
        :label="$t('need.potField.depth')"
        kind="length"
        :decimals="1"
        :input-id="`${idPrefix}-layer-depth`"
      />
    </div>
  </div>
</template>

<style scoped>
.pot-field,
.layer {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.layer {
  gap: 4px;
}
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
}
.sizes :deep(input) {
  width: 4em;
}
.volume {
  display: flex;
  gap: 10px;
  align-items: flex-end;
}
</style>
