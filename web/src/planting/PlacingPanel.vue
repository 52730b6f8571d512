<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { Places, Placing, Pot } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import ChoiceList from '@/parts/ChoiceList.vue'
import SelectField from '@/parts/SelectField.vue'
import TickField from '@/parts/TickField.vue'
import { t } from '@/words'
import PlacingDrawing from './PlacingDrawing.vue'
import { usePlaced } from './usePlaced'

/** Where several plants or bulbs stand in a pot: how they are laid, and moved by hand. */
const props = defineProps<{ pot: Pot }>()
const places = defineModel<Places | undefined>({ required: true })
const settings = useSettings()
const START: Places = {
  spacing: 'PLANTS',
  ownCm: 3,
  wallCm: 1,
  pattern: 'RINGS',
  facing: 'INWARD',
  byHand: false,
  spots: [],
}
const START_COUNT = 3
const WHAT = (['BULBS_TOUCHING', 'BULBS_APART', 'ROSETTES', 'PLANTS', 'CUTTINGS'] as const).map((value) => ({
  value,
  label: t(`planting.placing.what.${value}`),
}))
const PATTERNS = (['RINGS', 'ROWS', 'CLOSEST', 'ONE_SIDE'] as const).map((value) => ({
  value,
  label: t(`planting.placing.pattern.${value}`),
}))
const FACINGS = (['INWARD', 'OUTWARD', 'AHEAD'] as const).map((value) => ({
  value,
  label: t(`planting.placing.facing.${value}`),
}))

const several = computed({
  get: () => places.value !== undefined,
  set: (yes: boolean) => (places.value = yes ? START : undefined),
})
const wanted = ref(places.value?.spots.length ?? START_COUNT)
/** What says how they are laid; once it changes, they are laid anew. */
const of = <K extends 'spacing' | 'ownCm' | 'wallCm' | 'pattern' | 'facing'>(key: K) =>
  computed<Places[K]>({
    get: () => (places.value ?? START)[key],
    set: (value) => places.value && (places.value = { ...places.value, [key]: value, byHand: false }),
  })
const spacing = of('spacing')
const ownCm = of('ownCm')
const wallCm = of('wallCm')
const pattern = of('pattern')
const facing = of('facing')
const count = computed({
  get: () => wanted.value,
  set: (value: number) => {
    wanted.value = value
    again()
  },
})
const again = () => places.value && (places.value = { ...places.value, byHand: false })

const { answer: laid, problem } = useAnswered(
  () => {
    if (!places.value || places.value.byHand) {
      return undefined
    }
    const { spots: _spots, byHand: _byHand, ...asked } = places.value
    return { pot: props.pot, count: wanted.value, ...asked }
  },
  (body, signal) => answer(api.POST('/api/planting/placing', { body, signal })),
)
watch(laid, (now) => {
  if (now && places.value && !places.value.byHand) {
    places.value = { ...places.value, spots: now.spots }
  }
})
const { answer: moved } = usePlaced(() =>
  places.value?.byHand ? { pot: props.pot, places: places.value } : undefined,
)
const placing = computed<Placing | undefined>(() =>
  places.value?.byHand ? (moved.value ?? laid.value) : laid.value,
)
const moveTo = (spots: Placing['spots']) =>
  places.value && (places.value = { ...places.value, spots, byHand: true })
const cm = (value: number) => text(settings.measures.length(Math.round(value * 10) / 10))
</script>

<template>
  <div class="placing-panel">
    <section :aria-label="$t('planting.placing.fromAbove')">
      <TickField v-model="several" :label="$t('planting.placing.several')" input-id="placing-several" />
      <p v-if="!places" class="soft">{{ $t('planting.placing.one') }}</p>
      <template v-else-if="placing">
        <PlacingDrawing :placing="placing" :places="places" :wall="pot.wall" edit @moved="moveTo" />
        <p class="soft" :class="{ attention: placing.crowded }" role="status">
          {{
            $t('planting.placing.measured', {
              apart: cm(placing.apartCm),
              wall: cm(placing.freeToWallCm),
            })
          }}
          <template v-if="placing.crowded">{{ $t('planting.placing.tooClose') }}</template>
          <button v-if="places.byHand" type="button" class="plain" @click="again">
            {{ $t('planting.placing.again') }}
          </button>
        </p>
      </template>
    </section>
    <section v-if="places" :aria-label="$t('planting.placing.how')">
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <div class="fields">
        <SelectField
          v-model="spacing"
          :label="$t('planting.placing.whatStands')"
          :options="WHAT"
          input-id="placing-what"
        />
        <NumberField
          v-model="ownCm"
          :label="$t('planting.placing.ownWidth')"
          kind="length"
          :decimals="1"
          input-id="placing-own"
        />
        <NumberField
          v-model="count"
          :label="$t('planting.placing.count')"
          :decimals="0"
          input-id="placing-count"
        />
        <NumberField
          v-model="wallCm"
          :label="$t('planting.placing.wall')"
          kind="length"
          :decimals="1"
          input-id="placing-wall"
        />
      </div>
      <ChoiceList v-model="pattern" :options="PATTERNS" :label="$t('planting.placing.patternLabel')" />
      <ChoiceList v-model="facing" :options="FACINGS" :label="$t('planting.placing.facingLabel')" />
      <p v-if="laid?.most !== undefined">{{ $t('planting.placing.most', { most: laid.most }) }}</p>
      <p v-if="placing" class="soft">{{ placing.depth }}</p>
      <p class="soft">{{ $t('planting.placing.small') }}</p>
    </section>
  </div>
</template>

<style scoped>
.placing-panel {
  display: grid;
  grid-template-columns: minmax(0, 400px) minmax(0, 1fr);
  gap: 36px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.attention {
  border-left: 3px solid var(--marigold);
  padding-left: 9px;
}
@media (width <= 860px) {
  .placing-panel {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
