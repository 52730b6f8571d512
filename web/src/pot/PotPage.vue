<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { Answer, Portrait } from '@/api/types'
import { agoWords, daysBetween, inWords, shortDate } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { labelOf, potWords, WALLS } from '@/need/words'
import LineChart, { type Line } from '@/parts/LineChart.vue'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'
import PotPortrait from './PotPortrait.vue'

/** The page of a pot: cut open, how it dries, how to tell that it wants water, what was seen of it, and what comes next. */
const props = defineProps<{ id: string }>()
const settings = useSettings()
const client = useQueryClient()
const router = useRouter()
const portrait = ref<Portrait>()
const drawing = ref<InstanceType<typeof PotPortrait>>()
const looks = ref<{ id: string; lookedOn: string; answer: Answer }[]>([])
const problem = ref<string>()
const params = { path: { id: props.id } }

const load = async () => {
  try {
    const [drawn, seen] = await Promise.all([
      answer(api.GET('/api/pottings/{id}/portrait', { params })),
      answer(api.GET('/api/pottings/{id}/looks', { params })),
    ])
    portrait.value = drawn
    looks.value = [...seen].sort((a, b) => a.lookedOn.localeCompare(b.lookedOn))
    problem.value = undefined
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  }
}
onMounted(load)
watch(() => speech.units, load)

const potting = computed(() => portrait.value?.potting)
const since = computed(() =>
  potting.value ? daysBetween(potting.value.lastWateredOn, portrait.value?.today ?? '') : 0,
)
const lines = computed<Line[]>(() => {
  const it = portrait.value
  if (!it) {
    return []
  }
  return it.curves.map((curve): Line => ({
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
  }))
})
const ANSWERS: readonly { answer: Answer; label: string }[] = [
  { answer: 'WATERED', label: t('pot.page.watered') },
  { answer: 'STILL_MOIST', label: t('pot.page.stillMoist') },
  { answer: 'BONE_DRY', label: t('pot.page.boneDry') },
]
const look = async (given: Answer) => {
  const id = crypto.randomUUID()
  try {
    await answer(api.POST('/api/looks', { body: { id, pottingId: props.id, answer: given } }))
    await load()
    await client.invalidateQueries()
    say(t('pot.page.noted'), async () => {
      await answer(api.DELETE('/api/looks/{id}', { params: { path: { id } } }))
      await load()
      await client.invalidateQueries()
    })
  } catch (error) {
    sayProblem(error)
  }
}
const remove = async () => {
  try {
    await answer(api.DELETE('/api/pottings/{id}', { params }))
    await client.invalidateQueries()
    say(t('pot.potsPage.isOffTheList', { label: potting.value?.label ?? '' }), async () => {
      await answer(api.POST('/api/pottings/{id}/restore', { params }))
      await client.invalidateQueries()
    })
    await router.push('/pots')
  } catch (error) {
    sayProblem(error)
  }
}
const kg = (value: number) => text(settings.measures.mass(value))
const days = (value: number) => figure(value, value < 3 ? 1 : 0)
const seen = computed(() => {
  const dry = looks.value.filter((each) => each.answer === 'BONE_DRY').length
  const all = t('pot.page.looks', { n: looks.value.length }, looks.value.length)
  return looks.value.length === 0 ? all : `${all}, ${t('pot.page.dry', { n: dry }, dry)}`
})
/** Where a look stands on the thread from potting to today, in per cent. */
const at = (day: string) => {
  const from = potting.value?.pottedOn ?? day
  const all = Math.max(1, daysBetween(from, portrait.value?.today ?? day))
  return Math.max(0, Math.min(100, (100 * daysBetween(from, day)) / all))
}
</script>

