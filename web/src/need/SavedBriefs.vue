<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Brief, SavedBrief } from '@/api/types'
import { useSettings } from '@/measure/settings'
import InPlace from '@/parts/InPlace.vue'
import { say, sayProblem } from '@/parts/notices'
import { writeOver } from '@/parts/which'
import { t } from '@/words'
import { usePlants } from './usePlants'
import { everyWords, potWords } from './words'

/** Briefs that are kept under a name: to start from one, or to keep this one. */
const model = defineModel<Brief>({ required: true })
const emit = defineEmits<{ undo: [] }>()
const client = useQueryClient()
const { plant } = usePlants()
const settings = useSettings()
const { data } = useQuery({ queryKey: ['briefs'], queryFn: () => answer(api.GET('/api/briefs')) })
const briefs = computed(() => data.value ?? [])
const typed = ref<string>()
const name = computed({
  get: () => typed.value ?? plant(model.value.plantId ?? '')?.name ?? '',
  set: (value) => (typed.value = value),
})

const about = (saved: SavedBrief) => plant(saved.brief.plantId ?? '')?.name ?? ''
const aboutBrief = ({ plantId, pot, place, habit }: Brief) =>
  [
    plant(plantId ?? '')?.name,
    pot && potWords(pot, settings.measures),
    place?.name,
    habit && everyWords(habit.everyDays),
  ]
    .filter(Boolean)
    .join(', ')
const changed = () => client.invalidateQueries({ queryKey: ['briefs'] })
/** Keeps a brief; whether one of the same name is written over is asked. */
const put = (id: string, as: string, brief: Brief) =>
  writeOver<SavedBrief, SavedBrief>(
    undefined,
    (seen) =>
      answer(
        api.PUT('/api/briefs/{id}', {
          params: { path: { id } },
          body: { name: as, brief, ...(seen === undefined ? {} : { revision: seen }) },
        }),
      ),
    {
      what: t('need.saved.what', { name: as }),
      here: aboutBrief(brief),
      there: (saved) => aboutBrief(saved.brief),
    },
  )

const keep = async () => {
  try {
    const saved = await put(crypto.randomUUID(), name.value, model.value)
    await changed()
    if (!saved) {
      return
    }
    typed.value = undefined
    say(t('need.saved.kept', { name: saved.name }))
  } catch (error) {
    sayProblem(error)
  }
}
const take = (saved: SavedBrief) => {
  model.value = saved.brief
  say(t('need.saved.taken', { name: saved.name }), () => emit('undo'))
}
const forget = async (saved: SavedBrief) => {
  try {
    await answer(api.DELETE('/api/briefs/{id}', { params: { path: { id: saved.id } } }))
    await changed()
    say(t('need.saved.forgotten', { name: saved.name }), async () => {
      await answer(
        api.POST('/api/house/taken-away/{kind}/{id}/restore', {
          params: { path: { kind: 'briefs', id: saved.id } },
        }),
      )
      await changed()
    })
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <InPlace :words="$t('need.saved.open')" :label="$t('need.saved.title')" quiet>
    <template #default="{ close }">
      <ul v-if="briefs.length > 0" class="choices">
        <li v-for="saved in briefs" :key="saved.id">
          <button
            type="button"
            class="plain"
            :aria-label="$t('need.saved.take', { name: saved.name })"
            @click="(take(saved), close())"
          >
            {{ saved.name }}
          </button>
          <small class="soft">{{ about(saved) }}</small>
          <button
            type="button"
            class="forget"
            :aria-label="$t('need.saved.forget', { name: saved.name })"
            @click="forget(saved)"
          >
            ×
          </button>
        </li>
      </ul>
      <p v-else class="soft">{{ $t('need.saved.none') }}</p>
      <form class="keep" @submit.prevent="keep">
        <label for="brief-name">{{ $t('need.saved.keepLabel') }}</label>
        <InputText id="brief-name" v-model="name" maxlength="120" autocomplete="off" />
        <Button type="submit" :label="$t('need.saved.keep')" size="small" :disabled="name.trim() === ''" />
      </form>
    </template>
  </InPlace>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 24px;
  gap: 10px;
  align-items: baseline;
  border-bottom: 1px solid var(--line);
  padding: 4px 0;
}
li .plain {
  text-align: left;
}
.forget {
  background: none;
  border: 0;
  color: var(--soft-ink);
  font-size: 17px;
  line-height: 1;
  min-height: 24px;
  cursor: pointer;
}
.keep {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.keep label {
  width: 100%;
}
.keep input {
  flex: 1;
  min-width: 0;
}
</style>
