<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, onBeforeUnmount, ref } from 'vue'
import { answer, api } from '@/api/client'
import { figure } from '@/measure/units'
import { momentWords } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'
import DevicesSection from './DevicesSection.vue'
import ExchangeSection from './ExchangeSection.vue'
import PeopleSection from './PeopleSection.vue'
import SettingsFields from './SettingsFields.vue'
import TakenAway from './TakenAway.vue'
import { useMe } from './useMe'

/** The house: whether its data can be read, and its backups, made by hand, daily and before upgrades; one is put back after asking. */
const client = useQueryClient()
const { me } = useMe()
/** Who shares the house and is no keeper sees of this page who they are. */
const keeps = computed(() => me.value !== undefined && (!me.value.shared || me.value.role === 'KEEPER'))
const { data, error } = useQuery({
  queryKey: ['house'],
  queryFn: () => answer(api.GET('/api/house')),
  staleTime: 0,
  enabled: computed(() => keeps.value),
})
const busy = ref(false)
const asked = ref<string>()
const restarting = ref(false)
const BYTES_A_MB = 1e6
const BYTES_A_GB = 1e9
const size = (bytes: number) =>
  bytes < BYTES_A_GB
    ? t('frame.house.mb', { mb: figure(bytes / BYTES_A_MB, bytes < BYTES_A_MB ? 2 : 1) })
    : t('frame.house.gb', { gb: figure(bytes / BYTES_A_GB, 1) })
const doing = async (work: () => Promise<void>) => {
  busy.value = true
  try {
    await work()
    await client.invalidateQueries({ queryKey: ['house'] })
  } catch (problem) {
    sayProblem(problem)
  } finally {
    busy.value = false
  }
}
const backUp = () =>
  doing(async () => {
    const made = await answer(api.POST('/api/house/backups'))
    say(t('frame.house.made', { rows: made.rows ?? 0 }))
  })
const check = () =>
  doing(async () => {
    const found = await answer(api.POST('/api/house/check'))
    if (found.problem === undefined) {
      say(t('frame.house.readable', { rows: found.rows }))
    }
  })
const AGAIN_MS = 1000
let gone = false
onBeforeUnmount(() => {
  gone = true
})
const awaitStart = async () => {
  await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
  if (gone) {
    return
  }
  try {
    await answer(api.GET('/api/house'))
    window.location.assign('/')
  } catch {
    // it is not there yet
    await awaitStart()
  }
}
const restore = (name: string) =>
  doing(async () => {
    await answer(api.POST('/api/house/backups/{name}/restore', { params: { path: { name } } }))
    asked.value = undefined
    restarting.value = true
    void awaitStart()
  })
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('frame.house.title') }}</h1>
        <p class="soft">{{ $t('frame.house.lead') }}</p>
      </div>
      <div v-if="keeps" class="acts">
        <Button :label="$t('frame.house.check')" outlined :disabled="busy || restarting" @click="check" />
        <Button
          v-if="data && !data.onServer"
          :label="$t('frame.house.backUp')"
          :disabled="busy || restarting"
          @click="backUp"
        />
      </div>
    </div>
    <p v-if="restarting" class="say" role="status">{{ $t('frame.house.restarting') }}</p>
    <p v-else-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="keeps && !data && !error" class="skeleton" style="height: 240px" />
    <template v-if="data">
      <p v-if="data.check?.problem" class="say harm" role="alert">
        {{ $t('frame.house.damaged', { problem: data.check.problem }) }}
      </p>
      <dl class="facts">
        <div>
          <dt>{{ $t('frame.house.folder') }}</dt>
          <dd class="path">{{ data.folder }}</dd>
        </div>
        <div v-if="!data.onServer">
          <dt>{{ $t('frame.house.size') }}</dt>
          <dd>{{ size(data.bytes) }}</dd>
        </div>
        <div v-if="!data.onServer">
          <dt>{{ $t('frame.house.free') }}</dt>
          <dd>{{ size(data.freeBytes) }}</dd>
        </div>
        <div>
          <dt>{{ $t('frame.house.checked') }}</dt>
          <dd v-if="data.check && !data.check.problem">
            {{ $t('frame.house.allRead', { at: momentWords(data.check.at), rows: data.check.rows }) }}
          </dd>
          <dd v-else>{{ $t('frame.house.notYet') }}</dd>
        </div>
      </dl>
      <h2>{{ $t('frame.house.backups') }}</h2>
      <p v-if="data.onServer" class="soft">{{ $t('frame.house.onServer') }}</p>
      <p v-else class="soft">{{ $t('frame.house.rule') }}</p>
      <p v-if="data.backups.length === 0 && !data.onServer">{{ $t('frame.house.none') }}</p>
      <table v-else-if="!data.onServer" class="lines">
        <thead>
          <tr>
            <th scope="col">{{ $t('frame.house.at') }}</th>
            <th scope="col">{{ $t('frame.house.because') }}</th>
            <th scope="col" class="right">{{ $t('frame.house.size') }}</th>
            <th scope="col" />
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in data.backups" :key="each.name">
            <th scope="row">{{ momentWords(each.at) }}</th>
            <td>{{ $t(`frame.house.why.${each.why}`) }}</td>
            <td class="right figures">{{ size(each.bytes) }}</td>
            <td class="doings">
              <a :href="`/api/house/backups/${each.name}`" download>{{ $t('frame.house.download') }}</a>
              <button
                type="button"
                class="plain"
                :aria-label="`${$t('frame.house.restore')}: ${momentWords(each.at)}`"
                :disabled="busy || restarting"
                @click="asked = each.name"
              >
                {{ $t('frame.house.restore') }}
              </button>
              <div
                v-if="asked === each.name"
                class="say attention"
                role="alertdialog"
                :aria-label="$t('frame.house.sure')"
              >
                <p>{{ $t('frame.house.replaces', { at: momentWords(each.at) }) }}</p>
                <Button
                  :label="$t('frame.house.yes')"
                  size="small"
                  :disabled="busy"
                  @click="restore(each.name)"
                />
                <button type="button" class="plain" @click="asked = undefined">
                  {{ $t('frame.house.no') }}
                </button>
              </div>
            </td>
          </tr>
        </tbody>
      </table>
      <TakenAway />
      <ExchangeSection />
    </template>
    <PeopleSection />
    <DevicesSection />
    <section>
      <h2>{{ $t('frame.house.settings') }}</h2>
      <SettingsFields prefix="house-" />
      <p class="soft">{{ $t('frame.house.language') }}</p>
    </section>
  </main>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 10px;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 38px;
}
dt {
  color: var(--soft-ink);
  font-size: 13.5px;
}
dd {
  margin: 0;
  font-weight: 600;
}
.path {
  font-family: var(--figures);
  overflow-wrap: anywhere;
}
h2 {
  margin: 18px 0 2px;
}
.doings .plain {
  margin-left: 16px;
}
</style>
