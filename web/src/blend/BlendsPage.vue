<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { BlendCard, Reading } from '@/api/types'
import { useKeys } from '@/frame/keys'
import { sayProblem } from '@/frame/notices'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import SwatchChart from './SwatchChart.vue'

/** The swatch book: all blends, sorted by a reading. */
const router = useRouter()
const client = useQueryClient()
const settings = useSettings()
const { materialName } = useMaterials()
const blends = useQuery({ queryKey: ['blends'], queryFn: () => answer(api.GET('/api/blends')), staleTime: 0 })
const busy = ref(false)

type Order = 'CHANGED' | 'NAME' | Reading['quality']
const ORDERS: { value: Order; label: string }[] = [
  { value: 'CHANGED', label: 'last changed' },
  { value: 'NAME', label: 'name' },
  { value: 'AIR', label: 'air' },
  { value: 'WATER', label: 'water held' },
  { value: 'DRY_DAYS', label: 'days to dry' },
  { value: 'PH', label: 'acidity' },
  { value: 'WEIGHT', label: 'weight' },
  { value: 'LIFE', label: 'life' },
]
const order = ref<Order>('CHANGED')
const reading = (card: BlendCard, quality: string) => card.readings.find((each) => each.quality === quality)
const sorted = computed(() => {
  const cards = [...(blends.data.value ?? [])]
  if (order.value === 'NAME') {
    return cards.sort((a, b) => a.blend.name.localeCompare(b.blend.name))
  }
  if (order.value === 'CHANGED') {
    return cards
  }
  const value = (card: BlendCard) => reading(card, order.value)?.value ?? -1
  return cards.sort((a, b) => value(b) - value(a))
})
const rows = (card: BlendCard) =>
  card.blend.recipe.parts.map((part) => ({
    materialId: part.materialId,
    name: materialName(part.materialId),
  }))
const SHORT: [Reading['quality'], string][] = [
  ['AIR', 'air'],
  ['WATER', 'water'],
  ['DRY_DAYS', 'dry in'],
  ['PH', ''],
  ['WEIGHT', ''],
]
const facts = (card: BlendCard) =>
  SHORT.flatMap(([quality, word]) => {
    const each = reading(card, quality)
    if (!each) {
      return []
    }
    const shown = settings.measures.reading(each.value, each.unit, each.decimals)
    return [quality === 'PH' ? `pH ${shown.figure}` : `${word} ${shown.figure} ${shown.unit}`.trim()]
  })

const create = async () => {
  if (busy.value) {
    return
  }
  busy.value = true
  try {
    const blend = await answer(
      api.POST('/api/blends', {
        body: {
          id: crypto.randomUUID(),
          name: 'New blend',
          brief: { stage: 'ESTABLISHED' },
          recipe: { measure: 'PARTS', parts: [], doses: [] },
        },
      }),
    )
    await client.invalidateQueries({ queryKey: ['blends'] })
    await router.push(`/blends/${blend.id}`)
  } catch (error) {
    sayProblem(error)
  } finally {
    busy.value = false
  }
}
useKeys({ n: () => void create() })
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>Swatch book</h1>
        <p class="soft">One stitch is one per cent by volume.</p>
      </div>
      <div class="tools">
        <label id="order-label">Sorted by</label>
        <Select
          v-model="order"
          :options="ORDERS"
          option-label="label"
          option-value="value"
          aria-labelledby="order-label"
        />
        <RouterLink to="/blends/share">One blend for many plants</RouterLink>
        <Button label="New blend" :disabled="busy" @click="create" />
      </div>
    </div>
    <p v-if="blends.error.value" class="say harm" role="alert">{{ blends.error.value.message }}</p>
    <ul v-if="blends.data.value" class="choices book">
      <li v-for="card in sorted" :key="card.blend.id">
        <RouterLink :to="`/blends/${card.blend.id}`">
          <div class="chart"><SwatchChart :rows="rows(card)" :shares="card.shares" /></div>
          <div class="about">
            <h2>{{ card.blend.name }}</h2>
            <p class="soft">
              {{ card.plantName ? `for ${card.plantName.toLowerCase()}` : 'for no plant yet' }}
            </p>
            <p class="figures">
              <span v-for="fact in facts(card)" :key="fact">{{ fact }}</span>
            </p>
            <p v-if="card.stops.length > 0" class="stopped">
              {{ card.stops.every((each) => each.accepted) ? 'Stop set aside:' : 'Stop:' }}
              {{ card.stops[0]?.why }}
            </p>
            <p class="verdict" :class="{ fits: card.fits }">{{ card.headline ?? 'Nothing in it yet.' }}</p>
          </div>
        </RouterLink>
      </li>
    </ul>
    <div v-else-if="!blends.error.value" class="book">
      <div v-for="i in 6" :key="i" class="skeleton" style="height: 150px" />
    </div>
    <p v-if="blends.data.value?.length === 0" class="empty">
      No blend yet. Start one: say for which plant, scoop three or four materials together, and read what it
      will do before you mix it.
    </p>
  </main>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 10px;
  align-items: center;
}
.book {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(360px, 1fr));
  gap: 0 34px;
}
li {
  border-top: 1px dashed var(--stitch);
}
li a {
  display: flex;
  gap: 16px;
  padding: 14px 6px;
  color: inherit;
  text-decoration: none;
  height: 100%;
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
.empty {
  max-width: 46ch;
  font-size: 17px;
}
@media (max-width: 640px) {
  .book {
    grid-template-columns: minmax(0, 1fr);
  }
  .chart {
    width: 104px;
  }
}
</style>
