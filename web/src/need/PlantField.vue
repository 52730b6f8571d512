<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import AutoComplete from 'primevue/autocomplete'
import { ref, watch } from 'vue'
import type { NameHit, Named } from '@/api/types'
import { named } from '@/api/useNamed'
import { t } from '@/words'
import { usePlants } from './usePlants'

/** A plant of the Book by any of its names. What the Book does not know is said, with what may be meant and a way to go on. */
const model = defineModel<string | undefined>({ required: true })
const {
  inputId = 'plant',
  placeholder = t('need.plantField.nameOfThePlant'),
  compact = false,
} = defineProps<{ inputId?: string; placeholder?: string; compact?: boolean }>()
const emit = defineEmits<{ chosen: [] }>()
const { plants, plant, ready } = usePlants()

type Choice = Pick<NameHit, 'id' | 'name' | 'about' | 'matched'>
const chosenName = () => plant(model.value ?? '')?.name ?? model.value ?? ''
const entered = ref<Choice | string>(chosenName())
watch(
  () => plant(model.value ?? '')?.name,
  (name, before) => {
    if (name !== undefined && (entered.value === model.value || entered.value === before)) {
      entered.value = name
    }
  },
)
const found = ref<Choice[]>([])
const unknown = ref('')
const aside = ref<string[]>([])
const nearest = ref<Choice[]>([])
const NEAREST = 3
let asked = 0

const typed = () => (typeof entered.value === 'string' ? entered.value.trim() : entered.value.name)
const ask = async (query: string): Promise<Named | undefined> => {
  const own = ++asked
  const answered = await named(query, ['PLANT'])
  return own === asked ? answered : undefined
}
const notInTheBook = (query: string, answered: Named) => {
  found.value = []
  unknown.value = query
  nearest.value = answered.hits.slice(0, NEAREST)
}

const search = async (query: string) => {
  const text = query.trim()
  if (text === '') {
    found.value = []
    unknown.value = ''
    return
  }
  const answered = await ask(text)
  if (answered && text !== unknown.value) {
    const like = answered.sure || answered.hits[0]?.how === 'MISTYPED'
    found.value = like ? answered.hits : []
    aside.value = like ? answered.aside : []
    unknown.value = ''
    if (!like) {
      notInTheBook(text, answered)
    }
  }
}

/** The list takes the focus back a moment after a choice; only then may what holds it go away. */
const CLOSE_AFTER_MS = 60
const done = () => window.setTimeout(() => emit('chosen'), CLOSE_AFTER_MS)

const choose = (chosen: Choice) => {
  entered.value = chosen
  unknown.value = ''
  model.value = chosen.id
  done()
}

/** What was typed and left: taken if it is a plant's whole name or fits just one, else asked about. */
const settle = async () => {
  if (typeof entered.value !== 'string' || typed() === '') {
    return
  }
  await ready()
  if (typed() === chosenName()) {
    return
  }
  const query = typed()
  const answered = await named(query, ['PLANT'])
  if (typed() !== query) {
    return
  }
  const first = answered.hits[0]
  const whole = first?.how === 'WHOLE' || first?.how === 'WHOLE_OTHER'
  if (first && answered.aside.length === 0 && (whole || (answered.sure && answered.hits.length === 1))) {
    choose(first)
  } else {
    notInTheBook(query, answered)
  }
}

/** A whole name is taken at once; what else was typed is asked about a moment later, when nothing was chosen. */
const LEFT_AFTER_MS = 250
/** Whether something in here is being pressed on, as a suggestion is: then the field has not been left. */
let pressed = false
useEventListener('pointerup', () => (pressed = false))
/** The list stands in the field and scrolls with it, so that scrolling to a suggestion is no reason to close it. */
const field = ref<{ unbindScrollListener?: () => void }>()
const stay = () => field.value?.unbindScrollListener?.()
const leave = () => {
  if (pressed) {
    return
  }
  const left = typeof entered.value === 'string' ? entered.value.trim().toLowerCase() : ''
  const whole = plants.value.find((each) =>
    [each.name, each.botanical, ...each.otherNames].some((name) => name.toLowerCase() === left),
  )
  if (left !== '' && whole && left !== chosenName().toLowerCase()) {
    choose({ id: whole.id, name: whole.name, matched: whole.name })
  } else {
    window.setTimeout(() => void settle(), LEFT_AFTER_MS)
  }
}

const none = () => {
  entered.value = ''
  model.value = undefined
  done()
}
const otherName = (each: Choice) => {
  const said = `${each.name} ${each.about ?? ''}`.toLowerCase()
  return said.includes(each.matched.toLowerCase()) ? '' : each.matched
}
</script>

<template>
  <div class="plant-field" :class="{ compact }" @pointerdown="pressed = true">
    <label :for="inputId" class="visually-hidden">{{ $t('need.plantField.plant') }}</label>
    <AutoComplete
      ref="field"
      v-model="entered"
      :input-id="inputId"
      append-to="self"
      :suggestions="found"
      option-label="name"
      :placeholder="placeholder"
      :show-empty-message="false"
      :delay="60"
      :invalid="unknown !== ''"
      @complete="search($event.query)"
      @option-select="choose($event.value as Choice)"
      @keydown.enter="settle"
      @blur="leave"
      @show="stay"
    >
      <template #header>
        <p v-if="aside.length > 0" class="aside">
          {{ $t('need.plantField.setAside', { words: aside.join(' ') }) }}
        </p>
      </template>
      <template #option="{ option }">
        <span class="option">
          <span>{{ (option as Choice).name }}</span>
          <small class="soft"
            ><i>{{ (option as Choice).about }}</i
            ><template v-if="otherName(option as Choice)">
              · {{ otherName(option as Choice) }}</template
            ></small
          >
        </span>
      </template>
    </AutoComplete>
    <p v-if="unknown" class="unknown" role="alert">
      {{
        $t(nearest.length > 0 ? 'need.plantField.mayBeCalled' : 'need.plantField.notInTheBook', {
          unknown: unknown.length > 40 ? unknown.slice(0, 40) + '…' : unknown,
        })
      }}
      <template v-for="(each, i) in nearest" :key="each.id">
        <button type="button" class="plain" @click="choose(each)">{{ each.name }}</button>{{
          i < nearest.length - 1 ? ', ' : '.'
        }}
      </template>
      <RouterLink class="plain" to="/book/unknown">{{ $t('need.plantField.chooseWhatItIsLike') }}</RouterLink>
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
.aside {
  padding: 6px 12px 0;
  font-size: 14px;
}
</style>
