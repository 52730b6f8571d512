<script setup lang="ts">
import Drawer from 'primevue/drawer'
import { nextTick } from 'vue'
import { answer, api } from '@/api/client'
import type { Brief, Proposal, Recipe, WayOut } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ContradictionList from '@/need/ContradictionList.vue'
import RecordList from '@/outcome/RecordList.vue'
import { useKept } from '@/parts/useKept'
import { askedFor, NOTHING_SAID, type Wanted } from './asked'
import FindForm from './FindForm.vue'
import FindProgress from './FindProgress.vue'
import FoundList from './FoundList.vue'
import { useFind } from './useFind'

/** Finding mixes for the blend on the bench. */
const props = defineProps<{ blendId: string; brief: Brief; recipe: Recipe; locked: readonly string[] }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ take: [proposal: Proposal]; lock: [materialId: string]; way: [way: WayOut] }>()

const wanted = useKept<Wanted>('loose-knit.find.wanted', NOTHING_SAID)
const find = useFind(props.blendId)

/** What does not go together is said before a search has to reconcile it with an odd mix. */
const { answer: follows } = useAnswered(
  () => (open.value && props.brief.plantId !== undefined ? props.brief : undefined),
  (body, signal) => answer(api.POST('/api/targets', { body, signal })),
)

const search = () =>
  find.start(askedFor(wanted.value, props.brief, props.recipe, props.locked, props.blendId))

const onKey = (event: KeyboardEvent) => {
  const target = event.target as HTMLElement
  if (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    target.closest('input, textarea, [role="combobox"]')
  ) {
    return
  }
  const proposal = find.state.value?.answer?.proposals[Number(event.key) - 1]
  if (/^[1-6]$/.test(event.key) && proposal) {
    event.preventDefault()
    emit('take', proposal)
  }
}
const shown = async () => {
  await nextTick()
  document.querySelector<HTMLElement>('.find-drawer .find-form button[type="submit"]')?.focus()
}
</script>

<template>
  <Drawer
    v-model:visible="open"
    position="bottom"
    :header="$t('find.findDrawer.findMixes')"
    class="find-drawer"
    :style="{ height: 'min(92vh, 860px)' }"
    :close-button-props="{
      'aria-label': $t('find.findDrawer.closeFindMixes'),
      severity: 'secondary',
      text: true,
      rounded: true,
    }"
    @show="shown"
  >
    <div class="inside" @keydown="onKey">
      <FindForm
        v-model="wanted"
        :recipe="recipe"
        :locked="locked"
        :running="find.running.value"
        @search="search"
        @stop="find.stop"
        @lock="emit('lock', $event)"
      />
      <ContradictionList :contradictions="follows?.contradictions ?? []" @way="emit('way', $event)" />
      <RecordList v-if="open && brief.plantId" :plant-id="brief.plantId" />
      <p v-if="find.problem.value" class="say harm" role="alert">{{ find.problem.value }}</p>
      <FindProgress v-if="find.running.value" :state="find.state.value" />
      <FoundList v-else-if="find.state.value" :state="find.state.value" @take="emit('take', $event)" />
      <p v-else class="soft">
        {{ $t('find.findDrawer.everyRecipeOfTheseMaterials') }}
      </p>
    </div>
  </Drawer>
</template>

<style>
.find-drawer .p-drawer-header {
  padding: 10px 20px 6px;
}
.find-drawer .p-drawer-title {
  font: 650 22px/1.15 var(--heading);
}
</style>

<style scoped>
.inside {
  display: flex;
  flex-direction: column;
  gap: 14px;
  max-width: 1500px;
  margin: 0 auto;
}
</style>
