<script setup lang="ts">
import { computed } from 'vue'
import type { Caution } from '@/api/types'

/** Cautions below the bench; stops stand with the readings. */
const props = defineProps<{ cautions: Caution[] }>()
const shown = computed(() => props.cautions.filter((caution) => caution.level !== 'STOP'))
</script>

<template>
  <details v-if="shown.length > 0" class="cautions">
    <summary>
      <b>{{ $t('caution.cautionList.cautions') }}</b>
      <span class="soft">{{ shown.length }}, {{ shown[0]?.why }}</span>
    </summary>
    <ul class="choices">
      <li v-for="caution in shown" :key="caution.id" :class="caution.level.toLowerCase()">
        <b>{{ caution.why }}</b> {{ caution.instead }} {{ caution.defers }}
      </li>
    </ul>
    <p class="soft">{{ $t('caution.cautionList.labelsLocalRulesAndLicensed') }}</p>
  </details>
</template>

<style scoped>
.cautions {
  font-size: 13.5px;
}
summary {
  cursor: pointer;
}
summary b {
  margin-right: 5px;
}
ul {
  columns: 2;
  column-gap: 28px;
  margin: 6px 0;
}
li {
  break-inside: avoid;
  border-left: 2px solid var(--line);
  padding-left: 8px;
  margin-bottom: 6px;
}
li b {
  font-weight: 600;
}
li.warn {
  border-color: var(--marigold);
}
@media (width <= 640px) {
  ul {
    columns: 1;
  }
}
</style>
