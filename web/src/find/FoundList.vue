<script setup lang="ts">
import { computed } from 'vue'
import type { FindState, Proposal } from '@/api/types'
import MaterialPicker from '@/material/MaterialPicker.vue'
import { useMaterials } from '@/material/useBook'
import { figure } from '@/measure/units'
import { t } from '@/words'
import ProposalCard from './ProposalCard.vue'
import { useWhyNot } from './useWhyNot'

/** What a search found: proposals side by side, the proof, what stands in the way, what would help, and why not. */
const props = defineProps<{ state: FindState }>()
const emit = defineEmits<{ take: [proposal: Proposal] }>()

const { materialName } = useMaterials()
const found = computed(() => props.state.answer)
const counts = computed(() =>
  (found.value?.byCount ?? [])
    .map((each) => `${each.count} ${each.count === 1 ? 'material' : 'materials'}: ${figure(each.fit, 0)}`)
    .join(' · '),
)
const gain = computed(() => {
  const points = found.value?.exactPartsGain
  if (points === undefined || props.state.form === 'REPLACE') {
    return ''
  }
  return points < 0.05
    ? t('find.foundList.exactProportionsWouldGainNothing')
    : t('find.foundList.exactProportionsOfTheSame', { points: figure(points, 1) })
})

const heading = (proposal: Proposal) => {
  const parts = proposal.recipe.parts.reduce((sum, part) => sum + part.amount, 0)
  return props.state.form === 'IMPROVE'
    ? t('find.foundList.partsInAll', { parts: figure(parts, 1, true) })
    : t('find.foundList.with', { n: proposal.recipe.parts.length }, proposal.recipe.parts.length)
}

const { why, problem: whyProblem, asking, ask: askWhy } = useWhyNot(() => props.state.id)
</script>

<template>
  <div class="found">
    <p v-if="state.says" class="say" :class="state.state === 'FAILED' ? 'harm' : 'attention'" role="alert">
      {{ state.says }}
    </p>
    <template v-if="found">
      <p v-for="said in found.said" :key="said" class="say attention">
        {{ said }}
        <template v-if="state.candidates === 0">
          <RouterLink to="/shelf/here">{{ $t('find.foundList.putOnTheShelf') }}</RouterLink>
          {{ $t('find.foundList.emptyShelfHint') }}{{ ' ' }}
        </template>
      </p>
      <div v-if="found.clash" class="say attention">
        <p>
          <b>{{ found.clash.says }}</b>
        </p>
        <ul v-if="found.clash.waysOut.length > 0">
          <li v-for="way in found.clash.waysOut" :key="way">{{ way }}</li>
        </ul>
      </div>
      <p v-if="found.wouldHelp.length > 0" class="say">
        {{ found.wouldHelp.map((each) => each.words).join(' ') }}
      </p>
      <div v-if="found.proposals.length > 0" class="proposals">
        <ProposalCard
          v-for="(proposal, at) in found.proposals"
          :key="at"
          :proposal="proposal"
          :place="at + 1"
          :heading="heading(proposal)"
          :take="$t('find.foundList.takeItOver', { at: at + 1 })"
          @take="emit('take', proposal)"
        />
      </div>
      <div v-if="found.proposals.length > 0" class="foot">
        <p class="soft proof">
          {{ found.proof.words }} {{ gain }}
          <template v-if="counts">{{ $t('find.foundList.bestFitWith', { counts }) }}</template>
        </p>
        <p v-if="state.leftOut.length > 0" class="soft">
          {{
            $t('find.foundList.leftOut', {
              state: state.leftOut.map((each) => `${each.name} (${each.why.replace(/\.$/, '')})`).join('; '),
            })
          }}
        </p>
        <div v-if="state.form === 'FIND' || state.form === 'USE_UP'" class="why">
          <MaterialPicker
            :label="$t('find.foundList.whyNot')"
            input-id="why-not"
            keep
            quiet
            @chosen="askWhy($event.id)"
          />
          <p v-if="asking" class="soft">{{ $t('find.foundList.looking') }}</p>
          <p v-else-if="whyProblem" class="say harm" role="alert">{{ whyProblem }}</p>
          <p v-else-if="why" role="status">
            <b>{{ materialName(why.materialId) }}:</b> {{ why.words }}
            <button v-if="why.best" type="button" class="plain" @click="why.best && emit('take', why.best)">
              {{ $t('find.foundList.takeThatOne') }}
            </button>
          </p>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.found {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
ul {
  margin: 4px 0 0;
  padding-left: 20px;
}
.proposals {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 0;
}
.foot {
  display: flex;
  flex-direction: column;
  gap: 8px;
  border-top: 1px dashed var(--stitch);
  padding-top: 10px;
}
.proof {
  max-width: 110ch;
}
.why {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: flex-end;
}
.why > .material-picker {
  width: 260px;
}
.why p {
  max-width: 80ch;
}
</style>
