<script setup lang="ts" generic="T extends number | undefined">
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { useSettings } from './settings'
import { figure, type FieldKind } from './units'

/** A number that is typed in the person's units and held in those of the core. Says so when it is not a number; may stay empty if optional. */
const props = withDefaults(
  defineProps<{
    label: string
    kind?: FieldKind
    unit?: string
    decimals?: number
    inputId: string
    hideLabel?: boolean
    invalid?: boolean
    optional?: boolean
    placeholder?: string
  }>(),
  { kind: 'plain', decimals: 2 },
)
const model = defineModel<T>({ required: true })
const emit = defineEmits<{ enter: [] }>()

const settings = useSettings()
const field = computed(() => settings.measures.field(props.kind))
const shownUnit = computed(() => props.unit ?? field.value.unit)
const shown = (value: number | undefined) =>
  value === undefined
    ? ''
    : figure(value * field.value.factor + field.value.offset, props.decimals, true).replace('−', '-')

const typed = ref(shown(model.value))
const wrong = ref(false)

watch([model, field], () => {
  if (parse(typed.value) !== model.value) {
    typed.value = shown(model.value)
    wrong.value = false
  }
})

function parse(entered: string): number | undefined {
  const clean = entered.trim().replace(',', '.')
  const value = Number(clean)
  return clean === '' || !Number.isFinite(value)
    ? undefined
    : Number(((value - field.value.offset) / field.value.factor).toFixed(6))
}

function take() {
  const value = parse(typed.value)
  const left = props.optional && typed.value.trim() === ''
  wrong.value = value === undefined && !left
  if ((left || value !== undefined) && value !== model.value) {
    model.value = value as T
  }
}
</script>

<template>
  <div class="number-field">
    <label :for="inputId" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <span class="entry">
      <InputText
        :id="inputId"
        v-model="typed"
        inputmode="decimal"
        autocomplete="off"
        :placeholder="placeholder"
        :invalid="wrong || invalid"
        :aria-describedby="wrong ? `${inputId}-wrong` : undefined"
        @update:model-value="take"
        @keydown.enter="emit('enter')"
      />
      <span v-if="shownUnit" class="unit">{{ shownUnit }}</span>
    </span>
    <small v-if="wrong" :id="`${inputId}-wrong`" class="wrong" role="alert">
      {{ $t('measure.numberField.isNotANumberWrite', { typed }) }}
    </small>
  </div>
</template>

<style scoped>
.number-field {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.entry {
  display: flex;
  align-items: baseline;
  gap: 6px;
}
.entry :deep(input) {
  width: 5.2em;
  font-family: var(--figures);
  text-align: right;
}
.unit {
  color: var(--soft-ink);
  font-size: 13px;
}
.wrong {
  color: var(--brick);
  max-width: 22ch;
}
</style>
