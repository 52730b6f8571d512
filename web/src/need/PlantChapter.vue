<script setup lang="ts">
import { computed } from 'vue'
import type { PlantEntry } from '@/api/types'
import { useNamed } from '@/api/useNamed'
import PlantChoice from './PlantChoice.vue'
import { usePlants } from './usePlants'

/** The Book's plants: by group, or those that a typed name fits; some ticked to be laid side by side. */
const props = defineProps<{ sought: string }>()
const beside = defineModel<string[]>('beside', { required: true })
const MOST_BESIDE = 3
const MOST_FOUND = 40
const { plants, plant, loading, error } = usePlants()
const wanted = computed(() => props.sought.trim())
const { answer: found, problem } = useNamed(() => wanted.value, ['PLANT'], { most: MOST_FOUND })
const answered = computed(() => (found.value?.typed === wanted.value ? found.value : undefined))
const alike = computed(() => answered.value?.sure === true || answered.value?.hits[0]?.how === 'MISTYPED')

interface Shown {
  entry: PlantEntry
  also: string
}
const groups = computed(() => {
  const sorted = new Map<string, PlantEntry[]>()
  for (const each of plants.value.filter((entry) => entry.breadth !== 'GENUS')) {
    sorted.set(each.groupName, [...(sorted.get(each.groupName) ?? []), each])
  }
  return [...sorted.entries()].map(([group, entries]) => ({
    group,
    count: entries.filter((each) => each.breadth === 'ONE').length,
    kinds: [...new Set(entries.map((each) => each.kindName))].map((kind) => ({
      kind,
      general: entries.find((each) => each.breadth === 'KIND' && each.kindName === kind),
      entries: entries.filter((each) => each.breadth === 'ONE' && each.kindName === kind),
    })),
  }))
})
const hits = computed<Shown[]>(() =>
  (answered.value?.hits ?? []).flatMap((hit) => {
    const entry = plant(hit.id)
    if (!entry) {
      return []
    }
    const said = `${entry.name} ${entry.botanical}`.toLowerCase()
    return [{ entry, also: said.includes(hit.matched.toLowerCase()) ? '' : hit.matched }]
  }),
)
const anchor = (group: string) => `group-${group.replace(/[^a-z]+/gi, '-')}`
const toggle = (id: string) => {
  beside.value = beside.value.includes(id)
    ? beside.value.filter((each) => each !== id)
    : [...beside.value, id].slice(-MOST_BESIDE)
}
const short = computed(() => wanted.value.slice(0, 40))
</script>

<template>
  <p v-if="error ?? problem" class="say harm" role="alert">{{ error?.message ?? problem }}</p>
  <div v-if="loading" class="skeleton" style="height: 300px" />
  <section v-if="wanted !== ''" class="found" aria-live="polite">
    <template v-if="answered">
      <p v-if="alike && answered.aside.length > 0" class="soft">
        {{ $t('need.plantChapter.setAside', { words: answered.aside.join(' ') }) }}
      </p>
      <p v-if="!alike" class="say attention">
        {{ $t('need.plantChapter.notInTheBook', { sought: short }) }}
        <template v-if="hits.length > 0">{{ $t('need.plantChapter.mayBeCalled') }}{{ ' ' }}</template>
        <RouterLink to="/book/unknown">{{ $t('need.plantChapter.orChoose') }}</RouterLink>.
      </p>
      <ul class="choices">
        <PlantChoice
          v-for="{ entry, also } in hits"
          :key="entry.id"
          :entry="entry"
          :about="[entry.kindName, also]"
          :chosen="beside.includes(entry.id)"
          @toggle="toggle(entry.id)"
        />
      </ul>
    </template>
  </section>
  <div v-else class="chapter">
    <nav class="groups" :aria-label="$t('need.plantChapter.groups')">
      <RouterLink class="unknown" to="/book/unknown">{{ $t('need.plantChapter.iDoNotKnow') }}</RouterLink>
      <a v-for="{ group, count } in groups" :key="group" :href="`#${anchor(group)}`">
        <span class="name">{{ group }}</span>
        <span class="soft figures">{{ count }}</span>
      </a>
    </nav>
    <div class="sections">
      <section v-for="{ group, kinds } in groups" :id="anchor(group)" :key="group" class="group">
        <h2>{{ group }}</h2>
        <div v-for="{ kind, general, entries } in kinds" :key="kind" class="kind">
          <h3 v-if="kind !== group">{{ kind }}</h3>
          <ul class="choices">
            <PlantChoice
              v-for="entry in entries"
              :key="entry.id"
              :entry="entry"
              :chosen="beside.includes(entry.id)"
              @toggle="toggle(entry.id)"
            />
          </ul>
          <RouterLink v-if="general" class="general" :to="`/book/plants/${general.id}`">{{
            general.name
          }}</RouterLink>
        </div>
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
.general {
  font-size: 14px;
}
.kind {
  margin-bottom: 12px;
}
.kind h3::first-letter {
  text-transform: uppercase;
}
.groups .unknown {
  font-weight: 600;
  padding-bottom: 8px;
}
.found > p {
  margin: 0 0 10px;
}
ul {
  columns: 3 240px;
  column-gap: 28px;
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
