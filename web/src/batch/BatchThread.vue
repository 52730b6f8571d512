<script setup lang="ts">
import { computed } from 'vue'
import StepThread from '@/parts/StepThread.vue'
import { t } from '@/words'

/** The way of a batch: where it is, and where it can be taken up. */
const KNOTS = ['amounts', 'prepare', 'mix', 'test', 'adjust', 'done'] as const
const props = defineProps<{ id: string; at: (typeof KNOTS)[number] }>()
const knots = computed(() =>
  KNOTS.map((id) => ({
    id,
    words: t(`batch.thread.${id}`),
    to: `/batches/${props.id}${id === 'amounts' ? '' : `/${id}`}`,
  })),
)
</script>

<template>
  <StepThread :label="$t('batch.thread.label')" :at="at" :knots="knots" />
</template>
