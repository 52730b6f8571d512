<script setup lang="ts">
import { computed } from 'vue'
import type { Fill, Pot } from '@/api/types'
import InPlace from '@/parts/InPlace.vue'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import PotField from '@/need/PotField.vue'
import { labelOf, SHAPES, WALLS } from '@/need/words'

/** Pots of one kind to fill. */
const props = defineProps<{ fill: Fill; row: number; removable: boolean }>()
const emit = defineEmits<{ changed: [fill: Fill]; remove: [] }>()
const settings = useSettings()
const set = (change: Partial<Fill>) => emit('changed', { ...props.fill, ...change })
const pot = computed({ get: () => props.fill.pot, set: (value: Pot) => set({ pot: value }) })
const count = computed({
  get: () => props.fill.count,
  set: (value: number) => set({ count: Math.round(value) }),
})
const rootBall = computed({
  get: () => props.fill.rootBallLitres,
  set: (value: number) => set({ rootBallLitres: value }),
})
const size = computed(() => {
  const { topCm, heightCm, shape, wall } = props.fill.pot
  const measures = settings.measures
  return `${labelOf(SHAPES, shape)} ${measures.length(topCm).figure} × ${text(measures.length(heightCm))}, ${labelOf(WALLS, wall)}`
})
</script>

<template>
  <li class="fill">
    <NumberField v-model="count" :label="$t('batch.fillRow.pots')" :decimals="0" :input-id="`count-${row}`" />
    <div class="pot">
      <span>{{ $t('batch.fillRow.pot') }}</span>
      <InPlace :words="size" :label="$t('batch.fillRow.pot')"
        ><PotField v-model="pot" :id-prefix="`fill-${row}`"
      /></InPlace>
    </div>
    <NumberField
      v-model="rootBall"
      :label="$t('batch.fillRow.rootBallEach')"
      kind="volume"
      :input-id="`root-ball-${row}`"
    />
    <button v-if="removable" type="button" class="plain danger" @click="emit('remove')">
      {{ $t('batch.fillRow.remove') }}
    </button>
  </li>
</template>

<style scoped>
.fill {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: flex-end;
  padding: 8px 0 12px;
  border-bottom: 1px solid var(--line);
  margin-bottom: 8px;
}
.fill :deep(input) {
  width: 3.6em;
}
.pot {
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding-bottom: 4px;
}
</style>
