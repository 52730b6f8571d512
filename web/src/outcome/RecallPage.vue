<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { shortDate } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import TextField from '@/parts/TextField.vue'
import LabelsDialog from '@/parts/LabelsDialog.vue'
import { t } from '@/words'

/** Every pot that holds something of a batch, or of a bag from the shelf: a list to walk by, and labels to stick on. */
const props = defineProps<{ what: 'batch' | 'bag'; id: string }>()
const settings = useSettings()
const { data, error } = useQuery({
  queryKey: computed(() => ['recall', props.what, props.id]),
  queryFn: () => answer(api.GET('/api/recall', { params: { query: { [props.what]: props.id } } })),
  staleTime: 0,
})
const places = computed(() => {
  const found = new Map<string, NonNullable<typeof data.value>['pots']>()
  for (const pot of data.value?.pots ?? []) {
    const place =
      pot.state === 'HERE'
        ? (pot.brief.place?.name ?? t('care.round.elsewhere'))
        : t('outcome.recall.notHere')
    found.set(place, [...(found.get(place) ?? []), pot])
  }
  return [...found.entries()]
})
const note = ref<string | undefined>(t('outcome.recall.noteUsual'))
const LONGEST = 60
const MOST_LABELS = 200
const labelling = ref(false)
const labelled = computed(() => (data.value?.pots ?? []).slice(0, MOST_LABELS).map((pot) => pot.id))
const print = () => window.print()
</script>

<template>
  <main class="page">
    <div class="page-head">
      <div>
        <h1>{{ $t('outcome.recall.title', { of: data?.of ?? '' }) }}</h1>
        <p class="soft">{{ $t(`outcome.recall.lead.${what}`) }}</p>
      </div>
    </div>
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <div v-if="!data && !error" class="skeleton" style="height: 320px" />
    <template v-if="data">
      <p v-if="data.batches.length === 0">{{ $t('outcome.recall.nowhere') }}</p>
      <ul v-else class="batches">
        <li v-for="each in data.batches" :key="each.id">
          <RouterLink :to="`/batches/${each.id}/done`">{{ each.blendName }}, {{ each.lot }}</RouterLink>
          <span class="soft figures">{{ text(settings.measures.stock(each.litres)) }}</span>
        </li>
      </ul>
      <p v-if="data.batches.length > 0">
        <b>{{ $t('outcome.recall.pots', { n: data.pots.length }, data.pots.length) }}</b>
      </p>
      <div v-if="data.pots.length > 0" class="tools">
        <button type="button" class="plain" @click="print">{{ $t('outcome.recall.print') }}</button>
        <TextField
          v-model="note"
          :label="$t('outcome.recall.note')"
          :maxlength="LONGEST"
          input-id="recall-note"
        />
        <button type="button" class="plain" @click="labelling = true">
          {{ $t('outcome.recall.labels') }}
        </button>
        <LabelsDialog
          v-model:open="labelling"
          path="/api/pot-labels.pdf"
          :more="{ ids: labelled.join(','), note: note ?? '' }"
          :count="labelled.length"
        />
      </div>
      <section v-for="[place, pots] in places" :key="place" :aria-label="place">
        <h2>
          {{ place }} <small class="soft">{{ pots.length }}</small>
        </h2>
        <ul class="pots">
          <li v-for="pot in pots" :key="pot.id">
            <span class="box" aria-hidden="true" />
            <RouterLink :to="`/pots/${pot.id}`">{{ pot.label }}</RouterLink>
            <span class="soft"
              >{{ pot.plantName }} · {{ pot.lot }} · {{ shortDate(pot.pottedOn)
              }}<template v-if="pot.state !== 'HERE'"> · {{ $t(`pot.state.${pot.state}`) }}</template></span
            >
          </li>
        </ul>
      </section>
    </template>
  </main>
</template>

<style scoped>
.batches,
.pots {
  list-style: none;
  padding: 0;
  margin: 0;
}
.batches li,
.pots li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  padding: 3px 0;
  border-bottom: 1px solid var(--line);
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 24px;
  align-items: flex-end;
}
.box {
  width: 12px;
  height: 12px;
  border: 1px solid var(--soft-ink);
}
h2::first-letter {
  text-transform: uppercase;
}
@media print {
  .tools {
    display: none;
  }
}
</style>