<template>
  <main class="page">
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <template v-if="portrait && potting">
      <div class="page-head">
        <div>
          <h1>{{ potting.label }}</h1>
          <p class="soft">
            {{ potting.plantName }} ·
            {{ potting.brief.pot ? potWords(potting.brief.pot, settings.measures) : '' }} ·
            {{ potting.brief.place?.name }} ·
            {{ $t('pot.page.wateredAgo', { ago: agoWords(since) }) }}
          </p>
        </div>
        <div class="acts">
          <Button
            v-for="(each, i) in ANSWERS"
            :key="each.answer"
            :label="each.label"
            :outlined="i > 0"
            @click="look(each.answer)"
          />
        </div>
      </div>
      <div class="columns">
        <section :aria-label="$t('pot.page.cutOpen')">
          <PotPortrait ref="drawing" :portrait="portrait" />
          <p class="soft small">
            {{ $t('pot.page.tints') }}
            <button type="button" class="plain" @click="drawing?.save()">{{ $t('pot.page.save') }}</button>
          </p>
        </section>
        <section :aria-label="$t('pot.page.drying')">
          <h2>{{ $t('pot.page.driesIn', { days: days(portrait.days) }, portrait.days > 1 ? 2 : 1) }}</h2>
          <p class="soft">
            {{ $t('pot.page.range', { low: days(portrait.lowDays), high: days(portrait.highDays) }) }}
          </p>
          <LineChart
            :label="$t('pot.page.curves')"
            :lines="lines"
            :x-name="$t('pot.page.days')"
            :y-name="$t('pot.page.left')"
            :y-min="0"
            :y-max="100"
            :decimals="0"
            :height="220"
            :limit="{ at: 100 * portrait.wantsShare, words: $t('pot.page.wantsWater') }"
          />
          <h2>{{ $t('pot.page.howToTell') }}</h2>
          <dl class="tell">
            <dt>{{ $t('pot.page.lift') }}</dt>
            <dd>
              <b class="figures">{{ $t('pot.page.under', { kg: kg(portrait.wantsKg) }) }}</b>
              <span class="soft">{{
                $t('pot.page.wetAndDry', { wet: kg(portrait.wateredKg), dry: kg(portrait.dryKg) })
              }}</span>
            </dd>
            <template v-if="portrait.hint">
              <dt>{{ $t('pot.page.thisPlant') }}</dt>
              <dd>{{ portrait.hint }}</dd>
            </template>
            <dt>{{ $t('pot.page.next') }}</dt>
            <dd>
              {{ inWords(daysBetween(portrait.today, potting.nextLookOn)) }}
              <span class="soft">{{ potting.nextLookBecause }}</span>
            </dd>
          </dl>
          <h2>{{ $t('pot.page.seen') }}</h2>
          <div class="thread" role="img" :aria-label="seen">
            <span
              v-for="each in looks"
              :key="each.id"
              class="look"
              :class="each.answer"
              :style="{ left: `${at(each.lookedOn)}%` }"
              :title="`${shortDate(each.lookedOn)}: ${$t(`pot.page.answer.${each.answer}`)}`"
            />
          </div>
          <p class="ends soft">
            <span>{{ $t('pot.page.potted', { day: shortDate(potting.pottedOn) }) }}</span>
            <span>{{ seen }}</span>
            <span>{{ $t('pot.page.today') }}</span>
          </p>
          <p class="links">
            <RouterLink :to="`/blends/${potting.blendId}`">{{ potting.blendName }}</RouterLink>
            <RouterLink :to="`/batches/${potting.batchId}/done`">{{
              $t('pot.page.batch', { lot: potting.lot })
            }}</RouterLink>
            <button type="button" class="plain" @click="remove">{{ $t('pot.potsPage.remove') }}</button>
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
}
.tell {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0;
  margin: 0;
}
.tell dt,
.tell dd {
  padding: 7px 0;
  margin: 0;
  border-bottom: 1px dashed var(--stitch);
}
.tell dt {
  padding-right: 24px;
}
.tell dd {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
.thread {
  position: relative;
  height: 22px;
  margin: 6px 6px 0;
  border-bottom: 2px solid var(--bottle);
}
.look {
  position: absolute;
  bottom: -7px;
  width: 12px;
  height: 12px;
  margin-left: -6px;
  border-radius: 50%;
  background: var(--bottle);
}
.look.STILL_MOIST {
  background: var(--paper);
  border: 2px solid var(--bottle);
}
.look.BONE_DRY {
  background: var(--marigold);
}
.ends {
  display: flex;
  justify-content: space-between;
  font-size: 13.5px;
}
.links {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  margin-top: 6px;
}
@media (width <= 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
