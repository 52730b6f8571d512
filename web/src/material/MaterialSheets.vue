<script setup lang="ts">
import { useQueries } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { MaterialSheet } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { figure, spread } from '@/measure/units'
import LineChart, { type Line } from '@/parts/LineChart.vue'
import { t } from '@/words'
import { hazardWords } from './hazards'
import MaterialPicker from './MaterialPicker.vue'
import PoreBar from './PoreBar.vue'
import StitchMark from './StitchMark.vue'

/** One material to read, or two or three side by side, row against row. */
const props = defineProps<{ ids: string[] }>()
const MOST = 3
const router = useRouter()
const settings = useSettings()
const sheets = useQueries({
  queries: computed(() =>
    props.ids.map((id) => ({
      queryKey: ['materials', 'sheet', id],
      queryFn: () => answer(api.GET('/api/materials/{id}/sheet', { params: { path: { id } } })),
      retry: false,
    })),
  ),
})
const shown = computed(() => sheets.value.flatMap((each) => (each.data ? [each.data as MaterialSheet] : [])))
const problems = computed(() => sheets.value.flatMap((each) => (each.error ? [each.error.message] : [])))
const lines = computed(() => [
  ...new Set(shown.value.flatMap((sheet) => sheet.lines.map((line) => line.name))),
])
const line = (sheet: MaterialSheet, name: string) => sheet.lines.find((each) => each.name === name)
const words = (sheet: MaterialSheet): [string, string][] =>
  (
    [
      [t('material.materialSheets.termGrade'), sheet.material.gradeAdvice],
      [t('material.materialSheets.termPrepare'), sheet.material.prepare],
      [t('material.materialSheets.notFor'), sheet.material.notFor],
      [t('material.materialSheets.termHandling'), hazardWords(sheet.material.hazards)],
      [t('material.materialSheets.termSource'), sheet.material.source],
    ] as [string, string][]
  ).filter(([, text]) => text !== '')
const INKS = ['bottle', 'marigold', 'brick'] as const
const curves = computed<Line[]>(() =>
  shown.value.map((sheet, i) => ({
    name: sheet.material.name,
    ink: INKS[i] ?? 'soft',
    points: sheet.curve.map((each) => [
      each.suctionCm * settings.measures.field('length').factor,
      each.waterPercent,
    ]),
  })),
)
const go = (ids: string[]) =>
  router.push(ids.length === 0 ? '/book/materials' : `/book/materials/${ids.join('+')}`)
</script>

