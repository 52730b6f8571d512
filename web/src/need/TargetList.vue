<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Target } from '@/api/types'

/** What follows from the brief: each target with its because; those that moved last are marked and say what they were. */
const props = defineProps<{ targets: Target[]; moved: ReadonlyMap<string, string> }>()
const FIRST = 3
const all = ref(false)
const shown = computed(() =>
  all.value || props.targets.length <= FIRST + 1
    ? props.targets
    : props.targets.filter((target, i) => i <= FIRST || props.moved.has(target.quality)),
)
</script>

<template>
  <section v-if="targets.length > 0" class="targets">
    <div class="head">
      <h3>{{ $t('need.targetList.consequences') }}</h3>
      <button
        v-if="targets.length > FIRST + 1"
        type="button"
        class="plain"
        :aria-expanded="all"
        @click="all = !all"
      >
        {{ all ? $t('need.targetList.fewer') : $t('need.targetList.all', { length: targets.length }) }}
      </button>
    </div>
    <ul class="choices">
      <li v-for="target in shown" :key="target.quality" :class="{ moved: moved.has(target.quality) }">
        <b>{{ target.label }}: {{ target.words }}</b
        ><template v-if="target.bearableWords !== target.words"
          >{{ ' ' }}{{ $t('need.targetList.bearable', { words: target.bearableWords }) }}</template
        >.
        <span v-if="moved.has(target.quality)" class="was"
          >{{ $t('need.targetList.itWas', { moved: moved.get(target.quality) }) }}
        </span>
        {{ target.because.join(' ') }}
        <span v-if="target.weight !== 1" class="weight">{{
          $t('need.targetList.it', { weightWords: target.weightWords })
        }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.targets {
  font-size: 13.5px;
  line-height: 1.35;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  margin-bottom: 4px;
}
li {
  border-left: 2px solid var(--bottle-soft);
  padding: 1px 0 1px 10px;
  margin-bottom: 8px;
  color: var(--soft-ink);
}
li b {
  color: var(--ink);
}
.weight {
  font-style: italic;
}
.was {
  color: var(--marigold-ink);
}
li.moved {
  border-left-color: var(--marigold);
  background: var(--marigold-soft);
}
</style>
