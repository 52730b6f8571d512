<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Material, Reading, Recipe } from '@/api/types'
import ChoiceList from '@/parts/ChoiceList.vue'
import { useKeys } from '@/parts/keys'
import MaterialPicker from '@/material/MaterialPicker.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import ReadingExplained from '@/reading/ReadingExplained.vue'
import ReadingGauge from '@/reading/ReadingGauge.vue'
import { useEvaluation } from '@/reading/useEvaluation'
import { useShelf } from '@/shelf/useShelf'
import { t } from '@/words'
import BenchConflict from './BenchConflict.vue'
import { countable, withScoops } from './counting'
import { sumOf } from './recipe'
import SwatchChart from '@/material/SwatchChart.vue'
import { useBench } from './useBench'
import { useBlendWork } from './useBlendWork'

/** Counting a mix as it is scooped, with wet hands: a tap is a scoop. Ends as a blend or as a batch. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const client = useQueryClient()
const settings = useSettings()
const { material, materialName } = useMaterials()
const { glance: shelf } = useShelf()
const bench = useBench(props.id)
const work = useBlendWork(props.id, bench)
const { evaluation, problem } = useEvaluation(bench.bench, () => props.id)
onMounted(bench.load)

const recipe = computed<Recipe>(() => bench.bench.value?.recipe ?? { measure: 'PARTS', parts: [], doses: [] })
type Size = 'whole' | 'half' | 'handful'
const size = ref<Size>('whole')
const SIZES = computed<{ value: Size; label: string }[]>(() => [
  { value: 'whole', label: t('blend.count.whole') },
  { value: 'half', label: t('blend.count.half') },
  { value: 'handful', label: t('blend.count.handful') },
])
const handful = computed(() => settings.units.handfulLitres / settings.scoopLitres)
const amount = computed(() => ({ whole: 1, half: 0.5, handful: handful.value })[size.value])

/** What can be tapped: what is in the mix, then what is on the shelf, then what was fetched besides. */
const fetched = ref<string[]>([])
const buttons = computed(() =>
  countable(recipe.value, shelf.value?.withSomeLeft ?? [], fetched.value).flatMap((id) => {
    const known = material(id)
    return known ? [known] : []
  }),
)
const rows = computed(() =>
  recipe.value.parts.map((part) => ({ materialId: part.materialId, name: materialName(part.materialId) })),
)
const shares = computed(() =>
  evaluation.value && evaluation.value.shares.length === rows.value.length ? evaluation.value.shares : [],
)
const countOf = (id: string) => recipe.value.parts.find((part) => part.materialId === id)?.amount ?? 0
const scoops = (n: number) => t('blend.rows.scoops', { n: figure(n, 2, true) }, n)
const total = computed(() => sumOf(recipe.value))
const litres = computed(() => total.value * settings.scoopLitres)

const tap = (id: string, by = amount.value) =>
  bench.change((now) => ({ ...now, recipe: withScoops(now.recipe, id, by) }))
const fetch = (chosen: Material) => {
  fetched.value = [...fetched.value, chosen.id]
  tap(chosen.id)
}
const tellable = computed(
  () => evaluation.value?.readings.filter((each) => each.verdict !== 'NO_TARGET') ?? [],
)
const shown = computed(() =>
  (tellable.value.length > 0 ? tellable.value : (evaluation.value?.readings ?? [])).slice(0, 5),
)

const opened = ref<Reading['quality']>()
const asBlend = () =>
  work.onceAtATime(async () => {
    await bench.keepVersion(t('blend.count.note', { scoops: scoops(total.value) }))
    await client.invalidateQueries({ queryKey: ['blends'] })
    await router.push(`/blends/${props.id}`)
  })
const asBatch = () =>
  work.onceAtATime(async () => {
    const version = await bench.keepVersion(t('blend.count.note', { scoops: scoops(total.value) }))
    const batch = await answer(
      api.POST('/api/batches', {
        body: {
          id: crypto.randomUUID(),
          blendId: props.id,
          versionNumber: version.number,
          fills: [],
          countedLitres: litres.value,
          scoopLitres: settings.scoopLitres,
        },
      }),
    )
    await client.invalidateQueries({ queryKey: ['batches'] })
    await client.invalidateQueries({ queryKey: ['blends'] })
    await router.push(`/batches/${batch.id}`)
  })

const onNumber = (place: number) => () => {
  const chosen = buttons.value[place]
  return chosen ? tap(chosen.id) : false
}
useKeys({
  ...Object.fromEntries(Array.from({ length: 9 }, (_, i) => [String(i + 1), onNumber(i)])),
  u: bench.undo,
  U: bench.redo,
  w: () => (size.value = 'whole'),
  h: () => (size.value = 'half'),
  n: () => (size.value = 'handful'),
})
</script>

