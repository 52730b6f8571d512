<script setup lang="ts">
import { computed } from 'vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import StitchMark from './StitchMark.vue'
import { useMaterials } from './useBook'

/** The Book's materials, with their stitch, what they do and what they are. */
const props = defineProps<{ sought: string }>()
const settings = useSettings()
const { materials, amendments, loading, error } = useMaterials()
const wanted = computed(() => props.sought.trim().toLowerCase())
const found = computed(() =>
  materials.value.filter((each) =>
    [each.name, each.does, ...each.roleWords].join(' ').toLowerCase().includes(wanted.value),
  ),
)
const foundDoses = computed(() =>
  amendments.value.filter((each) => [each.name, each.does].join(' ').toLowerCase().includes(wanted.value)),
)
</script>

<template>
  <p v-if="error" class="say harm" role="alert">{{ error.message }}</p>
  <div v-if="loading" class="skeleton" style="height: 300px" />
  <ul class="choices materials">
    <li v-for="material in found" :key="material.id">
      <StitchMark :material-id="material.id" :size="40" />
      <div>
        <h3>
          {{ material.name }} <span class="soft">{{ material.grade }}</span>
        </h3>
        <p>{{ material.does }}</p>
        <dl>
          <div>
            <dt>weight</dt>
            <dd class="figures">{{ figure(material.bulkDensityGPerL, 0) }} g/L</dd>
          </div>
          <div>
            <dt>pores</dt>
            <dd class="figures">{{ figure(material.totalPorosityPercent, 0) }} %</dd>
          </div>
          <div>
            <dt>water at 10 cm</dt>
            <dd class="figures">{{ figure(material.waterAt10CmPercent, 0) }} %</dd>
          </div>
          <div>
            <dt>pH</dt>
            <dd class="figures">{{ figure(material.ph, 1) }}</dd>
          </div>
          <div>
            <dt>half rots in</dt>
            <dd class="figures">
              {{
                material.halfLifeYears === undefined
                  ? 'never'
                  : `${figure(material.halfLifeYears, 1, true)} yr`
              }}
            </dd>
          </div>
          <div>
            <dt>usual pack</dt>
            <dd class="figures">{{ text(settings.measures.pack(material.packLitres)) }}</dd>
          </div>
        </dl>
        <p class="soft source">{{ material.roleWords.join(', ') }} · Source: {{ material.source }}</p>
      </div>
    </li>
  </ul>
  <h2 v-if="foundDoses.length > 0">Given by weight</h2>
  <ul class="choices materials">
    <li v-for="dose in foundDoses" :key="dose.id">
      <div>
        <h3>{{ dose.name }}</h3>
        <p>{{ dose.does }}</p>
        <p class="soft source">
          usually {{ text(settings.measures.dose(dose.usualLowGPerL)) }} to
          {{ text(settings.measures.dose(dose.usualHighGPerL)) }} · Source: {{ dose.source }}
        </p>
      </div>
    </li>
  </ul>
  <p v-if="!loading && found.length + foundDoses.length === 0">No material by that name here yet.</p>
</template>

<style scoped>
.materials {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(380px, 1fr));
  gap: 0 40px;
  margin-bottom: 24px;
}
li {
  display: flex;
  gap: 16px;
  border-top: 1px dashed var(--stitch);
  padding: 12px 0;
}
h3 {
  font-size: 16px;
}
h3 .soft {
  font-weight: 400;
  font-size: 14px;
}
dl {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 3px 12px;
  margin: 5px 0;
}
dt {
  font-size: 12.5px;
  line-height: 1.1;
  color: var(--soft-ink);
}
dd {
  margin: 0;
  font-size: 14px;
}
p {
  font-size: 14px;
}
.source {
  font-size: 13px;
}
@media (max-width: 640px) {
  .materials {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
