<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { Problem } from '@/api/problem'
import { speech } from '@/api/speech'
import type { Lot, LotFacts, Measured } from '@/api/types'
import SelectField from '@/parts/SelectField.vue'
import TextField from '@/parts/TextField.vue'
import { merge } from '@/parts/merge'
import { say } from '@/parts/notices'
import TickField from '@/parts/TickField.vue'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, spread } from '@/measure/units'
import { t } from '@/words'
import MeasuredFields from './MeasuredFields.vue'
import { useShelf } from './useShelf'
import { without } from './words'

/** A lot, opened: what it is and what was measured of it. Saves itself; what cannot be saved stays in the browser. */
const props = defineProps<{ lot: Lot }>()
const emit = defineEmits<{ remove: []; close: [] }>()
const SAVE_AFTER_MS = 450
const settings = useSettings()
const { change, soldOptions, wayOf, kindOf } = useShelf()
const KEY = `loose-knit.lot.${props.lot.id}`
const same = (a: LotFacts, b: LotFacts) => JSON.stringify(a) === JSON.stringify(b)

const draftOf = (): LotFacts | undefined => {
  try {
    return (JSON.parse(localStorage.getItem(KEY) ?? 'null') as LotFacts | null) ?? undefined
  } catch {
    return undefined
  }
}
const facts = ref<LotFacts>(draftOf() ?? props.lot.facts)
const lot = ref<Lot>(props.lot)
const { data: found } = useQuery({
  queryKey: computed(() => ['shelf', 'findings', lot.value.id, lot.value.revision, speech.units]),
  queryFn: () => answer(api.GET('/api/shelf/lots/{id}/findings', { params: { path: { id: lot.value.id } } })),
})
const findings = computed(() => found.value ?? [])
const state = ref<'saved' | 'saving' | 'waiting'>('saved')
const problem = ref<string>()
const theirs = ref<Lot>()
let timer: number | undefined

/** Takes in what was changed elsewhere if it touches nothing that was changed here; else it is asked. */
const meet = (other: Lot) => {
  const both = merge(lot.value.facts, facts.value, other.facts)
  if (!both) {
    theirs.value = other
    return
  }
  lot.value = other
  facts.value = both
  say(t('parts.draft.merged'))
  later()
}
const save = async () => {
  const sent = facts.value
  state.value = 'saving'
  try {
    lot.value = await change(lot.value.id, lot.value.revision, sent)
    problem.value = undefined
    if (same(sent, facts.value)) {
      localStorage.removeItem(KEY)
      state.value = 'saved'
    }
  } catch (error) {
    state.value = 'waiting'
    if (error instanceof Problem && error.stale && error.current) {
      meet(error.current as Lot)
    } else {
      problem.value = error instanceof Error ? error.message : String(error)
    }
  }
}
const later = () => {
  state.value = 'waiting'
  localStorage.setItem(KEY, JSON.stringify(facts.value))
  window.clearTimeout(timer)
  timer = window.setTimeout(() => void save(), SAVE_AFTER_MS)
}
watch(facts, later)
if (!same(facts.value, props.lot.facts)) {
  later()
}
onBeforeUnmount(() => {
  window.clearTimeout(timer)
  if (state.value === 'waiting' && !theirs.value) {
    void save()
  }
})
const keepMine = () => {
  lot.value = theirs.value ?? lot.value
  theirs.value = undefined
  void save()
}
const takeTheirs = () => {
  lot.value = theirs.value ?? lot.value
  theirs.value = undefined
  facts.value = lot.value.facts
}

const set = (shift: { [K in keyof LotFacts]?: LotFacts[K] | undefined }) => {
  facts.value = without<LotFacts>({ ...facts.value, ...shift })
}
const part = <K extends keyof LotFacts>(key: K) =>
  computed<LotFacts[K]>({ get: () => facts.value[key], set: (value) => set({ [key]: value }) })
const amount = part('amount')
const swell = part('swell')
const leftLitres = part('leftLitres')
const lowLitres = part('lowLitres')
const price = part('price')
const supplier = part('supplier')
const fed = part('fed')
const rinsed = part('rinsed')
const quarantined = part('quarantined')
const sold = computed({
  get: () => facts.value.sold,
  set: (value: LotFacts['sold']) => set({ sold: value, swell: wayOf(value)?.usualSwell ?? 0 }),
})
const openedOn = computed({
  get: () => facts.value.openedOn ?? '',
  set: (day: string) => set({ openedOn: day === '' ? undefined : day }),
})
const measured = computed({
  get: () => facts.value.measured ?? {},
  set: (value: Measured) => set({ measured: Object.keys(value).length === 0 ? undefined : value }),
})
const swells = computed(() => (wayOf(sold.value)?.usualSwell ?? 0) > 0)
const stateWords = computed(
  () =>
    ({ saved: 'saved', saving: t('shelf.lotForm.saving'), waiting: t('shelf.lotForm.notSavedYet') })[
      state.value
    ],
)
const withSpread = (value: number, sd: number, decimals: number) =>
  `${figure(value, decimals)} ${spread(sd, decimals)}`
</script>

