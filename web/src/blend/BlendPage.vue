<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import SelectButton from 'primevue/selectbutton'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Brief, Proposal, Recipe, Remedy, WayOut } from '@/api/types'
import CautionList from '@/caution/CautionList.vue'
import FindDrawer from '@/find/FindDrawer.vue'
import { useKeys } from '@/frame/keys'
import { say, sayProblem } from '@/frame/notices'
import { useKept } from '@/frame/useKept'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import BriefSentence from '@/need/BriefSentence.vue'
import ContradictionList from '@/need/ContradictionList.vue'
import TargetList from '@/need/TargetList.vue'
import { useFollows } from '@/need/useFollows'
import { startingPot } from '@/need/words'
import ReadingsPanel from '@/reading/ReadingsPanel.vue'
import { useEvaluation } from '@/reading/useEvaluation'
import BenchConflict from './BenchConflict.vue'
import { CLOSER } from './closer'
import DoseList from './DoseList.vue'
import OneMoreTable from './OneMoreTable.vue'
import { withRemedy, withWayOut } from './proposals'
import { changeBy, removeRow, rewrite, setAmount } from './recipe'
import RecipeRows from './RecipeRows.vue'
import ScoopChoice from './ScoopChoice.vue'
import SwatchChart from './SwatchChart.vue'
import { useBench } from './useBench'

const props = defineProps<{ id: string }>()
const router = useRouter()
const route = useRoute()
const client = useQueryClient()
const settings = useSettings()
const { materialName } = useMaterials()
const bench = useBench(props.id)
const onBench = bench.bench
const { evaluation, problem } = useEvaluation(onBench, () => props.id)

const chosen = ref(-1)
const rowsView = ref<InstanceType<typeof RecipeRows> | null>(null)
const keeping = ref(false)
const note = ref('')
const busy = ref(false)

onMounted(bench.load)

