<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { Brought } from '@/api/types'
import { longDate, shortDate } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import LineChart, { type Line } from '@/parts/LineChart.vue'
import { say } from '@/parts/notices'
import SelectField from '@/parts/SelectField.vue'
import { t } from '@/words'

/** The weather where pots stand: a logger is read, or its file taken in, looked through first; looks at the pots of the place follow it. */
const settings = useSettings()
const client = useQueryClient()
const places = useQuery({
  queryKey: ['climate', 'places'],
  queryFn: () => answer(api.GET('/api/climate/places')),
  staleTime: 0,
})
const place = ref<string>()
watch(
  () => places.data.value,
  (all) => {
    place.value ??= [...(all ?? [])].sort((one, other) => other.days - one.days)[0]?.place
  },
  { immediate: true },
)
const options = computed(() =>
  (places.data.value ?? []).map((each) => ({
    value: each.place,
    label: t('care.weather.option', { place: each.place, pots: each.pots, days: each.days }, each.pots),
  })),
)
const logged = useQuery({
  queryKey: computed(() => ['climate', 'days', place.value]),
  queryFn: () => answer(api.GET('/api/climate', { params: { query: { place: place.value ?? '' } } })),
  enabled: computed(() => place.value !== undefined),
  staleTime: 0,
})
const days = computed(() => logged.data.value ?? [])
const degrees = (celsius: number) => settings.measures.temperature(celsius)
const lines = computed<Line[]>(() => [
  {
    name: t('care.weather.degrees'),
    ink: 'brick',
    points: days.value.map((day, i): [number, number] => [
      i + 1 - days.value.length,
      Number(degrees(day.temperatureC).figure.replace('−', '-')),
    ]),
  },
])
const rain = computed(() => days.value.reduce((sum, day) => sum + day.rainMm, 0))
const fallen = (mm: number) => text(settings.measures.typed(mm, 'rain'))
const MOST_MM = 20

const file = ref('')
const looked = ref<Brought>()
const problem = ref<string>()
const busy = ref(false)
watch([file, place], () => (looked.value = undefined))
const refresh = () =>
  Promise.all(
    ['climate', 'today', 'round', 'pottings'].map((key) => client.invalidateQueries({ queryKey: [key] })),
  )
const bring = async (asked: () => Promise<Brought>) => {
  busy.value = true
  problem.value = undefined
  try {
    return await asked()
  } catch (error) {
    problem.value = (error as Error).message
    return undefined
  } finally {
    busy.value = false
  }
}
const kept = (brought: Brought) => {
  say(
    brought.days.length === 0
      ? t('care.weather.nothingNew')
      : t('care.weather.kept', { n: brought.days.length, moved: brought.moved }, brought.days.length),
  )
  void refresh()
}
const ask = (keep: boolean) =>
  answer(api.POST('/api/climate/file', { body: { place: place.value ?? '', text: file.value, keep } }))
