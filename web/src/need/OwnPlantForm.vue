<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { OwnPlant, Plant } from '@/api/types'
import SelectField from '@/parts/SelectField.vue'
import TextField from '@/parts/TextField.vue'
import { useForm } from '@/parts/useForm'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { writeOver } from '@/parts/which'
import { t } from '@/words'
import { MINERALS, REPOTTINGS, TRIGGERS } from './words'

/** A plant of the person's own, copied from one of the Book: only what differs is filled in. Kept in the browser until it is stored. */
const props = defineProps<{ like: Plant; own?: Plant | undefined }>()
const settings = useSettings()
const emit = defineEmits<{ saved: [id: string]; closed: [] }>()
const start = (): OwnPlant => props.own?.own ?? { name: '', likeId: props.like.id }
const KEY = `loose-knit.own-plant.${props.own?.id ?? props.like.id}`
/** An id goes with the draft: sent again after a lost answer it is the same plant. */
const {
  draft: kept,
  problem,
  busy,
  send,
  refuse,
  forget,
} = useForm<{ id?: string; facts: OwnPlant }>(KEY, () => ({ facts: start() }))

const set = (key: keyof OwnPlant, value: unknown) => {
  kept.value = {
    ...kept.value,
    facts: Object.fromEntries(
      Object.entries({ ...kept.value.facts, [key]: value }).filter(([, each]) => each !== undefined),
    ) as OwnPlant,
  }
}
const part = <K extends keyof OwnPlant>(key: K) =>
  computed<OwnPlant[K] | undefined>({ get: () => kept.value.facts[key], set: (value) => set(key, value) })
const name = part('name')
const botanical = part('botanical')
const trigger = part('trigger')
const minerals = part('minerals')
const repotting = part('repotting')
const poison = part('poison')
const note = part('note')
const otherNames = computed({
  get: () => kept.value.facts.otherNames?.join(', '),
  set: (text: string | undefined) => {
    const names = (text ?? '')
      .split(',')
      .map((each) => each.trim())
      .filter((each) => each !== '')
    set('otherNames', names.length > 0 ? names : undefined)
  },
})
type Figure =
  | 'airLowPercent'
  | 'airHighPercent'
  | 'phLow'
  | 'phHigh'
  | 'nLowMgPerL'
  | 'nHighMgPerL'
  | 'tempLowC'
  | 'tempHighC'
  | 'rootDepthCm'
  | 'repotYears'
const FIGURES: {
  key: Figure
  label: string
  unit?: string
  kind?: 'temperature' | 'length'
  usual: (plant: Plant) => number
}[] = [
  {
    key: 'airLowPercent',
    label: t('need.ownPlantForm.airFrom'),
    unit: '%',
    usual: (plant) => plant.airPercent.low,
  },
  {
    key: 'airHighPercent',
    label: t('need.ownPlantForm.to'),
    unit: '%',
    usual: (plant) => plant.airPercent.high,
  },
  { key: 'phLow', label: t('need.ownPlantForm.phFrom'), unit: '', usual: (plant) => plant.ph.low },
  { key: 'phHigh', label: t('need.ownPlantForm.to'), unit: '', usual: (plant) => plant.ph.high },
  {
    key: 'nLowMgPerL',
    label: t('need.ownPlantForm.foodFrom'),
    unit: t('need.ownPlantForm.mgNL'),
    usual: (plant) => plant.nMgPerL.low,
  },
  {
    key: 'nHighMgPerL',
    label: t('need.ownPlantForm.to'),
    unit: t('need.ownPlantForm.mgNL'),
    usual: (plant) => plant.nMgPerL.high,
  },
  {
    key: 'tempLowC',
    label: t('need.ownPlantForm.warmthFrom'),
    kind: 'temperature',
    usual: (plant) => plant.tempLowC,
  },
  {
    key: 'tempHighC',
    label: t('need.ownPlantForm.to'),
    kind: 'temperature',
    usual: (plant) => plant.tempHighC,
  },
  {
    key: 'rootDepthCm',
    label: t('need.ownPlantForm.depth'),
    kind: 'length',
    usual: (plant) => plant.rootDepthCm,
  },
  {
    key: 'repotYears',
    label: t('need.ownPlantForm.repotEvery'),
    unit: 'years',
    usual: (plant) => plant.repotYears,
  },
]
const usual = (each: (typeof FIGURES)[number]) => (each.kind ? '' : figure(each.usual(props.like), 1, true))

