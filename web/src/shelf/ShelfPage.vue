<script setup lang="ts">
import { t } from '@/words'
import BuyPanel from './BuyPanel.vue'
import FilesPanel from './FilesPanel.vue'
import LotsPanel from './LotsPanel.vue'
import OwnPanel from './OwnPanel.vue'

/** The shelf: what is at hand, what to buy, materials of the person's own, and files in and out. */
defineProps<{ view: string }>()
const VIEWS = [
  { id: 'here', name: t('shelf.shelfPage.whatIsThere') },
  { id: 'buy', name: t('shelf.shelfPage.whatToBuy') },
  { id: 'own', name: t('shelf.shelfPage.myOwnMaterials') },
  { id: 'files', name: t('shelf.shelfPage.nameFiles') },
]
</script>

<template>
  <main class="page shelf">
    <div class="page-head">
      <h1>{{ $t('shelf.shelfPage.shelf') }}</h1>
      <nav class="chapters" :aria-label="$t('shelf.shelfPage.partsOfTheShelf')">
        <RouterLink
          v-for="each in VIEWS"
          :key="each.id"
          :to="`/shelf/${each.id}`"
          :aria-current="view === each.id ? 'page' : undefined"
          >{{ each.name }}</RouterLink
        >
      </nav>
    </div>
    <LotsPanel v-if="view === 'here'" />
    <BuyPanel v-else-if="view === 'buy'" />
    <OwnPanel v-else-if="view === 'own'" />
    <FilesPanel v-else />
  </main>
</template>

<style scoped>
.shelf {
  --lot-name: 330px;
  --lot-figures: 282px;
}
.page-head {
  margin-bottom: 12px;
}
@media (width <= 860px) {
  .shelf {
    --lot-name: 0px;
    --lot-figures: 0px;
  }
}
</style>
