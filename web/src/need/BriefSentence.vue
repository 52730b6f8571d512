<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Habit, Place, Pot, Wishes } from '@/api/types'
import ChoiceList from '@/parts/ChoiceList.vue'
import InPlace from '@/parts/InPlace.vue'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'
import CompanionsField from './CompanionsField.vue'
import HabitField from './HabitField.vue'
import PlaceField from './PlaceField.vue'
import PlantField from './PlantField.vue'
import PotField from './PotField.vue'
import { usePlants } from './usePlants'
import { NO_WISHES, tidyWishes, wishWords } from './wishes'
import SpreadField from './SpreadField.vue'
import WishesField from './WishesField.vue'
import {
  AMOUNTS,
  BASES,
  climateWords,
  everyWords,
  HANDS,
  labelOf,
  spreadWords,
  STAGES,
  startingHabit,
  startingPlace,
  startingPot,
  WALLS,
  waterWords,
  withArticle,
} from './words'

/** The brief as one sentence; each marked word is a control. */
const model = defineModel<Brief>({ required: true })
const settings = useSettings()
const { plant } = usePlants()

const set = (change: Partial<Brief>) => {
  model.value = { ...model.value, ...change }
}
const plantId = computed({
  get: () => model.value.plantId,
  set: (id: string | undefined) => {
    const { plantId: _gone, ...rest } = model.value
    model.value = id === undefined ? rest : { ...rest, plantId: id }
  },
})
const stage = computed({
  get: () => model.value.stage,
  set: (value: Brief['stage']) => set({ stage: value }),
})
const pot = computed({
  get: () => model.value.pot ?? startingPot(),
  set: (value: Pot) => set({ pot: value }),
})
const place = computed({
  get: () => model.value.place ?? startingPlace(),
  set: (value: Place) => set({ place: value }),
})
const habit = computed({
  get: () => model.value.habit ?? startingHabit(),
  set: (value: Habit) => set({ habit: value }),
})
const wall = computed({
  get: () => pot.value.wall,
  set: (value: Pot['wall']) => set({ pot: { ...pot.value, wall: value } }),
})

const companions = computed({
  get: () => model.value.companionIds ?? [],
  set: (ids: string[]) => {
    const { companionIds: _gone, ...rest } = model.value
    model.value = ids.length === 0 ? rest : { ...rest, companionIds: ids }
  },
})
const spread = computed({
  get: () => model.value.spread,
  set: (times: number | undefined) => {
    const { spread: _gone, ...rest } = model.value
    model.value = times === undefined ? rest : { ...rest, spread: times }
  },
})
const wishes = computed({
  get: () => model.value.wishes ?? NO_WISHES,
  set: (value: Wishes) => {
    const { wishes: _gone, ...rest } = model.value
    const kept = tidyWishes(value)
    model.value = kept ? { ...rest, wishes: kept } : rest
  },
})
const companionWords = computed(() => {
  const names = companions.value.map((id) => plant(id)?.name.toLowerCase() ?? id)
  return names.length === 0
    ? t('need.briefSentence.alone')
    : t('need.briefSentence.togetherWith', { names: names.join(t('need.briefSentence.and')) })
})

const plantName = computed(() => {
  const id = model.value.plantId
  return id ? (plant(id)?.name.toLowerCase() ?? id) : undefined
})
const stageWords = computed(() => labelOf(STAGES, model.value.stage))
const cuttings = computed(() => model.value.stage === 'CUTTINGS')
const lead = computed(() => {
  if (!plantName.value) {
    return t('need.briefSentence.forAlone')
  }
  return cuttings.value
    ? t('need.briefSentence.forAlone')
    : t('need.briefSentence.for', { withArticle: withArticle(stageWords.value).split(' ')[0] ?? 'a' })
})
</script>

