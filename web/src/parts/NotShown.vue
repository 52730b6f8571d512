<script setup lang="ts">
/** In place of a page that cannot be shown: why, and where to go from here. */
import Button from 'primevue/button'
import { computed } from 'vue'
import { unreachable } from '@/api/problem'
const props = defineProps<{ problem: string; list: 'blends' | 'batches' | 'pots' }>()
const away = computed(() => props.problem === unreachable().message)
const again = () => location.reload()
</script>

<template>
  <div class="not-shown">
    <h1>{{ $t('parts.notShown.title') }}</h1>
    <p class="say harm" role="alert">{{ problem }}</p>
    <Button v-if="away" :label="$t('parts.notShown.again')" @click="again" />
    <p v-else class="ways">
      <slot />
      <RouterLink :to="`/${list}`">{{ $t(`parts.notShown.${list}`) }}</RouterLink>
      <span class="soft">
        {{ $t('parts.notShown.takenAway') }}
        <RouterLink to="/house">{{ $t('parts.notShown.house') }}</RouterLink>
      </span>
    </p>
  </div>
</template>

<style scoped>
.not-shown {
  display: grid;
  gap: 12px;
  max-width: 76ch;
  justify-items: start;
}
.say {
  justify-self: stretch;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 26px;
}
</style>
