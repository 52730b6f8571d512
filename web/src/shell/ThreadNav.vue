<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/api/client'
import { t } from '@/words'
import { useMe } from './useMe'

/** The thread: one line with a knot for each station of the work; the knot of the current one is filled. */
const stations = [
  { place: 'today', to: '/', name: t('frame.threadNav.nameToday') },
  { place: 'blends', to: '/blends', name: t('frame.threadNav.nameBlends') },
  { place: 'batches', to: '/batches', name: t('frame.threadNav.nameBatches') },
  { place: 'pots', to: '/pots', name: t('frame.threadNav.namePots') },
]
const emit = defineEmits<{ settings: []; keys: []; find: [] }>()
const route = useRoute()
const { me } = useMe()
const here = computed(() => String(route.meta.place ?? ''))

const COUNT_AGAIN_MS = 300_000
const { data: due } = useQuery({
  queryKey: ['today', 'count'],
  queryFn: () => answer(api.GET('/api/calendar/count')),
  refetchInterval: COUNT_AGAIN_MS,
  retry: false,
})
const looks = computed(() => due.value?.looks ?? 0)
/** Where it is installed its sign says how many wait as well. */
watch(looks, (n) => {
  if ('setAppBadge' in navigator) {
    void navigator.setAppBadge(n).catch(() => undefined)
  }
})
</script>

<template>
  <header>
    <RouterLink to="/" class="mark"
      >{{ $t('frame.threadNav.loose') }}<b>{{ $t('frame.threadNav.knit') }}</b
      ><span class="visually-hidden">{{ $t('frame.threadNav.toToday') }}</span></RouterLink
    >
    <nav :aria-label="$t('frame.threadNav.stationsOfTheWork')" class="thread">
      <svg viewBox="0 0 520 24" preserveAspectRatio="none" aria-hidden="true">
        <path
          d="M4 11 C 50 2, 90 22, 140 12 S 230 3, 280 12 S 380 20, 420 11 S 490 6, 520 9"
          fill="none"
          stroke="var(--bottle)"
          stroke-width="2"
          vector-effect="non-scaling-stroke"
        />
      </svg>
      <RouterLink
        v-for="station in stations"
        :key="station.place"
        :to="station.to"
        class="station"
        :class="{ here: here === station.place }"
        :aria-current="here === station.place ? 'page' : undefined"
      >
        <span class="knot" aria-hidden="true" />
        {{ station.name
        }}<span v-if="station.place === 'today' && looks > 0" class="waiting">
          <span aria-hidden="true">{{ looks > 999 ? '999+' : looks }}</span>
          <span class="visually-hidden">{{ $t('frame.threadNav.due', { n: looks }, looks) }}</span>
        </span>
      </RouterLink>
    </nav>
    <div class="side">
      <RouterLink
        v-if="me?.name"
        to="/house"
        :aria-label="$t('frame.threadNav.signedInAs', { name: me.name })"
        >{{ me.name }}</RouterLink
      >
      <RouterLink to="/shelf/here" :aria-current="here === 'shelf' ? 'page' : undefined">{{
        $t('frame.threadNav.shelf')
      }}</RouterLink>
      <RouterLink to="/book/plants" :aria-current="here === 'book' ? 'page' : undefined">{{
        $t('frame.threadNav.book')
      }}</RouterLink>
      <RouterLink to="/house" :aria-current="here === 'house' ? 'page' : undefined">{{
        $t('frame.threadNav.house')
      }}</RouterLink>
      <button type="button" class="find" aria-keyshortcuts="/ Control+K" @click="emit('find')">
        {{ $t('frame.find') }} <kbd aria-hidden="true">/</kbd>
      </button>
      <button type="button" @click="emit('settings')">{{ $t('frame.threadNav.unitsLight') }}</button>
      <button type="button" class="keys" :aria-label="$t('frame.threadNav.keys')" @click="emit('keys')">
        <kbd>?</kbd>
      </button>
    </div>
  </header>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 34px;
  height: 62px;
  padding: 0 28px;
  border-bottom: 1px solid var(--line);
}
.mark {
  font: 650 21px/1 var(--heading);
  color: var(--ink);
  text-decoration: none;
  letter-spacing: -0.02em;
}
.mark b {
  color: var(--bottle);
  font-weight: 750;
}
.thread {
  position: relative;
  display: flex;
  width: 480px;
}
.thread svg {
  position: absolute;
  inset: 0 0 auto 0;
  width: 100%;
  height: 24px;
}
.station {
  position: relative;
  flex: 1;
  color: var(--ink);
  text-decoration: none;
  padding-top: 27px;
  line-height: 1.2;
}
.knot {
  position: absolute;
  top: 6px;
  left: 4px;
  width: 11px;
  height: 11px;
  border: 2px solid var(--bottle);
  border-radius: 50%;
  background: var(--paper);
}
.waiting {
  margin-left: 6px;
  padding: 0 6px;
  font: 12.5px/1.4 var(--figures);
  color: var(--paper);
  background: var(--bottle);
}
.here {
  font-weight: 700;
}
.here .knot {
  background: var(--bottle);
  width: 15px;
  height: 15px;
  top: 4px;
  left: 2px;
}
.side {
  margin-left: auto;
  display: flex;
  gap: 20px;
  align-items: center;
}
.side a,
.side button {
  background: none;
  border: 0;
  padding: 4px 0;
  font: inherit;
  color: var(--soft-ink);
  cursor: pointer;
  text-decoration: none;
}
.side a:hover,
.side button:hover,
.side a[aria-current] {
  color: var(--ink);
  text-decoration: underline;
  text-underline-offset: 4px;
}
.side a[aria-current] {
  font-weight: 700;
}
kbd {
  font: 13px var(--figures);
  border: 1px solid var(--line);
  padding: 2px 8px;
}
@media (width <= 860px) {
  header {
    flex-wrap: wrap;
    height: auto;
    gap: 8px 16px;
    padding: 10px 14px 8px;
  }
  .thread {
    order: 3;
    width: 100%;
  }
  .keys {
    display: none;
  }
}
</style>
