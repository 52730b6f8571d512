<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Asked, Pot, SetUp, SetUpKind, Template } from '@/api/types'
import { usePlantSheets } from '@/need/usePlants'
import PotDrawing from './PotDrawing.vue'
import SectionReadings from './SectionReadings.vue'
import SetUpFields from './SetUpFields.vue'
import TemplateChooser from './TemplateChooser.vue'
import { useSection } from './useSection'

/** A pot set up: templates with reasons, the drawing whose seams are drawn, everything typed, and what it reads like at once. */
const props = defineProps<{ asked: Asked; blendName: string; name: string }>()
const pot = defineModel<Pot>('pot', { required: true })
const setUp = defineModel<SetUp>('setUp', { required: true })
const kind = defineModel<SetUpKind>('kind', { required: true })
const { answer: section, problem } = useSection(() => ({ asked: props.asked, setUp: setUp.value }))
const drawing = ref<InstanceType<typeof PotDrawing>>()
const { sheets } = usePlantSheets(() => (props.asked.brief?.plantId ? [props.asked.brief.plantId] : []))
const take = (template: Template) => {
  pot.value = template.pot
  const { places } = setUp.value
  setUp.value = { ...template.setUp, ...(places ? { places } : {}) }
}
const change = (nextPot: Pot, nextSetUp: SetUp) => {
  pot.value = nextPot
  setUp.value = nextSetUp
}
defineExpose({ ok: computed(() => section.value !== undefined && problem.value === undefined) })
</script>

<template>
  <div class="set-up-step">
    <section class="drawn" :aria-label="$t('pot.page.cutOpen')">
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <PotDrawing
        v-if="section && asked.brief?.pot"
        ref="drawing"
        :pot="pot"
        :set-up="setUp"
        :kind="kind"
        :section="section"
        :recipe="asked.recipe"
        :blend-name="blendName"
        :plant="sheets[0]"
        :name="name"
        edit
        @change="change"
      />
      <p v-else class="soft">{{ $t('planting.step.needsAll') }}</p>
      <p class="soft small">
        {{ $t('planting.step.drag') }}
        <button type="button" class="plain" @click="drawing?.save()">{{ $t('pot.page.save') }}</button>
        <button type="button" class="plain" @click="drawing?.savePng()">{{ $t('planting.step.png') }}</button>
      </p>
      <SectionReadings v-if="section" :section="section" :pot="pot" />
    </section>
    <section :aria-label="$t('planting.template.label')">
      <TemplateChooser v-model:kind="kind" :pot="pot" :set-up="setUp" :brief="asked.brief" @taken="take" />
      <details class="typed">
        <summary>{{ $t('planting.step.typed') }}</summary>
        <SetUpFields v-model:pot="pot" v-model:set-up="setUp" />
      </details>
    </section>
  </div>
</template>

<style scoped>
.set-up-step {
  display: grid;
  grid-template-columns: minmax(0, 1.05fr) minmax(0, 1fr);
  gap: 36px;
  align-items: start;
}
.drawn {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.small {
  font-size: 13.5px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
.typed {
  margin-top: 16px;
}
summary {
  cursor: pointer;
  font-weight: 700;
  margin-bottom: 8px;
  min-height: 28px;
}
@media (width <= 900px) {
  .set-up-step {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
