<script setup lang="ts">
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, nextTick, ref, watch } from 'vue'
import StitchMark from '@/material/StitchMark.vue'
import { type Found, useFinder } from './useFinder'

/** Finds anything by a few letters, also mistyped ones: plants, materials, blends, pots, batches, places to go, things to do. */
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ settings: []; keys: [] }>()
const { found, typed, settled, unsure, aside, problem } = useFinder({
  isOpen: () => open.value,
  settings: () => emit('settings'),
  keys: () => emit('keys'),
})
const at = ref(0)
const list = ref<HTMLElement | null>(null)
watch(found, () => (at.value = 0))
watch(open, (now) => {
  if (now) {
    typed.value = ''
    at.value = 0
  }
})
const active = computed(() => found.value[at.value])
const move = async (by: number) => {
  at.value = Math.min(found.value.length - 1, Math.max(0, at.value + by))
  await nextTick()
  list.value?.querySelector('[aria-selected="true"]')?.scrollIntoView({ block: 'nearest' })
}
const go = (chosen: Found | undefined) => {
  if (chosen) {
    open.value = false
    chosen.go()
  }
}
/** Entered before the answer was there: gone to as soon as it is. */
const hurried = ref(false)
const enter = () => {
  hurried.value = !settled.value
  if (settled.value) {
    go(active.value)
  }
}
watch(settled, (now) => {
  if (now && hurried.value) {
    enter()
  }
})
</script>

<template>
  <Dialog
    v-model:visible="open"
    modal
    dismissable-mask
    position="top"
    :header="$t('frame.finder.title')"
    :style="{ width: '36rem' }"
  >
    <div class="finder">
      <InputText
        v-model="typed"
        autofocus
        role="combobox"
        aria-expanded="true"
        aria-controls="finder-list"
        :aria-activedescendant="active ? `found-${active.key}` : undefined"
        :aria-label="$t('frame.finder.label')"
        :placeholder="$t('frame.finder.placeholder')"
        autocomplete="off"
        @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
        @keydown.enter.prevent="enter"
      />
      <ul id="finder-list" ref="list" class="choices" role="listbox" :aria-label="$t('frame.finder.title')">
        <li
          v-for="(each, i) in found"
          :id="`found-${each.key}`"
          :key="each.key"
          role="option"
          :aria-selected="i === at"
          @click="go(each)"
          @pointermove="at = i"
        >
          <StitchMark v-if="each.materialId" :material-id="each.materialId" :size="18" />
          <span v-else class="knot" aria-hidden="true" />
          <span class="name">
            {{ each.name }} <small v-if="each.about" class="soft">{{ each.about }}</small>
          </span>
          <small class="soft">{{ $t(`frame.finder.kind.${each.kind}`) }}</small>
        </li>
      </ul>
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <p v-else-if="typed.trim() && settled && found.length === 0" class="soft" role="status">
        {{ $t('frame.finder.none') }}
      </p>
      <p v-else-if="unsure" class="soft" role="status">{{ $t('frame.finder.perhaps') }}</p>
      <p v-else-if="aside.length > 0" class="soft" role="status">
        {{ $t('frame.finder.aside', { words: aside.join(' ') }) }}
      </p>
    </div>
  </Dialog>
</template>

<style scoped>
.finder {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 300px;
}
ul {
  max-height: 52vh;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  padding: 7px 8px;
  border-bottom: 1px solid var(--line);
  border-left: 3px solid transparent;
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--wash);
  border-left-color: var(--bottle);
}
.knot {
  width: 11px;
  height: 11px;
  border: 2px solid var(--bottle);
  border-radius: 50%;
  margin-left: 4px;
}
.name small {
  margin-left: 6px;
}
</style>
