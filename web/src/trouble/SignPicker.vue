<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FindingEntry, Sign } from '@/api/types'
import TextField from '@/parts/TextField.vue'
import SignDrawing from './SignDrawing.vue'

/** All that may be seen, by question, or looked for by words. */
const props = defineProps<{ findings: readonly FindingEntry[]; seen: readonly Sign[] }>()
const emit = defineEmits<{ say: [sign: Sign]; takeOff: [sign: Sign] }>()
const words = ref<string>()
const found = computed(() => {
  const wanted = (words.value ?? '').trim().toLowerCase()
  return props.findings
    .map((finding) => ({
      ...finding,
      signs: finding.signs.filter(
        (each) =>
          wanted === '' ||
          each.words.toLowerCase().includes(wanted) ||
          finding.words.toLowerCase().includes(wanted),
      ),
    }))
    .filter((finding) => finding.signs.length > 0)
})
</script>

<template>
  <div class="sign-picker">
    <TextField v-model="words" :label="$t('trouble.lookFor')" input-id="sign-words" />
    <div class="all">
      <fieldset v-for="finding in found" :key="finding.finding">
        <legend>{{ finding.words }}</legend>
        <button
          v-for="each in finding.signs"
          :key="each.sign"
          type="button"
          class="chip"
          :class="{ on: seen.includes(each.sign), ordinary: each.ordinary }"
          :aria-pressed="seen.includes(each.sign)"
          @click="seen.includes(each.sign) ? emit('takeOff', each.sign) : emit('say', each.sign)"
        >
          <SignDrawing :sign="each.sign" />
          <span>{{ each.words }}</span>
        </button>
      </fieldset>
      <p v-if="found.length === 0" class="soft">{{ $t('trouble.noSuchSign') }}</p>
    </div>
  </div>
</template>

<style scoped>
.all {
  max-height: 420px;
  overflow-y: auto;
  margin-top: 8px;
}
fieldset {
  border: 0;
  border-bottom: 1px dashed var(--stitch);
  margin: 0;
  padding: 6px 0 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
legend {
  float: left;
  width: 100%;
  padding: 0;
  font-size: 13.5px;
  color: var(--soft-ink);
}
.chip {
  font: inherit;
  font-size: 14px;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 4px 9px;
  min-height: 32px;
  display: flex;
  gap: 8px;
  align-items: center;
  max-width: 220px;
  text-align: left;
  line-height: 1.2;
  cursor: pointer;
}
.chip.on {
  background: var(--bottle-soft);
  border-color: var(--bottle);
  font-weight: 700;
}
.ordinary {
  color: var(--soft-ink);
  border-style: dashed;
}
</style>
