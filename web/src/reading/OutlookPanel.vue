<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import LineChart from '@/parts/LineChart.vue'
import { useWater } from '@/need/useWater'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure } from '@/measure/units'
import { t } from '@/words'

/** What becomes of a blend: pH over the weeks, food over the months, air and height over the years. */
const props = defineProps<{ asked: Asked; blendId: string }>()
const settings = useSettings()
const lengths = computed(() => settings.measures.field('length'))
const water = useWater()
const { answer: outlook, problem } = useAnswered(
  () => ({ asked: props.asked, ...water.value }),
  (body, signal) => answer(api.POST('/api/outlook', { body, signal })),
)
const ph = computed(() => [
  {
    name: 'pH',
    ink: 'bottle' as const,
    points: (outlook.value?.weeks ?? []).map((week): [number, number] => [week.week, week.ph]),
    band: (outlook.value?.weeks ?? []).map((week): [number, number, number] => [
      week.week,
      week.low80,
      week.high80,
    ]),
  },
])
const air = computed(() => [
  {
    name: 'air',
    ink: 'bottle' as const,
    points: (outlook.value?.years ?? []).map((year): [number, number] => [year.year, year.airPercent]),
  },
  {
    name: 'height',
    ink: 'soft' as const,
    dashed: true,
    points: (outlook.value?.years ?? []).map((year): [number, number] => [year.year, year.heightPercent]),
  },
])
const months = computed(() =>
  (outlook.value?.months ?? []).filter((month) => [0, 1, 3, 6, 12].includes(month.month)),
)
const curve = computed(() => [
  {
    name: t('reading.outlook.held'),
    ink: 'bottle' as const,
    points: (outlook.value?.curve ?? []).map((each): [number, number] => [
      each.suctionCm * lengths.value.factor,
      each.waterPercent,
    ]),
  },
])
const food = computed(() =>
  (
    [
      ['nMgPerL', 'nitrogen', 'bottle'],
      ['kMgPerL', 'potassium', 'marigold'],
      ['pMgPerL', 'phosphorus', 'soft'],
    ] as const
  ).map(([key, name, ink]) => ({
    name: t(`reading.outlook.${name}`),
    ink,
    points: (outlook.value?.months ?? []).map((month): [number, number] => [month.month, month[key]]),
  })),
)
const ELEMENTS = [
  ['nMgPerL', 'nitrogen'],
  ['pMgPerL', 'phosphorus'],
  ['kMgPerL', 'potassium'],
  ['caMgPerL', t('reading.outlookPanel.calciumHeld')],
  ['mgMgPerL', t('reading.outlookPanel.magnesiumHeld')],
  ['sMgPerL', t('reading.outlookPanel.sulfurFromDoses')],
] as const
const seconds = computed(() => {
  const value = (outlook.value?.secondsPerCm ?? 0) / lengths.value.factor
  return value < 1 ? t('reading.outlookPanel.underASecond') : `${figure(value, value < 10 ? 1 : 0)} s`
})
</script>

