<script setup lang="ts">
import { computed } from 'vue'
import type { Pot, SetUp } from '@/api/types'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'
import ChoiceList from '@/parts/ChoiceList.vue'
import SelectField from '@/parts/SelectField.vue'
import TickField from '@/parts/TickField.vue'
import { t } from '@/words'
import { useUsual } from './useUsual'
import { COVERS, DRESSINGS, FEEDS, POLES } from './words'

/** What is in and around a pot besides its mix, typed. */
const pot = defineModel<Pot>('pot', { required: true })
const setUp = defineModel<SetUp>('setUp', { required: true })
const { materials } = useMaterials()
const { answer: usual } = useUsual(() => pot.value)
const set = (change: Partial<SetUp>) => {
  setUp.value = { ...setUp.value, ...change }
}
const field = <K extends keyof SetUp>(key: K) =>
  computed<SetUp[K]>({ get: () => setUp.value[key], set: (value) => set({ [key]: value } as Partial<SetUp>) })
const saucer = field('saucer')
const holes = field('holes')
const holeMm = field('holeMm')
const cover = field('cover')
const channelCm = field('channelCm')
const dressingCm = field('dressingCm')
const feed = field('feed')
const feedGrams = field('feedGrams')
const closed = computed(() => pot.value.base === 'NO_HOLES')

const dressing = computed({
  get: () => setUp.value.dressing,
  set: (value: SetUp['dressing']) => {
    const usually = usual.value?.dressings.find((each) => each.dressing === value)
    if (usually) {
      pot.value = { ...pot.value, fill: usually.fill }
      set({ dressing: value, dressingCm: usually.depthCm })
    }
  },
})
const freeCm = computed({
  get: () => Math.round((1 - (pot.value.fill ?? usual.value?.fill ?? 1)) * pot.value.heightCm * 10) / 10,
  set: (cm: number) => {
    pot.value = { ...pot.value, fill: 1 - cm / pot.value.heightCm }
  },
})
const poleKind = computed({
  get: () => setUp.value.pole?.kind ?? 'NONE',
  set: (kind: (typeof POLES)[number]['value']) => {
    const { pole: before, ...rest } = setUp.value
    const usually = usual.value?.poles.find((each) => each.kind === kind)
    setUp.value = usually
      ? { ...rest, pole: before ? { ...usually, heightCm: before.heightCm } : usually }
      : rest
  },
})
const poleOf = (key: 'widthCm' | 'heightCm') =>
  computed({
    get: () => setUp.value.pole?.[key] ?? 0,
    set: (value: number) => setUp.value.pole && set({ pole: { ...setUp.value.pole, [key]: value } }),
  })
const poleWidth = poleOf('widthCm')
const poleHeight = poleOf('heightCm')

const NO_LAYER = 'none'
const layerChoices = computed(() => [
  { value: NO_LAYER, label: t('planting.fields.nothing') },
  ...materials.value
    .filter((each) => each.roles.includes('AIR') || each.roles.includes('WEIGHT'))
    .map((each) => ({ value: each.id, label: each.name })),
])
const bedChoices = computed(() => materials.value.map((each) => ({ value: each.id, label: each.name })))
const layer = computed({
  get: () => pot.value.layerMaterialId ?? NO_LAYER,
  set: (id: string) => {
    const { layerMaterialId: _gone, ...rest } = pot.value
    pot.value =
      id === NO_LAYER
        ? { ...rest, layerCm: 0 }
        : { ...rest, layerMaterialId: id, layerCm: pot.value.layerCm > 0 ? pot.value.layerCm : 2 }
  },
})
const layerCm = computed({
  get: () => pot.value.layerCm,
  set: (cm: number) => (pot.value = { ...pot.value, layerCm: cm }),
})
const overflowCm = computed({
  get: () => pot.value.baseCm,
  set: (cm: number) => (pot.value = { ...pot.value, baseCm: cm }),
})
const bedDepth = (i: number) => setUp.value.beds[i]?.depthCm ?? 0
const setBedDepth = (i: number, cm: number) =>
  set({ beds: setUp.value.beds.map((bed, j) => (j === i ? { ...bed, depthCm: cm } : bed)) })
