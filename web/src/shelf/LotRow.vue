<script setup lang="ts">
import { computed } from 'vue'
import type { Lot } from '@/api/types'
import StitchMark from '@/material/StitchMark.vue'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'
import LotBar from './LotBar.vue'

/** A lot in one line: what it is, how much is left to scale, what a litre costs, what to know about it. */
const props = defineProps<{
  lot: Lot
  grade: string
  scale: number
  open: boolean
  counting: boolean
  left: number
}>()
const emit = defineEmits<{ toggle: []; left: [litres: number]; store: [] }>()
const settings = useSettings()
const left = computed({ get: () => props.left, set: (litres: number) => emit('left', litres) })
const signs = computed(() => {
  const { facts, inUse } = props.lot
  return [
    ...(props.lot.low ? [facts.leftLitres <= 0 ? ('usedUp' as const) : ('runningLow' as const)] : []),
    ...(facts.quarantined ? ['inQuarantine' as const] : []),
    ...(facts.fed ? ['fed' as const] : []),
    ...(facts.rinsed ? ['rinsed' as const] : []),
    ...(facts.measured ? ['measured' as const] : []),
    ...(!inUse && facts.leftLitres > 0 ? ['waitsItsTurn' as const] : []),
  ].map((sign) => ({ sign, words: t(`shelf.lotRow.${sign}`) }))
})
const price = computed(() =>
  props.lot.pricePerLitre === undefined
    ? t('shelf.lotRow.noPrice')
    : props.lot.pricePerLitre === 0
      ? t('shelf.lotRow.free')
      : `${settings.currency} ${text(settings.measures.perVolume(props.lot.pricePerLitre))}`,
)
</script>

<template>
  <div class="lot-row" :class="{ open, low: lot.low, quarantined: lot.facts.quarantined }">
    <button
      :id="`lot-${lot.id}`"
      type="button"
      class="name"
      :aria-expanded="open"
      :aria-label="
        $t('shelf.lotRow.left', {
          materialName: lot.materialName,
          grade,
          stock: text(settings.measures.stock(left)),
          signs: signs.length > 0 ? `, ${signs.map((each) => each.words).join(', ')}` : '',
        })
      "
      @click="emit('toggle')"
    >
      <StitchMark :material-id="lot.facts.materialId" :size="22" />
      <span>
        <b>{{ lot.materialName }}</b> <small class="soft">{{ grade }}</small>
      </span>
    </button>
    <LotBar
      :material-id="lot.facts.materialId"
      :full="lot.fullLitres"
      :left="left"
      :scale="scale"
      :mark="lot.facts.lowLitres"
    />
    <div v-if="counting" class="count">
      <NumberField
        v-model="left"
        :label="$t('shelf.lotRow.leftOf', { materialName: lot.materialName })"
        kind="volume"
        hide-label
        :input-id="`count-${lot.id}`"
        @enter="emit('store')"
      />
    </div>
    <div v-else class="numbers figures">
      <span
        >{{ text(settings.measures.stock(left)) }}
        <small v-if="!lot.problem" class="soft">{{
          $t('shelf.lotRow.of', { stock: text(settings.measures.stock(lot.fullLitres)) })
        }}</small></span
      >
      <small class="soft">{{ price }}</small>
    </div>
    <span class="signs">
      <span v-for="{ sign, words } in signs" :key="sign" :data-sign="sign">{{ words }}</span>
    </span>
    <p v-if="lot.problem" class="say harm problem" role="alert">{{ lot.problem }}</p>
  </div>
</template>

<style scoped>
.problem {
  grid-column: 1 / -1;
}
.lot-row {
  display: grid;
  grid-template-columns: calc(var(--lot-name) - 14px) minmax(0, 1fr) 150px 104px;
  gap: 0 14px;
  align-items: center;
  min-height: 40px;
  border-left: 3px solid transparent;
}
.lot-row.open {
  background: var(--wash);
  border-left-color: var(--bottle);
}
.name {
  display: flex;
  gap: 10px;
  align-items: center;
  background: none;
  border: 0;
  padding: 4px 0 4px 6px;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  line-height: 1.2;
  min-height: 38px;
}
.name:hover b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.name b {
  font-weight: 600;
}
.numbers {
  display: flex;
  flex-direction: column;
  text-align: right;
  font-size: 14px;
  line-height: 1.25;
  white-space: nowrap;
}
.count {
  display: flex;
  justify-content: flex-end;
}
.signs {
  display: flex;
  flex-direction: column;
  font-size: 12.5px;
  line-height: 1.25;
  color: var(--soft-ink);
}
.low [data-sign='runningLow'],
.low [data-sign='usedUp'] {
  color: var(--marigold-ink);
  font-weight: 700;
}
.quarantined [data-sign='inQuarantine'] {
  color: var(--brick);
  font-weight: 700;
}
.signs [data-sign='measured'] {
  color: var(--water);
}
@media (width <= 860px) {
  .lot-row {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 4px 0;
  }
  .lot-row > .lot-bar {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .signs {
    grid-column: 1 / -1;
    flex-direction: row;
    flex-wrap: wrap;
    gap: 0 12px;
  }
}
</style>
