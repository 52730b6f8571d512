<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, SeasonPlan, Standings } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ChoiceList from '@/parts/ChoiceList.vue'
import { useKept } from '@/parts/useKept'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'

/** How much there is to lift, and at which tilt the pot falls. */
const props = defineProps<{ asked: Asked; blendId: string }>()
const settings = useSettings()
const cargo = useKept(`standing-${props.blendId}`, {
  plantKg: 0.4,
  plantCentreCm: 20,
  dressing: 'NONE' as SeasonPlan['dressing'],
})
const DRESSINGS: { value: SeasonPlan['dressing']; label: string }[] = [
  { value: 'NONE', label: t('pot.standingPanel.nothing') },
  { value: 'BARK', label: t('pot.standingPanel.bark') },
  { value: 'STONE', label: t('pot.standingPanel.stone') },
  { value: 'SPHAGNUM', label: t('pot.standingPanel.sphagnum') },
]
const { answer: standings, problem } = useAnswered(
  () => ({ asked: props.asked, ...cargo.value }),
  (body, signal) => answer(api.POST('/api/pots/standing', { body, signal })),
)
const states = computed(() =>
  standings.value
    ? [
        { name: t('pot.standingPanel.justWatered'), at: standings.value.wet },
        { name: t('pot.standingPanel.driedOut'), at: standings.value.dry },
      ]
    : [],
)
const names = computed(() => standings.value?.wet.loads.map((load) => load.name) ?? [])
const kg = (state: Standings['wet'], name: string) => state.loads.find((load) => load.name === name)?.kg ?? 0
</script>

<template>
  <div class="standing">
    <section :aria-label="$t('pot.standingPanel.whatStandsInThePot')">
      <h2>{{ $t('pot.standingPanel.whatStandsInIt') }}</h2>
      <div class="fields">
        <NumberField
          v-model="cargo.plantKg"
          :label="$t('pot.standingPanel.thePlantWeighs')"
          kind="mass"
          input-id="standing-kg"
        />
        <NumberField
          v-model="cargo.plantCentreCm"
          :label="$t('pot.standingPanel.itsMiddleAboveTheRim')"
          kind="length"
          :decimals="0"
          input-id="standing-centre"
        />
      </div>
      <ChoiceList
        v-model="cargo.dressing"
        :options="DRESSINGS"
        :label="$t('pot.standingPanel.onTopOfTheMix')"
      />
      <p class="soft">
        {{ $t('pot.standingPanel.middleOfThePlant') }}
      </p>
    </section>
    <section :aria-label="$t('pot.standingPanel.howItStands')">
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <template v-if="standings">
        <div class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col">
                  <span class="visually-hidden">{{ $t('pot.standingPanel.what') }}</span>
                </th>
                <th v-for="state in states" :key="state.name" scope="col" class="right">{{ state.name }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="name in names" :key="name">
                <th scope="row">{{ name }}</th>
                <td v-for="state in states" :key="state.name" class="figures right">
                  {{ text(settings.measures.mass(kg(state.at, name))) }}
                </td>
              </tr>
              <tr class="sum">
                <th scope="row">{{ $t('pot.standingPanel.toLift') }}</th>
                <td v-for="state in states" :key="state.name" class="figures right">
                  <b>{{ text(settings.measures.mass(state.at.kg)) }}</b>
                </td>
              </tr>
              <tr>
                <th scope="row">{{ $t('pot.standingPanel.centreAboveTheFoot') }}</th>
                <td v-for="state in states" :key="state.name" class="figures right">
                  {{ text(settings.measures.length(Math.round(state.at.centreCm * 10) / 10)) }}
                </td>
              </tr>
              <tr>
                <th scope="row">{{ $t('pot.standingPanel.tipsAt') }}</th>
                <td v-for="state in states" :key="state.name" class="figures right">
                  <b :class="{ falls: !state.at.firm }"> {{ figure(state.at.tipsAtDeg, 0) }}° </b>
                </td>
              </tr>
              <tr>
                <th scope="row">{{ $t('pot.standingPanel.soIt') }}</th>
                <td v-for="state in states" :key="state.name" class="right">
                  {{ state.at.words }}
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <p class="soft">
          {{
            $t('pot.standingPanel.tippingAdvice', {
              standings: figure(standings.unsteadyDeg, 0),
              standings2: figure(standings.fallsInWindDeg, 0),
            })
          }}
        </p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.standing {
  display: grid;
  grid-template-columns: minmax(280px, 380px) minmax(0, 620px);
  gap: 28px 44px;
}
section {
  display: flex;
  flex-direction: column;
  gap: 13px;
}
table {
  width: 100%;
}
th,
td {
  font-weight: 400;
  text-align: left;
  padding: 5px 0 5px 16px;
}
th:first-child {
  padding-left: 0;
}
.sum > * {
  border-top: 1px dashed var(--stitch);
}
.falls {
  color: var(--brick);
}
@media (width <= 860px) {
  .standing {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
