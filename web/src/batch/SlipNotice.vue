<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Brief, Mixing } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'
import { scoopWords } from './scoops'

/** A heap that has become another mix than its sheet's: what that does, and what would bring it back. */
const props = defineProps<{ state: Mixing; brief: Brief | undefined }>()
const emit = defineEmits<{ back: [way: Mixing['back'][number]] }>()
const settings = useSettings()
const add = ({ grams, scoops, name }: Mixing['back'][number]) =>
  grams > 0
    ? t('batch.mix.addGrams', { grams: text(settings.measures.grams(grams)), name: name.toLowerCase() })
    : t('batch.mix.addScoops', { scoops: scoopWords(scoops), name: name.toLowerCase() }, scoops > 1 ? 2 : 1)

/** Readings of the heap beside those of the sheet, once they part. */
const compared = computed(() =>
  props.state.made && props.brief
    ? { made: props.state.made, sheet: props.state.sheet, brief: props.brief, blendId: props.state.blendId }
    : undefined,
)
const evaluate = (body: { recipe: Mixing['sheet']; brief: Brief; blendId: string }, signal: AbortSignal) =>
  answer(api.POST('/api/evaluate', { body, signal }))
const { answer: readings } = useAnswered(
  () => compared.value,
  async ({ made, sheet, brief: asked, blendId }, signal) => ({
    made: await evaluate({ recipe: made, brief: asked, blendId }, signal),
    sheet: await evaluate({ recipe: sheet, brief: asked, blendId }, signal),
  }),
)
const SHOWN = ['AIR', 'WATER', 'DRY_DAYS', 'PH']
const slip = computed(() => {
  if (!compared.value || !readings.value) {
    return []
  }
  const before = new Map(readings.value.sheet.readings.map((each) => [each.quality, each]))
  return readings.value.made.readings
    .filter((each) => SHOWN.includes(each.quality))
    .flatMap((each) => {
      const was = before.get(each.quality)
      return was
        ? [
            {
              label: each.label,
              words: `${figure(was.value, each.decimals)} → ${figure(each.value, each.decimals)} ${each.unit}`,
              verdict: each.words,
            },
          ]
        : []
    })
})
</script>

<template>
  <div class="say attention slip">
    <b>{{ $t('batch.mix.differs') }}</b>
    <p v-for="each in slip" :key="each.label">
      {{ each.label }} <span class="figures">{{ each.words }}</span>: {{ each.verdict }}
    </p>
    <p v-if="state.back.length > 0" class="back">
      {{ $t('batch.mix.backBy') }}
      <button
        v-for="each in state.back"
        :key="`${each.load} ${each.thingId}`"
        type="button"
        class="plain"
        @click="emit('back', each)"
      >
        {{ add(each) }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.slip p {
  margin: 2px 0;
}
.back {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}
</style>
