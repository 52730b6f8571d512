<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { t } from '@/words'
import { useImport } from './useImport'

/** Tables in and out. A file is read dry first: line by line it is said what would change and what is wrong. */
type Kind = 'shelf' | 'materials' | 'plants' | 'looks' | 'tests'
const { kinds = ['shelf', 'materials', 'plants'] } = defineProps<{ kinds?: Kind[] }>()
const NAMES: Record<Kind, { name: string; says: string; out: string }> = {
  shelf: {
    name: t('shelf.filesPanel.theShelf'),
    says: t('shelf.filesPanel.lotsFile'),
    out: '/api/exports/shelf',
  },
  materials: {
    name: t('shelf.filesPanel.myOwnMaterials'),
    says: t('shelf.filesPanel.ownMaterialsFile'),
    out: '/api/exports/materials',
  },
  plants: {
    name: t('shelf.filesPanel.myOwnPlants'),
    says: t('shelf.filesPanel.ownPlantsFile'),
    out: '/api/exports/plants',
  },
  looks: {
    name: t('shelf.filesPanel.looks'),
    says: t('shelf.filesPanel.looksFile'),
    out: '/api/house/tables/looks',
  },
  tests: {
    name: t('shelf.filesPanel.tests'),
    says: t('shelf.filesPanel.testsFile'),
    out: '/api/house/tables/tests',
  },
}
const LARGEST_BYTES = 8 * 1024 * 1024
const client = useQueryClient()
const { found, problem, read, store, stop } = useImport(() => void client.invalidateQueries())
const tooLarge = ref<string>()
const picked = ref('')

const pick = async (kind: string, event: Event) => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  tooLarge.value = undefined
  if (!file) {
    return
  }
  if (file.size > LARGEST_BYTES) {
    tooLarge.value = t('shelf.filesPanel.isLargerThan8Mb', { name: file.name })
    return
  }
  picked.value = file.name
  await read(kind, await file.text())
}
const busy = computed(() => found.value?.state === 'READING' || found.value?.state === 'STORING')
const share = computed(() =>
  found.value ? Math.min(100, (100 * found.value.done) / Math.max(1, found.value.total)) : 0,
)
const hidden = computed(() => {
  const job = found.value
  return job ? job.added + job.changed + job.same + job.wrong - job.rows.length : 0
})
const WORDS = {
  NEW: t('shelf.filesPanel.new'),
  CHANGED: t('shelf.filesPanel.changes'),
  SAME: t('shelf.filesPanel.theSame'),
  WRONG: t('shelf.filesPanel.wrong'),
} as const
const title = computed(() => NAMES[found.value?.kind as Kind]?.name ?? '')
</script>

<template>
  <ul class="choices kinds">
    <li v-for="kind in kinds" :key="kind">
      <span
        ><b>{{ NAMES[kind].name }}</b> <span class="soft">{{ NAMES[kind].says }}</span></span
      >
      <a :href="NAMES[kind].out" :download="`loose-knit-${kind}.csv`">{{
        $t('shelf.filesPanel.saveAsCsv')
      }}</a>
      <label class="file" :for="`file-${kind}`">
        {{ $t('shelf.filesPanel.readACsv') }}
        <input
          :id="`file-${kind}`"
          type="file"
          accept=".csv,text/csv"
          :disabled="busy"
          @change="pick(kind, $event)"
        />
      </label>
    </li>
  </ul>
  <p class="soft below">
    {{ $t('shelf.filesPanel.saveOneFirstToSee') }}
  </p>
  <p v-if="tooLarge ?? problem" class="say harm" role="alert">{{ tooLarge ?? problem }}</p>
  <section v-if="found" class="job" aria-live="polite">
    <h2>{{ title }}{{ picked ? $t('shelf.filesPanel.from', { picked }) : '' }}</h2>
    <div v-if="busy" class="progress">
      <div
        class="track"
        role="progressbar"
        :aria-valuenow="Math.round(share)"
        aria-valuemin="0"
        aria-valuemax="100"
        :aria-label="
          found.state === 'READING'
            ? $t('shelf.filesPanel.lookingThroughTheFile')
            : $t('shelf.filesPanel.storing')
        "
      >
        <i :style="{ width: `${share}%` }" />
      </div>
      <span class="figures">{{
        $t('shelf.filesPanel.ofLines', { done: found.done, total: found.total })
      }}</span>
      <button type="button" class="plain" @click="stop">{{ $t('shelf.filesPanel.stop') }}</button>
    </div>
    <template v-else>
      <p class="sum">{{ found.says }}</p>
      <p v-if="found.state === 'READY' && found.wrong > 0" class="say harm">
        {{ $t('shelf.filesPanel.nothingStoredWhileWrong') }}
      </p>
      <div class="line">
        <Button
          v-if="found.state === 'READY' && found.wrong === 0 && found.added + found.changed > 0"
          :label="$t('shelf.filesPanel.storeIt')"
          @click="store"
        />
        <button type="button" class="plain" @click="stop">
          {{ found.state === 'READY' ? $t('shelf.filesPanel.neverMind') : $t('shelf.filesPanel.close') }}
        </button>
      </div>
    </template>
    <div
      v-if="found.rows.length > 0"
      class="scroll rows"
      tabindex="0"
      role="region"
      :aria-label="$t('shelf.filesPanel.linesOfTheFile')"
    >
      <table>
        <thead>
          <tr>
            <th scope="col">{{ $t('shelf.filesPanel.line') }}</th>
            <th scope="col">{{ $t('shelf.filesPanel.what') }}</th>
            <th scope="col">{{ $t('shelf.filesPanel.is') }}</th>
            <th scope="col">{{ $t('shelf.filesPanel.why') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in found.rows" :key="`${row.line} ${row.name}`" :class="row.change.toLowerCase()">
            <td class="figures">{{ row.line > 0 ? row.line : '' }}</td>
            <td>{{ row.name }}</td>
            <td>{{ WORDS[row.change] }}</td>
            <td>{{ row.says }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="hidden > 0" class="soft">{{ $t('shelf.filesPanel.andMoreLines', { hidden }) }}</p>
    </div>
  </section>
</template>

<style scoped>
.kinds {
  border-top: 1px dashed var(--stitch);
}
.kinds li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 28px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 8px 0;
}
.below {
  margin-top: 6px;
}
.file {
  position: relative;
  border: 1px solid var(--bottle);
  color: var(--bottle);
  font-weight: 600;
  padding: 5px 12px;
  cursor: pointer;
}
.file:has(:focus-visible) {
  outline: 2px solid var(--bottle);
  outline-offset: 2px;
}
.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.job {
  margin-top: 18px;
  border-top: 1px dashed var(--stitch);
  padding-top: 12px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.progress,
.line {
  display: flex;
  gap: 16px;
  align-items: center;
}
.track {
  width: 320px;
  height: 12px;
  border: 1px solid var(--ink);
}
.track i {
  display: block;
  height: 100%;
  background: var(--bottle);
}
.sum {
  font-weight: 600;
}
.rows {
  max-height: 420px;
  overflow: auto;
}
table {
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 3px 16px 3px 0;
  border-bottom: 1px solid var(--line);
  font-size: 14px;
  vertical-align: top;
}
th {
  font-weight: 400;
  color: var(--soft-ink);
  font-size: 13px;
}
tr.wrong td {
  color: var(--brick);
}
tr.same td {
  color: var(--soft-ink);
}
@media (width <= 640px) {
  .kinds li {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px 16px;
  }
  .kinds li > span {
    grid-column: 1 / -1;
  }
  .track {
    width: 140px;
  }
}
</style>
