<script setup lang="ts">
import { computed } from 'vue'
import type { BlendCard, BlendRecord, Reading } from '@/api/types'
import { useMaterials } from '@/material/useBook'
import { inUnit } from '@/measure/units'
import { usePlants } from '@/need/usePlants'
import { t } from '@/words'
import SwatchChart from '@/material/SwatchChart.vue'

/** A blend in the swatch book: its swatch, what it would read, and what can be done with it there. */
const props = defineProps<{
  card: BlendCard
  forPlant: string | undefined
  picked: boolean
  record?: BlendRecord | undefined
}>()
const emit = defineEmits<{ pick: [on: boolean]; layAway: [on: boolean] }>()
const { materialName } = useMaterials()
const { plant } = usePlants()
const rows = computed(() =>
  props.card.blend.recipe.parts.map((part) => ({
    materialId: part.materialId,
    name: materialName(part.materialId),
  })),
)
const SHORT: Reading['quality'][] = ['AIR', 'WATER', 'DRY_DAYS', 'PH', 'WEIGHT']
const facts = computed(() =>
  SHORT.flatMap((quality) => {
    const each = props.card.readings.find((read) => read.quality === quality)
    if (!each) {
      return []
    }
    const { figure, unit } = inUnit(each.value, each.unit, each.decimals)
    return [t(`blend.book.fact.${quality}`, { figure, unit })]
  }),
)
const forWhom = computed(() => {
  if (props.forPlant) {
    const name = plant(props.forPlant)?.name.toLowerCase() ?? ''
    return t('blend.book.readFor', { name, fit: Math.round(props.card.fit ?? 0) })
  }
  return props.card.plantName
    ? t('blend.book.for', { name: props.card.plantName.toLowerCase() })
    : t('blend.book.forNone')
})
</script>

<template>
  <li :class="{ away: card.blend.archived }">
    <RouterLink :to="`/blends/${card.blend.id}`">
      <div class="chart"><SwatchChart :rows="rows" :shares="card.shares" /></div>
      <div class="about">
        <h2>{{ card.blend.name }}</h2>
        <p class="soft">{{ forWhom }}</p>
        <p class="figures">
          <span v-for="fact in facts" :key="fact">{{ fact }}</span>
        </p>
        <p v-if="record" class="record soft">{{ record.words.join('; ') }}</p>
        <p v-if="card.stops.length > 0" class="stopped">
          {{ card.stops.every((each) => each.accepted) ? $t('blend.book.stopAside') : $t('blend.book.stop') }}
          {{ card.stops[0]?.why }}
        </p>
        <p class="verdict" :class="{ fits: card.fits }">
          {{ card.headline ?? $t('blend.book.nothing') }}
        </p>
      </div>
    </RouterLink>
    <p class="below">
      <label>
        <input
          type="checkbox"
          :checked="picked"
          :aria-label="$t('blend.book.pickName', { name: card.blend.name })"
          @change="emit('pick', ($event.target as HTMLInputElement).checked)"
        />
        {{ $t('blend.book.pick') }}
      </label>
      <button v-if="card.blend.archived" type="button" class="plain" @click="emit('layAway', false)">
        {{ $t('blend.book.takeOut') }}
      </button>
      <span v-if="card.sameAs.length > 0" class="same">
        {{ $t('blend.book.same', { name: card.sameAs[0]?.name }) }}
        <button v-if="!card.blend.archived" type="button" class="plain" @click="emit('layAway', true)">
          {{ $t('blend.page.archive') }}
        </button>
      </span>
    </p>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px dashed var(--stitch);
  display: flex;
  flex-direction: column;
}
.below {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  align-items: center;
  padding: 0 6px 8px;
  font-size: 13.5px;
  color: var(--soft-ink);
}
.same {
  color: var(--marigold-ink);
}
.away .chart {
  opacity: 0.5;
}
li a {
  display: flex;
  gap: 16px;
  padding: 14px 6px 8px;
  color: inherit;
  text-decoration: none;
  flex: 1;
}
li a:hover {
  background: var(--wash);
}
li a:hover h2 {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
}
.chart {
  width: 128px;
  flex: none;
}
.about {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
}
.about h2 {
  overflow-wrap: anywhere;
}
.about .figures {
  font-size: 13px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}
.verdict {
  margin-top: auto;
  font-size: 14px;
  color: var(--marigold-ink);
  font-weight: 600;
}
.stopped {
  font-size: 13.5px;
  color: var(--brick);
  border-left: 3px solid var(--brick);
  padding-left: 7px;
}
.verdict.fits {
  color: var(--bottle);
}
.below label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 30px;
}
.below input {
  margin: 0;
  width: 18px;
  height: 18px;
  accent-color: var(--bottle);
}
@media (width <= 640px) {
  .chart {
    width: 104px;
  }
}
</style>
