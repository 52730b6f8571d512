<script setup lang="ts">
import { computed } from 'vue'
import type { Pot, Section } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'

/** What a pot reads like as it is set up, in one row of figures and a few sentences. */
const props = defineProps<{ section: Section; pot: Pot }>()
const settings = useSettings()
const days = (value: number) => figure(value, value < 3 ? 1 : 0)
const rows = computed(() => {
  const it = props.section
  return [
    { name: t('planting.readings.air'), value: `${figure(it.airPercent, 0)} %` },
    { name: t('planting.readings.water'), value: `${figure(it.waterPercent, 0)} %` },
    {
      name: t('planting.readings.dries'),
      value: t('planting.readings.days', { days: days(it.days) }, it.days > 1 ? 2 : 1),
      soft: t('planting.readings.range', { low: days(it.lowDays), high: days(it.highDays) }),
    },
    {
      name: t('planting.readings.weighs'),
      value: text(settings.measures.mass(it.wateredKg)),
      soft: t('planting.readings.dry', { kg: text(settings.measures.mass(it.dryKg)) }),
    },
    ...(it.dryStands
      ? [
          {
            name: t('planting.readings.tips'),
            value: `${figure(it.dryStands.tipsAtDeg, 0)}°`,
            soft: it.dryStands.words,
            bad: !it.dryStands.firm,
          },
        ]
      : []),
    { name: t('planting.readings.takes'), value: text(settings.measures.volume(it.mixLitres)) },
    ...(it.cost === undefined
      ? []
      : [{ name: t('planting.readings.cost'), value: `${settings.currency} ${figure(it.cost, 2, false)}` }]),
  ]
})
const ml = (value: number) => text(settings.measures.volume(value / 1000))
</script>

<template>
  <div class="section-readings">
    <dl>
      <div v-for="row in rows" :key="row.name" :class="{ attention: row.bad }">
        <dt>{{ row.name }}</dt>
        <dd>
          <b class="figures">{{ row.value }}</b> <span v-if="row.soft" class="soft">{{ row.soft }}</span>
        </dd>
      </div>
    </dl>
    <p v-if="section.syringe" class="say">
      <b>{{
        $t('planting.readings.syringe', {
          ml: ml(section.syringe.doseMl),
          days: days(section.syringe.everyDays),
        })
      }}</b>
      {{ $t('planting.readings.syringeMost', { most: ml(section.syringe.mostAtOnceMl) }) }}
    </p>
    <ul class="effects">
      <li v-for="effect in section.effects" :key="effect">{{ effect }}</li>
    </ul>
  </div>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(118px, 1fr));
  gap: 8px 18px;
  margin: 0;
}
dl div {
  border-left: 3px solid var(--line);
  padding-left: 9px;
}
dl div.attention {
  border-color: var(--marigold);
}
dt {
  font-size: 13px;
  color: var(--soft-ink);
}
dd {
  margin: 0;
}
dd .soft {
  display: block;
  font-size: 13px;
}
.effects {
  margin: 12px 0 0;
  padding-left: 18px;
  display: flex;
  flex-direction: column;
  gap: 3px;
}
</style>
