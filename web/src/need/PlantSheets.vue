<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { Plant } from '@/api/types'
import { say, sayProblem } from '@/parts/notices'
import { useSettings } from '@/measure/settings'
import { t } from '@/words'
import BandStrip from './BandStrip.vue'
import OwnPlantForm from './OwnPlantForm.vue'
import PlantField from './PlantField.vue'
import { stripsOf, wordsOf } from './plantFacts'
import { useMixFor } from './useMixFor'
import { usePlants, usePlantSheets } from './usePlants'

/** One plant to read, or two or three side by side on the same scales. */
const props = defineProps<{ ids: string[] }>()
const MOST = 3
const router = useRouter()
const client = useQueryClient()
const settings = useSettings()
const { plants } = usePlants()
const { sheets: shown, lost } = usePlantSheets(() => props.ids)
const labels = computed(() => [
  ...new Set(shown.value.flatMap((each) => wordsOf(each).map(([label]) => label))),
])
const words = (each: Plant, label: string) => wordsOf(each).find(([name]) => name === label)?.[1] ?? ''
const sentence = (text: string) => (text === '' ? '–' : text.charAt(0).toUpperCase() + text.slice(1))

const group = computed(() => {
  const only = shown.value.length === 1 ? shown.value[0] : undefined
  return only ? plants.value.filter((each) => each.kindName === only.kindName && each.id !== only.id) : []
})

const go = (ids: string[]) => router.push(ids.length === 0 ? '/book/plants' : `/book/plants/${ids.join('+')}`)
const adding = ref<string>()
const addBeside = () => {
  const id = adding.value
  adding.value = undefined
  if (id && !props.ids.includes(id)) {
    void go([...props.ids, id])
  }
}

const forming = ref<{ like: Plant; own?: Plant }>()
const form = async (each: Plant) => {
  if (!each.own) {
    forming.value = { like: each }
    return
  }
  const id = each.own.likeId
  const like = await answer(api.GET('/api/plants/{id}', { params: { path: { id } } })).catch(() => each)
  forming.value = { like, own: each }
}
const saved = async (id: string) => {
  forming.value = undefined
  await client.invalidateQueries({ queryKey: ['plants'] })
  await go([...new Set([...props.ids, id])].slice(-MOST))
}
const remove = async (each: Plant) => {
  try {
    await answer(api.DELETE('/api/own-plants/{id}', { params: { path: { id: each.id } } }))
    await go(props.ids.filter((id) => id !== each.id))
    await client.invalidateQueries({ queryKey: ['plants'] })
    say(t('need.plantSheets.isOutOfTheBook', { name: each.name }), async () => {
      await answer(api.POST('/api/own-plants/{id}/restore', { params: { path: { id: each.id } } }))
      await client.invalidateQueries({ queryKey: ['plants'] })
    })
  } catch (error) {
    sayProblem(error)
  }
}
const compose = useMixFor()
</script>

<template>
  <p v-for="id in lost" :key="id" class="say attention">
    {{ $t('need.plantSheets.theBookHasNoPlant', { id }) }}
  </p>
  <div class="sheets" :class="{ alone: shown.length === 1 }" :style="{ '--sheets': shown.length }">
    <div class="row heads">
      <header v-for="each in shown" :key="each.id">
        <h2>{{ each.name }}</h2>
        <p>
          <i v-if="each.breadth !== 'KIND'">{{ each.botanical }}</i>
          <span class="soft">
            <template v-if="each.breadth !== 'KIND'"> · </template>{{ each.kindName
            }}<template v-if="each.family"> · {{ each.family }}</template></span
          >
        </p>
        <p v-if="each.otherNames.length > 0" class="soft">
          {{ $t('need.plantSheets.also', { each: each.otherNames.join(', ') }) }}
        </p>
        <p v-if="each.note" class="note">{{ each.note }}</p>
        <p class="roots">{{ each.roots }}</p>
        <p class="ways">
          <Button
            :label="$t('need.plantSheets.composeAMixForIt')"
            size="small"
            outlined
            @click="compose(each)"
          />
          <button type="button" class="plain" @click="form(each)">
            {{ each.own ? $t('need.plantSheets.changeIt') : $t('need.plantSheets.copyAsMyOwn') }}
          </button>
          <button v-if="each.own" type="button" class="plain danger" @click="remove(each)">
            {{ $t('need.plantSheets.takeItOut') }}
          </button>
          <button
            v-if="shown.length > 1"
            type="button"
            class="plain"
            @click="go(ids.filter((id) => id !== each.id))"
          >
            {{ $t('need.plantSheets.putAway') }}
          </button>
        </p>
      </header>
    </div>
    <section class="block" :aria-label="$t('need.plantSheets.ranges')">
      <div class="row">
        <div v-for="each in shown" :key="each.id" class="strips">
          <BandStrip v-for="strip in stripsOf(each, settings.measures)" :key="strip.label" v-bind="strip" />
        </div>
      </div>
    </section>
    <section class="block" :aria-label="$t('need.plantSheets.inWords')">
      <div v-for="label in labels" :key="label" class="row words">
        <div
          v-for="each in shown"
          :key="each.id"
          :class="{ poison: label === 'Poison' && words(each, label) }"
        >
          <h3>{{ label }}</h3>
          <p>{{ sentence(words(each, label)) }}</p>
        </div>
      </div>
    </section>
    <div v-if="shown.length > 0 && shown.length < MOST" class="another">
      <h3>{{ $t('need.plantSheets.layAnotherBesideIt') }}</h3>
      <PlantField :key="ids.length" v-model="adding" input-id="beside-plant" compact @chosen="addBeside" />
      <template v-if="group.length > 0">
        <h3 class="kin">{{ $t('need.plantSheets.orOfItsGroup') }}</h3>
        <ul class="choices">
          <li v-for="each in group" :key="each.id">
            <RouterLink :to="`/book/plants/${ids.join('+')}+${each.id}`">{{ each.name }}</RouterLink>
          </li>
        </ul>
      </template>
    </div>
  </div>
  <OwnPlantForm
    v-if="forming"
    :like="forming.like"
    :own="forming.own"
    @saved="saved"
    @closed="forming = undefined"
  />
</template>

<style scoped src="../parts/side-by-side.css"></style>
<style scoped>
.heads header {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.note {
  font: 450 17px/1.4 var(--heading);
}
.roots {
  max-width: 70ch;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: baseline;
  margin-top: 4px;
}
.strips {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.words > div {
  padding: 4px 0;
}
.alone .words > div {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr);
  gap: 12px;
}
.poison p {
  color: var(--brick);
  font-weight: 600;
}
.another .kin {
  margin-top: 14px;
}
.another li {
  padding: 2px 0;
}
</style>
