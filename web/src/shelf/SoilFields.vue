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
      {{ $t('shelf.soilFields.jarTest') }}
    </p>
    <div class="line">
      <NumberField
        v-model="model.afterMinuteCm"
        :label="$t('shelf.soilFields.afterAMinute')"
        kind="length"
        optional
        input-id="jar-minute"
      />
      <NumberField
        v-model="model.afterHoursCm"
        :label="$t('shelf.soilFields.afterTwoHours')"
        kind="length"
        optional
        input-id="jar-hours"
      />
      <NumberField
        v-model="model.clearCm"
        :label="$t('shelf.soilFields.whenTheWaterIsClear')"
        kind="length"
        optional
        input-id="jar-clear"
      />
    </div>
    <div class="line">
      <NumberField
        v-model="model.organicPercent"
        :label="$t('shelf.soilFields.organicMatterByWeight')"
        unit="%"
        optional
        :placeholder="$t('shelf.soilFields.organicTwoToFive')"
        :decimals="1"
        input-id="jar-organic"
      />
      <NumberField
        v-model="model.ph"
        :label="$t('shelf.soilFields.ph')"
        :decimals="1"
        optional
        input-id="jar-ph"
      />
    </div>
    <div v-if="texture" class="settled">
      <JarDrawing :sand="texture.sandPercent" :silt="texture.siltPercent" :clay="texture.clayPercent" />
      <div>
        <p class="texture">{{ texture.words }}</p>
        <p class="figures">
          {{ $t('shelf.soilFields.sand', { texture: figure(texture.sandPercent, 0) }) }}<br />{{
            $t('shelf.soilFields.silt', { texture: figure(texture.siltPercent, 0) })
          }}<br />{{ $t('shelf.soilFields.clay', { texture: figure(texture.clayPercent, 0) }) }}
        </p>
        <p class="soft">
          {{
            texture.heavy
              ? $t('shelf.soilFields.heavyItWantsMuchOpening')
              : $t('shelf.soilFields.notHeavyButHolds')
          }}
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