<template>
  <main class="page">
    <header class="page-head">
      <div>
        <p class="soft">
          <RouterLink :to="`/blends/${id}`">{{ $t('blend.count.back') }}</RouterLink>
        </p>
        <h1>{{ $t('blend.count.title', { name: bench.bench.value?.name ?? '' }) }}</h1>
      </div>
      <p class="soft">
        {{ $t('blend.count.scoop', { volume: text(settings.measures.volume(settings.scoopLitres)) }) }}
      </p>
    </header>
    <p v-if="bench.loadProblem.value" class="say harm" role="alert">{{ bench.loadProblem.value }}</p>
    <div v-else class="count">
      <section :aria-label="$t('blend.count.taps')">
        <BenchConflict
          v-if="bench.theirs.value && bench.bench.value"
          :mine="bench.bench.value"
          :theirs="bench.theirs.value"
          @mine="bench.keepMine"
          @theirs="bench.takeTheirs"
        />
        <div class="sizes">
          <ChoiceList v-model="size" :options="SIZES" :label="$t('blend.count.size')" hide-label />
          <Button
            :label="$t('blend.count.undo')"
            outlined
            :disabled="!bench.canUndo.value"
            @click="bench.undo"
          />
        </div>
        <ul class="choices taps">
          <li v-for="(each, i) in buttons" :key="each.id">
            <button type="button" :class="{ in: countOf(each.id) > 0 }" @click="tap(each.id)">
              <StitchMark :material-id="each.id" :size="38" />
              <span class="what">
                <b>{{ each.name }}</b>
                <small class="soft">{{ each.grade }}</small>
              </span>
              <span class="figures"
                ><template v-if="countOf(each.id) > 0"
                  >{{ figure(countOf(each.id), 2, true)
                  }}<span class="visually-hidden">{{ $t('blend.count.sofarInIt') }}</span></template
                ></span
              >
              <kbd v-if="i < 9" aria-hidden="true">{{ i + 1 }}</kbd>
            </button>
          </li>
        </ul>
        <p v-if="buttons.length === 0" class="soft">{{ $t('blend.count.empty') }}</p>
        <MaterialPicker :label="$t('blend.count.other')" input-id="count-other" quiet @chosen="fetch" />
      </section>
      <section class="grown" :aria-label="$t('blend.count.sofar')">
        <SwatchChart :rows="rows" :shares="shares" />
        <p class="figures" role="status">
          {{ scoops(total) }} · {{ text(settings.measures.volume(litres)) }}
        </p>
        <p v-if="problem && total > 0" class="say harm" role="alert">{{ problem }}</p>
        <p v-else-if="evaluation" class="headline" :class="{ fits: evaluation.fits }">
          <b>{{ evaluation.headline }}</b>
        </p>
        <div v-if="evaluation">
          <template v-for="reading in shown" :key="reading.quality">
            <ReadingGauge
              :reading="reading"
              :open="opened === reading.quality"
              @explain="opened = opened === reading.quality ? undefined : reading.quality"
            />
            <ReadingExplained v-if="opened === reading.quality" :reading="reading" :blend-id="id" />
          </template>
        </div>
        <div class="ends">
          <Button
            :label="$t('blend.count.asBlend')"
            :disabled="total <= 0 || work.busy.value"
            @click="asBlend"
          />
          <Button
            :label="$t('blend.count.asBatch')"
            outlined
            :disabled="total <= 0 || !!problem || work.busy.value"
            @click="asBatch"
          />
        </div>
      </section>
    </div>
  </main>
</template>

<style scoped>
.count {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 30px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  justify-content: space-between;
  align-items: center;
  position: sticky;
  top: 0;
  background: var(--paper);
  padding: 6px 0;
  z-index: 1;
}
.sizes :deep(label) {
  min-height: 46px;
  padding: 10px 18px;
  font-size: 17px;
}
.sizes :deep(.p-button) {
  min-height: 46px;
}
.taps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 8px;
}
.taps button {
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr) auto 18px;
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: 74px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  background: var(--sheet);
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
  touch-action: manipulation;
  user-select: none;
}
.taps button:active {
  background: var(--bottle-soft);
}
.taps button.in {
  border-color: var(--bottle);
}
.what {
  display: flex;
  flex-direction: column;
  line-height: 1.2;
  font-size: 16px;
}
.taps .figures {
  font-size: 26px;
}
.taps kbd {
  font: 12px var(--figures);
  color: var(--soft-ink);
}
.grown {
  position: sticky;
  top: 14px;
}
.headline {
  border-left: 3px solid var(--marigold);
  background: var(--marigold-soft);
  padding: 6px 10px;
}
.headline.fits {
  border-color: var(--bottle);
  background: var(--bottle-soft);
}
.ends {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
@media (pointer: coarse) {
  .taps kbd {
    display: none;
  }
}
@media (width <= 860px) {
  .count {
    grid-template-columns: minmax(0, 1fr);
  }
  .grown {
    position: static;
  }
  .grown :deep(.swatch) {
    max-width: 260px;
  }
  .taps {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
