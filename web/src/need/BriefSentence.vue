<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Habit, Place, Pot, Wishes } from '@/api/types'
import ChoiceList from '@/frame/ChoiceList.vue'
import InPlace from '@/frame/InPlace.vue'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import CompanionsField from './CompanionsField.vue'
import HabitField from './HabitField.vue'
import PlaceField from './PlaceField.vue'
import PlantField from './PlantField.vue'
import PotField from './PotField.vue'
import { usePlants } from './usePlants'
import { NO_WISHES, tidyWishes, wishWords } from './wishes'
import WishesField from './WishesField.vue'
import {
  AMOUNTS,
  BASES,
  climateWords,
  everyWords,
  HANDS,
  labelOf,
  STAGES,
  startingHabit,
  startingPot,
  WALLS,
  waterWords,
  withArticle,
} from './words'

/** The brief as one sentence; each marked word is a control. */
const model = defineModel<Brief>({ required: true })
const settings = useSettings()
const { plant } = usePlants()

const startingPlace: Place = {
  name: 'my room',
  temperatureC: 21,
  humidityPercent: 45,
  light: 'MEDIUM',
  draught: 'STILL',
}

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
  get: () => model.value.place ?? startingPlace,
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
  return names.length === 0 ? 'alone' : `together with ${names.join(' and ')}`
})

const plantName = computed(() => {
  const id = model.value.plantId
  return id ? (plant(id)?.name.toLowerCase() ?? id) : undefined
})
const stageWords = computed(() => labelOf(STAGES, model.value.stage))
const cuttings = computed(() => model.value.stage === 'CUTTINGS')
const lead = computed(() => {
  if (!plantName.value) {
    return 'For'
  }
  return cuttings.value ? 'For' : `For ${withArticle(stageWords.value).split(' ')[0] ?? 'a'}`
})
</script>

<template>
  <p class="brief">
    {{ lead }}
    <template v-if="plantName">
      <InPlace :words="stageWords" label="Stage">
        <template #default="{ close }">
          <ChoiceList v-model="stage" :options="STAGES" label="Stage" hide-label @chosen="close" />
        </template> </InPlace
      >{{ cuttings ? ' of ' : ' ' }}
    </template>
    <InPlace :words="plantName ?? 'a plant (which?)'" label="Plant" :missing="!plantName">
      <template #default="{ close }"><PlantField v-model="plantId" @chosen="close" /></template>
    </InPlace>
    <template v-if="plantName"
      >,
      <InPlace :words="companionWords" label="Plants in the same pot">
        <CompanionsField v-model="companions" :first="model.plantId" /> </InPlace
    ></template>
    in a
    <InPlace
      :words="model.pot ? text(settings.measures.length(model.pot.topCm)) : 'pot (which?)'"
      label="Pot"
      :missing="!model.pot"
    >
      <PotField v-model="pot" id-prefix="brief-pot" />
    </InPlace>
    <template v-if="model.pot">
      {{ ' ' }}
      <InPlace :words="labelOf(WALLS, model.pot.wall)" label="Wall of the pot">
        <template #default="{ close }">
          <ChoiceList v-model="wall" :options="WALLS" label="Wall" hide-label @chosen="close" />
        </template>
      </InPlace>
      pot
      <InPlace :words="labelOf(BASES, model.pot.base)" label="Foot of the pot">
        <PotField v-model="pot" id-prefix="brief-foot" /> </InPlace></template
    >, kept in the
    <InPlace
      :words="
        model.place ? `${model.place.name}, ${climateWords(model.place, settings.measures)}` : 'room (which?)'
      "
      label="Place"
      :missing="!model.place"
    >
      <PlaceField v-model="place" id-prefix="brief-place" /> </InPlace
    >; I water
    <InPlace
      :words="
        model.habit
          ? `${labelOf(AMOUNTS, model.habit.amount)}, about ${everyWords(model.habit.everyDays)}`
          : 'now and then (how often?)'
      "
      label="Watering"
      :missing="!model.habit"
    >
      <HabitField v-model="habit" id-prefix="brief-habit" />
    </InPlace>
    <template v-if="model.habit">
      with
      <InPlace :words="waterWords(model.habit)" label="Water">
        <HabitField v-model="habit" id-prefix="brief-water" /> </InPlace
      ><template v-if="model.habit.hand !== 'STEADY'">
        and am
        <InPlace :words="labelOf(HANDS, model.habit.hand)" label="My hand">
          <HabitField v-model="habit" id-prefix="brief-hand" /> </InPlace
      ></template> </template
    >. I want it
    <InPlace :words="wishWords(model.wishes) || 'as the plant does'" label="Wishes">
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
