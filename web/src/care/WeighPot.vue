<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import type { OnScale } from '@/api/types'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'

/** A pot on a scale: its weight typed, or read off the scale that ships; what it says, and which answer it suggests. */
const props = defineProps<{ pottingId: string; label: string }>()
const emit = defineEmits<{ weighed: [onScale: OnScale | undefined] }>()
const settings = useSettings()
const grams = ref<number>()
const found = ref<OnScale>()
const problem = ref<string>()
const take = async (asked: Promise<OnScale>) => {
  problem.value = undefined
  try {
    found.value = await asked
    grams.value = found.value.grams
    emit('weighed', found.value)
  } catch (error) {
    found.value = undefined
    problem.value = (error as Error).message
    emit('weighed', undefined)
  }
}
const path = { id: props.pottingId }
const typed = () =>
  grams.value === undefined
    ? undefined
    : take(answer(api.POST('/api/pottings/{id}/weight', { params: { path }, body: { grams: grams.value } })))
const scale = () => take(answer(api.POST('/api/pottings/{id}/scale', { params: { path } })))
</script>

<template>
  <div class="weigh-pot">
    <NumberField
      v-model="grams"
      :label="$t('care.weigh.weight', { label })"
      kind="grams"
      :decimals="0"
      hide-label
      optional
      :input-id="`weight-${pottingId}`"
      @enter="typed"
    />
    <Button
      :label="$t('care.weigh.says')"
      size="small"
      outlined
      :disabled="grams === undefined"
      @click="typed"
    />
    <button type="button" class="plain" @click="scale">{{ $t('care.weigh.scale') }}</button>
    <p v-if="found" class="says" role="status">
      <b>{{ text(settings.measures.grams(found.grams)) }}</b> {{ found.says }}
    </p>
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.weigh-pot {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
.says {
  flex-basis: 100%;
  margin: 0;
}
.plain {
  min-height: 28px;
}
</style>
