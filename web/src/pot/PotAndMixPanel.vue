<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, PotAndMix, Pot, Recipe } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { figure } from '@/measure/units'
import { everyWords } from '@/need/words'

/** Wall of the pot by mix, for this plant and this hand: how a pot can stand in for a mix. A cell takes both. */
const props = defineProps<{ asked: Asked; blendId: string }>()
const emit = defineEmits<{ take: [wall: Pot['wall'], recipe: Recipe, words: string] }>()
const { answer: table, problem } = useAnswered(
  () => props.asked,
  (body, signal) => answer(api.POST('/api/pot-and-mix', { body, signal })),
)
const every = computed(() => (props.asked.brief?.habit ? everyWords(props.asked.brief.habit.everyDays) : ''))
type Cell = PotAndMix['rows'][number]['cells'][number]
const tone = (cell: Cell) => ({ TOO_HIGH: 'wet', TOO_LOW: 'dry' })[cell.verdict as string] ?? 'right'
const take = (row: number, column: number) => {
  const wall = table.value?.rows[row]
  const mix = table.value?.columns[column]
  if (wall && mix && !(wall.asIs && mix.asIs)) {
    emit('take', wall.wall, mix.recipe, `${wall.words}, ${mix.words}`)
  }
}
</script>

<template>
  <section class="pot-and-mix">
    <p>
      {{ $t('pot.mix.lead') }} <template v-if="every">{{ $t('pot.mix.hand', { every }) }}</template>
    </p>
    <p v-if="problem" class="say attention" role="alert">{{ problem }}</p>
    <div v-if="table" class="scroll" tabindex="0" role="region" :aria-label="$t('pot.mix.title')">
      <table>
        <caption class="visually-hidden">
          {{
            $t('pot.mix.title')
          }}
        </caption>
        <thead>
          <tr>
            <td />
            <th
              v-for="column in table.columns"
              :key="column.words"
              scope="col"
              :class="{ here: column.asIs }"
            >
              {{ column.words }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, r) in table.rows" :key="row.wall">
            <th scope="row" :class="{ here: row.asIs }">{{ row.words }}</th>
            <td v-for="(cell, c) in row.cells" :key="c">
              <button
                type="button"
                :class="[tone(cell), { here: row.asIs && table.columns[c]?.asIs }]"
                :aria-current="row.asIs && table.columns[c]?.asIs ? 'true' : undefined"
                @click="take(r, c)"
              >
                <span class="figures">{{ figure(cell.days, cell.days < 10 ? 1 : 0) }}</span>
                <small>{{ $t('pot.mix.days') }}</small>
                <b>{{ cell.words }}</b>
                <small v-if="cell.misses.length > 0" class="also">{{
                  $t('pot.mix.also', { misses: cell.misses.join(', ') })
                }}</small>
                <small v-else-if="cell.fits" class="also">{{ $t('pot.mix.fits') }}</small>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div v-else-if="!problem" class="skeleton" style="height: 220px" />
    <p class="soft">{{ $t('pot.mix.take') }}</p>
  </section>
</template>

<style scoped>
.pot-and-mix {
  display: flex;
  flex-direction: column;
  gap: 14px;
  max-width: 1000px;
}
table {
  border-collapse: separate;
  border-spacing: 6px;
  margin: -6px;
  min-width: 760px;
  width: 100%;
  table-layout: fixed;
  /* so that fields can fill their rows */
  height: 1px;
}
tbody th {
  vertical-align: middle;
}
td {
  height: 100%;
}
th {
  font-weight: 400;
  text-align: left;
  vertical-align: bottom;
  padding: 2px 6px;
  overflow-wrap: break-word;
}
th.here {
  font-weight: 700;
}
td button {
  display: grid;
  grid-template: auto auto 1fr / auto 1fr;
  gap: 0 6px;
  align-items: baseline;
  width: 100%;
  height: 100%;
  min-height: 96px;
  align-content: start;
  padding: 10px 12px;
  border: 1px solid var(--line);
  border-left: 4px solid var(--bottle);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}
td button:hover {
  background: var(--wash);
}
td button.wet {
  border-left-color: var(--water);
}
td button.dry {
  border-left-color: var(--marigold);
}
td button.here {
  outline: 2px solid var(--ink);
  outline-offset: -1px;
  cursor: default;
}
.figures {
  font-size: 20px;
}
b,
.also {
  grid-column: 1 / -1;
}
.also {
  color: var(--soft-ink);
  line-height: 1.2;
}
</style>
