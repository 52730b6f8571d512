<script setup lang="ts">
import { computed } from 'vue'
import type { Plant } from '@/api/types'
import { figure } from '@/measure/units'
import { usePlants } from './usePlants'

/** The Book's plants by group, with what their roots ask for. */
const props = defineProps<{ sought: string }>()
const { plants, loading, error } = usePlants()
const groups = computed(() => {
  const wanted = props.sought.trim().toLowerCase()
  const found = new Map<string, Plant[]>()
  for (const plant of plants.value) {
    const words = [plant.name, plant.botanical, plant.groupName, ...plant.otherNames].join(' ').toLowerCase()
    if (words.includes(wanted)) {
      found.set(plant.groupName, [...(found.get(plant.groupName) ?? []), plant])
    }
  }
  return [...found.entries()]
})
const band = (low: number, high: number, decimals = 0) => `${figure(low, decimals)}–${figure(high, decimals)}`
</script>

<template>
  <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
  <div v-if="loading" class="skeleton" style="height: 300px" />
  <section v-for="[group, members] in groups" :key="group" class="group">
    <div>
      <h2>{{ group }}</h2>
      <p class="soft">{{ members[0]?.roots }}</p>
    </div>
    <ul class="choices">
      <li v-for="plant in members" :key="plant.id">
        <h3>
          {{ plant.name }} <i class="soft">{{ plant.botanical }}</i>
        </h3>
        <dl>
          <div>
            <dt>air</dt>
            <dd class="figures">{{ band(plant.airPercent.low, plant.airPercent.high) }} %</dd>
          </div>
          <div>
            <dt>water held</dt>
            <dd class="figures">{{ band(plant.waterPercent.low, plant.waterPercent.high) }} %</dd>
          </div>
          <div>
            <dt>pH</dt>
            <dd class="figures">{{ band(plant.ph.low, plant.ph.high, 1) }}</dd>
          </div>
          <div>
            <dt>food</dt>
            <dd class="figures">{{ band(plant.nMgPerL.low, plant.nMgPerL.high) }} mg N/L</dd>
          </div>
          <div>
            <dt>salts up to</dt>
            <dd class="figures">{{ figure(plant.mostEcDsPerM, 2, true) }} dS/m</dd>
          </div>
        </dl>
        <p>
          As to drying, {{ plant.drying }}. {{ plant.note }}
          <b v-if="plant.poison">{{ plant.poison }}</b>
        </p>
        <p class="soft source">Source: {{ plant.source }}</p>
      </li>
    </ul>
  </section>
  <p v-if="!loading && groups.length === 0">No plant by that name here yet.</p>
</template>

<style scoped>
.group {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 34px;
  border-top: 1px dashed var(--stitch);
  padding: 16px 0 8px;
}
.group h2::first-letter {
  text-transform: uppercase;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
  gap: 18px 34px;
}
h3 {
  font-size: 16px;
}
h3 i {
  font-weight: 400;
  font-size: 14px;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  margin: 4px 0;
}
dt {
  font-size: 12.5px;
  color: var(--soft-ink);
  line-height: 1.1;
}
dd {
  margin: 0;
  font-size: 14px;
}
p {
  font-size: 14px;
}
.source {
  font-size: 13px;
}
@media (max-width: 860px) {
  .group,
  ul {
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
  }
}
</style>
