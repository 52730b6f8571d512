<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, FeedPlan, LimePlan } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ChoiceList from '@/parts/ChoiceList.vue'
import { useKept } from '@/parts/useKept'
import { useWater } from '@/need/useWater'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'

/** How much lime or sulfur brings this blend to a pH by a date, and how much feed to so much nitrogen. */
const props = defineProps<{ asked: Asked; blendId: string }>()
const emit = defineEmits<{ dose: [amendmentId: string, gPerL: number, name: string] }>()
const settings = useSettings()
const { amendments, amendment } = useMaterials()

const water = useWater()
const ask = useKept('doses', {
  limeId: 'dolomite',
  targetPh: 5.8,
  weeks: 8,
  highestPh: 6.5,
  litres: 20,
  label: 'TABLE' as 'TABLE' | 'LABEL',
  neutralisingPercent: 95,
  under025: 60,
  under085: 30,
  under24: 10,
  feedId: 'granules',
  goalNMgPerL: 300,
})
const LABELS = [
  { value: 'TABLE' as const, label: t('batch.dosesPanel.asUsual') },
  { value: 'LABEL' as const, label: t('batch.dosesPanel.fromItsLabelAndSieve') },
]
const limes = computed(() => amendments.value.filter((each) => each.neutralising !== 0))
const feeds = computed(() => amendments.value.filter((each) => each.contents.nPercent > 0))
const negative = computed(() => (amendment(ask.value.limeId)?.neutralising ?? 1) < 0)

const { answer: lime, problem: limeProblem } = useAnswered(
  () => {
    const it = ask.value
    return {
      asked: props.asked,
      amendmentId: it.limeId,
      targetPh: it.targetPh,
      weeks: it.weeks,
      highestPh: it.highestPh,
      litres: it.litres,
      drift: water.value,
      ...(it.label === 'LABEL' && !negative.value
        ? {
            neutralisingPercent: it.neutralisingPercent,
            sieve: {
              under025Percent: it.under025,
              under085Percent: it.under085,
              under24Percent: it.under24,
            },
          }
        : {}),
    }
  },
  (body, signal) => answer(api.POST('/api/doses/lime', { body, signal })),
)
const { answer: feed, problem: feedProblem } = useAnswered(
  () => ({
    asked: props.asked,
    amendmentId: ask.value.feedId,
    goalNMgPerL: ask.value.goalNMgPerL,
    litres: ask.value.litres,
  }),
  (body, signal) => answer(api.POST('/api/doses/feed', { body, signal })),
)
const put = (plan: LimePlan | FeedPlan) => emit('dose', plan.amendmentId, plan.gPerL, plan.name)
/** Less than this is nothing to weigh out [g/L]. */
const LEAST = 0.005
</script>

