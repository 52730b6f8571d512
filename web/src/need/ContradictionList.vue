<script setup lang="ts">
import type { Contradiction, WayOut } from '@/api/types'

/** What in the brief does not go together, each with ways out; one click takes a way. */
defineProps<{ contradictions: Contradiction[] }>()
const emit = defineEmits<{ way: [way: WayOut] }>()
</script>

<template>
  <section
    v-if="contradictions.length > 0"
    class="contradictions"
    :aria-label="$t('need.contradictionList.whatDoesNotGoTogether')"
    aria-live="polite"
  >
    <h3>
      {{
        contradictions.length === 1
          ? $t('need.contradictionList.thisDoesNotGoTogether')
          : $t('need.contradictionList.theseDoNotGoTogether')
      }}
    </h3>
    <div v-for="each in contradictions" :key="each.id + each.says" class="clash" :data-clash="each.id">
      <p>{{ each.says }}</p>
      <ul class="choices">
        <li v-for="way in each.waysOut" :key="way.words">
          <button v-if="way.after" type="button" class="plain" @click="emit('way', way)">
            {{ way.words }}
          </button>
          <span v-else class="soft">{{ way.words }}</span>
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.contradictions {
  font-size: 13.5px;
  line-height: 1.35;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.clash {
  border-left: 3px solid var(--marigold);
  background: var(--marigold-soft);
  padding: 6px 10px;
}
.clash p {
  font-weight: 600;
}
.clash li {
  padding: 3px 0;
}
.clash .plain {
  font-weight: 400;
  color: inherit;
  text-align: left;
}
</style>