/** A layer of one material can be exchanged; one of a mix is kept as it is. */
const bedMaterial = (i: number) => {
  const parts = setUp.value.beds[i]?.recipe.parts ?? []
  return parts.length === 1 ? parts[0]?.materialId : undefined
}
const bedOf = (id: string, depthCm: number): SetUp['beds'][number] => ({
  name: materials.value.find((each) => each.id === id)?.name ?? id,
  recipe: { measure: 'PARTS', parts: [{ materialId: id, amount: 1 }], doses: [] },
  depthCm,
})
const setBedMaterial = (i: number, id: string) =>
  set({ beds: setUp.value.beds.map((bed, j) => (j === i ? bedOf(id, bed.depthCm) : bed)) })
const addBed = () => set({ beds: [...setUp.value.beds, bedOf('grit_3_6', 2)] })
const dropBed = (i: number) => set({ beds: setUp.value.beds.filter((_, j) => j !== i) })
const hasBall = computed({
  get: () => setUp.value.ball !== undefined,
  set: (has: boolean) => {
    const { ball: _gone, ...rest } = setUp.value
    setUp.value = has && usual.value ? { ...rest, ball: usual.value.ball } : rest
  },
})
const ballOf = (key: 'widthCm' | 'heightCm' | 'aboveCm') =>
  computed({
    get: () => setUp.value.ball?.[key] ?? 0,
    set: (value: number) => setUp.value.ball && set({ ball: { ...setUp.value.ball, [key]: value } }),
  })
const ballWidth = ballOf('widthCm')
const ballHeight = ballOf('heightCm')
const ballAbove = ballOf('aboveCm')
</script>