<template>
  <div class="doses-panel">
    <section aria-labelledby="lime-head">
      <h2 id="lime-head">{{ $t('batch.dosesPanel.toAPhByADate') }}</h2>
      <div class="fields">
        <div class="field">
          <label for="lime-what">{{ $t('batch.dosesPanel.with') }}</label>
          <Select
            v-model="ask.limeId"
            input-id="lime-what"
            :options="limes"
            option-label="name"
            option-value="id"
            size="small"
          />
        </div>
        <NumberField
          v-model="ask.targetPh"
          :label="$t('batch.dosesPanel.to')"
          unit="pH"
          :decimals="1"
          input-id="lime-to"
        />
        <NumberField
          v-model="ask.weeks"
          :label="$t('batch.dosesPanel.in')"
          unit="weeks"
          :decimals="1"
          input-id="lime-weeks"
        />
        <NumberField
          v-model="ask.highestPh"
          :label="$t('batch.dosesPanel.neverAbove')"
          unit="pH"
          :decimals="1"
          input-id="lime-highest"
        />
        <NumberField
          v-model="ask.litres"
          :label="$t('batch.dosesPanel.forBatchOf')"
          kind="volume"
          input-id="lime-litres"
        />
      </div>
      <template v-if="!negative">
        <ChoiceList
          v-model="ask.label"
          :options="LABELS"
          :label="$t('batch.dosesPanel.itsStrengthAndFineness')"
        />
        <div v-if="ask.label === 'LABEL'" class="fields">
          <NumberField
            v-model="ask.neutralisingPercent"
            :label="$t('batch.dosesPanel.neutralisingValue')"
            unit="%"
            :decimals="0"
            input-id="lime-value"
          />
          <NumberField
            v-model="ask.under025"
            :label="$t('batch.dosesPanel.limeFines')"
            unit="%"
            :decimals="0"
            input-id="lime-s1"
          />
          <NumberField
            v-model="ask.under085"
            :label="$t('batch.dosesPanel.limeMedium')"
            unit="%"
            :decimals="0"
            input-id="lime-s2"
          />
          <NumberField
            v-model="ask.under24"
            :label="$t('batch.dosesPanel.limeCoarse')"
            unit="%"
            :decimals="0"
            input-id="lime-s3"
          />
        </div>
      </template>
      <p v-if="limeProblem" class="say harm" role="alert">{{ limeProblem }}</p>
      <div v-else-if="lime" class="result" aria-live="polite">
        <p class="dose">
          <b class="figures">{{ text(settings.measures.grams(lime.grams)) }}</b>
          {{
            $t('batch.dosesPanel.forThatIs', {
              lime: lime.name.toLowerCase(),
              volume: text(settings.measures.volume(ask.litres)),
            })
          }}
          <span class="figures">{{ text(settings.measures.dose(lime.gPerL)) }}</span>
          <button v-if="lime.gPerL >= LEAST" type="button" class="plain put" @click="put(lime)">
            {{ $t('batch.dosesPanel.putItIntoTheBlend') }}
          </button>
        </p>
        <dl>
          <dt>{{ $t('batch.dosesPanel.phAfterWeeks', { ask: figure(ask.weeks, 1, true) }) }}</dt>
          <dd class="figures">
            {{ figure(lime.atDate.value, 1) }}
            <small>{{
              $t('batch.dosesPanel.likelyTo', {
                lime: figure(lime.atDate.low80, 1),
                lime2: figure(lime.atDate.high80, 1),
              })
            }}</small>
          </dd>
          <dt>{{ $t('batch.dosesPanel.highestPhInAYear', { lime: figure(lime.highestWeek, 0) }) }}</dt>
          <dd class="figures">
            {{ figure(lime.highest.value, 1) }}
            <small>{{
              $t('batch.dosesPanel.likelyTo', {
                lime: figure(lime.highest.low80, 1),
                lime2: figure(lime.highest.high80, 1),
              })
            }}</small>
          </dd>
          <dt>{{ $t('batch.dosesPanel.chanceToPassPh', { ask: figure(ask.highestPh, 1) }) }}</dt>
          <dd class="figures" :class="{ risky: lime.risky }">{{ figure(lime.overshootPercent, 0) }} %</dd>
        </dl>
        <p v-if="lime.advice" class="say attention">{{ lime.advice }}</p>
      </div>
      <p class="soft">
        {{ $t('batch.dosesPanel.onTopOfTheDoses') }} <i>{{ $t('batch.dosesPanel.overTime') }}</i>{{
          $t('batch.dosesPanel.waterAndCautions', {
            water: figure(water.litresPerLWeek, 2, true),
            water2: figure(water.alkalinityMeqPerL, 1, true),
          })
        }}
      </p>
    </section>
    <section aria-labelledby="feed-head">
      <h2 id="feed-head">{{ $t('batch.dosesPanel.toSoMuchNitrogen') }}</h2>
      <div class="fields">
        <div class="field">
          <label for="feed-what">{{ $t('batch.dosesPanel.with') }}</label>
          <Select
            v-model="ask.feedId"
            input-id="feed-what"
            :options="feeds"
            option-label="name"
            option-value="id"
            size="small"
          />
        </div>
        <NumberField
          v-model="ask.goalNMgPerL"
          :label="$t('batch.dosesPanel.nitrogenInAll')"
          unit="mg/L"
          :decimals="0"
          input-id="feed-goal"
        />
      </div>
      <p v-if="feedProblem" class="say harm" role="alert">{{ feedProblem }}</p>
      <div v-else-if="feed" class="result" aria-live="polite">
        <p class="dose">
          <b class="figures">{{ text(settings.measures.grams(feed.grams)) }}</b>
          {{
            $t('batch.dosesPanel.feedForVolumeIs', {
              feed: feed.name.toLowerCase(),
              volume: text(settings.measures.volume(ask.litres)),
            })
          }}
          <span class="figures">{{ text(settings.measures.dose(feed.gPerL)) }}</span>
          <button v-if="feed.gPerL >= LEAST" type="button" class="plain put" @click="put(feed)">
            {{ $t('batch.dosesPanel.putItIntoTheBlend') }}
          </button>
        </p>
        <p>
          {{ $t('batch.dosesPanel.theBlendBrings') }}
          <span class="figures">{{
            $t('batch.dosesPanel.mgL', { feed: figure(feed.alreadyNMgPerL, 0) })
          }}</span>
          {{ $t('batch.dosesPanel.withoutIt') }}
        </p>
      </div>
      <table class="classes">
        <caption>
          {{
            $t('batch.dosesPanel.whatIsUsualFromGranules')
          }}
        </caption>
        <tbody>
          <tr v-for="each in feed?.usual ?? []" :key="each.words">
            <th scope="row">{{ each.words }}</th>
            <td class="figures">{{ $t('batch.dosesPanel.toMgL', { low: each.low, high: each.high }) }}</td>
            <td>
              <button type="button" class="plain" @click="ask.goalNMgPerL = each.low">
                {{ $t('batch.dosesPanel.take', { low: each.low }) }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="soft">
        {{ $t('batch.dosesPanel.neverForCarnivorousPlantsKeep') }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.doses-panel {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 28px 44px;
}
section {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.result {
  border-left: 3px solid var(--bottle);
  background: var(--sheet);
  padding: 10px 14px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.dose {
  font-size: 17px;
}
.put {
  font-size: 14.5px;
  margin-left: 10px;
}
.dose b {
  font-size: 20px;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 14px;
  margin: 0;
}
dd {
  margin: 0;
  text-align: right;
}
dd small {
  font-family: var(--words);
}
.risky {
  color: var(--brick);
  font-weight: 700;
}
.classes {
  border-collapse: collapse;
  font-size: 14.5px;
}
.classes caption {
  text-align: left;
  color: var(--soft-ink);
  font-size: 13.5px;
  padding-bottom: 4px;
}
.classes th,
.classes td {
  font-weight: 400;
  text-align: left;
  padding: 4px 14px 4px 0;
}
@media (width <= 860px) {
  .doses-panel {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
