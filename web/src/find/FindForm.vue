<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Material, Recipe } from '@/api/types'
import ChoiceList from '@/parts/ChoiceList.vue'
import SelectField from '@/parts/SelectField.vue'
import MaterialPicker from '@/material/MaterialPicker.vue'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'
import { t } from '@/words'
import { AMONGS, FORMS, type Wanted } from './asked'

/** What to search for, and among what. */
const props = defineProps<{ recipe: Recipe; locked: readonly string[]; running: boolean }>()
const model = defineModel<Wanted>({ required: true })
const emit = defineEmits<{ search: []; stop: []; lock: [materialId: string] }>()
const { materialName, amendments } = useMaterials()

const set = (change: Partial<Wanted>) => {
  model.value = { ...model.value, ...change }
}
const field = <K extends keyof Wanted>(name: K) =>
  computed({
    get: () => model.value[name],
    set: (value: Wanted[K]) => set({ [name]: value } as Partial<Wanted>),
  })
const form = field('form')
const among = field('among')
const limeId = field('limeId')
const acidifierId = field('acidifierId')
const feedId = field('feedId')
const mostMaterials = field('mostMaterials')
const mostParts = field('mostParts')
const extraMaterials = field('extraMaterials')
const extraParts = field('extraParts')
const batchLitres = field('batchLitres')
const row = computed({
  get: () => String(model.value.row),
  set: (value: string) => set({ row: Number(value) }),
})

const says = computed(() => FORMS.find((each) => each.value === model.value.form)?.says ?? '')
const ofKind = (kind: string, none: string) =>
  computed(() => [
    { value: '', label: none },
    ...amendments.value
      .filter((each) => each.kind === kind)
      .map((each) => ({ value: each.id, label: each.name })),
  ])
const limes = ofKind('LIME', t('find.findForm.noLime'))
const acidifiers = ofKind('ACIDIFIER', t('find.findForm.nothingAcid'))
const feeds = ofKind('FEED', t('find.findForm.noFeed'))
const rowOptions = computed(() =>
  props.recipe.parts.map((part, at) => ({ value: String(at), label: materialName(part.materialId) })),
)
const canLock = computed(() => model.value.form === 'FIND' || model.value.form === 'USE_UP')

const pick = (material: Material) => {
  if (!model.value.chosenIds.includes(material.id)) {
    set({ chosenIds: [...model.value.chosenIds, material.id] })
  }
}
const drop = (id: string) => set({ chosenIds: model.value.chosenIds.filter((each) => each !== id) })
const share = (material: Material) => {
  if (!model.value.shares.some((each) => each.materialId === material.id)) {
    set({ shares: [...model.value.shares, { materialId: material.id, leastPercent: 10, mostPercent: 100 }] })
  }
}
const leaveOut = (material: Material) =>
  set({
    shares: [
      ...model.value.shares.filter((each) => each.materialId !== material.id),
      { materialId: material.id, leastPercent: 0, mostPercent: 0 },
    ],
  })
const change = (id: string, by: Partial<Wanted['shares'][number]>) =>
  set({ shares: model.value.shares.map((each) => (each.materialId === id ? { ...each, ...by } : each)) })
const forget = (id: string) => set({ shares: model.value.shares.filter((each) => each.materialId !== id) })
</script>

