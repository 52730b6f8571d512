<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import StitchMark from '@/material/StitchMark.vue'
import { say, sayProblem } from '@/parts/notices'
import { useSettings } from '@/measure/settings'
import { text } from '@/measure/units'
import { t } from '@/words'
import { useShelf } from './useShelf'

/** What most growers keep, to tick: each goes on the shelf as its usual pack, to be put right later. */
const emit = defineEmits<{ done: [] }>()
const settings = useSettings()
const { glance, add } = useShelf()
const { data, error } = useQuery({
  queryKey: ['commonest'],
  queryFn: () => answer(api.GET('/api/shelf/commonest')),
  staleTime: Infinity,
})
const there = computed(() => new Set(glance.value?.there))
const offered = computed(() => (data.value ?? []).filter((each) => !there.value.has(each.materialId)))
const ticked = ref(new Set<string>())
const tick = (id: string) => {
  const now = new Set(ticked.value)
  if (!now.delete(id)) {
    now.add(id)
  }
  ticked.value = now
}
/** A name for each lot that stays the same if storing has to be tried again. */
const names = new Map<string, string>()
const nameFor = (id: string) => {
  const name = names.get(id) ?? crypto.randomUUID()
  names.set(id, name)
  return name
}
const busy = ref(false)
const store = async () => {
  busy.value = true
  const chosen = offered.value.filter((each) => ticked.value.has(each.materialId))
  try {
    for (const each of chosen) {
      await add(nameFor(each.materialId), {
        materialId: each.materialId,
        sold: 'LOOSE_LITRES',
        amount: each.packLitres,
        swell: 0,
        leftLitres: each.packLitres,
        fed: false,
        rinsed: false,
        quarantined: false,
      })
    }
    ticked.value = new Set()
    say(t('shelf.tick.stored', { n: chosen.length }, chosen.length))
    emit('done')
  } catch (problem) {
    sayProblem(problem)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form class="tick-shelf" @submit.prevent="store">
    <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
    <fieldset>
      <legend>{{ $t('shelf.tick.title') }}</legend>
      <label v-for="each in offered" :key="each.materialId" :class="{ on: ticked.has(each.materialId) }">
        <input type="checkbox" :checked="ticked.has(each.materialId)" @change="tick(each.materialId)" />
        <StitchMark :material-id="each.materialId" :size="18" />
        <span>{{ each.name }}</span>
        <small class="soft figures">{{ text(settings.measures.stock(each.packLitres)) }}</small>
      </label>
    </fieldset>
    <Button
      type="submit"
      :label="$t('shelf.tick.put', { n: ticked.size }, ticked.size)"
      :disabled="busy || ticked.size === 0"
    />
    <small class="soft">{{ $t('shelf.tick.later') }}</small>
  </form>
</template>

<style scoped>
.tick-shelf {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  width: 100%;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 2px 18px;
}
legend {
  font-weight: 700;
  margin-bottom: 4px;
}
label {
  display: grid;
  grid-template-columns: auto 20px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px dashed var(--line);
  cursor: pointer;
}
label.on {
  background: var(--bottle-soft);
}
</style>
