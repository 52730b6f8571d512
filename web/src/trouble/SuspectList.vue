<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Suspect } from '@/api/types'

/** Causes with their share before and now, and what speaks for and against each; one is chosen. */
const props = defineProps<{ suspects: readonly Suspect[]; chosen: Suspect['cause'] | undefined }>()
const emit = defineEmits<{ choose: [cause: Suspect['cause']] }>()
const MOST = 7
const all = ref(false)
const shown = computed(() => (all.value ? props.suspects : props.suspects.slice(0, MOST)))
const others = computed(() => props.suspects.slice(MOST))
const percent = (share: number) => (share > 0 && share < 0.01 ? '< 1' : String(Math.round(100 * share)))
const harm = (suspect: Suspect, i: number) => i === 0 && suspect.help.includes('RESCUE')
</script>

<template>
  <ol class="suspects">
    <li v-for="(suspect, i) in shown" :key="suspect.cause">
      <button
        type="button"
        :aria-pressed="suspect.cause === chosen"
        :class="{ on: suspect.cause === chosen }"
        @click="emit('choose', suspect.cause)"
      >
        <b class="name">{{ suspect.words }}</b>
        <span class="visually-hidden">{{ $t('trouble.before', { percent: percent(suspect.before) }) }}</span>
        <span class="figures">{{ $t('trouble.share', { percent: percent(suspect.now) }) }}</span>
        <span class="bars" aria-hidden="true">
          <span class="before" :style="{ width: `${100 * suspect.before}%` }" />
          <span
            class="now"
            :class="{ harm: harm(suspect, i) }"
            :style="{ width: `${Math.max(0.6, 100 * suspect.now)}%` }"
          />
        </span>
        <small class="soft">
          <template v-if="suspect.speaksFor.length > 0">{{
            $t('trouble.for', { signs: suspect.speaksFor.join(', ') })
          }}</template>
          <template v-if="suspect.speaksFor.length > 0 && suspect.speaksAgainst.length > 0"> · </template>
          <template v-if="suspect.speaksAgainst.length > 0">{{
            $t('trouble.against', { signs: suspect.speaksAgainst.join(', ') })
          }}</template>
        </small>
      </button>
    </li>
  </ol>
  <button v-if="others.length > 0" type="button" class="plain rest" :aria-expanded="all" @click="all = !all">
    {{
      all
        ? $t('trouble.fewer')
        : $t(
            'trouble.rest',
            { n: others.length, percent: percent(others.reduce((sum, each) => sum + each.now, 0)) },
            others.length,
          )
    }}
  </button>
</template>

<style scoped>
.rest {
  align-self: flex-start;
}
.suspects {
  list-style: none;
  margin: 0;
  padding: 0;
}
.suspects button {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1px 12px;
  width: 100%;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-left: 3px solid transparent;
  padding: 5px 8px 6px 10px;
  cursor: pointer;
}
.suspects button.on {
  border-left-color: var(--bottle);
  background: var(--sheet);
}
.name::first-letter {
  text-transform: uppercase;
}
.bars,
small {
  grid-column: 1 / -1;
}
.bars {
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 2px 0;
}
.before {
  height: 4px;
  background: var(--stitch);
}
.now {
  height: 9px;
  background: var(--bottle);
  transition: width 0.2s;
}
.now.harm {
  background: var(--brick);
}
small {
  font-size: 13px;
}
@media (prefers-reduced-motion: reduce) {
  .now {
    transition: none;
  }
}
</style>
