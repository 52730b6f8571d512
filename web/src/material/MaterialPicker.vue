<script setup lang="ts">
import AutoComplete from 'primevue/autocomplete'
import { nextTick, ref, watch } from 'vue'
import type { Material } from '@/api/types'
import { named } from '@/api/useNamed'
import StitchMark from './StitchMark.vue'
import { useMaterials } from './useBook'

/** Any material by a part of its name or by what it does; a mistyped name brings the nearest. Quiet: shows no list before something is typed. */
const props = defineProps<{
  label: string
  inputId: string
  placeholder?: string
  hideLabel?: boolean
  keep?: boolean
  quiet?: boolean
  start?: string | undefined
}>()
const emit = defineEmits<{ chosen: [material: Material] }>()
const { materials, material, ready } = useMaterials()
const field = ref<{ $el: HTMLElement } | null>(null)
const wanted = ref<Material | string>(props.start ? (material(props.start) ?? props.start) : '')
const found = ref<Material[]>([])
const unknown = ref('')
watch(
  () => (props.start === undefined ? undefined : material(props.start)),
  (known) => {
    if (known && wanted.value === props.start) {
      wanted.value = known
    }
  },
)
let asked = 0

const matches = (typed: string) =>
  materials.value.filter((each) => each.roleWords.some((role) => role.includes(typed)))
const search = async (query: string) => {
  const typed = query.trim().toLowerCase()
  unknown.value = ''
  const own = ++asked
  await ready()
  if (typed === '') {
    found.value = materials.value
    return
  }
  const answered = await named(typed, ['MATERIAL']).catch(() => undefined)
  const byName = (answered?.hits ?? []).flatMap((each) => material(each.id) ?? [])
  const byRole = matches(typed)
  if (own === asked) {
    found.value = [...new Set(answered?.sure === false ? [...byRole, ...byName] : [...byName, ...byRole])]
    unknown.value = byRole.length === 0 && answered?.sure !== true ? query.trim() : ''
  }
}
const choose = async (chosen: Material) => {
  emit('chosen', chosen)
  unknown.value = ''
  await nextTick()
  wanted.value = props.keep ? chosen : ''
}
const settle = () => {
  const only = found.value.length === 1 ? found.value[0] : undefined
  if (typeof wanted.value === 'string' && wanted.value.trim() !== '' && only && !unknown.value) {
    void choose(only)
  }
}
const focus = () => field.value?.$el.querySelector('input')?.focus()
defineExpose({ focus })
</script>

<template>
  <div class="material-picker">
    <label :for="inputId" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <AutoComplete
      ref="field"
      v-model="wanted"
      :input-id="inputId"
      :suggestions="found"
      option-label="name"
      :placeholder="placeholder ?? $t('material.materialPicker.nameOrWhatItDoes')"
      :complete-on-focus="!quiet"
      :show-empty-message="false"
      :delay="40"
      scroll-height="320px"
      :invalid="unknown !== ''"
      @complete="search($event.query)"
      @option-select="choose($event.value as Material)"
      @keydown.enter="settle"
    >
      <template #header>
        <p v-if="unknown" class="unknown">
          {{ $t('material.materialPicker.noMaterialNearest', { unknown: unknown.slice(0, 40) }) }}
        </p>
      </template>
      <template #option="{ option }">
        <span class="option" :class="{ never: (option as Material).never }">
          <StitchMark :material-id="(option as Material).id" :size="18" />
          <b>{{ (option as Material).name }}</b>{{ ' ' }}
          <small class="soft">{{
            (option as Material).never
              ? $t('material.materialPicker.never', { option: (option as Material).does })
              : `${(option as Material).grade} · ${(option as Material).roleWords.join(', ')}`
          }}</small>
        </span>
      </template>
    </AutoComplete>
  </div>
</template>

<style scoped>
.material-picker {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.material-picker :deep(.p-autocomplete),
.material-picker :deep(input) {
  width: 100%;
}
.option {
  display: block;
  max-width: 420px;
  white-space: normal;
}
.option .stitch-mark {
  display: inline-block;
  vertical-align: -4px;
  margin-right: 8px;
}
.option b {
  font-weight: 400;
}
.option.never b {
  color: var(--brick);
  font-weight: 600;
}
.unknown {
  padding: 6px 12px 0;
  color: var(--brick);
  font-size: 14px;
}
</style>
