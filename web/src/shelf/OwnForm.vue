<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { OwnMaterial } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ChoiceList from '@/frame/ChoiceList.vue'
import SelectField from '@/frame/SelectField.vue'
import TextField from '@/frame/TextField.vue'
import TickField from '@/frame/TickField.vue'
import { forgetKept, useKept } from '@/frame/useKept'
import NumberField from '@/measure/NumberField.vue'
import { figure, spread } from '@/measure/units'
import StitchMark from '@/material/StitchMark.vue'
import JarDrawing from './JarDrawing.vue'
import MixParts from './MixParts.vue'
import { draftOf, emptyDraft, factsOf, missing, type OwnDraft } from './ownDraft'
import { CERTAINTIES, MATTERS, NATURES, ownId } from './words'

/** An own material with what its facts come to, worked out while they are typed. Kept in the browser until it is stored. */
const props = defineProps<{ own: OwnMaterial | undefined }>()
const emit = defineEmits<{ saved: [name: string]; remove: [] }>()
const KEY = `loose-knit.own.${props.own?.id ?? 'new'}`
const KINDS = [
  { value: 'mix', label: 'a mix, bought or my own' },
  { value: 'soil', label: 'soil from the garden' },
  { value: 'plain', label: 'something else, from a few facts' },
] as const

const draft = useKept<OwnDraft>(KEY, props.own ? draftOf(props.own.id, props.own.facts) : emptyDraft())
const problem = ref<string>()
const busy = ref(false)

const id = computed(() => props.own?.id ?? (draft.value.id || 'own_preview'))
const lacks = computed(() => missing(draft.value))
const { answer: preview, problem: previewProblem } = useAnswered(
  () => {
    const facts = factsOf(draft.value)
    return lacks.value
      ? undefined
      : { id: id.value, facts: { ...facts, name: facts.name || 'this material' } }
  },
  (body, signal) => answer(api.POST('/api/own-materials/preview', { body, signal })),
)
const MAIN = 9
const figures = computed(() => (lacks.value ? [] : (preview.value?.figures ?? []).slice(0, MAIN)))
const texture = computed(() => (draft.value.kind === 'soil' ? preview.value?.texture : undefined))

const DRAIN = { heightCm: 10, airPercent: 30, waterPercent: 40 }
const drained = ref<{
  heightCm: number | undefined
  airPercent: number | undefined
  waterPercent: number | undefined
}>(draft.value.drain ?? { heightCm: DRAIN.heightCm, airPercent: undefined, waterPercent: undefined })
const drain = (key: keyof typeof DRAIN) =>
  computed({
    get: () => drained.value[key],
    set: (value: number | undefined) => {
      drained.value = { ...drained.value, [key]: value }
      const { heightCm, airPercent, waterPercent } = drained.value
      draft.value.drain =
        heightCm !== undefined && airPercent !== undefined && waterPercent !== undefined
          ? { heightCm, airPercent, waterPercent }
          : undefined
    },
  })
const drainHeight = drain('heightCm')
const drainAir = drain('airPercent')
const drainWater = drain('waterPercent')
const natured = (nature: (typeof NATURES)[number]['value'], yes: boolean) => {
  draft.value.natures = yes
    ? [...draft.value.natures, nature]
    : draft.value.natures.filter((each) => each !== nature)
}

watch(draft, () => (problem.value = undefined), { deep: true })

