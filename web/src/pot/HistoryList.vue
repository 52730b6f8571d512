<script setup lang="ts">
import type { PotEvent } from '@/api/types'
import { shortDate } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'

/** What happened to a pot, the newest first, with its pictures; what can be taken back says so. */
defineProps<{ events: readonly PotEvent[]; busy?: boolean }>()
const emit = defineEmits<{ takeBack: [event: PotEvent] }>()
const settings = useSettings()
const amount = (event: PotEvent) =>
  event.amount === undefined
    ? ''
    : event.kind === 'FED'
      ? text(settings.measures.grams(event.amount))
      : event.kind === 'LEAVES'
        ? String(Math.round(event.amount))
        : text(settings.measures.volume(event.amount))
</script>

<template>
  <ul class="history">
    <li v-for="event in events" :key="event.id">
      <span class="day soft">{{ shortDate(event.on) }}</span>
      <a
        v-if="event.kind === 'PICTURED'"
        :href="`/api/photos/${event.otherId}`"
        target="_blank"
        rel="noopener"
      >
        <img
          :src="`/api/photos/${event.otherId}/thumbnail`"
          :alt="$t('pot.page.pictureOf', { day: shortDate(event.on) })"
          loading="lazy"
        />
      </a>
      <span v-else>
        {{ $t(`pot.event.${event.kind}`) }}<template v-if="amount(event)">, {{ amount(event) }}</template
        ><template v-if="event.words"
          >:
          <RouterLink v-if="event.otherId" :to="`/pots/${event.otherId}`">{{
            event.words
          }}</RouterLink><template v-else>{{ event.words }}</template></template
        >
      </span>
      <button
        v-if="event.canBeTakenBack"
        :disabled="busy"
        type="button"
        class="plain"
        :aria-label="
          $t('pot.page.takeBackNamed', { what: $t(`pot.event.${event.kind}`), day: shortDate(event.on) })
        "
        @click="emit('takeBack', event)"
      >
        {{ $t('pot.page.takeBack') }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.history {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr) auto;
  gap: 12px;
  padding: 5px 0;
  border-bottom: 1px dashed var(--stitch);
  align-items: start;
}
img {
  height: 84px;
  width: auto;
  display: block;
}
.plain {
  font-weight: 400;
}
</style>
