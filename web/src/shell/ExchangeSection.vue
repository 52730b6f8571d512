<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, onBeforeUnmount, ref } from 'vue'
import { answer, api, sendFile } from '@/api/client'
import type { IncomingFile } from '@/api/types'
import { say, sayProblem } from '@/parts/notices'
import FilesPanel from '@/shelf/FilesPanel.vue'
import { t } from '@/words'

/** Everything in one file: out; and in, after it was looked through and somebody has said what shall stand. */
const client = useQueryClient()
const TABLES = ['pots', 'batches'] as const
const AGAIN_MS = 400
const incoming = ref<IncomingFile>()
const wins = ref<'HERE' | 'FILE'>('HERE')
const problem = ref<string>()
const busy = computed(() => incoming.value?.state === 'READING' || incoming.value?.state === 'STORING')
const differing = computed(() => (incoming.value?.kinds ?? []).reduce((sum, each) => sum + each.differing, 0))
const fresh = computed(() => (incoming.value?.kinds ?? []).reduce((sum, each) => sum + each.fresh, 0))
let gone = false
onBeforeUnmount(() => {
  gone = true
})

const path = (id: string) => ({ params: { path: { id } } })
const follow = async (id: string) => {
  while (busy.value && !gone) {
    await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
    incoming.value = await answer(api.GET('/api/house/incoming/{id}', path(id)))
  }
  if (incoming.value?.state === 'FAILED' || incoming.value?.state === 'CANCELLED') {
    problem.value = incoming.value.says
    incoming.value = undefined
  } else if (incoming.value?.state === 'DONE') {
    say(incoming.value.says)
    incoming.value = undefined
    await client.invalidateQueries()
  }
}
const send = async (event: Event) => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) {
    return
  }
  problem.value = undefined
  wins.value = 'HERE'
  const id = crypto.randomUUID()
  try {
    incoming.value = await sendFile<IncomingFile>(`/api/house/incoming/${id}`, 'application/zip', file)
    await follow(id)
  } catch (error) {
    incoming.value = undefined
    problem.value = error instanceof Error ? error.message : String(error)
  }
}
const take = async () => {
  const id = incoming.value?.id ?? ''
  try {
    incoming.value = await answer(
      api.POST('/api/house/incoming/{id}/take', {
        params: { path: { id }, query: { wins: wins.value } },
      }),
    )
    await follow(id)
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  }
}
const leave = async () => {
  const id = incoming.value?.id
  if (incoming.value?.state === 'READY') {
    incoming.value = undefined
  }
  if (id !== undefined) {
    await answer(api.DELETE('/api/house/incoming/{id}', path(id))).catch(sayProblem)
  }
}
const numbers = computed(() =>
  (incoming.value?.numbers ?? []).map((each) => `${each.before} → ${each.now}`).join(', '),
)
const kindWords = (kind: string) => t(`frame.exchange.kinds.${kind}`)
</script>

<template>
  <section class="exchange">
    <h2>{{ $t('frame.exchange.title') }}</h2>
    <p class="soft">{{ $t('frame.exchange.lead') }}</p>
    <p class="ways">
      <a href="/api/house/everything" download class="word">{{ $t('frame.exchange.out') }}</a>
      <label class="file-pick">
        {{ $t('frame.exchange.in') }}
        <input
          type="file"
          accept=".zip,application/zip"
          class="visually-hidden"
          :disabled="busy"
          @change="send"
        />
      </label>
    </p>
    <p class="soft">{{ $t('frame.exchange.tables') }}</p>
    <p class="ways">
      <a v-for="each in TABLES" :key="each" :href="`/api/house/tables/${each}`" download class="word">{{
        $t(`frame.exchange.kinds.${each}`)
      }}</a>
      <RouterLink to="/shelf/files">{{ $t('frame.exchange.shelf') }}</RouterLink>
    </p>
    <FilesPanel :kinds="['looks', 'tests']" />
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <p v-if="incoming && busy" class="say" role="status">
      {{
        $t(incoming.state === 'READING' ? 'frame.exchange.reading' : 'frame.exchange.taking', {
          n: incoming.rows,
        })
      }}
      <button type="button" class="plain" @click="leave">{{ $t('frame.exchange.stop') }}</button>
    </p>
    <div v-if="incoming?.state === 'READY'" class="found">
      <table class="lines">
        <thead>
          <tr>
            <th scope="col">{{ $t('frame.exchange.kind') }}</th>
            <th scope="col" class="right">{{ $t('frame.exchange.fresh') }}</th>
            <th scope="col" class="right">{{ $t('frame.exchange.same') }}</th>
            <th scope="col" class="right">{{ $t('frame.exchange.differing') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in incoming.kinds" :key="each.kind">
            <th scope="row">{{ kindWords(each.kind) }}</th>
            <td class="right figures">{{ each.fresh || '–' }}</td>
            <td class="right figures">{{ each.same || '–' }}</td>
            <td class="right figures">{{ each.differing || '–' }}</td>
          </tr>
        </tbody>
      </table>
      <div>
        <p v-if="fresh + differing === 0">{{ $t('frame.exchange.nothing') }}</p>
        <p v-for="each in incoming.clashes.slice(0, 3)" :key="each" class="say attention">{{ each }}</p>
        <fieldset v-if="differing > 0 && incoming.possible">
          <legend>{{ $t('frame.exchange.which', { n: differing }) }}</legend>
          <label><input v-model="wins" type="radio" value="HERE" /> {{ $t('frame.exchange.here') }}</label>
          <label
            ><input v-model="wins" type="radio" value="FILE" :disabled="incoming.clashes.length > 0" />
            {{ $t('frame.exchange.file') }}</label
          >
        </fieldset>
        <p v-if="numbers" class="soft">{{ $t('frame.exchange.numbers', { list: numbers }) }}</p>
        <p class="ways">
          <Button
            v-if="fresh + differing > 0 && incoming.possible"
            :label="$t('frame.exchange.take')"
            @click="take"
          />
          <button type="button" class="plain" @click="leave">{{ $t('frame.exchange.leave') }}</button>
          <small v-if="fresh + differing > 0 && incoming.possible" class="soft">{{
            $t('frame.exchange.backed')
          }}</small>
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 2px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  margin: 8px 0;
}
.found {
  display: grid;
  grid-template-columns: minmax(0, 460px) minmax(0, 1fr);
  gap: 34px;
  align-items: start;
}
fieldset {
  display: flex;
  flex-direction: column;
  gap: 6px;
  border: 0;
  padding: 0;
  margin: 0 0 10px;
}
legend {
  font-weight: 600;
  padding: 0;
}
@media (width <= 860px) {
  .found {
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
  }
}
</style>
