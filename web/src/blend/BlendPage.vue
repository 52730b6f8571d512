<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Brief, Proposal, Recipe, Remedy, WayOut } from '@/api/types'
import CautionList from '@/caution/CautionList.vue'
import FindDrawer from '@/find/FindDrawer.vue'
import StartMixes from '@/find/StartMixes.vue'
import { useKeys } from '@/parts/keys'
import { say } from '@/parts/notices'
import { useKept } from '@/parts/useKept'
import { usePastedText } from '@/parts/usePastedText'
import NotShown from '@/parts/NotShown.vue'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import BriefSentence from '@/need/BriefSentence.vue'
import ContradictionList from '@/need/ContradictionList.vue'
import SavedBriefs from '@/need/SavedBriefs.vue'
import TargetList from '@/need/TargetList.vue'
import { useFollows } from '@/need/useFollows'
import { usePlants } from '@/need/usePlants'
import ReadingsPanel from '@/reading/ReadingsPanel.vue'
import { useEvaluation } from '@/reading/useEvaluation'
import { t } from '@/words'
import BenchConflict from './BenchConflict.vue'
import { CLOSER } from './closer'
import DoseList from './DoseList.vue'
import OneMoreTable from './OneMoreTable.vue'
import CopyRecipe from './CopyRecipe.vue'
import PasteRecipe from './PasteRecipe.vue'
import { withProposal } from './proposals'
import { changeBy, giveTo, moveEdge, removeRow } from './recipe'
import RecipeRows from './RecipeRows.vue'
import ScoopChoice from './ScoopChoice.vue'
import SwatchPanel from './SwatchPanel.vue'
import { useBench } from './useBench'
import { useBenchKeys } from './useBenchKeys'
import { useBlendWork } from './useBlendWork'
import { useLastVersion } from './useLastVersion'

/** The grower's bench: the brief as a sentence, the blend as a swatch with its rows, the readings. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const route = useRoute()
const settings = useSettings()
const { materialName, loading: materialsLoading } = useMaterials()
const { loading: plantsLoading } = usePlants()
const bench = useBench(props.id)
const onBench = bench.bench
const work = useBlendWork(props.id, bench)
const { evaluation, problem, current } = useEvaluation(onBench, () => props.id)
const before = useLastVersion(() => bench.blend.value)

const chosen = ref(-1)
const rowsView = ref<InstanceType<typeof RecipeRows> | null>(null)
const keeping = ref(false)
const note = ref('')

onMounted(bench.load)

const recipe = computed<Recipe>({
  get: () => onBench.value?.recipe ?? { measure: 'PARTS', parts: [], doses: [] },
  set: (value) => bench.change((now) => ({ ...now, recipe: value })),
})
const brief = computed<Brief>({
  get: () => onBench.value?.brief ?? { stage: 'ESTABLISHED' },
  set: (value) => bench.change((now) => ({ ...now, brief: value })),
})
const name = ref('')
watch(
  () => onBench.value?.name,
  (value) => {
    if (value !== undefined && value !== name.value.trim()) {
      name.value = value
    }
  },
  { immediate: true },
)
const rename = () => bench.change((now) => ({ ...now, name: name.value }))

const rows = computed(() =>
  recipe.value.parts.map((part) => ({ materialId: part.materialId, name: materialName(part.materialId) })),
)
const shares = computed(() =>
  evaluation.value && evaluation.value.shares.length === rows.value.length ? evaluation.value.shares : [],
)
const volumes = computed(() =>
  (evaluation.value?.rowLitres ?? []).map((each) => {
    if (settings.rowsIn === 'volume') {
      return text(settings.measures.volume(each))
    }
    const scoops = each / settings.scoopLitres
    return t('blend.rows.scoops', { n: figure(scoops, scoops < 10 ? 1 : 0, true) }, scoops)
  }),
)
const versionWords = computed(() => {
  const blend = bench.blend.value
  if (!blend) {
    return ''
  }
  if (blend.latestVersion === undefined) {
    return t('blend.state.none')
  }
  const number = blend.latestVersion
  return blend.changedSinceKept ? t('blend.state.changed', { number }) : t('blend.state.kept', { number })
})

const { follows, moved } = useFollows(
  () => (onBench.value?.recipe.parts.length === 0 ? onBench.value.brief : undefined),
  () => evaluation.value,
)

/** Everything appears at once, so that nothing moves under the eye. */
const ready = ref(false)
const stopWaiting = watch(
  () =>
    onBench.value !== undefined &&
    !materialsLoading.value &&
    !plantsLoading.value &&
    (follows.value ?? problem.value) !== undefined,
  (all) => {
    if (all) {
      ready.value = true
      void nextTick(() => stopWaiting())
    }
  },
  { immediate: true },
)

