<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import CautionChapter from '@/caution/CautionChapter.vue'
import MaterialChapter from '@/material/MaterialChapter.vue'
import MaterialSheets from '@/material/MaterialSheets.vue'
import PlantChapter from '@/need/PlantChapter.vue'
import PlantSheets from '@/need/PlantSheets.vue'
import { t } from '@/words'

/** The Book: plants, materials and cautions to read up on, one or a few side by side. */
const props = defineProps<{ chapter: string; ids?: string }>()
const CHAPTERS = [
  { id: 'plants', name: t('frame.bookPage.namePlants') },
  { id: 'materials', name: t('frame.bookPage.nameMaterials') },
  { id: 'cautions', name: t('frame.bookPage.nameCautions') },
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
      <h1>{{ $t('frame.bookPage.book') }}</h1>
      <nav class="chapters" :aria-label="$t('frame.bookPage.chapters')">
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
          {{
            beside.length === 1
              ? $t('frame.bookPage.openIt')
              : $t('frame.bookPage.laySideBySide', { length: beside.length })
          }}
        </button>
        <small v-else-if="chapter !== 'cautions'" class="soft hint">{{
          $t('frame.bookPage.tickToCompare')
        }}</small>
        <label for="seek" class="visually-hidden">{{ $t('frame.bookPage.lookFor') }}</label>
        <InputText
          id="seek"
          v-model="sought"
          :placeholder="$t('frame.bookPage.searchBook')"
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