<template>
  <form class="find-form" @submit.prevent="emit('search')">
    <div class="line what">
      <ChoiceList v-model="form" :options="FORMS" :label="$t('find.findForm.whatToLookFor')" hide-label />
      <p class="soft">{{ says }}</p>
    </div>
    <div class="line">
      <SelectField
        v-if="form === 'REPLACE'"
        v-model="row"
        :label="$t('find.findForm.missingIs')"
        input-id="find-row"
        :options="rowOptions"
      />
      <SelectField
        v-model="among"
        :label="$t('find.findForm.among')"
        input-id="find-among"
        :options="AMONGS"
      />
      <template v-if="form === 'IMPROVE'">
        <NumberField
          v-model="extraMaterials"
          :label="$t('find.findForm.materialsToAdd')"
          unit="to 5"
          :decimals="0"
          input-id="find-extra-materials"
        />
        <NumberField
          v-model="extraParts"
          :label="$t('find.findForm.extraParts')"
          unit="to 16"
          :decimals="0"
          input-id="find-extra-parts"
        />
      </template>
      <template v-else-if="form !== 'REPLACE'">
        <NumberField
          v-model="mostMaterials"
          :label="$t('find.findForm.materials')"
          unit="to 5"
          :decimals="0"
          input-id="find-materials"
        />
        <NumberField
          v-model="mostParts"
          :label="$t('find.findForm.partsInAll')"
          unit="to 16"
          :decimals="0"
          input-id="find-parts"
        />
      </template>
      <NumberField
        v-if="form === 'FIND' || form === 'IMPROVE'"
        v-model="batchLitres"
        :label="$t('find.findForm.enoughFor')"
        kind="volume"
        optional
        :placeholder="$t('find.findForm.any')"
        input-id="find-batch"
      />
      <template v-if="form !== 'REPLACE'">
        <SelectField
          v-model="limeId"
          :label="$t('find.findForm.limeWith')"
          input-id="find-lime"
          :options="limes"
        />
        <SelectField
          v-model="feedId"
          :label="$t('find.findForm.feedWith')"
          input-id="find-feed"
          :options="feeds"
        />
      </template>
      <Button v-if="!running" type="submit" :label="$t('find.findForm.search')" />
      <Button
        v-else
        type="button"
        :label="$t('find.findForm.stop')"
        severity="secondary"
        @click="emit('stop')"
      />
    </div>
    <div v-if="among === 'CHOSEN'" class="line picks">
      <MaterialPicker :label="$t('find.findForm.pick')" input-id="find-pick" quiet @chosen="pick" />
      <span v-for="id in model.chosenIds" :key="id" class="pick">
        {{ materialName(id) }}
        <button
          type="button"
          :aria-label="$t('find.findForm.not', { materialName: materialName(id) })"
          @click="drop(id)"
        >
          ×
        </button>
      </span>
    </div>
    <details :open="model.shares.length > 0 || acidifierId !== ''">
      <summary>{{ $t('find.findForm.sharesWhatToLeaveOut') }}</summary>
      <div class="line">
        <SelectField
          v-model="acidifierId"
          :label="$t('find.findForm.againstTooHighAPh')"
          input-id="find-acid"
          :options="acidifiers"
        />
        <MaterialPicker :label="$t('find.findForm.mustBeInIt')" input-id="find-share" quiet @chosen="share" />
        <MaterialPicker :label="$t('find.findForm.leaveOut')" input-id="find-out" quiet @chosen="leaveOut" />
      </div>
      <div v-for="each in model.shares" :key="each.materialId" class="line share">
        <span class="who">{{ materialName(each.materialId) }}</span>
        <span v-if="each.mostPercent === 0">{{ $t('find.findForm.leftOut') }}</span>
        <template v-else>
          <NumberField
            :model-value="each.leastPercent"
            :label="$t('find.findForm.atLeast')"
            unit="%"
            :input-id="`least-${each.materialId}`"
            @update:model-value="change(each.materialId, { leastPercent: $event ?? 0 })"
          />
          <NumberField
            :model-value="each.mostPercent"
            :label="$t('find.findForm.atMost')"
            unit="%"
            :input-id="`most-${each.materialId}`"
            @update:model-value="change(each.materialId, { mostPercent: $event ?? 100 })"
          />
        </template>
        <button
          type="button"
          class="plain"
          :aria-label="$t('find.findForm.forgetAbout', { materialName: materialName(each.materialId) })"
          @click="forget(each.materialId)"
        >
          {{ $t('find.findForm.forgetIt') }}
        </button>
      </div>
      <fieldset v-if="canLock && recipe.parts.length > 0" class="locks">
        <legend>{{ $t('find.findForm.keepTheseRowsAsThey') }}</legend>
        <label v-for="part in recipe.parts" :key="part.materialId">
          <input
            type="checkbox"
            :checked="locked.includes(part.materialId)"
            @change="emit('lock', part.materialId)"
          />
          {{ materialName(part.materialId) }}
        </label>
      </fieldset>
    </details>
  </form>
</template>

<style scoped>
.find-form {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: flex-end;
}
.what,
.picks,
.share {
  align-items: center;
}
.share {
  margin-top: 6px;
}
.who {
  min-width: 10em;
  font-weight: 600;
}
.pick {
  border: 1px solid var(--line);
  padding: 3px 4px 3px 9px;
  background: var(--sheet);
}
.pick button {
  border: 0;
  background: none;
  color: inherit;
  font: 16px/1 var(--figures);
  padding: 4px 6px;
  cursor: pointer;
}
summary {
  cursor: pointer;
  color: var(--bottle);
  font-weight: 600;
}
details > .line:first-of-type {
  margin-top: 8px;
}
.locks {
  border: 0;
  margin: 8px 0 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.locks legend {
  padding: 0 0 4px;
}
.locks label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 28px;
}
</style>