const look = async () => (looked.value = await bring(() => ask(false)))
const keep = async () => {
  const brought = await bring(() => ask(true))
  if (brought) {
    file.value = ''
    kept(brought)
  }
}
const readLogger = async () => {
  const brought = await bring(() =>
    answer(api.POST('/api/climate/logger', { body: { place: place.value ?? '' } })),
  )
  if (brought) {
    kept(brought)
  }
}
const chosen = async (event: Event) => {
  const input = event.target as HTMLInputElement
  const [one] = input.files ?? []
  if (one) {
    file.value = await one.text()
    await look()
  }
  input.value = ''
}
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('care.weather.title') }}</h1>
        <p class="soft">{{ $t('care.weather.lead') }}</p>
      </div>
      <SelectField
        v-if="options.length > 0"
        v-model="place"
        :options="options"
        :label="$t('care.weather.place')"
        input-id="weather-place"
      />
    </div>
    <p v-if="places.error.value" class="say harm" role="alert">{{ places.error.value.message }}</p>
    <p v-if="places.data.value && options.length === 0">{{ $t('care.weather.noPlace') }}</p>
    <div v-if="place" class="columns">
      <section :aria-label="$t('care.weather.logged')">
        <h2>{{ $t('care.weather.logged') }}</h2>
        <p v-if="logged.data.value && days.length === 0">{{ $t('care.weather.none') }}</p>
        <template v-if="days.length > 0">
          <LineChart
            :label="$t('care.weather.chart', { place })"
            :lines="lines"
            :x-name="$t('care.weather.daysAgo')"
            :y-name="degrees(0).unit"
            :decimals="1"
            :height="220"
          />
          <ol class="rain" :aria-label="$t('care.weather.rain')">
            <li v-for="day in days" :key="day.day" :title="`${shortDate(day.day)}: ${fallen(day.rainMm)}`">
              <span :style="{ height: `${Math.min(100, (100 * day.rainMm) / MOST_MM)}%` }" />
            </li>
          </ol>
          <p class="soft">
            {{ $t('care.weather.rainInAll', { rain: fallen(Math.round(rain)), days: days.length }) }}
          </p>
          <div class="table" tabindex="0" role="region" :aria-label="$t('care.weather.byDay')">
            <table class="lines">
              <thead>
                <tr>
                  <th scope="col">{{ $t('care.weather.day') }}</th>
                  <th scope="col" class="right">{{ degrees(0).unit }}</th>
                  <th scope="col" class="right">%</th>
                  <th scope="col" class="right">{{ settings.measures.field('rain').unit }}</th>
                  <th scope="col" class="right">{{ $t('care.weather.light') }}</th>
                </tr>
              </thead>
              <tbody class="figures">
                <tr v-for="day in [...days].reverse()" :key="day.day">
                  <th scope="row">{{ shortDate(day.day) }}</th>
                  <td class="right">{{ degrees(day.temperatureC).figure }}</td>
                  <td class="right">{{ figure(day.humidityPercent, 0) }}</td>
                  <td class="right">
                    {{ day.rainMm < 0.05 ? '–' : settings.measures.typed(day.rainMm, 'rain').figure }}
                  </td>
                  <td class="right">{{ day.lightMol === undefined ? '–' : figure(day.lightMol, 0) }}</td>
                </tr>
              </tbody>
            </table>
          </div>
        </template>
      </section>
      <section :aria-label="$t('care.weather.bring')">
        <h2>{{ $t('care.weather.bring') }}</h2>
        <p>
          <Button :label="$t('care.weather.read')" outlined :disabled="busy" @click="readLogger" />
        </p>
        <p class="soft">{{ $t('care.weather.simulated') }}</p>
        <label for="logger-file" class="over">{{ $t('care.weather.paste') }}</label>
        <Textarea
          id="logger-file"
          v-model="file"
          rows="6"
          spellcheck="false"
          :placeholder="$t('care.weather.example')"
        />
        <p class="acts">
          <Button :label="$t('care.weather.look')" :disabled="busy || file.trim() === ''" @click="look" />
          <label class="plain file">
            {{ $t('care.weather.choose') }}
            <input
              type="file"
              accept=".csv,.txt,text/csv,text/plain"
              class="visually-hidden"
              @change="chosen"
            />
          </label>
        </p>
        <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
        <div v-if="looked" class="say" role="status">
          <p v-if="looked.days.length > 0">
            {{
              $t(
                'care.weather.would',
                {
                  n: looked.days.length,
                  from: longDate(looked.days[0]?.day ?? ''),
                  to: longDate(looked.days.at(-1)?.day ?? ''),
                  known: looked.known,
                },
                looked.days.length,
              )
            }}
          </p>
          <p v-else>{{ $t('care.weather.noDays') }}</p>
          <p v-if="looked.tooShort.length > 0" class="soft">
            {{
              $t('care.weather.tooShort', { days: looked.tooShort.map((day) => shortDate(day)).join(', ') })
            }}
          </p>
          <ul v-if="looked.bad.length > 0" class="bad">
            <li v-for="each in looked.bad" :key="each">{{ each }}</li>
          </ul>
          <Button
            v-if="looked.days.length > 0"
            :label="$t('care.weather.keep')"
            :disabled="busy"
            @click="keep"
          />
        </div>
      </section>
    </div>
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 40px;
  align-items: start;
}
.rain {
  display: flex;
  align-items: flex-end;
  gap: 2px;
  height: 46px;
  margin: 0 24px 2px 52px;
  padding: 0;
  list-style: none;
  border-bottom: 1px solid var(--line);
}
.rain li {
  flex: 1;
  height: 100%;
  display: flex;
  align-items: flex-end;
}
.rain span {
  width: 100%;
  background: var(--water);
}
.table {
  max-height: 260px;
  overflow-y: auto;
}
textarea {
  width: 100%;
  font-family: var(--figures);
  font-size: 13px;
}
.over {
  display: block;
  margin-top: 16px;
}
.acts {
  display: flex;
  gap: 16px;
  align-items: center;
}
.file {
  cursor: pointer;
}
.file:focus-within {
  outline: 2px solid var(--marigold);
}
.bad {
  color: var(--brick);
}
@media (width <= 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
