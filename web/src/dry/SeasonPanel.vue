<script setup lang="ts">
import Button from 'primevue/button'
import SelectField from '@/parts/SelectField.vue'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, Season, SeasonPlan } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { useBlendNames } from '@/api/useBlendNames'
import ChoiceList from '@/parts/ChoiceList.vue'
import LineChart, { type Line } from '@/parts/LineChart.vue'
import { useKept } from '@/parts/useKept'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { AMOUNTS } from '@/need/words'
import { t } from '@/words'

/** A pot over a season in a real hand, and beside it another mix treated alike. */
const props = defineProps<{ asked: Asked; blendId: string }>()

const habit = props.asked.brief?.habit
const plan = useKept('season', {
  days: 120,
  scatterDays: 2,
  rainMmPerWeek: 0,
  saucerL: 0,
  dressing: 'NONE' as SeasonPlan['dressing'],
  light: 'STAYS' as 'STAYS' | 'CHANGES',
  latitudeDeg: 52,
  startDay: 80,
  seed: 1,
  otherId: 'none',
})
const own = useKept(`season-${props.blendId}`, {
  everyDays: habit?.everyDays ?? 7,
  way: habit?.amount ?? ('THOROUGHLY' as SeasonPlan['way']),
})
const DRESSINGS: { value: SeasonPlan['dressing']; label: string }[] = [
  { value: 'NONE', label: t('dry.seasonPanel.bare') },
  { value: 'BARK', label: t('dry.seasonPanel.bark') },
  { value: 'STONE', label: t('dry.seasonPanel.stone') },
  { value: 'SPHAGNUM', label: t('dry.seasonPanel.sphagnum') },
]
const LIGHTS = [
  { value: 'STAYS' as const, label: t('dry.seasonPanel.staysAsItIs') },
  { value: 'CHANGES' as const, label: t('dry.seasonPanel.changesWithTheSun') },
]

const {
  names: blendNames,
  nameOf,
  sought,
  many,
  recipeOf,
} = useBlendNames(() => (plan.value.otherId === 'none' ? [] : [plan.value.otherId]))
const others = computed(() => [
  { value: 'none', label: t('dry.seasonPanel.noOtherMix') },
  ...blendNames.value.filter((each) => each.value !== props.blendId),
])
const other = computed(() => {
  const id = plan.value.otherId
  const recipe = recipeOf(id)
  return recipe ? { id, recipe, name: nameOf(id) ?? '' } : undefined
})

const settings = useSettings()
const {
  answer: seasons,
  problem,
  busy,
} = useAnswered(
  () =>
    props.asked.brief
      ? {
          mixes: [
            { recipe: props.asked.recipe, blendId: props.blendId },
            ...(other.value ? [{ recipe: other.value.recipe, blendId: other.value.id }] : []),
          ],
          brief: props.asked.brief,
          plan: {
            days: Math.round(plan.value.days),
            everyDays: own.value.everyDays,
            scatterDays: plan.value.scatterDays,
            way: own.value.way,
            rainMmPerWeek: plan.value.rainMmPerWeek,
            saucerL: plan.value.saucerL,
            dressing: plan.value.dressing,
            ...(plan.value.light === 'CHANGES' ? { latitudeDeg: plan.value.latitudeDeg } : {}),
            startDay: Math.round(plan.value.startDay),
            seed: plan.value.seed,
          },
        }
      : undefined,
  (body, signal) => answer(api.POST('/api/season', { body, signal })),
)

const INKS = ['bottle', 'marigold'] as const
const names = computed(() => [t('dry.seasonPanel.legendThisBlend'), other.value?.name ?? ''])
const lines = computed<Line[]>(() =>
  (seasons.value ?? []).map((season, index) => ({
    name: names.value[index] ?? '',
    ink: INKS[index] ?? 'soft',
    points: season.gonePercent.map((gone, day): [number, number] => [day + 1, 100 - gone]),
    dots:
      index === 0
        ? season.watered.flatMap((watered, day): [number, number][] => (watered ? [[day + 1, 100]] : []))
        : [],
  })),
)
const trigger = computed(() => 100 - (seasons.value?.[0]?.triggerPercent ?? 0))
const share = (days: number, season: Season) => `${(100 * days) / season.states.length}%`
const litres = (value: number) => text(settings.measures.volume(value))
const before = (season: Season) =>
  season.goneBeforeWateringPercent === undefined ? '–' : `${figure(season.goneBeforeWateringPercent, 0)} %`
</script>

