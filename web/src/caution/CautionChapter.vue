<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import { t } from '@/words'

/** Every rule of caution, by how serious it is. */
const props = defineProps<{ sought: string }>()
const rules = useQuery({
  queryKey: ['cautions'],
  queryFn: () => answer(api.GET('/api/cautions')),
  staleTime: Infinity,
})
const LEVELS = [
  {
    level: 'STOP',
    name: t('caution.cautionChapter.nameStop'),
    says: t('caution.cautionChapter.harmIsToBeExpected'),
  },
  {
    level: 'WARN',
    name: t('caution.cautionChapter.nameWarn'),
    says: t('caution.cautionChapter.harmIsLikelyUnlessSomething'),
  },
  {
    level: 'NOTE',
    name: t('caution.cautionChapter.nameNote'),
    says: t('caution.cautionChapter.goodToKnowBeforeYou'),
  },
] as const
const sections = computed(() => {
  const wanted = props.sought.trim().toLowerCase()
  return LEVELS.map((each) => ({
    ...each,
    rules: (rules.data.value ?? []).filter(
      (rule) =>
        rule.level === each.level &&
        [rule.why, rule.instead, rule.defers].join(' ').toLowerCase().includes(wanted),
    ),
  })).filter((each) => each.rules.length > 0)
})
</script>

<template>
  <p v-if="rules.error.value" class="say harm" role="alert">{{ rules.error.value.message }}</p>
  <div v-if="rules.isLoading.value" class="skeleton" style="height: 300px" />
  <p class="soft lead">
    {{ $t('caution.cautionChapter.usualCautionsOfTheCraft') }}
  </p>
  <section v-for="each in sections" :key="each.level" class="section" :class="each.level.toLowerCase()">
    <div>
      <h2>{{ each.name }}</h2>
      <p class="soft">{{ each.says }}</p>
    </div>
    <ul class="choices">
      <li v-for="rule in each.rules" :key="rule.id">
        <b>{{ rule.why }}</b> {{ rule.instead }} <span class="soft">{{ rule.defers }}</span>
      </li>
    </ul>
  </section>
  <p v-if="!rules.isLoading.value && sections.length === 0">
    {{ $t('caution.cautionChapter.noCautionFound') }}
  </p>
</template>

<style scoped>
.lead {
  margin-bottom: 12px;
}
.section {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 10px 30px;
  border-top: 1px dashed var(--stitch);
  padding: 14px 0;
}
.section > div p {
  font-size: 13.5px;
}
ul {
  columns: 2;
  column-gap: 34px;
}
li {
  break-inside: avoid;
  border-left: 3px solid var(--line);
  padding: 0 0 0 10px;
  margin-bottom: 10px;
  font-size: 14px;
  line-height: 1.35;
}
.stop li {
  border-color: var(--brick);
}
.warn li {
  border-color: var(--marigold);
}
@media (width <= 860px) {
  .section {
    grid-template-columns: minmax(0, 1fr);
  }
  ul {
    columns: 1;
  }
}
</style>
