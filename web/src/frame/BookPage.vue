<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import MaterialChapter from '@/material/MaterialChapter.vue'
import PlantChapter from '@/need/PlantChapter.vue'

/** The Book: plants and materials to read up on. */
defineProps<{ chapter: string }>()
const sought = ref('')
</script>

<template>
  <main class="page">
    <div class="page-head">
      <h1>Book</h1>
      <nav class="chapters" aria-label="Chapters">
        <RouterLink to="/book/plants" :aria-current="chapter === 'plants' ? 'page' : undefined"
          >Plants</RouterLink
        >
        <RouterLink to="/book/materials" :aria-current="chapter === 'materials' ? 'page' : undefined"
          >Materials</RouterLink
        >
      </nav>
      <div class="seek">
        <label for="seek" class="visually-hidden">Look for</label>
        <InputText
          id="seek"
          v-model="sought"
          placeholder="Look for a name or what it does"
          autocomplete="off"
        />
      </div>
    </div>
    <PlantChapter v-if="chapter === 'plants'" :sought="sought" />
    <MaterialChapter v-else :sought="sought" />
  </main>
</template>

<style scoped>
.chapters {
  display: flex;
  gap: 22px;
  font: 600 18px var(--heading);
  margin-right: auto;
}
.chapters a {
  color: var(--soft-ink);
  text-decoration: none;
}
.chapters a[aria-current] {
  color: var(--ink);
  border-bottom: 3px solid var(--bottle);
}
.seek input {
  width: 300px;
}
</style>