const store = async () => {
  const facts = factsOf(draft.value)
  if (facts.name === '') {
    problem.value = 'The name is empty. Write what you call it, up to 80 letters.'
    return
  }
  if (lacks.value) {
    problem.value = lacks.value
    return
  }
  busy.value = true
  try {
    if (props.own) {
      await answer(
        api.PUT('/api/own-materials/{id}', {
          params: { path: { id: props.own.id } },
          body: { revision: props.own.revision, facts },
        }),
      )
    } else {
      draft.value.id ||= ownId('own', facts.name)
      await answer(api.POST('/api/own-materials', { body: { id: draft.value.id, facts } }))
    }
    await forgetKept(KEY)
    emit('saved', facts.name)
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="own-form" @submit.prevent="store">
    <div class="facts">
      <h2>{{ own ? own.facts.name : 'A material of my own' }}</h2>
      <TextField v-model="draft.name" label="Name" :maxlength="80" input-id="own-name" />
      <ChoiceList v-if="!own" v-model="draft.kind" :options="KINDS" label="It is" />

      <template v-if="draft.kind === 'mix'">
        <MixParts v-model="draft.mix.parts" />
        <ChoiceList v-model="draft.mix.certainty" :options="CERTAINTIES" label="What is in it is" />
        <TickField v-model="draft.mix.fed" label="a starter feed is in it besides" input-id="own-fed" />
      </template>

      <template v-else-if="draft.kind === 'soil'">
        <p class="soft">
          Fill a jar to a third with soil, add water and a drop of soap, shake, let it stand. Measure the
          height of what has settled three times.
        </p>
        <div class="line">
          <NumberField
            v-model="draft.soil.afterMinuteCm"
            label="After a minute"
            kind="length"
            optional
            input-id="jar-minute"
          />
          <NumberField
            v-model="draft.soil.afterHoursCm"
            label="After two hours"
            kind="length"
            optional
            input-id="jar-hours"
          />
          <NumberField
            v-model="draft.soil.clearCm"
            label="When the water is clear"
            kind="length"
            optional
            input-id="jar-clear"
          />
        </div>
        <div class="line">
          <NumberField
            v-model="draft.soil.organicPercent"
            label="Organic matter by weight"
            unit="%"
            optional
            placeholder="2 to 5"
            :decimals="1"
            input-id="jar-organic"
          />
          <NumberField v-model="draft.soil.ph" label="pH" :decimals="1" optional input-id="jar-ph" />
        </div>
        <div v-if="texture && !previewProblem && !lacks" class="settled">
          <JarDrawing :sand="texture.sandPercent" :silt="texture.siltPercent" :clay="texture.clayPercent" />
          <div>
            <p class="texture">{{ texture.words }}</p>
            <p class="figures">
              {{ figure(texture.sandPercent, 0) }} % sand<br />{{ figure(texture.siltPercent, 0) }} % silt<br />{{
                figure(texture.clayPercent, 0)
              }}
              % clay
            </p>
            <p class="soft">
              {{ texture.heavy ? 'Heavy: it wants much opening.' : 'Not heavy: mind that it holds water.' }}
            </p>
          </div>
        </div>
      </template>

      <template v-else>
        <SelectField
          v-model="draft.plain.matter"
          label="Most like"
          :options="MATTERS"
          input-id="own-matter"
        />
        <div class="line">
          <NumberField v-model="draft.plain.fromMm" label="Grains from" unit="mm" input-id="own-from" />
          <NumberField v-model="draft.plain.toMm" label="to" unit="mm" input-id="own-to" />
          <NumberField
            v-model="draft.plain.gPerL"
            label="Dry weight of a litre"
            unit="g"
            :decimals="0"
            optional
            input-id="own-weight"
          />
          <NumberField v-model="draft.plain.ph" label="pH" :decimals="1" optional input-id="own-ph" />
        </div>
        <div class="line">
          <NumberField
            v-model="drainHeight"
            label="Drain test, height"
            kind="length"
            :decimals="1"
            optional
            input-id="own-drain-height"
          />
          <NumberField
            v-model="drainAir"
            label="Air"
            unit="%"
            :decimals="1"
            optional
            input-id="own-drain-air"
          />
          <NumberField
            v-model="drainWater"
            label="Water"
            unit="%"
            :decimals="1"
            optional
            input-id="own-drain-water"
          />
        </div>
        <fieldset class="natures">
          <legend>Cautions should know</legend>
          <TickField
            v-for="nature in NATURES"
            :key="nature.value"
            :model-value="draft.natures.includes(nature.value)"
            :label="nature.label"
            :input-id="`own-nature-${nature.value}`"
            @update:model-value="natured(nature.value, $event)"
          />
        </fieldset>
      </template>
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <div class="line ends">
        <Button type="submit" :label="own ? 'Keep the change' : 'Put it on the list'" :disabled="busy" />
        <RouterLink v-if="own" :to="`/book/materials/${own.id}`">Open it in the Book</RouterLink>
        <button v-if="own" type="button" class="plain danger" @click="emit('remove')">
          Take it off the list
        </button>
      </div>
    </div>
    <div class="comes-to">
      <h2>What it comes to</h2>
      <p v-if="lacks" class="soft">{{ lacks }}</p>
      <p v-else-if="previewProblem" class="say harm" role="alert">{{ previewProblem }}</p>
      <div v-else-if="!preview" class="skeleton" style="height: 220px" />
      <template v-else>
        <p class="soft">{{ preview.grade }}</p>
        <p>{{ preview.does }}</p>
        <p v-if="preview.constituents.length > 0" class="made">
          Opened:
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
.settled {
  display: flex;
  gap: 22px;
  align-items: flex-end;
}
.texture {
  font: 650 22px/1.2 var(--heading);
}
.texture::first-letter {
  text-transform: uppercase;
}
.natures {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
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
@media (max-width: 860px) {
  .own-form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
