<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Place, PotEvent, PotEventAsked, Potting } from '@/api/types'
import { todayHere } from '@/measure/days'
import NumberField from '@/measure/NumberField.vue'
import PlaceField from '@/need/PlaceField.vue'
import { startingPlace } from '@/need/words'
import ChoiceList from '@/parts/ChoiceList.vue'
import { t } from '@/words'

/** What happened to a plant, told: moved, fed, topped up, noted, lent, back, given away, lost. */
const props = defineProps<{ place?: Place | undefined; states: readonly Potting['state'][]; busy: boolean }>()
const emit = defineEmits<{ tell: [told: PotEventAsked]; close: [] }>()
type Kind = PotEvent['kind']
const kinds = computed<{ value: Kind; label: string }[]>(() =>
  (
    [
      'NOTED',
      'THRIVING',
      'FAIR',
      'POOR',
      'FLOWERED',
      'LEAVES',
      'FED',
      'TOPPED_UP',
      'FLUSHED',
      'MOVED',
      ...(props.states.every((state) => state === 'HERE') ? (['LENT', 'GIVEN_AWAY'] as const) : []),
      ...(props.states.every((state) => state === 'LENT') ? (['CAME_BACK'] as const) : []),
      'LOST',
    ] as Kind[]
  ).map((value) => ({ value, label: t(`pot.tell.kind.${value}`) })),
)
const kind = ref<Kind>('NOTED')
const words = ref('')
const amount = ref<number>()
const on = ref(todayHere())
const place = ref<Place>(props.place ?? startingPlace())
const NEEDS_WORDS: readonly Kind[] = ['NOTED', 'LOST']
const AMOUNTS = { FED: 'grams', TOPPED_UP: 'litres', LEAVES: 'leaves' } as const
const amountOf = computed(() =>
  kind.value in AMOUNTS ? AMOUNTS[kind.value as keyof typeof AMOUNTS] : undefined,
)
const missing = computed(
  () =>
    (NEEDS_WORDS.includes(kind.value) && words.value.trim() === '') ||
    (kind.value === 'LEAVES' && amount.value === undefined),
)
const tell = () => {
  if (missing.value) {
    return
  }
  emit('tell', {
    id: crypto.randomUUID(),
    kind: kind.value,
    on: on.value,
    words: words.value.trim(),
    ...(amount.value !== undefined && amountOf.value ? { amount: amount.value } : {}),
    ...(kind.value === 'MOVED' ? { place: place.value } : {}),
  })
}
</script>

<template>
  <section class="pot-tell" :aria-label="$t('pot.tell.label')">
    <ChoiceList v-model="kind" :options="kinds" :label="$t('pot.tell.label')" />
    <PlaceField v-if="kind === 'MOVED'" v-model="place" id-prefix="tell-place" />
    <div class="fields">
      <div class="field wide">
        <label for="tell-words">{{ $t(`pot.tell.words.${kind}`) }}</label>
        <InputText
          id="tell-words"
          v-model="words"
          autocomplete="off"
          maxlength="1000"
          @keydown.enter="tell"
        />
      </div>
      <NumberField
        v-if="amountOf"
        v-model="amount"
        :label="$t(`pot.tell.${amountOf}`)"
        :kind="amountOf === 'grams' ? 'grams' : amountOf === 'litres' ? 'volume' : 'plain'"
        :decimals="amountOf === 'leaves' ? 0 : 2"
        optional
        input-id="tell-amount"
      />
      <div class="field">
        <label for="tell-on">{{ $t('pot.tell.on') }}</label>
        <InputText id="tell-on" v-model="on" type="date" :max="todayHere()" />
      </div>
      <Button :label="$t('pot.tell.keep')" :disabled="busy || missing" @click="tell" />
      <button type="button" class="plain" @click="emit('close')">{{ $t('pot.tell.close') }}</button>
    </div>
    <p v-if="missing" class="soft">{{ $t(`pot.tell.missing.${kind}`) }}</p>
  </section>
</template>

<style scoped>
.pot-tell {
  display: flex;
  flex-direction: column;
  gap: 12px;
  border: 1px solid var(--line);
  background: var(--sheet);
  padding: 14px 16px;
  margin-bottom: 18px;
}
.wide {
  flex: 1 1 260px;
}
.fields :deep(#tell-amount) {
  width: 5em;
}
.fields .plain {
  padding-bottom: 9px;
}
</style>
