<script setup lang="ts">
import BatchThread from './BatchThread.vue'

/** What stands over every page of a batch: its name, its lot, and its way as a thread of knots. */
defineProps<{ id: string; blend: string; lot: string; at: 'test' | 'adjust' | 'done' }>()
</script>

<template>
  <div class="page-head">
    <div>
      <h1>{{ $t('batch.mix.title', { blend }) }}</h1>
      <p class="soft">{{ $t('batch.head.lot', { lot }) }} <slot /></p>
    </div>
    <BatchThread :id="id" :at="at" />
  </div>
</template>
