<script setup lang="ts">
import type { Potting } from '@/api/types'
import { daysBetween, todayHere } from '@/measure/days'
import PotThumb from '@/planting/PotThumb.vue'

/** The pots of a place as they stand on a board, to scale with one another; those to look at are marked. */
defineProps<{ place: string; pottings: readonly Potting[] }>()
const selected = defineModel<string[]>('selected', { required: true })
const toggle = (id: string) => {
  selected.value = selected.value.includes(id)
    ? selected.value.filter((each) => each !== id)
    : [...selected.value, id]
}
const due = (potting: Potting) => daysBetween(todayHere(), potting.nextLookOn) <= 0
</script>

<template>
  <ul class="board" :aria-label="place">
    <li
      v-for="potting in pottings"
      :key="potting.id"
      :class="{ due: due(potting), on: selected.includes(potting.id) }"
    >
      <RouterLink :to="`/pots/${potting.id}`" :title="potting.label">
        <span class="stand"
          ><PotThumb
            :pot="potting.brief.pot"
            :set-up="potting.setUp"
            :kind="potting.setUpKind"
            :plant="potting"
            large
        /></span>
        <span class="name">{{ potting.label }}</span>
      </RouterLink>
      <input
        type="checkbox"
        :checked="selected.includes(potting.id)"
        :aria-label="$t('pot.potsPage.select', { label: potting.label })"
        @change="toggle(potting.id)"
      />
    </li>
  </ul>
</template>

<style scoped>
.board {
  list-style: none;
  margin: 0 0 6px;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
  gap: 12px 0;
}
li {
  position: relative;
}
a {
  display: flex;
  flex-direction: column;
  align-items: stretch;
  color: inherit;
  text-decoration: none;
}
.stand {
  display: flex;
  justify-content: center;
  border-bottom: 5px solid #8a6a48;
}
.name {
  padding: 4px 6px 0;
  font-size: 12.5px;
  line-height: 1.2;
  text-align: center;
  color: var(--soft-ink);
}
.due .stand {
  display: flex;
  justify-content: center;
  border-bottom: 5px solid #8a6a48;
}
.name {
  padding: 4px 6px 0;
  color: var(--ink);
  font-weight: 700;
}
input {
  position: absolute;
  right: 4px;
  top: 98px;
  width: 18px;
  height: 18px;
  accent-color: var(--bottle);
}
</style>