<template>
  <div class="lot-form" @keydown.esc.stop="emit('close')">
    <div class="facts">
      <h3>
        {{ $t('shelf.lotForm.theLot') }} <span class="soft state" :class="state">{{ stateWords }}</span>
      </h3>
      <div class="line">
        <NumberField
          v-model="amount"
          :label="$t('shelf.lotForm.bought')"
          :kind="kindOf(sold)"
          :input-id="`amount-${lot.id}`"
        />
        <SelectField
          v-model="sold"
          :label="$t('shelf.lotForm.soldAs')"
          :options="soldOptions"
          :input-id="`sold-${lot.id}`"
        />
        <NumberField
          v-if="swells"
          v-model="swell"
          :label="sold === 'BRICK_KG' ? $t('shelf.lotForm.swellOfBrick') : $t('shelf.lotForm.swellOfBale')"
          :kind="sold === 'BRICK_KG' ? 'swell' : 'plain'"
          :input-id="`swell-${lot.id}`"
        />
        <NumberField
          v-model="price"
          :label="$t('shelf.lotForm.price')"
          :unit="settings.currency"
          optional
          :input-id="`price-${lot.id}`"
        />
      </div>
      <div class="line">
        <NumberField
          v-model="leftLitres"
          :label="$t('shelf.lotForm.leftLoosened')"
          kind="volume"
          :input-id="`left-${lot.id}`"
        />
        <NumberField
          v-model="lowLitres"
          :label="$t('shelf.lotForm.lowBelow')"
          kind="volume"
          optional
          :placeholder="$t('shelf.lotForm.usual')"
          :input-id="`low-${lot.id}`"
        />
        <div class="field">
          <label :for="`opened-${lot.id}`">{{ $t('shelf.lotForm.openedOn') }}</label>
          <InputText :id="`opened-${lot.id}`" v-model="openedOn" type="date" />
        </div>
      </div>
      <TextField
        v-model="supplier"
        :label="$t('shelf.lotForm.from')"
        :maxlength="120"
        :input-id="`supplier-${lot.id}`"
      />
      <div class="line">
        <TickField v-model="fed" :label="$t('shelf.lotForm.alreadyFed')" :input-id="`fed-${lot.id}`" />
        <TickField
          v-model="rinsed"
          :label="$t('shelf.lotForm.alreadyRinsed')"
          :input-id="`rinsed-${lot.id}`"
        />
        <TickField
          v-model="quarantined"
          :label="$t('shelf.lotForm.inQuarantineGnats')"
          :input-id="`quarantined-${lot.id}`"
        />
      </div>
      <p class="ends">
        <RouterLink :to="`/recall/bag/${lot.id}`">{{ $t('outcome.recall.link') }}</RouterLink>
        <RouterLink :to="`/book/materials/${lot.facts.materialId}`">{{
          $t('shelf.lotForm.readAboutIt')
        }}</RouterLink>
        <button type="button" class="plain danger" @click="emit('remove')">
          {{ $t('shelf.lotForm.takeItOffTheShelf') }}
        </button>
      </p>
    </div>
    <div class="measured">
      <h3>{{ $t('shelf.lotForm.measuredOfThisLot') }}</h3>
      <MeasuredFields v-model="measured" :id-suffix="lot.id" />
      <table v-if="findings.length > 0" class="findings">
        <thead>
          <tr>
            <th scope="col">{{ $t('shelf.lotForm.figure') }}</th>
            <th scope="col">{{ $t('shelf.lotForm.book') }}</th>
            <th scope="col">{{ $t('shelf.lotForm.thisLot') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in findings" :key="each.name">
            <th scope="row">{{ each.name }}</th>
            <td class="figures soft">{{ withSpread(each.book, each.bookSd, each.decimals) }}</td>
            <td class="figures">
              <b>{{ withSpread(each.lot, each.lotSd, each.decimals) }}</b> {{ each.unit }}
            </td>
          </tr>
        </tbody>
      </table>
      <p v-else class="soft">{{ $t('shelf.lotForm.nothingMeasuredTheBookS') }}</p>
      <p v-if="findings.length > 0 && !lot.inUse" class="soft">
        {{ $t('shelf.lotForm.readingsUseTheLotOpened') }}
      </p>
    </div>
    <p v-if="problem" class="say harm wide" role="alert">{{ problem }}</p>
    <p v-if="theirs" class="say attention wide" role="alert">
      {{ $t('shelf.lotForm.changedInAnotherWindow') }}
      <button type="button" class="plain" @click="keepMine">
        {{ $t('shelf.lotForm.keepWhatStandsHere') }}
      </button>
      {{ $t('shelf.lotForm.or') }}
      <button type="button" class="plain" @click="takeTheirs">{{ $t('shelf.lotForm.takeTheOther') }}</button>
    </p>
  </div>
</template>

<style scoped>
.lot-form {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 14px 40px;
  background: var(--wash);
  border-left: 3px solid var(--bottle);
  padding: 10px 18px 16px;
  margin-bottom: 6px;
}
.facts,
.measured {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-width: 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
}
.state {
  font-weight: 400;
  margin-left: 8px;
}
.state.waiting {
  color: var(--marigold-ink);
}
.ends {
  display: flex;
  gap: 24px;
  margin-top: auto;
}
.wide {
  grid-column: 1 / -1;
}
th,
td {
  text-align: left;
  padding: 2px 14px 2px 0;
  font-weight: 400;
  font-size: 14px;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
}
thead th {
  font-size: 13px;
  color: var(--soft-ink);
}
@media (width <= 860px) {
  .lot-form {
    grid-template-columns: minmax(0, 1fr);
    padding: 10px;
  }
  th {
    white-space: normal;
  }
}
</style>
