<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted } from 'vue'
import type { Asked, Pot, Recipe } from '@/api/types'
import { say } from '@/parts/notices'
import { t } from '@/words'
import { CLOSER, type CloserView } from './closer'
import { setDose } from './recipe'
import { useBench } from './useBench'

/** A closer look at a blend as it lies on the bench: tests, doses, time, seasons, layers, stability, certainty. */
const props = defineProps<{ id: string; view: CloserView }>()
const { bench, load, loadProblem, change, undo } = useBench(props.id)
onMounted(load)

const asked = computed<Asked | undefined>(() =>
  bench.value && bench.value.recipe.parts.length > 0
    ? { recipe: bench.value.recipe, brief: bench.value.brief, blendId: props.id }
    : undefined,
)
/** Puts a dose into the blend, on top of what there is of it. */
const dose = (amendmentId: string, gPerL: number, name: string) => {
  change((now) => {
    const before = now.recipe.doses.find((each) => each.amendmentId === amendmentId)?.gPerL ?? 0
    return { ...now, recipe: setDose(now.recipe, amendmentId, Math.round((before + gPerL) * 100) / 100) }
  })
  say(t('blend.closerPage.isInTheBlend', { name }), undo)
}
/** Takes a wall and a mix from the table of pots and mixes. */
const take = (wall: Pot['wall'], recipe: Recipe, words: string) => {
  change((now) => ({
    ...now,
    recipe,
    brief: now.brief.pot ? { ...now.brief, pot: { ...now.brief.pot, wall } } : now.brief,
  }))
  say(t('blend.closer.taken', { words }), undo)
}
const VIEWS = {
  pots: defineAsyncComponent(() => import('@/pot/PotAndMixPanel.vue')),
  tests: defineAsyncComponent(() => import('@/assay/TestsPanel.vue')),
  doses: defineAsyncComponent(() => import('@/batch/DosesPanel.vue')),
  outlook: defineAsyncComponent(() => import('@/reading/OutlookPanel.vue')),
  season: defineAsyncComponent(() => import('@/dry/SeasonPanel.vue')),
  layers: defineAsyncComponent(() => import('@/pot/LayersPanel.vue')),
  standing: defineAsyncComponent(() => import('@/pot/StandingPanel.vue')),
  chance: defineAsyncComponent(() => import('@/reading/ChancePanel.vue')),
}
</script>

<template>
  <main class="page">
    <header class="page-head">
      <div>
        <p class="soft">
          <RouterLink :to="`/blends/${id}`">{{ $t('blend.closerPage.backToTheBench') }}</RouterLink>
        </p>
        <h1>{{ bench?.name ?? $t('blend.closerPage.blend') }}</h1>
      </div>
      <nav class="views" :aria-label="$t('blend.closerPage.lookCloser')">
        <RouterLink v-for="each in CLOSER" :key="each" :to="`/blends/${id}/closer/${each}`" replace>{{
          $t(`blend.closer.${each}`)
        }}</RouterLink>
      </nav>
    </header>
    <p v-if="loadProblem" class="say harm" role="alert">{{ loadProblem }}</p>
    <p v-else-if="bench && !asked" class="say attention">
      {{ $t('blend.closerPage.nothingToLookAtYet') }}
    </p>
    <component
      :is="VIEWS[view]"
      v-else-if="asked"
      :key="view"
      :asked="asked"
      :blend-id="id"
      @dose="dose"
      @take="take"
    />
    <div v-else class="skeleton" style="height: 300px" />
  </main>
</template>

<style scoped>
.views {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  font-size: 15px;
}
.views a {
  padding: 5px 0;
}
.views .router-link-active {
  color: var(--ink);
  font-weight: 700;
  text-decoration-color: var(--marigold);
  text-decoration-thickness: 3px;
}
</style>
