<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Blend } from '@/api/types'
import { useMaterials } from '@/material/useBook'
import { figure } from '@/measure/units'
import { t } from '@/words'
import type { Bench } from './bench'

/** Asks which of two states of a blend to keep, and shows what each says. */
const props = defineProps<{ mine: Bench; theirs: Blend }>()
const emit = defineEmits<{ mine: []; theirs: [] }>()
const { materialName } = useMaterials()
const words = (state: Bench | Blend) =>
  state.recipe.parts
    .map((part) => `${figure(part.amount, 2, true)} ${materialName(part.materialId)}`)
    .join(', ') || t('blend.benchConflict.nothingYet')
const mine = computed(() => `“${props.mine.name}”: ${words(props.mine)}`)
const theirs = computed(() => `“${props.theirs.name}”: ${words(props.theirs)}`)
</script>

<template>
  <div class="say attention conflict" role="alert">
    <h2>{{ $t('blend.benchConflict.changedInAnotherWindow') }}</h2>
    <p>{{ $t('blend.benchConflict.nothingIsLostWhichOne') }}</p>
    <dl>
      <dt>{{ $t('blend.benchConflict.here') }}</dt>
      <dd>{{ mine }}</dd>
      <dt>{{ $t('blend.benchConflict.there') }}</dt>
      <dd>{{ theirs }}</dd>
    </dl>
    <p class="ways">
      <Button :label="$t('blend.benchConflict.keepWhatIsHere')" size="small" @click="emit('mine')" />
      <Button
        :label="$t('blend.benchConflict.takeWhatIsThere')"
        size="small"
        outlined
        @click="emit('theirs')"
      />
      <small class="soft">{{ $t('blend.benchConflict.whatIsHereStaysOne') }}</small>
    </p>
  </div>
</template>

<style scoped>
.conflict {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 12px;
  margin: 0;
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
  align-items: center;
}
</style>
