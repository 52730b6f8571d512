<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import type { Answer, PotEventAsked } from '@/api/types'
import { agoWords, daysBetween, inWords, shortDate } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { labelOf, potWords, WALLS } from '@/need/words'
import LineChart, { type Line } from '@/parts/LineChart.vue'
import PlacingDrawing from '@/planting/PlacingDrawing.vue'
import PotDrawing from '@/planting/PotDrawing.vue'
import { usePlaced } from '@/planting/usePlaced'
import TroubleList from '@/trouble/TroubleList.vue'
import { t } from '@/words'
import HistoryList from './HistoryList.vue'
import LabelsDialog from '@/parts/LabelsDialog.vue'
import NotShown from '@/parts/NotShown.vue'
import PotTell from './PotTell.vue'
import RepotChoice from './RepotChoice.vue'
import SeenThread from './SeenThread.vue'
import { usePot } from './usePot'

/** The page of a pot: cut open, how it dries, how to tell that it wants water, what was seen of it, what comes next, and where it came from. */
const props = defineProps<{ id: string }>()
const settings = useSettings()
const { portrait, potting, looks, events, problem, busy, look, tell, takeBack, picture, remove } = usePot(
  props.id,
)
const drawing = ref<InstanceType<typeof PotDrawing>>()
const OPENS = ['tell', 'REPOTTED', 'DIVISION', 'CUTTING'] as const
const route = useRoute()
const open = ref(OPENS.find((each) => each === route.query.open))
const section = computed(() => portrait.value?.section)
const places = computed(() => portrait.value?.setUp.places)
const { answer: placed } = usePlaced(() => {
  const pot = potting.value?.brief.pot
  return pot && places.value ? { pot, places: places.value } : undefined
})
const since = computed(() =>
  potting.value ? daysBetween(potting.value.lastWateredOn, portrait.value?.today ?? '') : 0,
)
const here = computed(() => potting.value?.state === 'HERE')
const lines = computed<Line[]>(() =>
  (section.value?.curves ?? []).map((curve): Line => ({
    name: labelOf(WALLS, curve.wall),
    ink: curve.own ? 'bottle' : 'soft',
    dashed: !curve.own,
    points: curve.left.map((left, day): [number, number] => [day, 100 * left]),
    ...(curve.own
      ? {
          band: curve.left.map((_, day): [number, number, number] => [
            day,
            100 * (curve.early[day] ?? 0),
            100 * (curve.late[day] ?? 0),
          ]),
        }
      : {}),
  })),
)
const ANSWERS: readonly { answer: Answer; label: string }[] = [
  { answer: 'WATERED', label: t('pot.page.watered') },
  { answer: 'STILL_MOIST', label: t('pot.page.stillMoist') },
  { answer: 'BONE_DRY', label: t('pot.page.boneDry') },
]
const kg = (value: number) => text(settings.measures.mass(value))
const days = (value: number) => figure(value, value < 3 ? 1 : 0)
const cm = (value: number) => text(settings.measures.length(Math.round(value * 10) / 10))
const told = async (event: PotEventAsked) => {
  if (await tell(event)) {
    open.value = undefined
  }
}
const chosen = (event: Event) => {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  if (file) {
    void picture(file)
  }
  input.value = ''
}
const print = () => window.print()
const labelling = ref(false)
const surface = computed(() =>
  portrait.value && portrait.value.setUp.dressing !== 'NONE'
    ? t('pot.page.surfaceHidden')
    : t('pot.page.surfacePale'),
)
</script>

