<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Brief, Proposal } from '@/api/types'
import SelectField from '@/parts/SelectField.vue'
import { sayProblem } from '@/parts/notices'
import { useKept } from '@/parts/useKept'
import { figure } from '@/measure/units'
import BriefSentence from '@/need/BriefSentence.vue'
import { usePlants } from '@/need/usePlants'
import { t } from '@/words'
import { AMONGS, askedFor, NOTHING_SAID, type Wanted } from './asked'
import FindProgress from './FindProgress.vue'
import ProposalCard from './ProposalCard.vue'
import { useFind } from './useFind'

/** One blend for many plants: which can share, and what they share. */
const MOST = 8
const router = useRouter()
const client = useQueryClient()
const { plant } = usePlants()
const kept = useKept<{ briefs: Brief[]; wanted: Wanted; chosen: number }>('loose-knit.share', {
  briefs: [{ stage: 'ESTABLISHED' }, { stage: 'ESTABLISHED' }],
  wanted: { ...NOTHING_SAID, form: 'SHARED', mostMaterials: 3, mostParts: 6 },
  chosen: -1,
})
const find = useFind('share')
const among = computed({
  get: () => kept.value.wanted.among,
  set: (value: Wanted['among']) => (kept.value.wanted.among = value),
})
const PLACES = AMONGS.filter((each) => each.value !== 'CHOSEN')

const name = (at: number) => plant(kept.value.briefs[at]?.plantId ?? '')?.name ?? `plant ${at + 1}`
const add = () => {
  const last = kept.value.briefs.at(-1) ?? { stage: 'ESTABLISHED' }
  const { plantId: _other, companionIds: _others, ...same } = last
  kept.value.briefs.push({ ...same })
}
const drop = (at: number) => kept.value.briefs.splice(at, 1)

const missing = computed(() => kept.value.briefs.filter((brief) => brief.plantId === undefined).length)
const problem = ref('')
const search = () => {
  problem.value =
    missing.value > 0
      ? t('find.sharePage.namesMissing', {
          missing:
            missing.value === 1
              ? t('find.sharePage.onePlantHas')
              : t('find.sharePage.plantsHave', { missing: missing.value }),
        })
      : ''
  if (problem.value === '') {
    chosen.value = -1
    const asked = askedFor(
      kept.value.wanted,
      { stage: 'ESTABLISHED' },
      { measure: 'PARTS', parts: [], doses: [] },
      [],
      '',
    )
    const { blendId: _none, ...body } = asked
    void find.start({ ...body, form: 'SHARED', briefs: kept.value.briefs })
  }
}

const found = computed(() => find.state.value?.answer)
const chosen = computed({
  get: () => kept.value.chosen,
  set: (value: number) => (kept.value.chosen = value),
})
const shownSplit = computed(() => (chosen.value >= 0 ? chosen.value : (found.value?.advisedSplit ?? 0)))
const split = computed(() => found.value?.splits[shownSplit.value])
const COUNTS = [
  t('find.sharePage.oneBlendForAll'),
  t('find.sharePage.twoBlends'),
  t('find.sharePage.threeBlends'),
]

