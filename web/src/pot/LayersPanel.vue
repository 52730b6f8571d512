<script setup lang="ts">
import SelectField from '@/parts/SelectField.vue'
import { computed } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { useBlendNames } from '@/api/useBlendNames'
import { useKept } from '@/parts/useKept'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { potWords, startingPot } from '@/need/words'
import { t } from '@/words'

/** Several mixes above one another in one pot. */
const props = defineProps<{ asked: Asked; blendId: string }>()
const settings = useSettings()
const OWN = 'own'
const kept = useKept(`layers-${props.blendId}`, {
  fromTop: [
    { blendId: OWN, depthCm: 5 },
    { blendId: OWN, depthCm: 5 },
  ],
})
const pot = computed(() => props.asked.brief?.pot ?? startingPot())
const {
  names,
  sought,
  many,
  recipeOf: recipeOfBlend,
  ready,
} = useBlendNames(() => kept.value.fromTop.map((layer) => layer.blendId).filter((id) => id !== OWN))
const choices = computed(() => [
  { value: OWN, label: t('pot.layersPanel.thisBlend') },
  ...names.value.filter((each) => each.value !== props.blendId),
])
const recipeOf = (id: string) => recipeOfBlend(id) ?? props.asked.recipe
const nameOf = (id: string) =>
  choices.value.find((each) => each.value === id)?.label ?? t('pot.layersPanel.thisBlend')

const { answer: stack, problem } = useAnswered(
  () =>
    ready.value
      ? {
          pot: pot.value,
          layers: [...kept.value.fromTop]
            .reverse()
            .map((layer) => ({ recipe: recipeOf(layer.blendId), depthCm: layer.depthCm })),
        }
      : undefined,
  (body, signal) => answer(api.POST('/api/pots/layers', { body, signal })),
)
const fromTop = computed(() => [...(stack.value?.levels ?? [])].reverse())
const add = () => {
  kept.value = { fromTop: [...kept.value.fromTop, { blendId: OWN, depthCm: 3 }] }
}
const remove = (index: number) => {
  kept.value = { fromTop: kept.value.fromTop.filter((_, at) => at !== index) }
}
const seam = (index: number) => {
  const level = fromTop.value[index]
  const below = fromTop.value[index + 1]
  if (!level || !below) {
    return ''
  }
  return level.overBreak
    ? t('pot.layersPanel.waterStopsAtThisSeam')
    : t('pot.layersPanel.seamLetsWaterThrough')
}
</script>

<template>
  <div class="layers-panel">
    <section :aria-label="$t('pot.layersPanel.layersFromTheTop')">
      <h2>{{ $t('pot.layersPanel.inPotFromTheTop', { potWords: potWords(pot, settings.measures) }) }}</h2>
      <ol>
        <li v-for="(layer, index) in kept.fromTop" :key="index">
          <div class="row">
            <div class="field">
              <SelectField
                v-model="layer.blendId"
                v-model:sought="sought"
                :label="index === 0 ? $t('pot.layersPanel.onTop') : $t('pot.layersPanel.belowIt')"
                :input-id="`layer-${index}`"
                :options="choices"
                :many="many"
              />
            </div>
            <NumberField
              v-if="index > 0"
              v-model="layer.depthCm"
              :label="$t('pot.layersPanel.depth')"
              kind="length"
              :decimals="1"
              :input-id="`layer-depth-${index}`"
            />
            <p v-else class="soft rest">{{ $t('pot.layersPanel.takesWhatRoomIsLeft') }}</p>
            <button v-if="kept.fromTop.length > 1" type="button" class="plain" @click="remove(index)">
              {{ $t('pot.layersPanel.takeOut') }}
            </button>
          </div>
        </li>
      </ol>
      <button v-if="kept.fromTop.length < 5" type="button" class="plain add" @click="add">
        {{ $t('pot.layersPanel.addALayerBelow') }}
      </button>
      <p class="soft">
        {{ $t('pot.layersPanel.waterGathersAtTheFoot') }}
      </p>
    </section>
    <section :aria-label="$t('pot.layersPanel.howWaterStandsInThem')">
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <template v-if="stack">
        <div v-for="(level, index) in fromTop" :key="index" class="level">
          <div class="bar" aria-hidden="true">
            <i class="solids" :style="{ width: `${100 - level.airPercent - level.waterPercent}%` }" />
            <i class="water" :style="{ width: `${level.waterPercent}%` }" />
            <i class="air" :style="{ width: `${level.airPercent}%` }" />
          </div>
          <p class="named">
            <b>{{ nameOf(kept.fromTop[index]?.blendId ?? OWN) }}</b>
            <span class="figures soft">
              {{ text(settings.measures.length(Math.round((level.toCm - level.fromCm) * 10) / 10)) }},
              {{ text(settings.measures.volume(level.litres)) }}
            </span>
          </p>
          <p class="figures">
            {{
              $t('pot.layersPanel.airWaterWetFoot', {
                level: figure(level.airPercent, 0),
                level2: figure(level.waterPercent, 0),
                level3: text(settings.measures.length(Math.round(level.wetZoneCm * 10) / 10)),
              })
            }}
          </p>
          <p v-if="seam(index)" class="seam">{{ seam(index) }}</p>
        </div>
        <p class="whole">
          <b>{{ $t('pot.layersPanel.theWholePot') }}</b>
          <span class="figures">
            {{
              $t('pot.layersPanel.airWaterOfWetMix', {
                stack: figure(stack.airPercent, 0),
                stack2: figure(stack.waterPercent, 0),
                mass: text(settings.measures.mass(stack.wetKg)),
              })
            }}
          </span>
        </p>
        <p class="soft">{{ $t('pot.layersPanel.barsSolidsWaterAirAfter') }}</p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.layers-panel {
  display: grid;
  grid-template-columns: minmax(320px, 460px) minmax(0, 1fr);
  gap: 28px 44px;
}
section {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: flex-end;
}
.rest,
.row .plain {
  padding-bottom: 8px;
}
.add {
  align-self: flex-start;
}
.level {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.named {
  display: flex;
  gap: 12px;
}
.bar {
  display: flex;
  height: 26px;
  max-width: 520px;
}
.solids {
  background: var(--solids);
}
.water {
  background: var(--water);
}
.air {
  background: var(--air);
}
.seam {
  border-left: 3px solid var(--marigold);
  padding-left: 10px;
  font-size: 14px;
}
.whole b {
  margin-right: 6px;
}
.whole {
  border-top: 1px dashed var(--stitch);
  padding-top: 10px;
}
@media (width <= 860px) {
  .layers-panel {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
