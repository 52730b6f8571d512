<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { OwnMaterial } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ChoiceList from '@/parts/ChoiceList.vue'
import TextField from '@/parts/TextField.vue'
import TickField from '@/parts/TickField.vue'
import { useForm } from '@/parts/useForm'
import { figure, spread } from '@/measure/units'
import StitchMark from '@/material/StitchMark.vue'
import { t } from '@/words'
import MixParts from './MixParts.vue'
import { draftOf, emptyDraft, factsOf, missing, type OwnDraft } from './ownDraft'
import PlainFields from './PlainFields.vue'
import SoilFields from './SoilFields.vue'
import { CERTAINTIES, ownId } from './words'

/** An own material with what its facts come to, worked out while they are typed. Kept in the browser until it is stored. */
const props = defineProps<{ own: OwnMaterial | undefined }>()
const emit = defineEmits<{ saved: [name: string]; remove: [] }>()
const KEY = `loose-knit.own.${props.own?.id ?? 'new'}`
const KINDS = [
  { value: 'mix', label: t('shelf.ownForm.kindMix') },
  { value: 'soil', label: t('shelf.ownForm.soilFromTheGarden') },
  { value: 'plain', label: t('shelf.ownForm.somethingElseFromAFew') },
] as const

const { draft, problem, busy, send, refuse, forget } = useForm<OwnDraft>(KEY, () =>
  props.own ? draftOf(props.own.id, props.own.facts) : emptyDraft(),
)

const id = computed(() => props.own?.id ?? (draft.value.id || 'own_preview'))
const lacks = computed(() => missing(draft.value))
const { answer: preview, problem: previewProblem } = useAnswered(
  () => {
    const facts = factsOf(draft.value)
    return lacks.value
      ? undefined
      : { id: id.value, facts: { ...facts, name: facts.name || t('shelf.ownForm.thisMaterial') } }
  },
  (body, signal) => answer(api.POST('/api/own-materials/preview', { body, signal })),
)
const MAIN = 9
const figures = computed(() => (lacks.value ? [] : (preview.value?.figures ?? []).slice(0, MAIN)))
const texture = computed(() => (draft.value.kind === 'soil' ? preview.value?.texture : undefined))

const store = async () => {
  const facts = factsOf(draft.value)
  if (facts.name === '' || lacks.value) {
    refuse(facts.name === '' ? t('shelf.ownForm.theNameIsEmptyWrite') : (lacks.value ?? ''))
    return
  }
  draft.value.id ||= ownId('own', facts.name)
  const stored = await send(() =>
    answer(
      props.own
        ? api.PUT('/api/own-materials/{id}', {
            params: { path: { id: props.own.id } },
            body: { revision: props.own.revision, facts },
          })
        : api.POST('/api/own-materials', { body: { id: draft.value.id, facts } }),
    ),
  )
  if (stored) {
    await forget()
    emit('saved', facts.name)
  }
}
</script>

<template>
  <form class="own-form" @submit.prevent="store">
    <div class="facts">
      <h2>{{ own ? own.facts.name : $t('shelf.ownForm.aMaterialOfMyOwn') }}</h2>
      <TextField v-model="draft.name" :label="$t('shelf.ownForm.name')" :maxlength="80" input-id="own-name" />
      <ChoiceList v-if="!own" v-model="draft.kind" :options="KINDS" :label="$t('shelf.ownForm.itIs')" />

      <template v-if="draft.kind === 'mix'">
        <MixParts v-model="draft.mix.parts" />
        <ChoiceList
          v-model="draft.mix.certainty"
          :options="CERTAINTIES"
          :label="$t('shelf.ownForm.certainty')"
        />
        <TickField v-model="draft.mix.fed" :label="$t('shelf.ownForm.starterFed')" input-id="own-fed" />
      </template>

      <SoilFields
        v-else-if="draft.kind === 'soil'"
        v-model="draft.soil"
        :texture="previewProblem || lacks ? undefined : texture"
      />
      <PlainFields v-else v-model="draft.plain" />
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <div class="line ends">
        <Button
          type="submit"
          :label="own ? $t('shelf.ownForm.keepTheChange') : $t('shelf.ownForm.putItOnTheList')"
          :disabled="busy"
        />
        <RouterLink v-if="own" :to="`/book/materials/${own.id}`">{{
          $t('shelf.ownForm.openItInTheBook')
        }}</RouterLink>
        <button v-if="own" type="button" class="plain danger" @click="emit('remove')">
          {{ $t('shelf.ownForm.takeItOffTheList') }}
        </button>
      </div>
    </div>
    <div class="comes-to">
      <h2>{{ $t('shelf.ownForm.whatItComesTo') }}</h2>
      <p v-if="lacks" class="soft">{{ lacks }}</p>
      <p v-else-if="previewProblem" class="say harm" role="alert">{{ previewProblem }}</p>
      <div v-else-if="!preview" class="skeleton" style="height: 220px" />
      <template v-else>
        <p class="soft">{{ preview.grade }}</p>
        <p>{{ preview.does }}</p>
        <p v-if="preview.constituents.length > 0" class="made">
          {{ $t('shelf.ownForm.opened') }}
          <template v-for="(each, i) in preview.constituents" :key="each.id">
            <StitchMark :material-id="each.id" :size="15" /> {{ each.name.toLowerCase() }}
            <span class="figures">{{ figure(each.percent, 0) }} %</span
            >{{ i < preview.constituents.length - 1 ? ', ' : '.' }}
          </template>
        </p>
        <dl>
          <div v-for="each in figures" :key="each.name">
            <dt>{{ each.name }}</dt>
            <dd class="figures">
              <b>{{ figure(each.value, each.decimals) }}</b>
              <span class="soft">
                {{ each.sd > 0 ? spread(each.sd, each.decimals) : '' }}
                {{ each.unit }}</span
              >
            </dd>
          </div>
        </dl>
      </template>
    </div>
  </form>
</template>

<style scoped>
.own-form {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 20px 44px;
  align-items: start;
}
.facts {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.facts > .text-field {
  max-width: 420px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: flex-end;
}
.ends {
  align-items: baseline;
  gap: 8px 22px;
  padding-top: 4px;
}
.comes-to {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.made .stitch-mark {
  display: inline;
  vertical-align: -3px;
}
dl {
  margin: 0;
}
dl > div {
  display: flex;
  justify-content: space-between;
  border-bottom: 1px solid var(--line);
  padding: 3px 0;
  gap: 12px;
}
dd .soft {
  margin-left: 6px;
}
dd {
  margin: 0;
  font-size: 14px;
  white-space: nowrap;
}
@media (width <= 860px) {
  .own-form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