<template>
  <p class="brief">
    {{ lead }}
    <template v-if="plantName">
      <InPlace :words="stageWords" :label="$t('need.briefSentence.stage')">
        <template #default="{ close }">
          <ChoiceList
            v-model="stage"
            :options="STAGES"
            :label="$t('need.briefSentence.stage')"
            hide-label
            @chosen="close"
          />
        </template> </InPlace
      >{{ cuttings ? $t('need.briefSentence.of') : ' ' }}
    </template>
    <InPlace
      :words="plantName ?? $t('need.briefSentence.aPlantWhich')"
      :label="$t('need.briefSentence.plant')"
      :missing="!plantName"
    >
      <template #default="{ close }"><PlantField v-model="plantId" @chosen="close" /></template>
    </InPlace>
    <template v-if="plantName"
      >,
      <InPlace :words="companionWords" :label="$t('need.briefSentence.plantsInTheSamePot')">
        <CompanionsField v-model="companions" :first="model.plantId" /> </InPlace
      >,
      <InPlace :words="spreadWords(model.spread)" :label="$t('need.spread.label')">
        <template #default="{ close }"><SpreadField v-model="spread" @chosen="close" /></template> </InPlace
    ></template>
    {{ $t('need.briefSentence.inA') }}
    <InPlace
      :words="model.pot ? text(settings.measures.length(model.pot.topCm)) : $t('need.briefSentence.potWhich')"
      :label="$t('need.briefSentence.pot')"
      :missing="!model.pot"
    >
      <PotField v-model="pot" id-prefix="brief-pot" />
    </InPlace>
    <template v-if="model.pot">
      {{ ' ' }}
      <InPlace :words="labelOf(WALLS, model.pot.wall)" :label="$t('need.briefSentence.wallOfThePot')">
        <template #default="{ close }">
          <ChoiceList
            v-model="wall"
            :options="WALLS"
            :label="$t('need.briefSentence.wall')"
            hide-label
            @chosen="close"
          />
        </template>
      </InPlace>
      {{ $t('need.briefSentence.triggerPot') }}
      <InPlace :words="labelOf(BASES, model.pot.base)" :label="$t('need.briefSentence.footOfThePot')">
        <PotField v-model="pot" id-prefix="brief-foot" /> </InPlace></template
    >{{ $t('need.briefSentence.keptInThe') }}
    <InPlace
      :words="
        model.place
          ? `${model.place.name}, ${climateWords(model.place, settings.measures)}`
          : $t('need.briefSentence.roomWhich')
      "
      :label="$t('need.briefSentence.place')"
      :missing="!model.place"
    >
      <PlaceField v-model="place" id-prefix="brief-place" /> </InPlace
    >{{ $t('need.briefSentence.iWater') }}
    <InPlace
      :words="
        model.habit
          ? $t('need.briefSentence.about', {
              labelOf: labelOf(AMOUNTS, model.habit.amount),
              everyWords: everyWords(model.habit.everyDays),
            })
          : $t('need.briefSentence.nowAndThenHowOften')
      "
      :label="$t('need.briefSentence.watering')"
      :missing="!model.habit"
    >
      <HabitField v-model="habit" id-prefix="brief-habit" />
    </InPlace>
    <template v-if="model.habit">
      {{ ' ' }}{{ $t('need.briefSentence.with') }}
      <InPlace :words="waterWords(model.habit)" :label="$t('need.briefSentence.water')">
        <HabitField v-model="habit" id-prefix="brief-water" /> </InPlace
      ><template v-if="model.habit.hand !== 'STEADY'">
        {{ ' ' }}{{ $t('need.briefSentence.andAm') }}
        <InPlace :words="labelOf(HANDS, model.habit.hand)" :label="$t('need.briefSentence.myHand')">
          <HabitField v-model="habit" id-prefix="brief-hand" /> </InPlace
      ></template> </template
    >{{ $t('need.briefSentence.iWantIt') }}
    <InPlace
      :words="wishWords(model.wishes) || $t('need.briefSentence.asThePlantDoes')"
      :label="$t('need.briefSentence.wishes')"
    >
      <WishesField v-model="wishes" id-prefix="brief-wishes" /> </InPlace
    >.
  </p>
</template>

<style scoped>
.brief {
  font: 450 18px/1.62 var(--heading);
  letter-spacing: -0.005em;
}
</style>