const recipe = computed<Recipe>({
  get: () => onBench.value?.recipe ?? { measure: 'PARTS', parts: [], doses: [] },
  set: (value) => bench.change((now) => ({ ...now, recipe: value })),
})
const measure = computed({
  get: () => recipe.value.measure,
  set: (value: Recipe['measure']) => (recipe.value = rewrite(recipe.value, value)),
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

const litres = computed(() =>
  (evaluation.value?.rowLitres ?? []).map((each) => text(settings.measures.volume(each))),
)
const sumWords = computed(() => {
  const read = evaluation.value
  if (!read) {
    return ''
  }
  return recipe.value.measure === 'PARTS'
    ? `${figure(read.sum, 2, true)} parts`
    : `${figure(read.sum, 1, true)} %`
})
const versionWords = computed(() => {
  const blend = bench.blend.value
  if (!blend) {
    return ''
  }
  if (blend.latestVersion === undefined) {
    return 'no version kept yet'
  }
  return `version ${blend.latestVersion}${blend.changedSinceKept ? ', changed since' : ' kept'}`
})
const savingWords = computed(
  () => ({ saved: 'saved', saving: 'saving …', waiting: 'not saved yet' })[bench.saving.value],
)

const { follows, moved } = useFollows(
  () => (onBench.value?.recipe.parts.length === 0 ? onBench.value.brief : undefined),
  () => evaluation.value,
)

const removed = (name: string) => {
  chosen.value = Math.min(chosen.value, recipe.value.parts.length - 1)
  say(`${name} is out of the blend.`, bench.undo)
}

const take = (remedy: Remedy) => {
  bench.change((now) => withRemedy(now, remedy))
  say('Done as proposed.', bench.undo)
}
const takeWay = (way: WayOut) => {
  bench.change((now) => withWayOut(now, way))
  say('Done as proposed.', bench.undo)
}

const onceAtATime = async (work: () => Promise<void>) => {
  if (busy.value) {
    return
  }
  busy.value = true
  try {
    await work()
  } catch (error) {
    sayProblem(error)
  } finally {
    busy.value = false
  }
}

const keep = () =>
  onceAtATime(async () => {
    const version = await bench.keepVersion(note.value)
    keeping.value = false
    note.value = ''
    say(`Version ${version.number} is kept.`)
  })

const accept = (ruleIds: string[]) =>
  onceAtATime(async () => {
    await bench.accept(ruleIds)
    await client.invalidateQueries({ queryKey: ['blends'] })
  })

const mixBatch = () =>
  onceAtATime(async () => {
    const version = await bench.keepVersion('')
    const batch = await answer(
      api.POST('/api/batches', {
        body: {
          id: crypto.randomUUID(),
          blendId: props.id,
          versionNumber: version.number,
          fills: [{ count: 1, pot: brief.value.pot ?? startingPot(), rootBallLitres: 0 }],
          reserve: 0.05,
          scoopLitres: settings.scoopLitres,
          tubLitres: 20,
        },
      }),
    )
    await client.invalidateQueries({ queryKey: ['batches'] })
    await router.push(`/batches/${batch.id}`)
  })

const remove = () =>
  onceAtATime(async () => {
    const id = props.id
    await answer(api.DELETE('/api/blends/{id}', { params: { path: { id } } }))
    await client.invalidateQueries({ queryKey: ['blends'] })
    await router.push('/blends')
    say(`${name.value} is deleted.`, async () => {
      await answer(api.POST('/api/blends/{id}/restore', { params: { path: { id } } }))
      await client.invalidateQueries({ queryKey: ['blends'] })
    })
  })

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
  onceAtATime(async () => {
    bench.change((now) => ({
      ...now,
      recipe: { ...proposal.recipe, ...(now.recipe.scoop ? { scoop: now.recipe.scoop } : {}) },
    }))
    chosen.value = -1
    finding.value = false
    const version = await bench.keepVersion(`Found: ${proposal.titleWords || proposal.summary}`.slice(0, 200))
    say(`Taken over as version ${version.number}.`, bench.undo)
  })

const onRow = (work: (row: number) => void) => () => {
  if (chosen.value >= 0 && chosen.value < recipe.value.parts.length) {
    work(chosen.value)
    return true
  }
  return false
}
const step = (row: number, by: number) => {
  recipe.value = changeBy(recipe.value, row, by)
}
const digit = (value: number) =>
  onRow((row) => {
    recipe.value = setAmount(recipe.value, row, recipe.value.measure === 'PARTS' ? value : value * 10)
  })

useKeys({
  ArrowDown: () => {
    chosen.value = Math.min(recipe.value.parts.length - 1, chosen.value + 1)
  },
  ArrowUp: () => {
    chosen.value = Math.max(0, chosen.value - 1)
  },
  '+': onRow((row) => step(row, 1)),
  '=': onRow((row) => step(row, 1)),
  '-': onRow((row) => step(row, -1)),
  ...Object.fromEntries(Array.from({ length: 10 }, (_, value) => [String(value), digit(value)])),
  Delete: onRow((row) => {
    const name = materialName(recipe.value.parts[row]?.materialId ?? '')
    recipe.value = removeRow(recipe.value, row)
    removed(name)
  }),
  a: () => rowsView.value?.focusAdder(),
  f: () => {
    finding.value = true
  },
  l: onRow((row) => lock(recipe.value.parts[row]?.materialId ?? '')),
  u: bench.undo,
  U: bench.redo,
  v: () => {
    keeping.value = true
  },
  Enter: (event) => ((event.target as HTMLElement).closest('button, a') ? false : void mixBatch()),
})
</script>

<template>
  <main v-if="bench.loadProblem.value" class="page">
    <h1>Blend</h1>
    <p class="say harm" role="alert">{{ bench.loadProblem.value }}</p>
    <p><RouterLink to="/blends">Back to the blends</RouterLink></p>
  </main>
  <main v-else class="bench">
    <section class="brief-side" aria-label="Brief">
      <h1>
        <label for="blend-name" class="visually-hidden">Name of the blend</label>
        <InputText id="blend-name" v-model="name" class="name" @change="rename" />
      </h1>
      <p class="soft state">
        {{ versionWords }} ·
        <span :class="{ waiting: bench.saving.value === 'waiting' }">{{ savingWords }}</span>
      </p>
      <p v-if="bench.problem.value" class="say harm" role="alert">{{ bench.problem.value }}</p>
      <BriefSentence v-if="onBench" v-model="brief" />
      <div v-else class="skeleton" style="height: 200px" />
      <ContradictionList :contradictions="follows?.contradictions ?? []" @way="takeWay" />
      <TargetList :targets="follows?.targets ?? []" :moved="moved" />
      <p class="end"><button type="button" class="plain danger" @click="remove">Delete this blend</button></p>
    </section>

    <section class="mix" aria-label="Blend">
      <BenchConflict
        v-if="bench.theirs.value && onBench"
        :mine="onBench"
        :theirs="bench.theirs.value"
        @mine="bench.keepMine"
        @theirs="bench.takeTheirs"
      />
      <div class="top">
        <div class="swatch-side">
          <SwatchChart :rows="rows" :shares="shares" :chosen="chosen" />
          <div class="sums figures">
            <span>{{ sumWords }}</span>
            <span v-if="evaluation?.looseLitres !== undefined && evaluation.mixLitres !== undefined">
              {{ text(settings.measures.volume(evaluation.looseLitres)) }} loose →
              {{ text(settings.measures.volume(evaluation.mixLitres)) }}
            </span>
          </div>
          <SelectButton
            v-model="measure"
            :options="[
              { label: 'parts', value: 'PARTS' },
              { label: 'per cent', value: 'PERCENT' },
            ]"
            option-label="label"
            option-value="value"
            size="small"
            :allow-empty="false"
            aria-label="Write the recipe in"
          />
          <p v-for="notice in evaluation?.notices ?? []" :key="notice" class="say attention">{{ notice }}</p>
        </div>
        <div class="rows-side">
          <RecipeRows
            ref="rowsView"
            v-model="recipe"
            :shares="shares"
            :litres="litres"
            :chosen="chosen"
            :locked="locks.ids"
            @choose="chosen = $event"
            @removed="removed"
          />
          <ScoopChoice v-model="recipe" />
          <DoseList v-model="recipe" />
        </div>
      </div>
      <nav class="closer" aria-label="Look closer">
        <RouterLink v-for="view in CLOSER" :key="view.id" :to="`/blends/${id}/closer/${view.id}`">{{
          view.label
        }}</RouterLink>
      </nav>
      <div class="actions">
        <Button label="Mix a batch" :disabled="busy || !!problem" @click="mixBatch" />
        <Button label="Find mixes" outlined @click="finding = true" />
        <Button label="Keep this version" outlined :disabled="busy" @click="keeping = true" />
        <span class="ways">
          <button type="button" class="plain" :disabled="!bench.canUndo.value" @click="bench.undo">
            Undo
          </button>
          <button type="button" class="plain" :disabled="!bench.canRedo.value" @click="bench.redo">
            Redo
          </button>
        </span>
      </div>
      <OneMoreTable v-if="evaluation" :evaluation="evaluation" @step="step" />
      <CautionList :cautions="evaluation?.cautions ?? []" />
    </section>

    <section class="readings-side" aria-label="Readings">
      <ReadingsPanel
        :evaluation="evaluation"
        :problem="problem"
        :accepted="bench.blend.value?.accepted ?? []"
        @remedy="take"
        @accept="accept"
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
    />

    <Dialog v-model:visible="keeping" modal header="Keep this version" :style="{ width: '26rem' }">
      <form class="keep" @submit.prevent="keep">
        <label for="version-note">What is new in it? (may stay empty)</label>
        <InputText id="version-note" v-model="note" autocomplete="off" autofocus />
        <Button type="submit" label="Keep" :disabled="busy" />
      </form>
    </Dialog>
  </main>
</template>

<style scoped src="./blend-page.css"></style>
