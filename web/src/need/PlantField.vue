<script setup lang="ts">
import AutoComplete from 'primevue/autocomplete'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Plant } from '@/api/types'
import { t } from '@/words'
import { usePlants } from './usePlants'

/** A plant of the Book by any of its names. What the Book does not know is said, with what comes nearest. */
const model = defineModel<string | undefined>({ required: true })
const {
  inputId = 'plant',
  placeholder = t('need.plantField.nameOfThePlant'),
  compact = false,
} = defineProps<{ inputId?: string; placeholder?: string; compact?: boolean }>()
const emit = defineEmits<{ chosen: [] }>()
const { plants, plant, ready } = usePlants()

const entered = ref<Plant | string>(model.value ? (plant(model.value) ?? model.value) : '')
const found = ref<Plant[]>([])
const unknown = ref('')
const nearest = ref<Plant[]>([])

const names = (each: Plant) => [each.name, each.botanical, ...each.otherNames]
const matches = (typed: string) =>
  plants.value.filter((each) => names(each).some((name) => name.toLowerCase().includes(typed.toLowerCase())))
const closest = (typed: string) =>
  answer(api.GET('/api/plants/closest', { params: { query: { name: typed, most: 4 } } }))
const typed = computed(() => (typeof entered.value === 'string' ? entered.value.trim() : entered.value.name))

const search = async (query: string) => {
  if (query.trim() !== unknown.value) {
    unknown.value = ''
  }
  await ready()
  const literal = matches(query.trim())
  found.value = literal
  if (literal.length === 0) {
    await settle()
  }
}

/** The list takes the focus back a moment after a choice; only then may what holds it go away. */
const CLOSE_AFTER_MS = 60
const done = () => window.setTimeout(() => emit('chosen'), CLOSE_AFTER_MS)

const choose = (chosen: Plant) => {
  entered.value = chosen
  unknown.value = ''
  model.value = chosen.id
  done()
}

const settle = async () => {
  if (typeof entered.value !== 'string' || typed.value === '') {
    return
  }
  await ready()
  const exact = plants.value.find((each) =>
    names(each).some((name) => name.toLowerCase() === typed.value.toLowerCase()),
  )
  if (exact) {
    choose(exact)
    return
  }
  unknown.value = typed.value
  nearest.value = (await closest(typed.value.slice(0, 200))).slice(0, 3)
}

const none = () => {
  entered.value = ''
  model.value = undefined
  done()
}
</script>

<template>
  <div class="plant-field" :class="{ compact }">
    <label :for="inputId" class="visually-hidden">{{ $t('need.plantField.plant') }}</label>
    <AutoComplete
      v-model="entered"
      :input-id="inputId"
      append-to="self"
      :suggestions="found"
      option-label="name"
      :placeholder="placeholder"
      complete-on-focus
      :show-empty-message="false"
      :delay="60"
      :invalid="unknown !== ''"
      @complete="search($event.query)"
      @option-select="choose($event.value as Plant)"
      @keydown.enter="settle"
      @blur="settle"
    >
      <template #option="{ option }">
        <span class="option">
          <span>{{ (option as Plant).name }}</span>
          <small class="soft"
            ><i>{{ (option as Plant).botanical }}</i></small
          >
        </span>
      </template>
    </AutoComplete>
    <p v-if="unknown" class="unknown" role="alert">
      {{
        $t('need.plantField.theBookHasNoPlant', {
          unknown: unknown.length > 40 ? unknown.slice(0, 40) + '…' : unknown,
        })
      }}
      <template v-for="(each, i) in nearest" :key="each.id">
        <button type="button" class="plain" @click="choose(each)">{{ each.name }}</button>{{
          i < nearest.length - 1 ? ', ' : '.'
        }}
      </template>
    </p>
    <button v-if="model" type="button" class="plain" @click="none">
      {{ $t('need.plantField.noPlantInMind') }}
    </button>
  </div>
</template>

<style scoped>
.plant-field {
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: flex-start;
  min-width: 270px;
  min-height: 240px;
}
.plant-field.compact {
  min-width: 0;
  min-height: 0;
}
.plant-field :deep(.p-autocomplete) {
  width: 100%;
}
.plant-field :deep(input) {
  width: 100%;
}
.option {
  display: flex;
  flex-direction: column;
  line-height: 1.25;
}
.unknown {
  color: var(--brick);
}
</style>
