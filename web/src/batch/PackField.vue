<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import type { Line } from '@/api/types'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'

/** The pack in which a material is bought. The price may stay empty. */
const props = defineProps<{ line: Line }>()
const emit = defineEmits<{ pack: [litres: number, price: number | undefined] }>()
const settings = useSettings()
const litres = ref(props.line.packLitres)
const price = ref(
  props.line.packPrice === undefined ? '' : String(Math.round(props.line.packPrice * 100) / 100),
)
const wrong = ref(false)
const take = () => {
  const text = price.value.trim().replace(',', '.')
  const value = text === '' ? undefined : Number(text)
  wrong.value = value !== undefined && !Number.isFinite(value)
  if (!wrong.value) {
    emit('pack', litres.value, value)
  }
}
</script>

<template>
  <form class="pack" @submit.prevent="take">
    <NumberField
      v-model="litres"
      :label="$t('batch.packField.itHoldsLoosened')"
      kind="volume"
      :input-id="`pack-${line.materialId}`"
    />
    <div class="price">
      <label :for="`price-${line.materialId}`">{{
        $t('batch.packField.itCosts', { currency: settings.currency })
      }}</label>
      <InputText
        :id="`price-${line.materialId}`"
        v-model="price"
        inputmode="decimal"
        autocomplete="off"
        :invalid="wrong"
      />
      <small v-if="wrong" class="wrong" role="alert">{{
        $t('batch.packField.isNotAPriceWrite', { price })
      }}</small>
    </div>
    <Button type="submit" :label="$t('batch.packField.rememberThisPack')" size="small" />
  </form>
</template>

<style scoped>
.pack,
.price {
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: flex-start;
}
.price {
  gap: 2px;
}
.price input {
  width: 6em;
}
</style>