<template>
  <div class="outlook">
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <section aria-labelledby="outlook-ph">
      <h2 id="outlook-ph">{{ $t('reading.outlookPanel.acidityOverTheFirstYear') }}</h2>
      <div class="fields">
        <NumberField
          v-model="water.alkalinityMeqPerL"
          :label="$t('reading.outlookPanel.alkalinityOfYourWater')"
          unit="meq/L"
          input-id="outlook-alkalinity"
        />
        <NumberField
          v-model="water.litresPerLWeek"
          :label="$t('reading.outlookPanel.waterEachWeek')"
          :unit="settings.measures.field('volume').unit"
          input-id="outlook-water"
        />
        <NumberField
          v-model="water.feedAcidMeqPerLWeek"
          :label="$t('reading.outlookPanel.acidLeftByTheFeed')"
          unit="meq/L a week"
          input-id="outlook-acid"
        />
      </div>
      <p class="soft">
        {{ $t('reading.outlookPanel.alkalinityHint') }}
      </p>
      <LineChart
        v-if="outlook"
        :label="$t('reading.outlookPanel.phOverAYear')"
        :lines="ph"
        :x-name="$t('reading.outlookPanel.weeksSinceMixing')"
        :y-name="$t('reading.outlookPanel.ph')"
        :x-max="52"
        :x-step="13"
        :y-min="3"
        :y-max="9"
      />
    </section>
    <section aria-labelledby="outlook-air">
      <h2 id="outlook-air">{{ $t('reading.outlookPanel.airAndHeightOverYears') }}</h2>
      <p v-for="each in outlook?.over ?? []" :key="each">{{ each }}</p>
      <LineChart
        v-if="outlook"
        :label="$t('reading.outlookPanel.airAfterDrainingAndHeight')"
        :lines="air"
        :x-name="$t('reading.outlookPanel.yearsInThePot')"
        y-name="%"
        :y-min="0"
        :y-max="100"
        :decimals="0"
        :limit="{
          at: outlook.leastAirPercent,
          words: $t('reading.outlookPanel.leastAir', { outlook: figure(outlook.leastAirPercent, 0) }),
        }"
      />
      <p class="soft">{{ $t('reading.outlookPanel.judgedNotMeasured') }}</p>
    </section>
    <section aria-labelledby="outlook-curve">
      <h2 id="outlook-curve">{{ $t('reading.outlook.curve') }}</h2>
      <LineChart
        v-if="outlook"
        :label="$t('reading.outlook.curveLabel')"
        :lines="curve"
        :x-name="$t('reading.outlook.suction')"
        :y-name="$t('reading.outlook.percentWater')"
        :x-max="settings.measures.us ? 40 : 100"
        :x-step="settings.measures.us ? 5 : 10"
        :y-min="0"
        :y-max="100"
        :decimals="0"
        :wanted="{
          from: outlook.easyFromCm * lengths.factor,
          to: outlook.easyToCm * lengths.factor,
          words: $t('reading.outlook.easy'),
        }"
        wanted-across
      />
      <p v-if="outlook" class="soft">
        {{
          $t('reading.outlook.curveWords', {
            from: settings.measures.length(outlook.easyFromCm).figure,
            to: settings.measures.length(outlook.easyToCm).figure,
          })
        }}
      </p>
    </section>
    <section aria-labelledby="outlook-food">
      <h2 id="outlook-food">{{ $t('reading.outlookPanel.foodSetFree') }}</h2>
      <LineChart
        v-if="outlook"
        :label="$t('reading.outlook.foodLabel')"
        :lines="food"
        :x-name="$t('reading.outlook.months')"
        :y-name="$t('reading.outlook.mgPerL')"
        :x-max="12"
        :x-step="3"
        :y-min="0"
        :decimals="0"
      />
      <div class="scroll">
        <table v-if="outlook">
          <thead>
            <tr>
              <th scope="col">{{ $t('reading.outlookPanel.foodSinceMixing') }}</th>
              <th v-for="month in months" :key="month.month" scope="col" class="right">
                {{
                  month.month === 0
                    ? $t('reading.outlookPanel.atOnce')
                    : month.month === 1
                      ? $t('reading.outlookPanel.oneMonth')
                      : $t('reading.outlookPanel.months', { month: month.month })
                }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="[key, name] in ELEMENTS" :key="key">
              <th scope="row">{{ name }}</th>
              <td v-for="month in months" :key="month.month" class="figures right">
                {{ figure(month[key], 0) }}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="soft">
        {{ $t('reading.outlookPanel.calciumAndMagnesiumHint') }}
      </p>
    </section>
    <section v-if="outlook" aria-labelledby="outlook-handling">
      <h2 id="outlook-handling">{{ $t('reading.outlookPanel.behaviourInTheHand') }}</h2>
      <p>
        {{ $t('reading.outlookPanel.waterSinksIn', { sinksIn: outlook.sinksIn, seconds }) }}
      </p>
      <table v-if="outlook.drying.length > 0">
        <thead>
          <tr>
            <th scope="col">{{ $t('reading.outlookPanel.afterThoroughWatering') }}</th>
            <th scope="col" class="right">{{ $t('reading.outlookPanel.inDays') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in outlook.drying" :key="each.words" :class="{ wanted: each.wanted }">
            <th scope="row">
              {{ each.words
              }}<template v-if="each.wanted">{{ $t('reading.outlookPanel.thenItWantsWater') }}</template>
            </th>
            <td class="figures right">
              {{
                each.days >= 120
                  ? $t('reading.outlookPanel.overMostDays')
                  : figure(each.days, each.days < 10 ? 1 : 0)
              }}
            </td>
          </tr>
        </tbody>
      </table>
      <ul v-if="outlook.partings.length > 0">
        <li v-for="parting in outlook.partings" :key="parting">{{ parting }}</li>
      </ul>
      <p v-else>{{ $t('reading.outlookPanel.nothingInItFloatsSinks') }}</p>
    </section>
  </div>
</template>

<style scoped>
.outlook {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 28px 40px;
}
.say {
  grid-column: 1 / -1;
}
section {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
table {
  width: 100%;
  font-size: 14.5px;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 3px 0 3px 12px;
}
th:first-child {
  padding-left: 0;
}
.wanted > * {
  font-weight: 700;
}
ul {
  margin: 0;
  padding-left: 1.1em;
}
@media (width <= 860px) {
  .outlook {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
