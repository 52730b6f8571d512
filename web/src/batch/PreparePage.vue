<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, onMounted, ref } from 'vue'
import type { Mixing } from '@/api/types'
import StitchMark from '@/material/StitchMark.vue'
import { t } from '@/words'
import BatchThread from './BatchThread.vue'
import { useMixing } from './useMixing'
import NotShown from '@/parts/NotShown.vue'

/** What has to be done before a batch is mixed: hands and lungs first, then what needs time. Ticks and waits are the same on every device. */
const props = defineProps<{ id: string }>()
const { state, loadProblem, waiting, late, tap, open } = useMixing(props.id)
onMounted(open)
type Task = Mixing['tasks'][number]
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)

const left = (task: Task) =>
  task.begunAt && task.begunMinutes
    ? Math.round((new Date(task.begunAt).getTime() + task.begunMinutes * 60_000 - now.value) / 1000)
    : undefined
const clock = (seconds: number) =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`
const tick = (task: Task) =>
  task.tickedBy ? tap({ kind: 'UNDONE', undoes: task.tickedBy }) : tap({ kind: 'TICKED', thingId: task.key })
const begin = (task: Task, minutes: number) => tap({ kind: 'BEGUN', thingId: task.key, amount: minutes })
const waitLabel = (task: Task, minutes: number, i: number) =>
  task.minutes.length > 1
    ? t(i === 0 ? 'batch.prepare.waitHot' : 'batch.prepare.waitCold', { minutes })
    : t('batch.prepare.wait', { minutes })
const open_ = computed(() => state.value?.tasks.filter((task) => !task.tickedBy).length ?? 0)
</script>

<template>
  <main class="page">
    <NotShown v-if="loadProblem" :problem="loadProblem" list="batches" />
    <template v-if="state">
      <div class="page-head">
        <div>
          <h1>{{ $t('batch.mix.title', { blend: state.blendName }) }}</h1>
          <p class="soft">
            {{ $t('batch.mix.lot', { lot: state.lot, version: state.versionNumber }) }}
          </p>
        </div>
        <BatchThread :id="id" at="prepare" />
      </div>
      <p v-if="late" class="say attention" role="status">
        {{ $t('batch.mix.notSent', { n: waiting }, waiting) }}
      </p>
      <ul class="choices tasks">
        <li v-for="task in state.tasks" :key="task.key" :class="{ done: task.tickedBy }">
          <label>
            <input type="checkbox" :checked="!!task.tickedBy" @change="tick(task)" />
            <StitchMark v-if="task.materialId" :material-id="task.materialId" :size="26" />
            <span class="says">{{ task.says }}</span>
          </label>
          <p v-if="task.minutes.length > 0 && !task.tickedBy" class="waits">
            <b v-if="left(task) !== undefined" class="figures" role="timer">{{
              (left(task) ?? 0) > 0 ? clock(left(task) ?? 0) : $t('batch.prepare.ready')
            }}</b>
            <button
              v-for="(minutes, i) in task.minutes"
              :key="minutes"
              type="button"
              class="plain"
              @click="begin(task, minutes)"
            >
              {{ waitLabel(task, minutes, i) }}
            </button>
          </p>
        </li>
      </ul>
      <p class="on">
        <Button as="router-link" :to="`/batches/${id}/mix`" :label="$t('batch.prepare.on')" />
        <span class="soft">{{
          open_ > 0 ? $t('batch.prepare.open', { n: open_ }, open_) : $t('batch.prepare.all')
        }}</span>
      </p>
    </template>
    <div v-else-if="!loadProblem" class="skeleton" style="height: 320px" />
  </main>
</template>

<style scoped>
.tasks li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 24px;
  align-items: center;
  padding: 12px 0;
  border-bottom: 1px dashed var(--stitch);
}
label {
  display: flex;
  gap: 14px;
  align-items: center;
  cursor: pointer;
}
label input {
  width: 26px;
  height: 26px;
  flex: none;
  accent-color: var(--bottle);
}
.says {
  font-size: 18px;
  line-height: 1.35;
  max-width: 70ch;
}
.done .says {
  color: var(--soft-ink);
  text-decoration: line-through;
}
.waits {
  display: flex;
  gap: 16px;
  align-items: baseline;
}
.waits b {
  font-size: 24px;
}
.on {
  display: flex;
  gap: 16px;
  align-items: baseline;
  margin-top: 22px;
}
@media (width <= 860px) {
  .tasks li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
