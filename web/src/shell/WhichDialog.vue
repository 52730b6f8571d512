<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { which } from '@/parts/which'

/** Asks which of two states of one thing shall stand. Closing it leaves what is there. */
</script>

<template>
  <Dialog
    :visible="which !== undefined"
    modal
    :header="which ? $t('frame.which.title', { what: which.what }) : ''"
    :style="{ width: '34rem' }"
    @update:visible="which?.decide(false)"
  >
    <template v-if="which">
      <p>{{ $t('frame.which.lead') }}</p>
      <dl>
        <dt>{{ $t('frame.which.here') }}</dt>
        <dd>{{ which.here }}</dd>
        <dt>{{ $t('frame.which.there') }}</dt>
        <dd>{{ which.there }}</dd>
      </dl>
      <p class="ways">
        <Button :label="$t('frame.which.keepHere')" @click="which.decide(true)" />
        <Button :label="$t('frame.which.leaveThere')" outlined @click="which.decide(false)" />
      </p>
    </template>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 16px;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
