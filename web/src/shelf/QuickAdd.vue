<script setup lang="ts">
import Button from 'primevue/button'
import { computed, nextTick, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { Lot, LotFacts, Material } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import SelectField from '@/parts/SelectField.vue'
import { useForm } from '@/parts/useForm'
import MaterialPicker from '@/material/MaterialPicker.vue'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'
import { useShelf } from './useShelf'
import { without } from './words'

/** One line to put a lot on the shelf; what it comes to is said while it is typed. */
const emit = defineEmits<{ added: [id: string, name: string] }>()
const settings = useSettings()
const { soldOptions, wayOf, kindOf, add } = useShelf()

interface Line {
  id: string
  materialId: string | undefined
  sold: LotFacts['sold']
  amount: number | undefined
  swell: number | undefined
  price: number | undefined
}
const empty = (): Line => ({
  id: crypto.randomUUID(),
  materialId: undefined,
  sold: 'LOOSE_LITRES',
  amount: undefined,
  swell: undefined,
  price: undefined,
})
const { draft: line, problem, busy, send, refuse, again } = useForm<Line>('loose-knit.quick-add', empty)
const round = ref(0)
const picker = ref<InstanceType<typeof MaterialPicker> | null>(null)
const way = computed(() => wayOf(line.value.sold))
const swells = computed(() => (way.value?.usualSwell ?? 0) > 0)
const swell = computed(() => (swells.value ? (line.value.swell ?? way.value?.usualSwell ?? 0) : 0))

const choose = (material: Material) => {
  const bought = { LOOSE: 'LOOSE_LITRES', BALE: 'PRESSED_LITRES', BRICK: 'BRICK_KG' } as const
  line.value = { ...line.value, materialId: material.id, sold: bought[material.form], swell: undefined }
}
watch(
  () => line.value.sold,
  () => (line.value.swell = undefined),
)

const { answer: worth, problem: worthProblem } = useAnswered(
  () =>
    line.value.materialId !== undefined && line.value.amount !== undefined && way.value !== undefined
      ? without<{
          materialId: string
          sold: LotFacts['sold']
          amount: number
          swell: number
          price?: number
        }>({
          materialId: line.value.materialId,
          sold: line.value.sold,
          amount: line.value.amount,
          swell: swell.value,
          price: line.value.price,
        })
      : undefined,
  (body, signal) => answer(api.POST('/api/shelf/worth', { body, signal })),
  60,
)
const worthWords = computed(() => {
  if (!worth.value || line.value.amount === undefined) {
    return ''
  }
  const price = worth.value.pricePerLitre
  return (
    text(settings.measures.volume(worth.value.litres)) +
    (price === undefined ? '' : `, ${settings.currency} ${text(settings.measures.perVolume(price))}`)
  )
})

const put = async () => {
  const { id, materialId, sold, amount, price } = line.value
  if (materialId === undefined || amount === undefined) {
    refuse(
      materialId === undefined
        ? t('shelf.quickAdd.materialMissing')
        : t('shelf.quickAdd.amountMissing', {
            way: settings.measures.field(kindOf(line.value.sold)).unit,
          }),
    )
    if (materialId === undefined) {
      picker.value?.focus()
    }
    return
  }
  let lot: Lot | undefined
  const stored = await send(async () => {
    const body = without<{
      materialId: string
      sold: LotFacts['sold']
      amount: number
      swell: number
      price?: number
    }>({
      materialId,
      sold,
      amount,
      swell: swell.value,
      price,
    })
    const { litres } = await answer(api.POST('/api/shelf/worth', { body }))
    lot = await add(id, { ...body, leftLitres: litres, fed: false, rinsed: false, quarantined: false })
  })
  if (stored && lot) {
    again()
    round.value++
    await nextTick()
    picker.value?.focus()
    emit('added', lot.id, lot.materialName)
  }
}
const focus = () => picker.value?.focus()
defineExpose({ focus })
</script>

<template>
  <form class="quick-add" @submit.prevent="put">
    <MaterialPicker
      :key="round"
      ref="picker"
      :label="$t('shelf.quickAdd.putOnTheShelf')"
      input-id="quick-material"
      keep
      quiet
      :start="line.materialId"
      @chosen="choose"
    />
    <NumberField
      v-model="line.amount"
      :label="$t('shelf.quickAdd.amount')"
      :kind="kindOf(line.sold)"
      optional
      input-id="quick-amount"
    />
    <SelectField
      v-model="line.sold"
      :label="$t('shelf.quickAdd.soldAs')"
      :options="soldOptions"
      input-id="quick-sold"
    />
    <NumberField
      v-if="swells"
      v-model="line.swell"
      :label="line.sold === 'BRICK_KG' ? $t('shelf.quickAdd.swellOfBrick') : $t('shelf.quickAdd.swellOfBale')"
      optional
      :placeholder="String(way?.usualSwell ?? '')"
      :kind="line.sold === 'BRICK_KG' ? 'swell' : 'plain'"
      input-id="quick-swell"
    />
    <NumberField
      v-model="line.price"
      :label="$t('shelf.quickAdd.price')"
      :unit="settings.currency"
      optional
      input-id="quick-price"
    />
    <Button type="submit" :label="$t('shelf.quickAdd.putItThere')" size="small" :disabled="busy" />
    <output class="worth figures" for="quick-amount quick-price">{{ worthWords }}</output>
    <p v-if="problem ?? worthProblem" class="wrong" role="alert">{{ problem ?? worthProblem }}</p>
  </form>
</template>

<style scoped>
.quick-add {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: flex-end;
  border-block: 1px dashed var(--stitch);
  padding: 10px 0 12px;
}
.quick-add > .material-picker {
  flex: 1 1 220px;
  max-width: 300px;
}
.worth {
  font-size: 14px;
  padding-bottom: 7px;
}
.wrong {
  color: var(--brick);
  flex-basis: 100%;
}
</style>