const idFor = (text: string) => {
  const plain = text
    .normalize('NFD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .slice(0, 50)
  return `my_${plain || 'plant'}_${crypto.randomUUID().slice(0, 4)}`
}
const valueWords = (kind: (typeof FIGURES)[number]['kind'], value: number) => {
  if (kind === 'temperature') {
    return text(settings.measures.temperature(value))
  }
  return kind === 'length' ? text(settings.measures.length(value)) : figure(value, 1, true)
}
/** What is told of it beside the plant that it is like. */
const factWords = (facts: OwnPlant) =>
  [
    facts.name,
    ...FIGURES.filter(({ key }) => facts[key] !== undefined).map(
      ({ key, label, kind }) => `${label} ${valueWords(kind, Number(facts[key]))}`,
    ),
    ...(facts.note ? [`“${facts.note}”`] : []),
  ].join(', ')
const store = async () => {
  const plainName = kept.value.facts.name?.trim() ?? ''
  if (plainName === '') {
    refuse(t('need.ownPlantForm.theNameIsEmptyWrite'))
    return
  }
  kept.value.id ??= props.own?.id ?? idFor(plainName)
  const { id } = kept.value
  const stored = await send(() =>
    writeOver<Plant, Plant>(
      props.own?.ownRevision,
      (revision) =>
        answer(
          api.PUT('/api/own-plants/{id}', {
            params: { path: { id }, query: revision === undefined ? {} : { revision } },
            body: { ...kept.value.facts, name: plainName },
          }),
        ),
      {
        what: plainName,
        here: factWords({ ...kept.value.facts, name: plainName }),
        there: (current) => factWords(current.own ?? { name: current.name, likeId: '' }),
      },
    ),
  )
  if (stored) {
    await forget()
    emit('saved', id)
  }
}
</script>

<template>
  <Dialog
    visible
    modal
    :header="
      own
        ? $t('need.ownPlantForm.change', { name: own.name })
        : $t('need.ownPlantForm.aPlantOfYourOwn', { like: like.name.toLowerCase() })
    "
    :style="{ width: '44rem' }"
    @update:visible="emit('closed')"
  >
    <form class="own-plant" @submit.prevent="store">
      <p class="soft">{{ $t('need.ownPlantForm.emptyIsAsWith', { like: like.name.toLowerCase() }) }}</p>
      <div class="line">
        <TextField
          v-model="name"
          :label="$t('need.ownPlantForm.name')"
          input-id="own-plant-name"
          :maxlength="80"
        />
        <TextField
          v-model="botanical"
          :label="$t('need.ownPlantForm.botanicalName')"
          input-id="own-plant-botanical"
          :maxlength="120"
        />
        <TextField
          v-model="otherNames"
          :label="$t('need.ownPlantForm.otherNamesWithCommas')"
          input-id="own-plant-other"
        />
      </div>
      <div class="line figures-line">
        <NumberField
          v-for="each in FIGURES"
          :key="each.key"
          :model-value="kept.facts[each.key]"
          :label="each.label"
          :unit="each.unit"
          :kind="each.kind ?? 'plain'"
          :decimals="1"
          optional
          :placeholder="usual(each)"
          :input-id="`own-plant-${each.key}`"
          @update:model-value="set(each.key, $event)"
        />
      </div>
      <div class="line">
        <SelectField
          v-model="trigger"
          :options="TRIGGERS"
          :label="$t('need.ownPlantForm.mayDryUntil')"
          optional
          :placeholder="like.dryingWords"
          input-id="own-plant-trigger"
        />
        <SelectField
          v-model="minerals"
          :options="MINERALS"
          :label="$t('need.ownPlantForm.water')"
          optional
          :placeholder="like.water"
          input-id="own-plant-minerals"
        />
        <SelectField
          v-model="repotting"
          :options="REPOTTINGS"
          :label="$t('need.ownPlantForm.repotting')"
          optional
          :placeholder="like.repotting"
          input-id="own-plant-repotting"
        />
      </div>
      <TextField
        v-model="poison"
        :label="$t('need.ownPlantForm.cautionAboutPoison')"
        input-id="own-plant-poison"
        :maxlength="300"
      />
      <TextField
        v-model="note"
        :label="$t('need.ownPlantForm.note')"
        input-id="own-plant-note"
        :maxlength="500"
      />
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <div class="line">
        <Button
          type="submit"
          :label="own ? $t('need.ownPlantForm.keepTheChange') : $t('need.ownPlantForm.putItIntoTheBook')"
          :disabled="busy"
        />
        <Button type="button" :label="$t('need.ownPlantForm.later')" outlined @click="emit('closed')" />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.own-plant {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
}
.line > .text-field,
.line > .select-field {
  flex: 1 1 160px;
}
.figures-line {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
}
</style>