const removed = (gone: string) => {
  chosen.value = Math.min(chosen.value, recipe.value.parts.length - 1)
  say(t('blend.work.removed', { name: gone }), bench.undo)
}
const take = (proposal: Remedy | WayOut) => {
  if (!current.value && recipe.value.parts.length > 0) {
    say(t('blend.work.readingsAreOnTheirWay'))
    return
  }
  bench.change((now) => withProposal(now, proposal))
  say(t('blend.work.done'), bench.undo)
}
const edge = (row: number, stitches: number, gesture: string) =>
  bench.change((now) => ({ ...now, recipe: moveEdge(now.recipe, row, stitches) }), gesture)

const keep = () =>
  work.keep(note.value, () => {
    keeping.value = false
    note.value = ''
  })

const pasting = ref(false)
const copying = ref(false)
const pasted = ref('')
const paste = (written = '') => {
  pasted.value = written
  pasting.value = true
}
usePastedText(paste)
/** Another recipe on the bench, with the person's own scoop. */
const withScoop = (other: Recipe): Recipe => ({
  ...other,
  ...(recipe.value.scoop ? { scoop: recipe.value.scoop } : {}),
})
const takeWritten = (written: Recipe) => {
  recipe.value = withScoop(written)
  chosen.value = -1
  say(t('blend.paste.done'), bench.undo)
}

const finding = computed({
  get: () => route.query.find !== undefined,
  set: (open: boolean) => void router.replace({ query: open ? { find: '' } : {} }),
})
const locks = useKept<{ ids: string[] }>(`loose-knit.locks.${props.id}`, { ids: [] })
const lock = (materialId: string) => {
  const ids = locks.value.ids
  locks.value.ids = ids.includes(materialId)
    ? ids.filter((each) => each !== materialId)
    : [...ids, materialId]
}
const takeOver = (proposal: Proposal) =>
  work.onceAtATime(async () => {
    recipe.value = withScoop(proposal.recipe)
    chosen.value = -1
    finding.value = false
    const version = await bench.keepVersion(
      t('blend.work.found', { title: proposal.titleWords || proposal.summary }).slice(0, 200),
    )
    say(t('blend.work.takenOver', { number: version.number }), bench.undo)
  })

const startFrom = (proposal: Proposal) => {
  recipe.value = withScoop(proposal.recipe)
  chosen.value = -1
  say(t('blend.work.started'), bench.undo)
}

const step = (row: number, by: number) => {
  recipe.value = changeBy(recipe.value, row, by)
}
const swap = (giving: number, taking: number, amount: number) => {
  recipe.value = giveTo(recipe.value, giving, taking, amount)
}
const remove = (row: number) => {
  const gone = materialName(recipe.value.parts[row]?.materialId ?? '')
  recipe.value = removeRow(recipe.value, row)
  removed(gone)
}

useBenchKeys(recipe, chosen, {
  step,
  remove,
  add: () => rowsView.value?.focusAdder(),
  menu: (row) => rowsView.value?.openMenu(row),
  lock: (row) => lock(recipe.value.parts[row]?.materialId ?? ''),
})
useKeys({
  c: () => void router.push(`/blends/${props.id}/count`),
  f: () => {
    finding.value = true
  },
  p: () => paste(),
  r: () => {
    const best = evaluation.value?.remedies[0]
    return best ? take(best) : false
  },
  u: bench.undo,
  U: bench.redo,
  v: () => {
    keeping.value = true
  },
  Enter: (event) =>
    (event.target as HTMLElement).closest('button, a, [role="slider"]')
      ? false
      : void work.mixBatch(brief.value),
})
</script>

