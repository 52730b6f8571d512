<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Plant } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { usePlants } from './usePlants'

/** The Book's plants by group: names to find and to open, some ticked to be laid side by side. */
const props = defineProps<{ sought: string }>()
const beside = defineModel<string[]>('beside', { required: true })
const MOST_BESIDE = 3
const { plants, loading, error } = usePlants()
const wanted = computed(() => props.sought.trim().toLowerCase())
const literal = computed(() =>
  plants.value.filter((plant) =>
    [plant.name, plant.botanical, plant.groupName, ...plant.otherNames].some((name) =>
      name.toLowerCase().includes(wanted.value),
    ),
  ),
)
const { answer: closest } = useAnswered(
  () => (wanted.value !== '' && literal.value.length === 0 ? wanted.value.slice(0, 200) : undefined),
  (name, signal) => answer(api.GET('/api/plants/closest', { params: { query: { name, most: 6 } }, signal })),
)
const guessing = computed(() => wanted.value !== '' && literal.value.length === 0 && !loading.value)
const groups = computed(() => {
  const found = new Map<string, Plant[]>()
  for (const plant of guessing.value ? (closest.value ?? []) : literal.value) {
    found.set(plant.groupName, [...(found.get(plant.groupName) ?? []), plant])
  }
  return [...found.entries()]
})
const anchor = (group: string) => `group-${group.replace(/[^a-z]+/gi, '-')}`
const toggle = (id: string) => {
  beside.value = beside.value.includes(id)
    ? beside.value.filter((each) => each !== id)
    : [...beside.value, id].slice(-MOST_BESIDE)
}
const also = (plant: Plant) => {
  const named = plant.otherNames.find((name) => name.toLowerCase().includes(wanted.value))
  return wanted.value !== '' && named && !plant.name.toLowerCase().includes(wanted.value) ? named : ''
}
</script>

<template>
  <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
  <div v-if="loading" class="skeleton" style="height: 300px" />
  <p v-if="guessing && groups.length > 0" class="say attention">
    {{ $t('need.plantChapter.noPlantByTheName', { sought: sought.trim().slice(0, 40) }) }}
  </p>
  <div class="chapter">
    <nav v-if="!guessing" class="groups" :aria-label="$t('need.plantChapter.groups')">
      <a v-for="[group, members] in groups" :key="group" :href="`#${anchor(group)}`">
        <span class="name">{{ group }}</span>
        <span class="soft figures">{{ members.length }}</span>
      </a>
    </nav>
    <div class="sections">
      <section v-for="[group, members] in groups" :id="anchor(group)" :key="group" class="group">
        <h2>{{ group }}</h2>
        <p class="soft">{{ members[0]?.roots }}</p>
        <ul class="choices">
          <li v-for="plant in members" :key="plant.id">
            <input
              type="checkbox"
              :checked="beside.includes(plant.id)"
              :aria-label="$t('need.plantChapter.layBesideOthers', { name: plant.name })"
              @change="toggle(plant.id)"
            />
            <RouterLink :to="`/book/plants/${plant.id}`">
              {{ plant.name
              }}<span v-if="plant.own" class="own"> {{ ' ' }}{{ $t('need.plantChapter.yours') }}</span>
            </RouterLink>
            <small class="soft"
              ><i>{{ plant.botanical }}</i
              ><template v-if="also(plant)"> · {{ also(plant) }}</template></small
            >
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style scoped>
.chapter {
  display: grid;
  grid-template-columns: 210px minmax(0, 1fr);
  gap: 34px;
  align-items: start;
}
.groups {
  position: sticky;
  top: 12px;
  max-height: calc(100vh - 24px);
  overflow: auto;
  display: flex;
  flex-direction: column;
  font-size: 14px;
  border-right: 1px dashed var(--stitch);
}
.groups a {
  color: var(--ink);
  text-decoration: none;
  padding: 3px 12px 3px 0;
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
.groups .name {
  display: block;
}
.groups .name::first-letter,
.group h2::first-letter {
  text-transform: uppercase;
}
.groups a:hover {
  color: var(--bottle);
  text-decoration: underline;
}
.group {
  border-top: 1px dashed var(--stitch);
  padding: 14px 0 18px;
  scroll-margin-top: 8px;
}
.group:first-child {
  border-top: 0;
  padding-top: 0;
}
.group > p {
  font-size: 14px;
  max-width: 78ch;
  margin: 2px 0 8px;
}
ul {
  columns: 3 240px;
  column-gap: 28px;
}
li {
  break-inside: avoid;
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: 0 6px;
  padding: 3px 0;
  line-height: 1.25;
}
li input {
  accent-color: var(--bottle);
  margin: 2px 0 0;
  width: 16px;
  height: 16px;
}
li a {
  color: var(--ink);
  font-weight: 600;
  text-decoration: none;
}
li a:hover {
  color: var(--bottle);
  text-decoration: underline;
}
li small {
  grid-column: 2;
}
.own {
  font-weight: 400;
  color: var(--marigold-ink);
}
@media (width <= 860px) {
  .chapter {
    grid-template-columns: minmax(0, 1fr);
  }
  .groups {
    display: none;
  }
}
</style>
