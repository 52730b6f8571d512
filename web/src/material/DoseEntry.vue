<script setup lang="ts">
import type { Amendment } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { hazardWords } from './hazards'
import StitchMark from './StitchMark.vue'

/** What is given by weight: lime, sulfur, feed. */
defineProps<{ dose: Amendment }>()
const settings = useSettings()
</script>

<template>
  <li class="dose">
    <StitchMark :material-id="dose.id" :size="30" />
    <div>
      <h3>{{ dose.name }}</h3>
      <p>{{ dose.does }}</p>
      <p v-if="dose.prepare">{{ dose.prepare }}</p>
      <p v-if="dose.notFor" class="soft">{{ $t('material.doseEntry.notFor', { notFor: dose.notFor }) }}</p>
      <p v-if="dose.hazards.length > 0" class="soft">{{ hazardWords(dose.hazards) }}</p>
      <p v-for="other in dose.standIns" :key="other.id" class="soft">
        {{
          $t('material.doseEntry.inItsPlace', {
            other: other.name.toLowerCase(),
            other2: other.changes.join(', '),
          })
        }}
      </p>
      <p class="soft">
        {{
          $t('material.doseEntry.usuallyToSource', {
            dose: text(settings.measures.dose(dose.usualLowGPerL)),
            dose2: text(settings.measures.dose(dose.usualHighGPerL)),
            source: dose.source,
          })
        }}
      </p>
    </div>
  </li>
</template>

<style scoped>
.dose {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr);
  gap: 12px;
}
h3 {
  font-size: 15.5px;
}
p {
  font-size: 14px;
  line-height: 1.35;
}
</style>
