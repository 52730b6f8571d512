<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import CautionChapter from '@/caution/CautionChapter.vue'
import MaterialChapter from '@/material/MaterialChapter.vue'
import MaterialSheets from '@/material/MaterialSheets.vue'
import PlantChapter from '@/need/PlantChapter.vue'
import PlantSheets from '@/need/PlantSheets.vue'

/** The Book: plants, materials and cautions to read up on, one or a few side by side. */
const props = defineProps<{ chapter: string; ids?: string }>()
const CHAPTERS = [
  { id: 'plants', name: 'Plants' },
  { id: 'materials', name: 'Materials' },
  { id: 'cautions', name: 'Cautions' },
]
const MOST_BESIDE = 3
const router = useRouter()
const sought = ref('')
const beside = ref<string[]>([])
const opened = computed(() =>
  (props.ids ?? '')
    .split('+')
    .filter((id) => id !== '')
    .slice(0, MOST_BESIDE),
)
watch(
  () => props.chapter,
  () => (beside.value = []),
)
const lay = () => router.push(`/book/${props.chapter}/${beside.value.join('+')}`)
</script>

<template>
  <main class="page">
    <div class="page-head">
      <h1>Book</h1>
      <nav class="chapters" aria-label="Chapters">
        <RouterLink
          v-for="each in CHAPTERS"
          :key="each.id"
          :to="`/book/${each.id}`"
          :aria-current="chapter === each.id ? 'page' : undefined"
          >{{ each.name }}</RouterLink
        >
      </nav>
      <div v-if="opened.length === 0" class="seek">
        <button v-if="beside.length > 0" type="button" class="plain" @click="lay">
          {{ beside.length === 1 ? 'Open it' : `Lay ${beside.length} side by side` }}
        </button>
        <small v-else-if="chapter !== 'cautions'" class="soft hint"
          >tick up to three to lay them side by side</small
        >
        <label for="seek" class="visually-hidden">Look for</label>
        <InputText
          id="seek"
          v-model="sought"
          placeholder="Look for a name or what it does"
          autocomplete="off"
        />
      </div>
    </div>
    <template v-if="chapter === 'plants'">
      <PlantSheets v-if="opened.length > 0" :ids="opened" />
      <PlantChapter v-else v-model:beside="beside" :sought="sought" />
    </template>
    <template v-else-if="chapter === 'materials'">
      <MaterialSheets v-if="opened.length > 0" :ids="opened" />
      <MaterialChapter v-else v-model:beside="beside" :sought="sought" />
    </template>
    <CautionChapter v-else :sought="sought" />
  </main>
</template>

<style scoped>
.seek {
  display: flex;
  gap: 18px;
  align-items: baseline;
}
.seek input {
  width: 300px;
  max-width: 100%;
}
</style>
