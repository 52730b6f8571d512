<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import type { Brief, Pot, Portrait, Potting, SetUp, SetUpKind } from '@/api/types'
import BriefSentence from '@/need/BriefSentence.vue'
import { startingPot } from '@/need/words'
import { say, sayProblem } from '@/parts/notices'
import { forgetKept, useKept } from '@/parts/useKept'
import NotShown from '@/parts/NotShown.vue'
import SetUpStep from '@/planting/SetUpStep.vue'
import { t } from '@/words'

/** A pot that stands is changed: its name, place and hand, and what is in it besides its mix. What is changed is kept in the browser until it is stored. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const client = useQueryClient()
const portrait = ref<Portrait>()
const problem = ref<string>()
const busy = ref(false)
const theirs = ref<Potting>()
interface Change {
  revision: number
  label: string
  brief: Brief
  setUp: SetUp | null
  kind: SetUpKind
}
const KEPT = `loose-knit.set-up.${props.id}`
const change = useKept<Change>(KEPT, {
  revision: -1,
  label: '',
  brief: { stage: 'ESTABLISHED' },
  setUp: null,
  kind: 'PLAIN',
})
const params = { path: { id: props.id } }
const take = (from: Portrait) => {
  change.value = {
    revision: from.potting.revision,
    label: from.potting.label,
    brief: from.potting.brief,
    setUp: from.setUp,
    kind: from.potting.setUpKind,
  }
}
onMounted(async () => {
  try {
    const loaded = await answer(api.GET('/api/pottings/{id}/portrait', { params }))
    if (change.value.revision < 0) {
      take(loaded)
    }
    portrait.value = loaded
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  }
})
const pot = computed<Pot>({
  get: () => change.value.brief.pot ?? startingPot(),
  set: (value) => (change.value.brief = { ...change.value.brief, pot: value }),
})
const setUp = computed<SetUp>({
  get: () => change.value.setUp ?? (portrait.value as Portrait).setUp,
  set: (value) => (change.value.setUp = value),
})
const asked = computed(() => ({
  recipe: portrait.value?.recipe ?? { measure: 'PARTS' as const, parts: [], doses: [] },
  brief: change.value.brief,
  ...(portrait.value ? { blendId: portrait.value.potting.blendId } : {}),
}))
const put = async (revision: number) => {
  busy.value = true
  try {
    await answer(
      api.PUT('/api/pottings/{id}', {
        params,
        body: {
          revision,
          label: change.value.label,
          brief: change.value.brief,
          setUpKind: change.value.kind,
          setUp: setUp.value,
        },
      }),
    )
    await forgetKept(KEPT)
    await client.invalidateQueries()
    say(t('pot.setUpPage.kept'))
    await router.push(`/pots/${props.id}`)
  } catch (error) {
    if (error instanceof Problem && error.status === 409) {
      theirs.value = error.current as Potting
    } else {
      sayProblem(error)
    }
  } finally {
    busy.value = false
  }
}
const takeTheirs = async () => {
  theirs.value = undefined
  const loaded = await answer(api.GET('/api/pottings/{id}/portrait', { params }))
  portrait.value = loaded
  take(loaded)
}
const leave = async () => {
  await forgetKept(KEPT)
  await router.push(`/pots/${props.id}`)
}
</script>

<template>
  <main class="page">
    <NotShown v-if="problem && !portrait" :problem="problem" list="pots" />
    <p v-else-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <template v-if="portrait">
      <div class="page-head">
        <div>
          <h1>{{ $t('pot.setUpPage.title', { label: portrait.potting.label }) }}</h1>
          <p class="soft">{{ $t('pot.setUpPage.lead') }}</p>
        </div>
        <div class="acts">
          <Button :label="$t('pot.setUpPage.keep')" :disabled="busy" @click="put(change.revision)" />
          <Button :label="$t('pot.setUpPage.leave')" outlined @click="leave" />
        </div>
      </div>
      <div v-if="theirs" class="say attention" role="alert">
        <b>{{ $t('pot.setUpPage.changed', { label: theirs.label }) }}</b>
        <p class="acts">
          <Button :label="$t('pot.setUpPage.mine')" size="small" @click="put(theirs.revision)" />
          <Button :label="$t('pot.setUpPage.theirs')" size="small" outlined @click="takeTheirs" />
        </p>
      </div>
      <div class="named">
        <label for="pot-label">{{ $t('pot.setUpPage.name') }}</label>
        <InputText id="pot-label" v-model="change.label" maxlength="110" autocomplete="off" />
      </div>
      <BriefSentence v-model="change.brief" class="brief" />
      <SetUpStep
        v-model:pot="pot"
        v-model:set-up="setUp"
        v-model:kind="change.kind"
        :asked="asked"
        :blend-name="portrait.potting.blendName"
        :name="change.label"
      />
    </template>
    <div v-else-if="!problem" class="skeleton" style="height: 480px" />
  </main>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 0;
}
.named {
  display: flex;
  flex-direction: column;
  gap: 3px;
  max-width: 380px;
}
.brief {
  margin: 14px 0 22px;
}
</style>
