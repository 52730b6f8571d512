<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Brief, Proposal, WayOut } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import StartMixes from '@/find/StartMixes.vue'
import BriefSentence from '@/need/BriefSentence.vue'
import ContradictionList from '@/need/ContradictionList.vue'
import { usePlants } from '@/need/usePlants'
import { startingHabit, startingPlace, startingPot } from '@/need/words'
import { sayProblem } from '@/parts/notices'
import { forgetKept, useKept } from '@/parts/useKept'
import TickShelf from '@/shelf/TickShelf.vue'
import { useShelf } from '@/shelf/useShelf'
import { t } from '@/words'

/** The first minute in an empty house: for which plant, in which pot; three mixes to start from stand there at once. */
const KEPT = 'loose-knit.first-brief'
const client = useQueryClient()
const router = useRouter()
const { plant } = usePlants()
const { howMany } = useShelf()
const brief = useKept<Brief>(KEPT, {
  stage: 'ESTABLISHED',
  pot: startingPot(),
  place: startingPlace(),
  habit: startingHabit(),
})
/** Until somebody says how often, it is watered as such plants usually are. */
const said = ref(false)
const wanted = computed<Brief>({
  get: () => brief.value,
  set: (next) => {
    said.value ||= next.habit?.everyDays !== brief.value.habit?.everyDays
    brief.value = next
  },
})
watch(
  () => plant(brief.value.plantId ?? '')?.usualDays,
  (days) => {
    if (days !== undefined && !said.value && brief.value.habit) {
      brief.value = { ...brief.value, habit: { ...brief.value.habit, everyDays: days } }
    }
  },
)
const { answer: follows } = useAnswered(
  () => (brief.value.plantId === undefined ? undefined : brief.value),
  (body, signal) => answer(api.POST('/api/targets', { body, signal })),
)
const takeWay = (way: WayOut) => {
  if (way.after) {
    said.value = true
    brief.value = way.after.brief
  }
}
const ticking = ref(false)
const id = crypto.randomUUID()
const busy = ref(false)
const name = computed(() =>
  t('shell.firstMinute.blendName', { plant: plant(brief.value.plantId ?? '')?.name ?? '' }),
)
const take = async (proposal?: Proposal) => {
  if (busy.value) {
    return
  }
  busy.value = true
  try {
    const blend = await answer(
      api.POST('/api/blends', {
        body: {
          id,
          name: brief.value.plantId ? name.value : t('blend.work.newName'),
          brief: brief.value,
          recipe: proposal?.recipe ?? { measure: 'PARTS', parts: [], doses: [] },
        },
      }),
    )
    await client.invalidateQueries({ queryKey: ['blends'] })
    await forgetKept(KEPT)
    await router.push(`/blends/${blend.id}`)
  } catch (error) {
    sayProblem(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page first-minute">
    <div>
      <h1>{{ $t('shell.firstMinute.title') }}</h1>
      <p class="soft">{{ $t('shell.firstMinute.lead') }}</p>
    </div>
    <BriefSentence v-model="wanted" />
    <ContradictionList :contradictions="follows?.contradictions ?? []" @way="takeWay" />
    <StartMixes :brief="brief" @take="take" />
    <p>
      <button type="button" class="plain" :disabled="busy" @click="take()">
        {{ $t('shell.firstMinute.empty') }}
      </button>
    </p>
    <section class="own">
      <p>
        {{
          howMany === 0
            ? $t('shell.firstMinute.shelfEmpty')
            : $t('shell.firstMinute.shelf', { n: howMany }, howMany)
        }}
        <button type="button" class="plain" :aria-expanded="ticking" @click="ticking = !ticking">
          {{ $t('shell.firstMinute.tick') }}
        </button>
      </p>
      <TickShelf v-if="ticking" @done="ticking = false" />
    </section>
  </main>
</template>

<style scoped>
.first-minute {
  display: flex;
  flex-direction: column;
  gap: 18px;
}
.first-minute :deep(.brief) {
  font-size: 22px;
  max-width: 62ch;
}
.own {
  border-top: 1px dashed var(--stitch);
  padding-top: 10px;
}
</style>
