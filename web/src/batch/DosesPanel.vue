<script setup lang="ts">
import Select from 'primevue/select'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, FeedPlan, LimePlan } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ChoiceList from '@/frame/ChoiceList.vue'
import { useKept } from '@/frame/useKept'
import { useWater } from '@/frame/useWater'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'

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
  { value: 'TABLE' as const, label: 'as usual' },
  { value: 'LABEL' as const, label: 'from its label and sieve' },
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
      <h2 id="lime-head">To a pH by a date</h2>
      <div class="fields">
        <div class="field">
          <label for="lime-what">With</label>
          <Select
            v-model="ask.limeId"
            input-id="lime-what"
            :options="limes"
            option-label="name"
            option-value="id"
            size="small"
          />
        </div>
        <NumberField v-model="ask.targetPh" label="To" unit="pH" :decimals="1" input-id="lime-to" />
        <NumberField v-model="ask.weeks" label="In" unit="weeks" :decimals="1" input-id="lime-weeks" />
        <NumberField
          v-model="ask.highestPh"
          label="Never above"
          unit="pH"
          :decimals="1"
          input-id="lime-highest"
        />
        <NumberField v-model="ask.litres" label="For a batch of" kind="volume" input-id="lime-litres" />
      </div>
      <template v-if="!negative">
        <ChoiceList v-model="ask.label" :options="LABELS" label="Its strength and fineness" />
        <div v-if="ask.label === 'LABEL'" class="fields">
          <NumberField
            v-model="ask.neutralisingPercent"
            label="Neutralising value"
            unit="%"
            :decimals="0"
            input-id="lime-value"
          />
          <NumberField
            v-model="ask.under025"
            label="Finer than 0.25 mm"
            unit="%"
            :decimals="0"
            input-id="lime-s1"
          />
          <NumberField
            v-model="ask.under085"
            label="0.25 to 0.85 mm"
            unit="%"
            :decimals="0"
            input-id="lime-s2"
          />
          <NumberField
            v-model="ask.under24"
            label="0.85 to 2.4 mm"
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
          {{ lime.name.toLowerCase() }} for {{ text(settings.measures.volume(ask.litres)) }}, that is
          <span class="figures">{{ text(settings.measures.dose(lime.gPerL)) }}</span>
          <button v-if="lime.gPerL >= LEAST" type="button" class="plain put" @click="put(lime)">
            Put it into the blend
          </button>
        </p>
        <dl>
          <dt>pH after {{ figure(ask.weeks, 1, true) }} weeks</dt>
          <dd class="figures">
            {{ figure(lime.atDate.value, 1) }}
            <small>likely {{ figure(lime.atDate.low80, 1) }} to {{ figure(lime.atDate.high80, 1) }}</small>
          </dd>
          <dt>Highest in a year, in week {{ figure(lime.highestWeek, 0) }}</dt>
          <dd class="figures">
            {{ figure(lime.highest.value, 1) }}
            <small>likely {{ figure(lime.highest.low80, 1) }} to {{ figure(lime.highest.high80, 1) }}</small>
          </dd>
          <dt>Chance to pass pH {{ figure(ask.highestPh, 1) }}</dt>
          <dd class="figures" :class="{ risky: lime.risky }">{{ figure(lime.overshootPercent, 0) }} %</dd>
        </dl>
        <p v-if="lime.advice" class="say attention">{{ lime.advice }}</p>
      </div>
      <p class="soft">
        On top of the doses that are in the blend, with the water set under <i>Over time</i>:
        {{ figure(water.litresPerLWeek, 2, true) }} L a week and litre of mix,
        {{ figure(water.alkalinityMeqPerL, 1, true) }} meq/L of alkalinity. Lime and sulfur burn eyes and skin
        and their dust harms lungs: wear gloves and a dust mask and follow the label.
      </p>
    </section>
    <section aria-labelledby="feed-head">
      <h2 id="feed-head">To so much nitrogen</h2>
      <div class="fields">
        <div class="field">
          <label for="feed-what">With</label>
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
          label="Nitrogen in all, over its time"
          unit="mg/L"
          :decimals="0"
          input-id="feed-goal"
        />
      </div>
      <p v-if="feedProblem" class="say harm" role="alert">{{ feedProblem }}</p>
      <div v-else-if="feed" class="result" aria-live="polite">
        <p class="dose">
          <b class="figures">{{ text(settings.measures.grams(feed.grams)) }}</b>
          {{ feed.name.toLowerCase() }} for {{ text(settings.measures.volume(ask.litres)) }}, that is
          <span class="figures">{{ text(settings.measures.dose(feed.gPerL)) }}</span>
          <button v-if="feed.gPerL >= LEAST" type="button" class="plain put" @click="put(feed)">
            Put it into the blend
          </button>
        </p>
        <p>
          The blend brings <span class="figures">{{ figure(feed.alreadyNMgPerL, 0) }} mg/L</span> without it.
        </p>
      </div>
      <table class="classes">
        <caption>
          What is usual from granules for half a year; common practice
        </caption>
        <tbody>
          <tr v-for="each in feed?.usual ?? []" :key="each.words">
            <th scope="row">{{ each.words }}</th>
            <td class="figures">{{ each.low }} to {{ each.high }} mg/L</td>
            <td>
              <button type="button" class="plain" @click="ask.goalNMgPerL = each.low">
                Take {{ each.low }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="soft">
        Never for carnivorous plants. Keep granules and meals out of reach of pets and children.
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
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: flex-end;
}
.field {
  display: flex;
  flex-direction: column;
  gap: 2px;
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