<template>
  <main v-if="bench.loadProblem.value" class="page">
    <NotShown :problem="bench.loadProblem.value" list="blends" />
  </main>
  <main v-else-if="!ready" class="bench" aria-busy="true">
    <section v-for="zone in 3" :key="zone" :class="{ mix: zone === 2 }">
      <div v-for="i in 5" :key="i" class="skeleton" style="height: 100px; margin-bottom: 14px" />
    </section>
  </main>
  <main v-else class="bench">
    <section class="brief-side" :aria-label="$t('blend.page.brief')">
      <h1>
        <label for="blend-name" class="visually-hidden">{{ $t('blend.page.name') }}</label>
        <InputText id="blend-name" v-model="name" class="name" @change="rename" />
      </h1>
      <p class="soft state">
        <RouterLink :to="`/blends/${id}/versions`">{{ versionWords }}</RouterLink> ·
        <span :class="{ waiting: bench.saving.value === 'waiting' }">{{
          $t(`blend.state.${bench.saving.value}`)
        }}</span>
      </p>
      <p v-if="bench.problem.value" class="say harm" role="alert">{{ bench.problem.value }}</p>
      <BriefSentence v-model="brief" />
      <p class="saved"><SavedBriefs v-model="brief" @undo="bench.undo" /></p>
      <ContradictionList :contradictions="follows?.contradictions ?? []" @way="take" />
      <TargetList :targets="follows?.targets ?? []" :moved="moved" />
      <p class="end">
        <button type="button" class="plain" @click="work.archive(name)">
          {{ $t('blend.page.archive') }}
        </button>
        <button type="button" class="plain danger" @click="work.remove(name)">
          {{ $t('blend.page.delete') }}
        </button>
      </p>
    </section>

    <section class="mix" :aria-label="$t('blend.page.title')">
      <BenchConflict
        v-if="bench.theirs.value && onBench"
        :mine="onBench"
        :theirs="bench.theirs.value"
        @mine="bench.keepMine"
        @theirs="bench.takeTheirs"
      />
      <div class="top">
        <SwatchPanel
          v-model="recipe"
          :name="name"
          :rows="rows"
          :shares="shares"
          :chosen="chosen"
          :evaluation="evaluation"
          @choose="chosen = $event"
          @edge="edge"
        />
        <div class="rows-side">
          <RecipeRows
            ref="rowsView"
            v-model="recipe"
            :shares="shares"
            :volumes="volumes"
            :chosen="chosen"
            :locked="locks.ids"
            @choose="chosen = $event"
            @removed="removed"
            @lock="lock"
            @paste="paste()"
            @copy="copying = true"
          />
          <ScoopChoice v-model="recipe" />
          <DoseList v-model="recipe" :words="evaluation?.doseWords ?? []" />
          <div class="actions">
            <Button
              :label="$t('blend.page.mix')"
              :disabled="work.busy.value || !!problem || recipe.parts.length === 0"
              @click="work.mixBatch(brief)"
            />
            <Button :label="$t('blend.page.find')" outlined @click="finding = true" />
            <Button
              :label="$t('blend.page.keep')"
              outlined
              :disabled="work.busy.value"
              @click="keeping = true"
            />
            <RouterLink :to="`/blends/${id}/count`">{{ $t('blend.page.count') }}</RouterLink>
            <span class="ways">
              <button type="button" class="plain" :disabled="!bench.canUndo.value" @click="bench.undo">
                {{ $t('blend.page.undo') }}
              </button>
              <button type="button" class="plain" :disabled="!bench.canRedo.value" @click="bench.redo">
                {{ $t('blend.page.redo') }}
              </button>
            </span>
          </div>
          <nav v-if="recipe.parts.length > 0" class="closer" :aria-label="$t('blend.closer.nav')">
            <RouterLink v-for="view in CLOSER" :key="view" :to="`/blends/${id}/closer/${view}`">{{
              $t(`blend.closer.${view}`)
            }}</RouterLink>
          </nav>
        </div>
      </div>
      <StartMixes v-if="ready && onBench && recipe.parts.length === 0" :brief="brief" @take="startFrom" />
      <OneMoreTable
        v-if="evaluation && onBench && recipe.parts.length > 0"
        :evaluation="evaluation"
        :asked="{ recipe, brief, blendId: id }"
        :chosen="chosen"
        @step="step"
        @swap="swap"
      />
      <CautionList :cautions="evaluation?.cautions ?? []" />
    </section>

    <section class="readings-side" :aria-label="$t('blend.page.readings')">
      <ReadingsPanel
        :evaluation="evaluation"
        :problem="problem"
        :empty="recipe.parts.length === 0"
        :accepted="bench.blend.value?.accepted ?? []"
        :blend-id="id"
        :before="before"
        @remedy="take"
        @accept="work.accept"
      />
    </section>

    <FindDrawer
      v-if="onBench"
      v-model:open="finding"
      :blend-id="id"
      :brief="brief"
      :recipe="recipe"
      :locked="locks.ids"
      @take="takeOver"
      @lock="lock"
      @way="take"
    />
    <CopyRecipe :id="id" v-model:open="copying" :recipe="recipe" :name="name" />
    <PasteRecipe v-model:open="pasting" :pot="brief.pot" :pasted="pasted" @take="takeWritten" />

    <Dialog v-model:visible="keeping" modal :header="$t('blend.page.keep')" :style="{ width: '26rem' }">
      <form class="keep" @submit.prevent="keep">
        <label for="version-note">{{ $t('blend.page.note') }}</label>
        <InputText id="version-note" v-model="note" autocomplete="off" autofocus />
        <Button type="submit" :label="$t('blend.page.keepIt')" :disabled="work.busy.value" />
      </form>
    </Dialog>
  </main>
</template>

<style scoped src="./blend-page.css"></style>