<template>
  <div class="set-up-fields">
    <fieldset>
      <legend>{{ $t('planting.fields.below') }}</legend>
      <div class="fields">
        <template v-if="!closed">
          <NumberField v-model="holes" :label="$t('planting.fields.holes')" :decimals="0" input-id="holes" />
          <NumberField
            v-model="holeMm"
            :label="$t('planting.fields.holeMm')"
            :unit="$t('planting.fields.mm')"
            :decimals="0"
            input-id="hole-mm"
          />
        </template>
        <NumberField
          v-else
          v-model="overflowCm"
          :label="$t('planting.fields.overflow')"
          kind="length"
          :decimals="1"
          input-id="overflow"
        />
        <SelectField
          v-model="cover"
          :label="$t(closed ? 'planting.fields.coverStones' : 'planting.fields.cover')"
          :options="COVERS"
          input-id="cover"
        />
        <TickField v-if="!closed" v-model="saucer" :label="$t('planting.fields.saucer')" input-id="saucer" />
      </div>
    </fieldset>
    <fieldset>
      <legend>{{ $t('planting.fields.layers') }}</legend>
      <div class="fields">
        <SelectField
          v-model="layer"
          :label="$t('planting.fields.lowest')"
          :options="layerChoices"
          input-id="layer"
        />
        <NumberField
          v-if="layer !== NO_LAYER"
          v-model="layerCm"
          :label="$t('planting.fields.depth')"
          kind="length"
          :decimals="1"
          input-id="layer-depth"
        />
      </div>
      <div v-for="(bed, i) in setUp.beds" :key="i" class="fields">
        <SelectField
          v-if="bedMaterial(i)"
          :model-value="bedMaterial(i) ?? ''"
          :label="$t('planting.fields.then')"
          :options="bedChoices"
          :input-id="`bed-${i}`"
          @update:model-value="setBedMaterial(i, $event)"
        />
        <p v-else class="named">
          <span class="label">{{ $t('planting.fields.then') }}</span> {{ bed.name }}
        </p>
        <NumberField
          :model-value="bedDepth(i)"
          :label="$t('planting.fields.depth')"
          kind="length"
          :decimals="1"
          :input-id="`bed-depth-${i}`"
          @update:model-value="setBedDepth(i, $event)"
        />
        <button
          type="button"
          class="plain"
          :aria-label="$t('planting.fields.takeOutNamed', { name: bed.name })"
          @click="dropBed(i)"
        >
          {{ $t('planting.fields.takeOut') }}
        </button>
      </div>
      <button v-if="setUp.beds.length < 4" type="button" class="plain" @click="addBed">
        {{ $t('planting.fields.addLayer') }}
      </button>
    </fieldset>
    <fieldset>
      <legend>{{ $t('planting.fields.inTheMix') }}</legend>
      <TickField v-model="hasBall" :label="$t('planting.fields.hasBall')" input-id="has-ball" />
      <div v-if="hasBall" class="fields">
        <NumberField
          v-model="ballWidth"
          :label="$t('planting.fields.ballWidth')"
          kind="length"
          :decimals="1"
          input-id="ball-width"
        />
        <NumberField
          v-model="ballHeight"
          :label="$t('planting.fields.ballHeight')"
          kind="length"
          :decimals="1"
          input-id="ball-height"
        />
        <NumberField
          v-model="ballAbove"
          :label="$t('planting.fields.ballAbove')"
          kind="length"
          :decimals="1"
          input-id="ball-above"
        />
      </div>
      <ChoiceList v-model="poleKind" :options="POLES" :label="$t('planting.fields.support')" />
      <div v-if="setUp.pole" class="fields">
        <NumberField
          v-model="poleWidth"
          :label="$t('planting.fields.poleWidth')"
          kind="length"
          :decimals="1"
          input-id="pole-width"
        />
        <NumberField
          v-model="poleHeight"
          :label="$t('planting.fields.poleHeight')"
          kind="length"
          :decimals="0"
          input-id="pole-height"
        />
      </div>
      <div class="fields">
        <NumberField
          v-model="channelCm"
          :label="$t('planting.fields.channel')"
          kind="length"
          :decimals="1"
          input-id="channel"
        />
        <SelectField v-model="feed" :label="$t('planting.fields.feed')" :options="FEEDS" input-id="feed" />
        <NumberField
          v-if="feed !== 'NONE'"
          v-model="feedGrams"
          :label="$t('planting.fields.feedGrams')"
          kind="grams"
          :decimals="1"
          input-id="feed-grams"
        />
      </div>
    </fieldset>
    <fieldset>
      <legend>{{ $t('planting.fields.onTop') }}</legend>
      <ChoiceList
        v-model="dressing"
        :options="DRESSINGS"
        :label="$t('planting.fields.dressing')"
        hide-label
      />
      <div class="fields">
        <NumberField
          v-if="dressing !== 'NONE'"
          v-model="dressingCm"
          :label="$t('planting.fields.depth')"
          kind="length"
          :decimals="1"
          input-id="dressing-depth"
        />
        <NumberField
          v-model="freeCm"
          :label="$t('planting.fields.headspace')"
          kind="length"
          :decimals="1"
          input-id="headspace"
        />
      </div>
    </fieldset>
  </div>
</template>

<style scoped>
.set-up-fields {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
fieldset {
  border: 0;
  border-top: 1px dashed var(--stitch);
  margin: 0;
  padding: 8px 0 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: flex-start;
}
legend {
  float: left;
  font-weight: 700;
  padding: 0;
  width: 100%;
}
.fields :deep(input[type='text']) {
  width: 4.4em;
}
.fields :deep(.p-select) {
  min-width: 150px;
}
.named {
  display: flex;
  flex-direction: column;
}
.fields .plain {
  padding-bottom: 8px;
}
</style>
