<script setup lang="ts">
import Popover from 'primevue/popover'
import { computed, nextTick, ref } from 'vue'
import type { Material, Recipe } from '@/api/types'
import MaterialPicker from '@/material/MaterialPicker.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'

/** What else can be done with a row: lock, move, replace, split into grades, take out. */
const props = defineProps<{ recipe: Recipe; row: number; locked: boolean }>()
const emit = defineEmits<{
  lock: []
  move: [to: number]
  replace: [materialId: string]
  split: [materialId: string]
  remove: []
}>()
const { material, materialName } = useMaterials()
const popover = ref<InstanceType<typeof Popover> | null>(null)
const button = ref<HTMLButtonElement | null>(null)
const inside = ref<HTMLElement | null>(null)
const id = computed(() => props.recipe.parts[props.row]?.materialId ?? '')
const grades = computed(() => (material(id.value)?.otherGradeIds ?? []).filter((each) => material(each)))

const toggle = (event: Event) => popover.value?.toggle(event)
const open = () => button.value?.click()
const close = () => {
  popover.value?.hide()
  button.value?.focus()
}
const shown = async () => {
  await nextTick()
  inside.value?.querySelector<HTMLElement>('button')?.focus()
}
const done = (work: () => void) => {
  close()
  work()
}
const replaced = (chosen: Material) => done(() => emit('replace', chosen.id))
defineExpose({ open })
</script>

<template>
  <button
    ref="button"
    type="button"
    class="menu"
    :aria-label="$t('blend.rows.menu', { name: materialName(id) })"
    aria-haspopup="dialog"
    @click.stop="toggle"
  >
    <span aria-hidden="true">⋮</span>
  </button>
  <Popover ref="popover" :aria-label="$t('blend.rows.menu', { name: materialName(id) })" @show="shown">
    <div ref="inside" class="row-menu" @keydown.esc.stop="close">
      <h3>{{ materialName(id) }}</h3>
      <p class="plain-ways">
        <button type="button" class="plain" @click="done(() => emit('lock'))">
          {{ locked ? $t('blend.rows.unlock') : $t('blend.rows.lock') }}
        </button>
        <button v-if="row > 0" type="button" class="plain" @click="done(() => emit('move', row - 1))">
          {{ $t('blend.rows.up') }}
        </button>
        <button
          v-if="row + 1 < recipe.parts.length"
          type="button"
          class="plain"
          @click="done(() => emit('move', row + 1))"
        >
          {{ $t('blend.rows.down') }}
        </button>
        <button type="button" class="plain danger" @click="done(() => emit('remove'))">
          {{ $t('blend.rows.remove') }}
        </button>
      </p>
      <template v-if="grades.length > 0">
        <h3>{{ $t('blend.rows.split') }}</h3>
        <ul class="choices">
          <li v-for="grade in grades" :key="grade">
            <button type="button" class="plain grade" @click="done(() => emit('split', grade))">
              <StitchMark :material-id="grade" :size="18" />
              {{ materialName(grade) }} <small class="soft">{{ material(grade)?.grade }}</small>
            </button>
          </li>
        </ul>
      </template>
      <MaterialPicker
        :label="$t('blend.rows.replace')"
        :input-id="`replace-${row}`"
        quiet
        @chosen="replaced"
      />
    </div>
  </Popover>
</template>

<style scoped>
.menu {
  background: none;
  border: 0;
  color: var(--soft-ink);
  font-size: 17px;
  line-height: 1;
  min-width: 24px;
  min-height: 28px;
  cursor: pointer;
}
.menu:hover {
  color: var(--ink);
  background: var(--bottle-soft);
}
.row-menu {
  display: flex;
  flex-direction: column;
  gap: 8px;
  width: 280px;
}
.plain-ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
}
.grade {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
  font-weight: 400;
}
</style>
