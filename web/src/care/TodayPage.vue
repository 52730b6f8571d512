<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Answer, Potting } from '@/api/types'
import EmptyPage from '@/parts/EmptyPage.vue'
import { newId } from '@/parts/newId'
import { say, sayProblem } from '@/parts/notices'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { potWords } from '@/need/words'
import { useShelf } from '@/shelf/useShelf'
import AskAfter from '@/outcome/AskAfter.vue'
import TroubleList from '@/trouble/TroubleList.vue'
import { t } from '@/words'
import { agoWords, daysBetween, inWords, longDate, shortDate } from '@/measure/days'

/** Who to look at today, and what is waiting. */
const settings = useSettings()
const client = useQueryClient()
const query = useQuery({ queryKey: ['today'], queryFn: () => answer(api.GET('/api/today')), staleTime: 0 })
const today = computed(() => query.data.value)
const { low, furtherLow } = useShelf()
const busy = ref(new Set<string>())

const byPlace = computed(() => {
  const places = new Map<string, Potting[]>()
  for (const each of today.value?.due ?? []) {
    const place = each.brief.place?.name ?? t('care.todayPage.elsewhere')
    places.set(place, [...(places.get(place) ?? []), each])
  }
  return [...places.entries()]
})
const later = computed(() => today.value?.later ?? [])

const ANSWERS: { answer: Answer; label: string; done: string }[] = [
  { answer: 'WATERED', label: t('care.todayPage.iWateredIt'), done: t('care.todayPage.doneWatered') },
  { answer: 'STILL_MOIST', label: t('care.todayPage.stillMoist'), done: t('care.todayPage.leftStillMoist') },
  {
    answer: 'BONE_DRY',
    label: t('care.todayPage.wasBoneDryWatered'),
    done: t('care.todayPage.wateredWasBoneDry'),
  },
]

