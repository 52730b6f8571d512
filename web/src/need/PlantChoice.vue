<script setup lang="ts">
import { computed } from 'vue'
import type { PlantEntry } from '@/api/types'

/** A plant in a list of the Book: to open, or to tick and lay beside others. */
const props = defineProps<{ entry: PlantEntry; chosen: boolean; about?: readonly string[] }>()
const emit = defineEmits<{ toggle: [] }>()
const more = computed(() => (props.about ?? []).filter((each) => each !== '').join(' · '))
const named = computed(() => props.entry.breadth === 'ONE')
</script>

<template>
  <li>
    <input
      type="checkbox"
      :checked="chosen"
      :aria-label="$t('need.plantChapter.layBesideOthers', { name: entry.name })"
      @change="emit('toggle')"
    />
    <RouterLink :to="`/book/plants/${entry.id}`">
      {{ entry.name }}<span v-if="entry.own" class="own"> {{ $t('need.plantChapter.yours') }}</span>
    </RouterLink>
    <small class="soft">
      <i v-if="named">{{ entry.botanical }}</i>
      <template v-if="named && more"> · </template>{{ more }}
    </small>
  </li>
</template>

<style scoped>
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
</style>
