<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, PottingTask, Roots, SetUp, SetUpKind } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'

/** The work in its order, to tick off, with what is easily forgotten marked and a clock where one waits. */
const props = defineProps<{
  asked: Asked
  setUp: SetUp
  kind: SetUpKind
  several: boolean
  roots: Roots | undefined
}>()
const done = defineModel<string[]>('done', { required: true })
const { answer: tasks, problem } = useAnswered(
  () =>
    props.asked.brief?.pot
      ? {
          kind: props.kind,
          asked: props.asked,
          setUp: props.setUp,
          several: props.several,
          ...(props.roots ? { roots: props.roots } : {}),
        }
      : undefined,
  (body, signal) => answer(api.POST('/api/planting/plan', { body, signal })),
)
const keyOf = (task: PottingTask) => `${task.step} ${task.words}`
const tick = (task: PottingTask) => {
  const key = keyOf(task)
  done.value = done.value.includes(key) ? done.value.filter((each) => each !== key) : [...done.value, key]
}
const begun = ref<Record<string, number>>({})
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)
const left = (task: PottingTask) => {
  const from = begun.value[keyOf(task)]
  return from === undefined ? undefined : Math.round((from + task.waitMinutes * 60_000 - now.value) / 1000)
}
const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
const open = computed(() => (tasks.value ?? []).filter((task) => !done.value.includes(keyOf(task))).length)
</script>

<template>
  <div class="work-step">
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <p class="soft" role="status">
      {{ $t('planting.work.left', { n: open }, open) }}
    </p>
    <ol>
      <li v-for="task in tasks ?? []" :key="keyOf(task)" :class="{ done: done.includes(keyOf(task)) }">
        <label>
          <input type="checkbox" :checked="done.includes(keyOf(task))" @change="tick(task)" />
          <span>
            {{ task.words }}
            <small v-if="task.easilyForgotten" class="forgotten">{{ $t('planting.work.forgotten') }}</small>
          </span>
        </label>
        <p v-if="task.waitMinutes > 0 && !done.includes(keyOf(task))" class="waits">
          <b v-if="left(task) !== undefined" class="figures" role="timer">{{
            (left(task) ?? 0) > 0 ? clock(left(task) ?? 0) : $t('planting.work.ready')
          }}</b>
          <button v-else type="button" class="plain" @click="begun = { ...begun, [keyOf(task)]: Date.now() }">
            {{ $t('planting.work.start', { minutes: task.waitMinutes }) }}
          </button>
        </p>
      </li>
    </ol>
  </div>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
  counter-reset: step;
}
li {
  border-bottom: 1px dashed var(--stitch);
  padding: 5px 0;
}
label {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 12px;
  align-items: start;
  cursor: pointer;
  min-height: 28px;
}
input {
  width: 20px;
  height: 20px;
  margin-top: 2px;
  accent-color: var(--bottle);
}
.done span {
  color: var(--soft-ink);
  text-decoration: line-through;
}
.forgotten {
  display: inline-block;
  border-left: 3px solid var(--marigold);
  padding-left: 6px;
  margin-left: 6px;
  color: var(--soft-ink);
}
.waits {
  margin: 2px 0 0 32px;
}
</style>