<template>
  <div class="season">
    <section class="asks" :aria-label="$t('dry.seasonPanel.howItIsWatered')">
      <div class="fields">
        <NumberField
          v-model="own.everyDays"
          :label="$t('dry.seasonPanel.wateredAboutEvery')"
          unit="days"
          :decimals="1"
          input-id="season-every"
        />
        <NumberField
          v-model="plan.scatterDays"
          :label="$t('dry.seasonPanel.giveOrTake')"
          unit="days"
          :decimals="1"
          input-id="season-scatter"
        />
        <NumberField
          v-model="plan.days"
          :label="$t('dry.seasonPanel.for')"
          unit="days"
          :decimals="0"
          input-id="season-days"
        />
      </div>
      <ChoiceList v-model="own.way" :options="AMOUNTS" :label="$t('dry.seasonPanel.how')" />
      <ChoiceList v-model="plan.dressing" :options="DRESSINGS" :label="$t('dry.seasonPanel.onTop')" />
      <div class="fields">
        <NumberField
          v-model="plan.rainMmPerWeek"
          :label="$t('dry.seasonPanel.rainInAWeek')"
          kind="rain"
          :decimals="1"
          input-id="season-rain"
        />
        <NumberField
          v-model="plan.saucerL"
          :label="$t('dry.seasonPanel.saucerKeeps')"
          kind="volume"
          input-id="season-saucer"
        />
      </div>
      <ChoiceList v-model="plan.light" :options="LIGHTS" :label="$t('dry.seasonPanel.theLight')" />
      <div v-if="plan.light === 'CHANGES'" class="fields">
        <NumberField
          v-model="plan.latitudeDeg"
          :label="$t('dry.seasonPanel.latitude')"
          unit="°"
          :decimals="0"
          input-id="season-latitude"
        />
        <NumberField
          v-model="plan.startDay"
          :label="$t('dry.seasonPanel.fromDayOfTheYear')"
          :decimals="0"
          input-id="season-start"
        />
      </div>
      <SelectField
        v-model="plan.otherId"
        v-model:sought="sought"
        :label="$t('dry.seasonPanel.besideItTreatedAlike')"
        input-id="season-other"
        :options="others"
        :many="many"
      />
      <Button
        :label="$t('dry.seasonPanel.anotherSuchSeason')"
        outlined
        size="small"
        :disabled="busy"
        @click="plan.seed += 1"
      />
    </section>
    <section class="shows" :aria-label="$t('dry.seasonPanel.theSeason')">
      <p v-if="!asked.brief" class="say attention">{{ $t('dry.seasonPanel.sayWhatItIsFor') }}</p>
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <template v-if="seasons && seasons.length > 0">
        <LineChart
          :label="$t('dry.seasonPanel.usableWaterByDay')"
          :lines="lines"
          :x-name="$t('dry.seasonPanel.days')"
          :y-name="$t('dry.seasonPanel.ofUsableWaterLeft')"
          :y-min="0"
          :y-max="100"
          :decimals="0"
          :limit="{ at: trigger, words: $t('dry.seasonPanel.wantsWater') }"
          :height="300"
        />
        <p class="soft">{{ $t('dry.seasonPanel.dotsAreWaterings') }}</p>
        <div v-for="(season, index) in seasons" :key="index" class="verdict">
          <h2>{{ index === 0 ? $t('dry.seasonPanel.thisBlend') : names[index] }}</h2>
          <div
            class="bar"
            role="img"
            :aria-label="
              $t('dry.seasonPanel.daysTooWetRightToo', {
                tooWetDays: season.tooWetDays,
                rightDays: season.rightDays,
                tooDryDays: season.tooDryDays,
              })
            "
          >
            <i class="wet" :style="{ width: share(season.tooWetDays, season) }" />
            <i class="right" :style="{ width: share(season.rightDays, season) }" />
            <i class="dry" :style="{ width: share(season.tooDryDays, season) }" />
          </div>
          <p>
            <b class="figures">{{ season.tooWetDays }}</b> {{ $t('dry.seasonPanel.daysTooWet') }}
            <b class="figures">{{ season.rightDays }}</b> {{ $t('dry.seasonPanel.right') }}
            <b class="figures">{{ season.tooDryDays }}</b> {{ $t('dry.seasonPanel.tooDry') }}
          </p>
          <p class="soft">
            {{
              $t('dry.seasonPanel.wateringsInAll', {
                waterings: season.waterings,
                before: before(season),
                litres: litres(season.account.given),
              })
            }}<template v-if="season.account.rain > 0">{{
              $t('dry.seasonPanel.ofRain', { litres: litres(season.account.rain) })
            }}</template
            >{{
              $t('dry.seasonPanel.givenOffRunThrough', {
                litres: litres(season.account.givenOff),
                litres2: litres(season.account.drained),
              })
            }}
          </p>
        </div>
        <p class="soft">
          {{ $t('dry.seasonPanel.withinAThirdLeafArea') }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.season {
  display: grid;
  grid-template-columns: minmax(270px, 330px) minmax(0, 1fr);
  gap: 28px 40px;
}
section {
  display: flex;
  flex-direction: column;
  gap: 13px;
}
.asks {
  align-items: flex-start;
}
.verdict {
  display: flex;
  flex-direction: column;
  gap: 5px;
}
.bar {
  display: flex;
  height: 16px;
  background: var(--wash);
}
.wet {
  background: var(--water);
}
.right {
  background: var(--bottle);
}
.dry {
  background: var(--marigold);
}
@media (width <= 860px) {
  .season {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
