<script setup lang="ts">
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Brief, Proposal } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { useKeys } from '@/parts/keys'
import ProposalCard from './ProposalCard.vue'

/** Three usual mixes to start from, fitted to plant, pot, place and hand. The keys 1 to 3 take one. */
const props = defineProps<{ brief: Brief }>()
const emit = defineEmits<{ take: [proposal: Proposal] }>()
const {
  answer: starts,
  problem,
  busy,
} = useAnswered(
  () => (props.brief.plantId === undefined ? undefined : { brief: props.brief }),
  (body, signal) => answer(api.POST('/api/starts', { body, signal })),
)
const proposals = computed(() => (props.brief.plantId === undefined ? [] : (starts.value?.proposals ?? [])))
const takeAt = (place: number) => () => {
  const proposal = proposals.value[place]
  if (!proposal) {
    return false
  }
  emit('take', proposal)
  return true
}
useKeys({ 1: takeAt(0), 2: takeAt(1), 3: takeAt(2) })
</script>

<template>
  <section v-if="brief.plantId !== undefined" class="starts" :aria-busy="busy">
    <h2>{{ $t('find.starts.title') }}</h2>
    <p v-if="problem" class="say attention" role="alert">{{ problem }}</p>
    <template v-else-if="starts">
      <p class="soft">
        {{
          proposals.length === 0
            ? $t('find.starts.none')
            : starts.source === 'SHELF'
              ? $t('find.starts.ofShelf')
              : $t('find.starts.ofShops')
        }}
      </p>
      <div class="three">
        <ProposalCard
          v-for="(proposal, i) in proposals"
          :key="proposal.words"
          :proposal="proposal"
          :place="i + 1"
          :take="$t('find.starts.take')"
          :heading="$t('find.starts.usual')"
          only-fit
          @take="emit('take', proposal)"
        />
      </div>
    </template>
    <div v-else class="skeleton" style="height: 300px" />
  </section>
</template>

<style scoped>
.starts {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.three {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  grid-template-rows: repeat(8, auto);
  gap: 0 18px;
}
@media (width <= 640px) {
  .three {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