const busy = ref(false)
const make = async (proposal: Proposal, plants: readonly number[]) => {
  if (busy.value) {
    return
  }
  busy.value = true
  try {
    const blend = await answer(
      api.POST('/api/blends', {
        body: {
          id: crypto.randomUUID(),
          name: plants.map(name).join(', ').slice(0, 80),
          brief: kept.value.briefs[plants[0] ?? 0] ?? { stage: 'ESTABLISHED' },
          recipe: proposal.recipe,
        },
      }),
    )
    await client.invalidateQueries({ queryKey: ['blends'] })
    await router.push(`/blends/${blend.id}`)
  } catch (error) {
    sayProblem(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('find.sharePage.oneBlendForMany') }}</h1>
        <p class="soft">
          {{ $t('find.sharePage.lead') }}
        </p>
      </div>
    </div>
    <form @submit.prevent="search">
      <ol class="choices plants">
        <li v-for="(_, at) in kept.briefs" :key="at">
          <span class="figures soft">{{ at + 1 }}</span>
          <BriefSentence v-model="kept.briefs[at]!" />
          <button
            v-if="kept.briefs.length > 2"
            type="button"
            class="plain"
            :aria-label="$t('find.sharePage.takeAwayPlant', { at: name(at) })"
            @click="drop(at)"
          >
            {{ $t('find.sharePage.takeAwayShort') }}
          </button>
        </li>
      </ol>
      <div class="line">
        <button v-if="kept.briefs.length < MOST" type="button" class="plain" @click="add">
          {{ $t('find.sharePage.oneMorePlant') }}
        </button>
        <SelectField
          v-model="among"
          :label="$t('find.sharePage.among')"
          input-id="share-among"
          :options="PLACES"
        />
        <Button v-if="!find.running.value" type="submit" :label="$t('find.sharePage.seeWhoCanShare')" />
        <Button
          v-else
          type="button"
          :label="$t('find.sharePage.stop')"
          severity="secondary"
          @click="find.stop"
        />
      </div>
    </form>
    <p v-if="problem || find.problem.value" class="say harm" role="alert">
      {{ problem || find.problem.value }}
    </p>
    <FindProgress v-if="find.running.value" :state="find.state.value" />
    <template v-else-if="find.state.value">
      <p v-if="find.state.value.says" class="say attention" role="alert">{{ find.state.value.says }}</p>
      <template v-if="found && split">
        <p v-for="line in found.said" :key="line" class="soft">{{ line }}</p>
        <div class="splits" role="group" :aria-label="$t('find.sharePage.howManyBlends')">
          <button
            v-for="(each, at) in found.splits"
            :key="at"
            type="button"
            :class="{ on: at === shownSplit }"
            :aria-pressed="at === shownSplit"
            @click="chosen = at"
          >
            <b>{{ COUNTS[at] }}</b>
            <small
              >{{ $t('find.sharePage.worstFit', { each: figure(each.worstFit, 0) })
              }}<template v-if="at === found.advisedSplit">{{ $t('find.sharePage.enough') }}</template></small
            >
          </button>
        </div>
        <div v-for="(group, g) in split.groups" :key="g" class="group">
          <h2>{{ group.plants.map(name).join(', ') }}</h2>
          <div class="cards">
            <ProposalCard
              v-for="(proposal, p) in group.proposals"
              :key="p"
              :proposal="proposal"
              :heading="name(group.plants[p] ?? 0)"
              only-fit
            />
          </div>
          <Button
            v-if="group.proposals[0]"
            :label="$t('find.sharePage.makeItABlend')"
            outlined
            size="small"
            :disabled="busy"
            @click="group.proposals[0] && make(group.proposals[0], group.plants)"
          />
        </div>
        <p class="soft">{{ found.proof.words }}</p>
        <p v-if="find.state.value.leftOut.length > 0" class="soft">
          {{
            $t('find.sharePage.leftOut', {
              find: find.state.value.leftOut.map((each) => each.name).join(', '),
            })
          }}
        </p>
      </template>
    </template>
  </main>
</template>

<style scoped>
.page {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.page-head {
  margin-bottom: 0;
}
.plants li {
  display: grid;
  grid-template-columns: 1.6em minmax(0, 1fr) auto;
  gap: 10px;
  align-items: baseline;
  border-bottom: 1px solid var(--line);
  padding: 8px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 22px;
  align-items: flex-end;
  margin-top: 12px;
}
.splits {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.splits button {
  display: flex;
  flex-direction: column;
  text-align: left;
  gap: 2px;
  padding: 7px 14px;
  border: 1px solid var(--line);
  background: var(--sheet);
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.splits .on {
  border-color: var(--bottle);
  background: var(--bottle-soft);
}
.group {
  border-top: 1px dashed var(--stitch);
  padding-top: 12px;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 12px 0;
  margin: 6px 0 10px;
}
</style>
