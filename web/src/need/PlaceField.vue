<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import type { Place } from '@/api/types'
import ChoiceList from '@/parts/ChoiceList.vue'
import { say, sayProblem } from '@/parts/notices'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { t } from '@/words'
import { usePlaces } from './usePlants'
import { climateWords, DRAUGHTS, LIGHTS } from './words'

/** A place: one that is known, or its climate in figures. */
const model = defineModel<Place>({ required: true })
defineProps<{ idPrefix: string }>()
const settings = useSettings()
const { places, remember } = usePlaces()

const part = <K extends keyof Place>(key: K) =>
  computed<Place[K]>({
    get: () => model.value[key],
    set: (value) => (model.value = { ...model.value, [key]: value }),
  })
const name = part('name')
const temperatureC = part('temperatureC')
const humidityPercent = part('humidityPercent')
const light = part('light')
const draught = part('draught')
const rain = computed({
  get: () => model.value.rainMmPerWeek ?? 0,
  set: (value: number) => (model.value = { ...model.value, rainMmPerWeek: value }),
})
const dailyLight = computed<number | undefined>({
  get: () => model.value.dailyLightMol,
  set: (value) => {
    const { dailyLightMol: _gone, ...rest } = model.value
    model.value = value === undefined ? rest : { ...rest, dailyLightMol: value }
  },
})

const keep = async () => {
  try {
    if (!(await remember(model.value))) {
      return
    }
    say(t('need.placeField.isRemembered', { name: model.value.name }))
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <div class="place-field">
    <ul class="choices">
      <li v-for="choice in places" :key="choice.place.name">
        <button
          type="button"
          :class="{ on: choice.place.name === name }"
          :aria-pressed="choice.place.name === name"
          @click="model = { ...choice.place }"
        >
          <b>{{ choice.place.name }}</b>
          <small>{{ climateWords(choice.place, settings.measures) }}</small>
        </button>
      </li>
    </ul>
    <div class="named">
      <label :for="`${idPrefix}-name`">{{ $t('need.placeField.name') }}</label>
      <InputText :id="`${idPrefix}-name`" v-model="name" maxlength="80" />
    </div>
    <div class="pair">
      <NumberField
        v-model="temperatureC"
        :label="$t('need.placeField.temperature')"
        kind="temperature"
        :decimals="0"
        :input-id="`${idPrefix}-temperature`"
      />
      <NumberField
        v-model="humidityPercent"
        :label="$t('need.placeField.humidity')"
        unit="%"
        :decimals="0"
        :input-id="`${idPrefix}-humidity`"
      />
    </div>
    <ChoiceList v-model="light" :options="LIGHTS" :label="$t('need.placeField.light')" />
    <ChoiceList v-model="draught" :options="DRAUGHTS" :label="$t('need.placeField.air')" />
    <div class="pair">
      <NumberField
        v-model="dailyLight"
        :label="$t('need.placeField.lightIfMeasured')"
        unit="mol/m² a day"
        :decimals="1"
        optional
        :placeholder="$t('need.placeField.class')"
        :input-id="`${idPrefix}-mol`"
      />
      <NumberField
        v-model="rain"
        :label="$t('need.placeField.rainIntoThePot')"
        kind="rainPerWeek"
        :decimals="1"
        :input-id="`${idPrefix}-rain`"
      />
    </div>
    <Button :label="$t('need.placeField.rememberThisPlace')" size="small" outlined @click="keep" />
  </div>
</template>

<style scoped>
.place-field {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.choices {
  max-height: 190px;
  overflow: auto;
  border-top: 1px solid var(--line);
}
.choices button {
  display: flex;
  flex-direction: column;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--line);
  padding: 5px 8px;
  font: inherit;
  color: inherit;
  cursor: pointer;
}
.choices button:hover,
.choices .on {
  background: var(--bottle-soft);
}
.choices b {
  font-weight: 600;
}
.named {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
</style>
