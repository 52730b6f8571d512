<script setup lang="ts">
import { ref, watch } from 'vue'
import { figure } from '@/measure/units'

/** Parts or per cent of a row. What is being typed is never overwritten by what arrives meanwhile. */
defineProps<{ label: string }>()
const model = defineModel<number>({ required: true })
const shown = (value: number) => figure(value, 3, true).replace('−', '-')
const typed = ref(shown(model.value))
const wrong = ref(false)

const parse = (text: string): number | undefined => {
  const clean = text.trim().replace(',', '.')
  const value = Number(clean)
  return clean === '' || !Number.isFinite(value) ? undefined : value
}

watch(model, (value) => {
  if (parse(typed.value) !== value) {
    typed.value = shown(value)
    wrong.value = false
  }
})

const take = (text: string) => {
  typed.value = text
  const value = parse(text)
  wrong.value = value === undefined
  if (value !== undefined && value !== model.value) {
    model.value = value
  }
}
</script>

<template>
  <input
    class="figures"
    inputmode="decimal"
    autocomplete="off"
    :value="typed"
    :class="{ wrong }"
    :aria-label="label"
    :aria-invalid="wrong"
    :title="wrong ? $t('blend.amountField.isNotANumberWrite', { typed }) : undefined"
    @input="take(($event.target as HTMLInputElement).value)"
  />
</template>

<style scoped>
input {
  width: 42px;
  height: 30px;
  border: 1px solid var(--stitch);
  border-width: 1px 0;
  background: var(--sheet);
  color: var(--ink);
  text-align: center;
  font-size: 16px;
  font-weight: 600;
  border-radius: 0;
}
.wrong {
  background: var(--brick-soft);
  color: var(--brick);
}
@media (width <= 640px) {
  input {
    height: 38px;
  }
}
</style>
