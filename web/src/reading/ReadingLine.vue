<script setup lang="ts">
import { computed } from 'vue'
import type { Reading } from '@/api/types'
import { inUnit } from '@/measure/units'
import { toneOf } from './gauge'

/** A reading in one line: its name, its words, its figure. Opens how it was worked out. */
const props = defineProps<{ reading: Reading; open?: boolean }>()
const emit = defineEmits<{ explain: [] }>()
const tone = computed(() => toneOf(props.reading.verdict))
const shown = computed(() => inUnit(props.reading.value, props.reading.unit, props.reading.decimals))
/** What is in a mix is told by its words: how far it is outside says nothing to anybody. */
const figured = computed(() => props.reading.quality !== 'MAKE_UP')
</script>

<template>
  <section class="reading line" :class="tone" :data-quality="reading.quality">
    <button type="button" class="open" :aria-expanded="open" @click="emit('explain')">
      <span class="label">{{ reading.label }}</span>
      <span class="words">{{ reading.words }}</span>
      <span v-if="figured" class="value">
        <b class="figures">{{ shown.figure }}</b> <small>{{ shown.unit }}</small>
      </span>
    </button>
  </section>
</template>

<style scoped>
.line {
  --tone: var(--bottle);
  border-left: 3px solid var(--tone);
  padding-left: 8px;
}
.line.little {
  --tone: var(--stitch);
}
.line.out {
  --tone: var(--marigold);
}
.line.free {
  --tone: var(--stitch);
}
.open {
  display: grid;
  grid-template-columns: minmax(0, auto) minmax(0, 1fr) auto;
  align-items: baseline;
  column-gap: 8px;
  width: 100%;
  background: none;
  border: 0;
  padding: 2px 0;
  font: inherit;
  line-height: 1.25;
  color: inherit;
  cursor: pointer;
  text-align: left;
}
.open:hover .label {
  text-decoration: underline;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
.words {
  font-size: 13px;
  color: var(--soft-ink);
}
.out .words {
  color: var(--marigold-ink);
  font-weight: 600;
}
.value {
  white-space: nowrap;
}
.value b {
  font-size: 15px;
  font-weight: 600;
}
.value small {
  color: var(--soft-ink);
}
</style>
