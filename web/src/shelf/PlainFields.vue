<script setup lang="ts">
import SelectField from '@/parts/SelectField.vue'
import TickField from '@/parts/TickField.vue'
import NumberField from '@/measure/NumberField.vue'
import type { OwnDraft } from './ownDraft'
import { MATTERS, NATURES } from './words'

/** A material from the few facts that somebody can find out. */
const model = defineModel<OwnDraft['plain']>({ required: true })
const natured = (nature: (typeof NATURES)[number]['value'], yes: boolean) => {
  model.value.natures = yes
    ? [...model.value.natures, nature]
    : model.value.natures.filter((each) => each !== nature)
}
</script>

<template>
  <div class="fields">
    <SelectField
      v-model="model.matter"
      :label="$t('shelf.plainFields.mostLike')"
      :options="MATTERS"
      input-id="own-matter"
    />
    <div class="line">
      <NumberField
        v-model="model.fromMm"
        :label="$t('shelf.plainFields.grainsFrom')"
        unit="mm"
        input-id="own-from"
      />
      <NumberField v-model="model.toMm" :label="$t('shelf.plainFields.to')" unit="mm" input-id="own-to" />
      <NumberField
        v-model="model.gPerL"
        :label="$t('shelf.plainFields.dryWeight')"
        kind="density"
        :decimals="0"
        optional
        input-id="own-weight"
      />
      <NumberField
        v-model="model.ph"
        :label="$t('shelf.plainFields.ph')"
        :decimals="1"
        optional
        input-id="own-ph"
      />
    </div>
    <div class="line">
      <NumberField
        v-model="model.drain.heightCm"
        :label="$t('shelf.plainFields.drainTestHeight')"
        kind="length"
        :decimals="1"
        optional
        input-id="own-drain-height"
      />
      <NumberField
        v-model="model.drain.airPercent"
        :label="$t('shelf.plainFields.air')"
        unit="%"
        :decimals="1"
        optional
        input-id="own-drain-air"
      />
      <NumberField
        v-model="model.drain.waterPercent"
        :label="$t('shelf.plainFields.water')"
        unit="%"
        :decimals="1"
        optional
        input-id="own-drain-water"
      />
    </div>
    <fieldset class="natures">
      <legend>{{ $t('shelf.plainFields.cautionsShouldKnow') }}</legend>
      <TickField
        v-for="nature in NATURES"
        :key="nature.value"
        :model-value="model.natures.includes(nature.value)"
        :label="nature.label"
        :input-id="`own-nature-${nature.value}`"
        @update:model-value="natured(nature.value, $event)"
      />
    </fieldset>
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: flex-end;
}
.natures {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
}
</style>
