<script setup lang="ts">
import type { OwnPreview } from '@/api/types'
import NumberField from '@/measure/NumberField.vue'
import { figure } from '@/measure/units'
import JarDrawing from './JarDrawing.vue'
import type { OwnDraft } from './ownDraft'

/** Garden soil from a jar, drawn as it has settled. */
const model = defineModel<OwnDraft['soil']>({ required: true })
defineProps<{ texture: OwnPreview['texture'] | undefined }>()
</script>

<template>
  <div class="fields">
    <p class="soft">
      Fill a jar to a third with soil, add water and a drop of soap, shake, let it stand. Measure the height
      of what has settled three times.
    </p>
    <div class="line">
      <NumberField
        v-model="model.afterMinuteCm"
        label="After a minute"
        kind="length"
        optional
        input-id="jar-minute"
      />
      <NumberField
        v-model="model.afterHoursCm"
        label="After two hours"
        kind="length"
        optional
        input-id="jar-hours"
      />
      <NumberField
        v-model="model.clearCm"
        label="When the water is clear"
        kind="length"
        optional
        input-id="jar-clear"
      />
    </div>
    <div class="line">
      <NumberField
        v-model="model.organicPercent"
        label="Organic matter by weight"
        unit="%"
        optional
        placeholder="2 to 5"
        :decimals="1"
        input-id="jar-organic"
      />
      <NumberField v-model="model.ph" label="pH" :decimals="1" optional input-id="jar-ph" />
    </div>
    <div v-if="texture" class="settled">
      <JarDrawing :sand="texture.sandPercent" :silt="texture.siltPercent" :clay="texture.clayPercent" />
      <div>
        <p class="texture">{{ texture.words }}</p>
        <p class="figures">
          {{ figure(texture.sandPercent, 0) }} % sand<br />{{ figure(texture.siltPercent, 0) }} % silt<br />{{
            figure(texture.clayPercent, 0)
          }}
          % clay
        </p>
        <p class="soft">
          {{ texture.heavy ? 'Heavy: it wants much opening.' : 'Not heavy: mind that it holds water.' }}
        </p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: flex-end;
}
.settled {
  display: flex;
  gap: 22px;
  align-items: flex-end;
}
.texture {
  font: 650 22px/1.2 var(--heading);
}
.texture::first-letter {
  text-transform: uppercase;
}
</style>