<template>
  <main class="page">
    <NotShown v-if="problem && !portrait" :problem="problem" list="pots" />
    <p v-else-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <template v-if="portrait && potting && section">
      <div class="page-head">
        <div>
          <h1>{{ potting.label }}</h1>
          <p class="soft">
            {{ potting.plantName }} ·
            {{ potting.brief.pot ? potWords(potting.brief.pot, settings.measures) : '' }} ·
            {{ potting.brief.place?.name }} ·
            <template v-if="here">{{ $t('pot.page.wateredAgo', { ago: agoWords(since) }) }}</template>
            <b v-else>{{ $t(`pot.state.${potting.state}`) }}</b>
          </p>
        </div>
        <div v-if="here" class="acts">
          <Button
            v-for="(each, i) in ANSWERS"
            :key="each.answer"
            :label="each.label"
            :outlined="i > 0"
            :disabled="busy"
            @click="look(each.answer)"
          />
        </div>
      </div>
      <p class="doings">
        <button
          type="button"
          class="plain"
          :aria-expanded="open === 'tell'"
          @click="open = open === 'tell' ? undefined : 'tell'"
        >
          {{ $t('pot.page.tell') }}
        </button>
        <label class="plain file">
          {{ $t('pot.page.picture') }}
          <input type="file" accept="image/jpeg,image/png" class="visually-hidden" @change="chosen" />
        </label>
        <template v-if="here">
          <button
            v-for="each in ['REPOTTED', 'DIVISION', 'CUTTING'] as const"
            :key="each"
            type="button"
            class="plain"
            :aria-expanded="open === each"
            @click="open = open === each ? undefined : each"
          >
            {{ $t(`pot.page.doing.${each}`) }}
          </button>
        </template>
        <RouterLink :to="`/pots/${id}/wrong`">{{ $t('frame.routes.wrong') }}</RouterLink>
        <RouterLink :to="`/pots/${id}/set-up`">{{ $t('pot.page.changeSetUp') }}</RouterLink>
        <button type="button" class="plain" @click="print">{{ $t('pot.page.print') }}</button>
        <button type="button" class="plain" @click="labelling = true">{{ $t('pot.page.label') }}</button>
        <LabelsDialog v-model:open="labelling" path="/api/pot-labels.pdf" :more="{ ids: id }" :count="1" />
        <button type="button" class="plain" @click="remove">{{ $t('pot.potsPage.remove') }}</button>
      </p>
      <PotTell
        v-if="open === 'tell'"
        :place="potting.brief.place"
        :states="[potting.state]"
        :busy="busy"
        @tell="told"
        @close="open = undefined"
      />
      <RepotChoice v-else-if="open" :id="id" :origin="open" />
      <div class="columns">
        <section :aria-label="$t('pot.page.cutOpen')">
          <PotDrawing
            v-if="potting.brief.pot"
            ref="drawing"
            :pot="potting.brief.pot"
            :set-up="portrait.setUp"
            :kind="potting.setUpKind"
            :section="section"
            :recipe="portrait.recipe"
            :blend-name="potting.blendName"
            :plant="potting"
            :name="potting.label"
          />
          <p class="soft small">
            {{ $t('pot.page.tints') }}
            <button type="button" class="plain" @click="drawing?.save()">{{ $t('pot.page.save') }}</button>
            <button type="button" class="plain" @click="drawing?.savePng()">
              {{ $t('planting.step.png') }}
            </button>
          </p>
          <p v-if="section.syringe" class="say">
            <b>{{
              $t('planting.readings.syringe', {
                ml: text(settings.measures.volume(section.syringe.doseMl / 1000)),
                days: days(section.syringe.everyDays),
              })
            }}</b>
          </p>
          <ul class="effects">
            <li v-for="effect in section.effects" :key="effect">{{ effect }}</li>
          </ul>
          <template v-if="places && placed && potting.brief.pot">
            <h2>{{ $t('planting.placing.fromAbove') }}</h2>
            <PlacingDrawing :placing="placed" :places="places" :wall="potting.brief.pot.wall" />
            <p class="soft">{{ placed.depth }}</p>
          </template>
          <TroubleList :potting-id="id" />
          <template v-if="events.length > 0">
            <h2>{{ $t('pot.page.happened') }}</h2>
            <HistoryList :events="events" :busy="busy" @take-back="takeBack" />
          </template>
        </section>
        <section :aria-label="$t('pot.page.drying')">
          <h2>{{ $t('pot.page.driesIn', { days: days(section.days) }, section.days > 1 ? 2 : 1) }}</h2>
          <p class="soft">
            {{ $t('pot.page.range', { low: days(section.lowDays), high: days(section.highDays) }) }}
          </p>
          <p v-if="potting.expectedDays !== potting.predictedDays" class="learnt">
            <b>{{ $t('pot.page.learnt', { words: potting.pace }) }}</b>
            {{
              $t('pot.page.expect', { days: days(potting.expectedDays) }, potting.expectedDays > 1 ? 2 : 1)
            }}
          </p>
          <p v-else class="soft">{{ $t('pot.page.learnt', { words: potting.pace }) }}</p>
          <LineChart
            :label="$t('pot.page.curves')"
            :lines="lines"
            :x-name="$t('pot.page.days')"
            :y-name="$t('pot.page.left')"
            :y-min="0"
            :y-max="100"
            :decimals="0"
            :height="210"
            :limit="{ at: 100 * section.wantsShare, words: $t('pot.page.wantsWater'), ink: 'marigold' }"
          />
          <h2>{{ $t('pot.page.howToTell') }}</h2>
          <dl class="tell">
            <dt>{{ $t('pot.page.lift') }}</dt>
            <dd>
              <b class="figures">{{ $t('pot.page.under', { kg: kg(section.wantsKg) }) }}</b>
              <span class="soft">{{
                $t('pot.page.wetAndDry', { wet: kg(section.wateredKg), dry: kg(section.dryKg) })
              }}</span>
            </dd>
            <template v-if="portrait.leafSign">
              <dt>{{ $t('pot.page.thisPlant') }}</dt>
              <dd>{{ portrait.leafSign }}</dd>
            </template>
            <dt>{{ $t('pot.page.surface') }}</dt>
            <dd>{{ surface }}</dd>
            <dt>{{ $t('pot.page.finger') }}</dt>
            <dd>{{ portrait.hint }}</dd>
          </dl>
          <h2>{{ $t('pot.page.seen') }}</h2>
          <SeenThread :potting="potting" :today="portrait.today" :looks="looks" :events="events" />
          <template v-if="here">
            <h2>{{ $t('pot.page.next') }}</h2>
            <dl class="tell">
              <dt>{{ $t('pot.page.nextLook') }}</dt>
              <dd>
                {{ inWords(daysBetween(portrait.today, potting.nextLookOn)) }}
                <span class="soft">{{ potting.nextLookBecause }}</span>
              </dd>
              <template v-for="due in portrait.ahead" :key="due.kind">
                <dt class="cap">{{ due.what }}</dt>
                <dd>
                  {{ inWords(daysBetween(portrait.today, due.on)) }}
                  <span class="soft">{{ due.because }}</span>
                </dd>
              </template>
            </dl>
          </template>
          <h2>{{ $t('pot.page.mixNow') }}</h2>
          <p>
            {{
              $t('pot.page.mixIs', {
                sunk: cm(portrait.now.sunkCm),
                air: figure(portrait.now.airPercent, 0),
                then: figure(portrait.now.airThenPercent, 0),
                least: figure(portrait.now.leastAirPercent, 0),
              })
            }}
          </p>
          <template v-if="portrait.given.length > 0">
            <h2>{{ $t('pot.page.given') }}</h2>
            <ul class="given">
              <li v-for="(each, i) in portrait.given" :key="i">
                <span class="cap">{{ each.what }}</span>
                <span v-if="each.grams !== undefined" class="figures">{{
                  text(settings.measures.grams(each.grams))
                }}</span>
                <span class="soft">{{ shortDate(each.on) }}</span>
                <b>{{ each.says }}</b>
                <span class="left-bar" aria-hidden="true"
                  ><i :style="{ width: `${100 * each.left}%` }"
                /></span>
              </li>
            </ul>
          </template>
          <template v-if="portrait.family.length > 0">
            <h2>{{ $t('pot.page.family') }}</h2>
            <ul class="family">
              <li v-for="each in portrait.family" :key="each.id">
                {{
                  $t(
                    each.mother
                      ? `pot.page.mother.${each.origin ?? 'CUTTING'}`
                      : `pot.page.child.${each.origin ?? 'CUTTING'}`,
                  )
                }}
                <RouterLink :to="`/pots/${each.id}`">{{ each.label }}</RouterLink>
                <span class="soft"
                  >{{ shortDate(each.pottedOn)
                  }}<template v-if="each.state !== 'HERE'"
                    >, {{ $t(`pot.state.${each.state}`) }}</template
                  ></span
                >
              </li>
            </ul>
          </template>
          <p class="links">
            <RouterLink :to="`/blends/${potting.blendId}`">{{ potting.blendName }}</RouterLink>
            <RouterLink :to="`/batches/${potting.batchId}/done`">{{
              $t('pot.page.batch', { lot: potting.lot })
            }}</RouterLink>
          </p>
        </section>
      </div>
    </template>
    <div v-else-if="!problem" class="skeleton" style="height: 480px" />
  </main>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.doings {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin: -4px 0 14px;
}
.doings a {
  font-weight: 700;
}
.given {
  list-style: none;
  padding: 0;
  margin: 0;
}
.given li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: baseline;
}
.left-bar {
  flex: 1 1 60px;
  max-width: 140px;
  height: 5px;
  background: var(--line);
}
.left-bar i {
  display: block;
  height: 100%;
  background: var(--bottle);
}
.learnt b::first-letter {
  text-transform: uppercase;
}
.file {
  cursor: pointer;
}
.file:focus-within {
  outline: 2px solid var(--marigold);
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.05fr) minmax(0, 1fr);
  gap: 40px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.small {
  font-size: 13.5px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
.effects,
.family {
  margin: 0;
  padding-left: 18px;
}
.tell {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0;
  margin: 0;
}
.tell dt,
.tell dd {
  padding: 5px 0;
  margin: 0;
  border-bottom: 1px dashed var(--stitch);
}
.tell dt {
  padding-right: 24px;
}
.tell dd {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}
.tell dd::first-letter,
.cap::first-letter {
  text-transform: uppercase;
}
.links {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  margin-top: 6px;
}
@media print {
  .doings,
  .acts,
  .small .plain,
  .history button {
    display: none;
  }
}
@media (width <= 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
