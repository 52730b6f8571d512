<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { OwnMaterial } from '@/api/types'
import { say, sayProblem } from '@/parts/notices'
import StitchMark from '@/material/StitchMark.vue'
import { t } from '@/words'
import OwnForm from './OwnForm.vue'
import { useShelf } from './useShelf'

/** Materials that are not in the Book: from a few facts, from a jar of soil, or mixes bought or mixed before. */
const own = useQuery({ queryKey: ['shelf', 'own'], queryFn: () => answer(api.GET('/api/own-materials')) })
const { refresh } = useShelf()
const editing = ref<OwnMaterial | 'new'>('new')
const round = ref(0)
const list = computed(() => own.data.value ?? [])
const kindWords = (each: OwnMaterial) =>
  each.facts.mix ? 'mix' : each.facts.soil ? t('shelf.ownPanel.gardenSoil') : t('shelf.ownPanel.fromOwnFacts')

const edit = (what: OwnMaterial | 'new') => {
  editing.value = what
  round.value++
}
const saved = async (name: string) => {
  edit('new')
  await refresh()
  say(t('shelf.ownPanel.isOnTheListBlends', { name }))
}
const remove = async (each: OwnMaterial) => {
  try {
    await answer(api.DELETE('/api/own-materials/{id}', { params: { path: { id: each.id } } }))
    edit('new')
    await refresh()
    say(t('shelf.ownPanel.isOffTheListBlends', { name: each.facts.name }), async () => {
      await answer(api.POST('/api/own-materials/{id}/restore', { params: { path: { id: each.id } } }))
      await refresh()
    })
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <div class="own">
    <aside>
      <p v-if="own.error.value" class="say harm" role="alert">{{ own.error.value.message }}</p>
      <ul class="choices side-list">
        <li v-for="each in list" :key="each.id">
          <button
            type="button"
            :class="{ on: editing !== 'new' && editing.id === each.id }"
            :aria-pressed="editing !== 'new' && editing.id === each.id"
            @click="edit(each)"
          >
            <StitchMark :material-id="each.id" :size="22" />
            <span
              ><b>{{ each.facts.name }}</b> <small class="soft">{{ kindWords(each) }}</small>
              <small v-if="each.problem" class="wrong">{{ each.problem }}</small></span
            >
          </button>
        </li>
      </ul>
      <p v-if="own.data.value?.length === 0" class="soft">
        {{ $t('shelf.ownPanel.nothingOfYourOwnYet') }}
      </p>
      <Button
        v-if="editing !== 'new'"
        :label="$t('shelf.ownPanel.anotherOne')"
        size="small"
        outlined
        @click="edit('new')"
      />
    </aside>
    <OwnForm
      :key="round"
      :own="editing === 'new' ? undefined : editing"
      @saved="saved"
      @remove="editing !== 'new' && remove(editing)"
    />
  </div>
</template>

<style scoped>
.wrong {
  display: block;
  color: var(--brick-ink, var(--brick));
}
.own {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 40px;
  border-top: 1px dashed var(--stitch);
  padding-top: 14px;
}
aside {
  display: flex;
  flex-direction: column;
  gap: 12px;
  align-items: flex-start;
}
aside ul {
  width: 100%;
}
@media (width <= 860px) {
  .own {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
}
</style>
