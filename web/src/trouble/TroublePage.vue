<script setup lang="ts">
import { computed, ref } from 'vue'
import { agoWords } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'
import DoPanel from './DoPanel.vue'
import SignPicker from './SignPicker.vue'
import SuspectList from './SuspectList.vue'
import { useTrouble } from './useTrouble'
import NotShown from '@/parts/NotShown.vue'

/** What is wrong with a plant: what is seen, the question that would tell most, causes with their shares, what to do. */
const props = defineProps<{ id: string }>()
const settings = useSettings()
const { told, diagnosis, problem, say, takeOff, pass, askAgain, suspect, choose, forget } = useTrouble(
  props.id,
)
/** Whether all signs are shown: at first where nothing is told yet, then as it was left. */
const picking = ref(told.value.seen.length === 0)
const kg = (value: number) => text(settings.measures.mass(value))
const next = computed(() => diagnosis.value?.next)
</script>

<template>
  <main class="page">
    <NotShown v-if="problem && !diagnosis" :problem="problem" list="pots" />
    <p v-else-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <template v-if="diagnosis">
      <div class="page-head">
        <div>
          <h1>{{ $t('trouble.title', { label: diagnosis.label }) }}</h1>
          <p class="soft">
            <RouterLink :to="`/pots/${id}`">{{ diagnosis.label }}</RouterLink> ·
            {{ $t('pot.page.wateredAgo', { ago: agoWords(diagnosis.wateredDaysAgo) }) }} ·
            {{ $t('trouble.lead') }}
          </p>
        </div>
      </div>
      <div class="columns">
        <section :aria-label="$t('trouble.see')">
          <h2>{{ $t('trouble.see') }}</h2>
          <ul v-if="diagnosis.seen.length > 0" class="seen">
            <li v-for="each in diagnosis.seen" :key="each.sign">
              <span>{{ each.words }}</span>
              <button
                type="button"
                class="plain"
                :aria-label="$t('trouble.takeOffNamed', { sign: each.words })"
                @click="takeOff(each.sign)"
              >
                {{ $t('trouble.takeOff') }}
              </button>
            </li>
          </ul>
          <p v-else class="soft">{{ $t('trouble.nothingYet') }}</p>
          <details :open="picking" @toggle="picking = ($event.target as HTMLDetailsElement).open">
            <summary>{{ $t('trouble.add') }}</summary>
            <SignPicker :findings="diagnosis.findings" :seen="told.seen" @say="say" @take-off="takeOff" />
          </details>
          <div v-if="next" class="asked" role="group" :aria-label="next.words">
            <h2>{{ $t('trouble.asked') }}</h2>
            <p class="question">{{ next.words }}</p>
            <p v-if="next.finding === 'WEIGHT'" class="soft">
              {{ t('trouble.weight', { now: kg(diagnosis.kgNow), dry: kg(diagnosis.kgDry) }) }}
            </p>
            <div class="answers">
              <button
                v-for="each in next.signs"
                :key="each.sign"
                type="button"
                class="answer"
                @click="say(each.sign)"
              >
                {{ each.words }}
              </button>
            </div>
            <button type="button" class="plain" @click="pass(next.finding)">
              {{ $t('trouble.cannotTell') }}
            </button>
          </div>
          <p v-else class="soft">{{ $t('trouble.enough') }}</p>
          <button v-if="told.passed.length > 0" type="button" class="plain" @click="askAgain">
            {{ $t('trouble.askAgain') }}
          </button>
          <template v-if="diagnosis.then.length > 0">
            <h2>{{ $t('trouble.then') }}</h2>
            <ul class="then soft">
              <li v-for="each in diagnosis.then" :key="each.finding">{{ each.words }}</li>
            </ul>
          </template>
        </section>
        <section :aria-label="$t('trouble.causes')">
          <div class="head">
            <h2>{{ $t('trouble.causes') }}</h2>
            <span class="soft">{{ $t('trouble.beforeNow') }}</span>
          </div>
          <SuspectList :suspects="diagnosis.suspects" :chosen="suspect?.cause" @choose="choose" />
        </section>
        <section :aria-label="$t('trouble.doing')">
          <h2>{{ $t('trouble.doing') }}</h2>
          <DoPanel v-if="suspect" :diagnosis="diagnosis" :suspect="suspect" @kept="forget" />
          <p v-else class="soft">{{ $t('trouble.sayFirst') }}</p>
          <details class="known">
            <summary>{{ $t('trouble.known') }}</summary>
            <dl>
              <div v-for="each in diagnosis.known" :key="each.sign">
                <dt>{{ each.words }}</dt>
                <dd class="soft">{{ each.because }}</dd>
              </div>
            </dl>
          </details>
        </section>
      </div>
    </template>
    <div v-else-if="!problem" class="skeleton" style="height: 480px" />
  </main>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 0.95fr) minmax(0, 1.15fr) minmax(0, 0.85fr);
  gap: 36px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.seen,
.then {
  list-style: none;
  margin: 0;
  padding: 0;
}
.seen li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px dashed var(--stitch);
}
.then li {
  padding: 2px 0;
}
.asked {
  border-top: 1px solid var(--line);
  margin-top: 6px;
  padding-top: 12px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: flex-start;
}
.question {
  font-family: var(--heading-font, inherit);
  font-size: 22px;
  font-weight: 700;
  line-height: 1.2;
  margin: 0;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.answer {
  font: inherit;
  font-weight: 700;
  color: var(--bottle);
  background: var(--sheet);
  border: 1px solid var(--stitch);
  padding: 9px 14px;
  min-height: 44px;
  cursor: pointer;
  text-align: left;
}
.answer:hover {
  background: var(--bottle-soft);
}
summary {
  cursor: pointer;
  font-weight: 700;
  min-height: 28px;
}
.known dl {
  margin: 6px 0 0;
}
.known dl > div {
  padding: 4px 0;
  border-bottom: 1px dashed var(--stitch);
}
dt {
  font-weight: 600;
}
dt::first-letter {
  text-transform: uppercase;
}
dd {
  margin: 0;
  font-size: 14px;
}
@media (width <= 1080px) {
  .columns {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
@media (width <= 760px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
