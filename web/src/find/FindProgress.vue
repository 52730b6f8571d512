<script setup lang="ts">
import ProgressBar from 'primevue/progressbar'
import type { FindState } from '@/api/types'
import { progressWords } from './asked'

/** How far a search is. */
defineProps<{ state: FindState | undefined }>()
</script>

<template>
  <div class="find-progress" role="status" aria-live="polite">
    <ProgressBar
      :value="Math.round(100 * (state?.share ?? 0))"
      :show-value="false"
      :aria-label="$t('find.findProgress.howMuchOfTheSearch')"
    />
    <p class="soft">{{ state ? progressWords(state) : $t('find.findProgress.asking') }}</p>
  </div>
</template>

<style scoped>
.find-progress :deep(.p-progressbar) {
  height: 10px;
  border-radius: 2px;
}
p {
  margin-top: 4px;
}
</style>