<template>
  <p v-for="problem in problems" :key="problem" class="say attention" role="alert">{{ problem }}</p>
  <div class="sheets" :class="{ alone: ids.length === 1 }" :style="{ '--sheets': Math.max(1, shown.length) }">
    <div class="row heads">
      <header v-for="sheet in shown" :key="sheet.material.id">
        <StitchMark :material-id="sheet.material.id" :size="58" />
        <div>
          <h2>{{ sheet.material.name }}</h2>
          <p class="soft">
            {{ sheet.material.grade }} · {{ sheet.material.roleWords.join(', ')
            }}<b v-if="sheet.material.measured" class="measured">
              {{ $t('material.materialSheets.asMeasuredOfYourLot') }}</b
            >
          </p>
          <p class="does" :class="{ never: sheet.material.never }">{{ sheet.material.does }}</p>
          <PoreBar :air="sheet.drainedAirPercent" :water="sheet.drainedWaterPercent" />
          <button
            v-if="ids.length > 1"
            type="button"
            class="plain"
            @click="go(ids.filter((id) => id !== sheet.material.id))"
          >
            {{ $t('material.materialSheets.putAway') }}
          </button>
        </div>
      </header>
    </div>
    <section class="block" :aria-label="$t('material.materialSheets.figures')">
      <p class="soft small">
        {{ $t('material.materialSheets.typicalFiguresEachWithHow') }}
      </p>
      <div class="row">
        <dl v-for="sheet in shown" :key="sheet.material.id">
          <div v-for="name in lines" :key="name">
            <dt>{{ name }}</dt>
            <dd class="figures">
              <template v-if="line(sheet, name)">
                <b>{{ figure(line(sheet, name)!.value, line(sheet, name)!.decimals) }}</b>
                <span v-if="line(sheet, name)!.sd > 0" class="soft">
                  {{ spread(line(sheet, name)!.sd, line(sheet, name)!.decimals) }}</span
                >
                <small class="soft unit">{{ line(sheet, name)!.unit }}</small>
              </template>
              <template v-else>–</template>
            </dd>
          </div>
        </dl>
      </div>
    </section>
    <section class="block" :aria-label="$t('material.materialSheets.inWords')">
      <div class="row">
        <div v-for="sheet in shown" :key="sheet.material.id" class="words">
          <template v-if="sheet.constituents.length > 0">
            <h3>{{ $t('material.materialSheets.openedContents') }}</h3>
            <p v-if="sheet.certainty" class="soft">
              {{ $t('material.materialSheets.makeUpCertainty', { certainty: sheet.certainty }) }}
            </p>
            <ul class="choices made">
              <li v-for="part in sheet.constituents" :key="part.id">
                <StitchMark :material-id="part.id" :size="18" /> {{ part.name }}
                <span class="figures">{{ figure(part.percent, 0) }} %</span>
              </li>
            </ul>
          </template>
          <template v-for="[label, text] in words(sheet)" :key="label">
            <h3>{{ label }}</h3>
            <p>{{ text }}</p>
          </template>
          <template v-if="sheet.standIns.length > 0">
            <h3>{{ $t('material.materialSheets.inItsPlace') }}</h3>
            <ul class="choices made">
              <li v-for="other in sheet.standIns" :key="other.id" class="stand-in">
                <RouterLink :to="`/book/materials/${sheet.material.id}+${other.id}`">{{
                  other.name
                }}</RouterLink>:
                {{
                  other.changes.length > 0
                    ? other.changes.join(', ')
                    : $t('material.materialSheets.muchTheSame')
                }}.
              </li>
            </ul>
          </template>
        </div>
      </div>
    </section>
    <section
      v-if="shown.length > 1"
      class="block"
      :aria-label="$t('material.materialSheets.waterAgainstSuction')"
    >
      <h3>{{ $t('material.materialSheets.waterItHoldsAsSuction') }}</h3>
      <LineChart
        :lines="curves"
        :label="$t('material.materialSheets.waterHeldAgainstSuction')"
        :x-name="$t('material.materialSheets.suction')"
        :y-name="$t('material.materialSheets.water')"
        :y-min="0"
        :x-max="settings.measures.us ? 40 : 100"
        :height="230"
      />
    </section>
    <div v-if="ids.length < MOST" class="another">
      <h3 id="beside-label">{{ $t('material.materialSheets.layAnotherBesideIt') }}</h3>
      <MaterialPicker
        :key="ids.length"
        input-id="beside-material"
        :label="$t('material.materialSheets.layAnotherBesideIt')"
        hide-label
        @chosen="(each) => (ids.includes(each.id) ? undefined : go([...ids, each.id]))"
      />
      <template v-if="shown.length === 1">
        <h3 class="curve">{{ $t('material.materialSheets.waterItHoldsAsSuction') }}</h3>
        <LineChart
          :lines="curves"
          :label="$t('material.materialSheets.waterHeldAgainstSuction')"
          :x-name="$t('material.materialSheets.suctionUnit')"
          :y-name="$t('material.materialSheets.water')"
          :y-min="0"
          :x-max="settings.measures.us ? 40 : 100"
          :height="230"
        />
      </template>
    </div>
  </div>
</template>

<style scoped src="../parts/side-by-side.css"></style>
<style scoped>
header {
  display: flex;
  gap: 18px;
}
header > div {
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: flex-start;
  flex: 1;
  min-width: 0;
}
header .pore-bar {
  width: 100%;
  max-width: 460px;
  margin-top: 4px;
}
.does {
  font: 450 17px/1.4 var(--heading);
}
.does.never {
  color: var(--brick);
}
.figures b {
  margin-right: 0.5ch;
}
.measured {
  margin-left: 0.5ch;
  color: var(--water);
}
.small {
  font-size: 13px;
}
dl {
  margin: 4px 0 0;
}
dl > div {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  border-bottom: 1px solid var(--line);
  padding: 3px 0;
  white-space: nowrap;
}
dt {
  overflow: hidden;
  text-overflow: ellipsis;
}
dd {
  margin: 0;
  font-size: 14px;
}
.unit {
  margin-left: 5px;
}
.words {
  display: flex;
  flex-direction: column;
}
.words h3 {
  margin-top: 8px;
}
.made li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 2px 0;
}
.made li.stand-in {
  display: block;
  padding: 3px 0;
}
.made .figures {
  margin-left: auto;
}
.another .curve {
  margin-top: 18px;
}
@media (width <= 860px) {
  header {
    gap: 10px;
    flex-direction: column;
  }
}
</style>
