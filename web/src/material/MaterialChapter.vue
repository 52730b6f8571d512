<script setup lang="ts">
import { computed } from 'vue'
import type { Material, MaterialSection } from '@/api/types'
import { useNamed } from '@/api/useNamed'
import DoseEntry from './DoseEntry.vue'
import StitchMark from './StitchMark.vue'
import { useMaterials } from './useBook'

/** The Book's materials by what they are there for, some ticked to be laid side by side; below them what is given by weight. */
const props = defineProps<{ sought: string }>()
const beside = defineModel<string[]>('beside', { required: true })
const MOST_BESIDE = 3
const { materials, amendments, loading, error } = useMaterials()
const wanted = computed(() => props.sought.trim().toLowerCase())
const { answer: found } = useNamed(() => wanted.value, ['MATERIAL', 'AMENDMENT'])
const answered = computed(() => (found.value?.typed === wanted.value ? found.value : undefined))
const hits = computed(() => new Set((answered.value?.hits ?? []).map((each) => each.id)))
const says = (each: { name: string; does: string; notFor: string }, roles: string[]) =>
  [each.name, each.does, each.notFor, ...roles].join(' ').toLowerCase().includes(wanted.value)
const sure = computed(() => answered.value?.sure === true)
const literal = computed(() =>
  materials.value.filter((each) => says(each, each.roleWords) || (sure.value && hits.value.has(each.id))),
)
const doses = computed(() =>
  amendments.value.filter((each) => says(each, []) || (sure.value && hits.value.has(each.id))),
)
const guessing = computed(
  () =>
    wanted.value !== '' &&
    literal.value.length + doses.value.length === 0 &&
    !loading.value &&
    answered.value !== undefined,
)
const closest = computed(() => materials.value.filter((each) => hits.value.has(each.id)))

const ORDER: MaterialSection[] = [
  'OWN',
  'WATER',
  'AIR',
  'STRUCTURE',
  'WEIGHT',
  'FEED',
  'FILTER',
  'ACIDITY',
  'NEVER',
]
const sections = computed(() => {
  const found = new Map<MaterialSection, Material[]>(ORDER.map((each) => [each, []]))
  for (const each of guessing.value ? closest.value : literal.value) {
    found.set(each.section, [...(found.get(each.section) ?? []), each])
  }
  return [...found.entries()].filter(([, members]) => members.length > 0)
})
const toggle = (id: string) => {
  beside.value = beside.value.includes(id)
    ? beside.value.filter((each) => each !== id)
    : [...beside.value, id].slice(-MOST_BESIDE)
}
</script>

<template>
  <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
  <div v-if="loading" class="skeleton" style="height: 300px" />
  <p v-if="guessing" class="say attention" role="status">
    {{
      $t(
        sections.length > 0
          ? 'material.materialChapter.noMaterialByTheName'
          : 'material.materialChapter.notInTheBook',
        { sought: sought.trim().slice(0, 40) },
      )
    }}
  </p>
  <section
    v-for="[name, members] in sections"
    :key="name"
    class="section"
    :class="{ never: name === 'NEVER' }"
  >
    <h2>{{ $t(`material.section.${name}`) }}</h2>
    <ul class="choices">
      <li v-for="material in members" :key="material.id">
        <StitchMark :material-id="material.id" :size="34" />
        <div>
          <h3>
            <RouterLink :to="`/book/materials/${material.id}`">{{ material.name }}</RouterLink>
            <span class="soft"> {{ material.grade }}</span>
            <span v-if="material.measured" class="measured">
              {{ $t('material.materialChapter.measured') }}</span
            >
          </h3>
          <p>{{ material.does }}</p>
        </div>
        <input
          type="checkbox"
          :checked="beside.includes(material.id)"
          :aria-label="$t('material.materialChapter.layBesideOthers', { name: material.name })"
          @change="toggle(material.id)"
        />
      </li>
    </ul>
  </section>
  <section v-if="doses.length > 0" class="section">
    <h2>{{ $t('material.materialChapter.givenByWeight') }}</h2>
    <ul class="choices">
      <DoseEntry v-for="dose in doses" :key="dose.id" :dose="dose" />
    </ul>
  </section>
</template>

<style scoped>
.section {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr);
  gap: 10px 24px;
  border-top: 1px dashed var(--stitch);
  padding: 14px 0;
}
h2::first-letter {
  text-transform: uppercase;
}
.never h2 {
  color: var(--brick);
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
  gap: 14px 30px;
}
li {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) 18px;
  gap: 12px;
}
li input {
  accent-color: var(--bottle);
  width: 16px;
  height: 16px;
  margin: 3px 0 0;
}
h3 {
  font-size: 15.5px;
  line-height: 1.2;
}
h3 a {
  color: var(--ink);
  text-decoration: none;
}
h3 a:hover {
  color: var(--bottle);
  text-decoration: underline;
}
h3 .soft,
.measured {
  margin-left: 6px;
}
h3 .soft {
  font-weight: 400;
  font-size: 13.5px;
}
.measured {
  font-weight: 600;
  font-size: 13px;
  color: var(--water);
}
p {
  font-size: 14px;
  line-height: 1.35;
}
@media (width <= 860px) {
  .section,
  ul {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
