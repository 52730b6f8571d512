<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import Textarea from 'primevue/textarea'
import { computed, watch } from 'vue'
import { answer, api } from '@/api/client'
import type { Pot, Recipe, WrittenRecipe } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { useKept } from '@/parts/useKept'
import StitchMark from '@/material/StitchMark.vue'
import { useSettings } from '@/measure/settings'
import { figure } from '@/measure/units'
import { takenOver } from './written'

/** A recipe as text: what was understood is shown, and what is not clear is asked, before anything is taken over. */
const props = defineProps<{ pot: Pot | undefined; pasted: string }>()
const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ take: [recipe: Recipe] }>()
const settings = useSettings()
const kept = useKept<{ text: string; chosen: Record<string, string> }>('loose-knit.written', {
  text: '',
  chosen: {},
})
watch(
  () => props.pasted,
  (text) => {
    if (text) {
      kept.value.text = text
    }
  },
  { immediate: true },
)
const asked = computed(() => {
  const text = kept.value.text.trim()
  return open.value && text !== ''
    ? { text, scoopLitres: settings.scoopLitres, ...(props.pot ? { pot: props.pot } : {}) }
    : undefined
})
const { answer: understood, problem } = useAnswered(
  () => asked.value,
  (body, signal) => answer(api.POST('/api/recipes/read', { body, signal })),
)
const read = computed<WrittenRecipe | undefined>(() => (asked.value ? understood.value : undefined))
const SKIP = 'skip'
const MOST_TAPS = 3
/** What the person chose for lines that were not clear, by what was written. */
const chosen = computed({
  get: () => kept.value.chosen,
  set: (value) => (kept.value.chosen = value),
})
/** What nobody knows is left out until somebody chooses. */
const idOf = (line: WrittenRecipe['lines'][number]) =>
  chosen.value[line.typed] ?? (line.known ? line.choices[0]?.id : undefined) ?? SKIP
const asks = computed(
  () => (read.value?.lines ?? []).filter((line) => !line.certain && !(line.typed in chosen.value)).length,
)
const recipe = computed(() =>
  read.value ? takenOver(read.value, (line) => (idOf(line) === SKIP ? '' : idOf(line))) : undefined,
)
const sum = computed(() =>
  recipe.value?.measure === 'PERCENT' ? recipe.value.parts.reduce((all, part) => all + part.amount, 0) : 100,
)
const unit = (line: WrittenRecipe['lines'][number]) =>
  line.dose ? 'g/L' : read.value?.measure === 'PERCENT' ? '%' : ''
const take = () => {
  if (recipe.value && recipe.value.parts.length > 0) {
    emit('take', recipe.value)
    kept.value.text = ''
    chosen.value = {}
    open.value = false
  }
}
</script>

<template>
  <Dialog v-model:visible="open" modal :header="$t('blend.paste.title')" :style="{ width: '44rem' }">
    <form class="paste" @submit.prevent="take">
      <label for="written-recipe">{{ $t('blend.paste.label') }}</label>
      <Textarea
        id="written-recipe"
        v-model="kept.text"
        rows="3"
        autofocus
        :placeholder="$t('blend.paste.example')"
        @keydown.ctrl.enter.prevent="take"
      />
      <p class="soft">{{ $t('blend.paste.hint') }}</p>
      <p v-if="problem && asked" class="say harm" role="alert">{{ problem }}</p>
      <template v-else-if="read">
        <h3>{{ $t('blend.paste.understood') }}</h3>
        <ol class="choices">
          <li
            v-for="(line, i) in read.lines"
            :key="`${i} ${line.typed}`"
            :class="{ asks: !line.certain, unknown: !line.known }"
          >
            <span class="typed">{{ line.typed }}</span>
            <span class="figures">{{ figure(line.amount, 2, true) }} {{ unit(line) }}</span>
            <span class="taken">
              <StitchMark v-if="idOf(line) !== SKIP" :material-id="idOf(line)" :size="20" />
              <Select
                :model-value="idOf(line)"
                :options="[...line.choices, { id: SKIP, name: $t('blend.paste.skip') }]"
                option-label="name"
                option-value="id"
                size="small"
                :aria-label="$t('blend.paste.taken') + ' ' + line.typed"
                @update:model-value="chosen = { ...chosen, [line.typed]: $event }"
              />
            </span>
            <small v-if="line.says" class="says">{{ line.says }}</small>
            <span v-if="line.known && !line.certain && line.choices.length > 1" class="mend">
              <button
                v-for="choice in line.choices.slice(0, MOST_TAPS)"
                :key="choice.id"
                type="button"
                class="plain"
                :aria-pressed="choice.id === idOf(line)"
                @click="chosen = { ...chosen, [line.typed]: choice.id }"
              >
                {{ choice.name }}
              </button>
            </span>
          </li>
        </ol>
        <p v-for="note in read.notes" :key="note" class="soft">{{ note }}</p>
        <p v-if="Math.abs(sum - 100) > 0.05" class="say attention">
          {{ $t('blend.paste.sumIs', { sum: figure(sum, 1, true) }) }}
        </p>
        <p role="status">
          <b>{{ asks > 0 ? $t('blend.paste.asks', { n: asks }, asks) : $t('blend.paste.clear') }}</b>
        </p>
        <p class="ways">
          <Button type="submit" :label="$t('blend.paste.take')" :disabled="!recipe?.parts.length" />
          <span class="soft">{{
            recipe?.parts.length ? $t('blend.paste.replaceAll') : $t('blend.paste.empty')
          }}</span>
        </p>
      </template>
    </form>
  </Dialog>
</template>

<style scoped>
.paste {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 5.5em minmax(0, 1.4fr);
  gap: 2px 14px;
  align-items: center;
  padding: 5px 0 5px 10px;
  border-bottom: 1px solid var(--line);
  border-left: 3px solid transparent;
}
li.asks {
  border-left-color: var(--marigold);
}
.typed {
  overflow-wrap: anywhere;
}
.figures {
  text-align: right;
}
.taken {
  display: flex;
  gap: 8px;
  align-items: center;
  min-width: 0;
}
.taken :deep(.p-select) {
  flex: 1;
  min-width: 0;
}
.says {
  grid-column: 2 / -1;
  text-align: left;
  color: var(--soft-ink);
}
.asks .says {
  color: var(--marigold-ink);
}
li.unknown {
  border-left-color: var(--brick);
}
.unknown .says {
  color: var(--brick);
}
.mend {
  grid-column: 2 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  font-size: 14px;
}
.mend button {
  min-height: 26px;
}
.mend [aria-pressed='true'] {
  color: var(--ink);
  font-weight: 600;
  text-decoration: none;
}
.ways {
  display: flex;
  gap: 14px;
  align-items: center;
}
@media (width <= 640px) {
  li {
    grid-template-columns: minmax(0, 1fr) 4.5em;
  }
  .taken,
  .says {
    grid-column: 1 / -1;
  }
}
</style>