const look = async (potting: Potting, given: (typeof ANSWERS)[number]) => {
  if (busy.value.has(potting.id)) {
    return
  }
  busy.value.add(potting.id)
  const id = newId()
  try {
    const after = await answer(
      api.POST('/api/looks', { body: { id, pottingId: potting.id, answer: given.answer } }),
    )
    await client.invalidateQueries({ queryKey: ['today'] })
    say(
      t('care.todayPage.nextLook', {
        label: potting.label,
        done: given.done,
        inWords: inWords(daysBetween(today.value?.date ?? '', after.nextLookOn)),
      }),
      async () => {
        await answer(api.DELETE('/api/looks/{id}', { params: { path: { id } } }))
        await client.invalidateQueries({ queryKey: ['today'] })
      },
    )
  } catch (error) {
    sayProblem(error)
  } finally {
    busy.value.delete(potting.id)
  }
}
const since = (potting: Potting) => daysBetween(potting.lastWateredOn, today.value?.date ?? '')
const overdue = (potting: Potting) => daysBetween(potting.nextLookOn, today.value?.date ?? '')
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('care.todayPage.today') }}</h1>
        <p v-if="today" class="soft">
          {{ longDate(today.date) }} ·
          {{
            today.dueInAll === 0
              ? $t('care.todayPage.noPotToLookAt')
              : today.dueInAll === 1
                ? $t('care.todayPage.onePotToLookAt')
                : $t('care.todayPage.potsToLookAt', { length: today.dueInAll })
          }}
        </p>
      </div>
      <div class="ways">
        <RouterLink v-if="today && today.dueInAll + today.laterInAll > 0" to="/leave">{{
          $t('care.leave.link')
        }}</RouterLink>
        <RouterLink to="/year">{{ $t('outcome.year.link') }}</RouterLink>
        <RouterLink to="/calendar">{{ $t('care.calendar.link') }}</RouterLink>
        <RouterLink v-if="today && today.dueInAll > 0" to="/round" class="walk">{{
          $t('care.round.walk')
        }}</RouterLink>
      </div>
    </div>
    <p v-if="query.error.value" class="say harm" role="alert">{{ query.error.value.message }}</p>
    <div v-if="!today && !query.error.value">
      <div v-for="i in 5" :key="i" class="skeleton" style="height: 58px; margin-bottom: 10px" />
    </div>
    <div v-if="today" class="columns">
      <section :aria-label="$t('care.todayPage.toLookAt')">
        <template v-for="[place, pottings] in byPlace" :key="place">
          <h2 class="place">{{ place }}</h2>
          <ul class="choices">
            <li v-for="potting in pottings" :key="potting.id" class="due">
              <div class="who">
                <b
                  ><RouterLink :to="`/pots/${potting.id}`">{{ potting.label }}</RouterLink></b
                >
                <span class="soft">
                  {{ potting.brief.pot ? potWords(potting.brief.pot, settings.measures) : '' }} ·
                  {{ potting.blendName }}
                </span>
                <span class="why">
                  {{
                    agoWords(since(potting)) === 'today'
                      ? $t('care.todayPage.wateredToday')
                      : $t('care.todayPage.watered', { agoWords: agoWords(since(potting)) })
                  }}, {{ potting.nextLookBecause
                  }}<template v-if="overdue(potting) > 0">{{
                    $t('care.todayPage.late', {
                      overdue:
                        overdue(potting) === 1
                          ? $t('care.todayPage.aDay')
                          : $t('care.todayPage.days', { overdue: overdue(potting) }),
                    })
                  }}</template
                  >.
                </span>
              </div>
              <div class="answers">
                <Button
                  v-for="(given, i) in ANSWERS"
                  :key="given.answer"
                  :label="given.label"
                  :outlined="i > 0"
                  :text="i === 2"
                  size="small"
                  :disabled="busy.has(potting.id)"
                  :aria-label="`${given.label}: ${potting.label}`"
                  @click="look(potting, given)"
                />
              </div>
            </li>
          </ul>
        </template>
        <EmptyPage
          v-if="today.dueInAll === 0 && today.later.length === 0"
          what="pot"
          :title="$t('care.todayPage.emptyTitle')"
        >
          {{ $t('care.todayPage.empty') }}
          <template #action>
            <RouterLink to="/blends">{{ $t('care.todayPage.toTheBlends') }}</RouterLink>
          </template>
        </EmptyPage>
        <p v-else-if="today.dueInAll === 0" class="empty">{{ $t('care.todayPage.nothingToLookAtToday') }}</p>
      </section>
      <aside :aria-label="$t('care.todayPage.comingUp')">
        <TroubleList class="to-see" />
        <AskAfter />
        <template v-if="today.toTest.length > 0">
          <h2>{{ $t('care.todayPage.toTest') }}</h2>
          <ul class="choices small">
            <li v-for="batch in today.toTest" :key="batch.id">
              <RouterLink :to="`/batches/${batch.id}/test`">{{ batch.blendName }}</RouterLink>
              <span class="soft">{{
                $t('care.todayPage.toTestSince', { day: shortDate(batch.testOn) })
              }}</span>
            </li>
          </ul>
        </template>
        <template v-if="today.toMix.length > 0">
          <h2>{{ $t('care.todayPage.toMix') }}</h2>
          <ul class="choices small">
            <li v-for="batch in today.toMix" :key="batch.id">
              <RouterLink :to="`/batches/${batch.id}`">{{ batch.blendName }}</RouterLink>
              <span class="soft">
                {{
                  batch.litresToMake === undefined
                    ? '–'
                    : batch.pots === 0
                      ? text(settings.measures.volume(batch.litresToMake))
                      : $t('care.todayPage.for', {
                          volume: text(settings.measures.volume(batch.litresToMake)),
                          batch:
                            batch.pots === 1
                              ? $t('care.todayPage.onePot')
                              : $t('care.todayPage.pots', { pots: batch.pots }),
                        })
                }}
              </span>
            </li>
          </ul>
        </template>
        <template v-if="low.length > 0">
          <h2>{{ $t('care.todayPage.runningLow') }}</h2>
          <ul class="choices small">
            <li v-for="each in low" :key="each.materialId">
              <RouterLink to="/shelf/buy">{{ each.materialName }}</RouterLink>
              <span class="soft">{{
                $t('care.todayPage.left', { stock: text(settings.measures.stock(each.leftLitres)) })
              }}</span>
            </li>
          </ul>
          <p v-if="furtherLow > 0" class="soft">
            {{ $t('care.todayPage.furtherLow', { n: furtherLow }) }}
          </p>
        </template>
        <h2 v-if="later.length > 0">{{ $t('care.todayPage.nextDays') }}</h2>
        <ul class="choices small">
          <li v-for="potting in later" :key="potting.id">
            <span>{{ potting.label }}</span>
            <span class="soft">{{ inWords(daysBetween(today.date, potting.nextLookOn)) }}</span>
          </li>
        </ul>
        <p v-if="today.later.length > later.length" class="soft">
          {{ $t('care.todayPage.andMoreIn', { today: today.later.length - later.length }) }}
          <RouterLink to="/pots">{{ $t('care.todayPage.linkToPots') }}</RouterLink>
        </p>
      </aside>
    </div>
  </main>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: center;
}
.ways a {
  font-weight: 700;
}
.ways .walk {
  font-weight: 700;
  color: var(--paper);
  background: var(--bottle);
  padding: 9px 16px;
  text-decoration: none;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 40px;
}
.place {
  text-transform: none;
  margin: 20px 0 4px;
  padding-bottom: 4px;
  border-bottom: 1px dashed var(--stitch);
}
.place::first-letter {
  text-transform: uppercase;
}
section > .place:first-child {
  margin-top: 0;
}
.due {
  display: flex;
  gap: 14px 20px;
  align-items: center;
  justify-content: space-between;
  padding: 9px 0;
  border-bottom: 1px solid var(--line);
}
.who {
  display: flex;
  flex-direction: column;
  line-height: 1.3;
  min-width: 0;
}
.who b {
  font-size: 16px;
  overflow-wrap: anywhere;
}
.who b a {
  color: inherit;
  text-decoration: none;
}
.who b a:hover {
  text-decoration: underline;
}
.who .soft,
.why {
  font-size: 13.5px;
}
.answers {
  display: flex;
  gap: 8px;
  flex: none;
}
aside {
  border-left: 1px dashed var(--stitch);
  padding-left: 24px;
}
aside h2 {
  margin: 0 0 6px;
}
aside ul + h2 {
  margin-top: 22px;
}
.small li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
  font-size: 14px;
}
.small .soft {
  white-space: nowrap;
}
.empty {
  font-size: 17px;
  max-width: 46ch;
}
@media (width <= 1120px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    border-left: 0;
    border-top: 1px dashed var(--stitch);
    padding: 16px 0 0;
  }
}
@media (width <= 860px) {
  .due {
    flex-direction: column;
    align-items: flex-start;
  }
  .answers {
    flex-wrap: wrap;
  }
  .answers :deep(button) {
    min-height: 42px;
  }
}
</style>
