<script setup lang="ts">
import { computed } from 'vue'
import type { Batch, Fill } from '@/api/types'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import InPlace from '@/parts/InPlace.vue'
import { t } from '@/words'

/** What a batch comes to, in four figures; each opens what it was worked out from. */
const props = defineProps<{ batch: Batch; fills: readonly Fill[] }>()
const settings = useSettings()
const ACCOUNT = ['toFillLine', 'inTheWay', 'sinking', 'reserve', 'bins', 'tubs'] as const
/** Less than this is nothing to show [L]. */
const LEAST_LITRES = 0.0005
const money = (amount: number) => `${settings.currency} ${figure(amount, 2)}`
const costWords = computed(() => {
  const it = props.batch.plan
  if (it.cost === undefined || it.costPerLitre === undefined) {
    return t('batch.batchPage.costAPriceIsMissing')
  }
  const each = it.pots.length === 1 ? it.pots[0]?.costEach : undefined
  return [
    t('batch.batchPage.usedPacksCost', { money: money(it.toPay ?? 0) }),
    `${settings.currency} ${text(settings.measures.perVolume(it.costPerLitre))}`,
    ...(each === undefined ? [] : [t('batch.batchPage.eachPot', { money: money(each) })]),
  ].join('; ')
})
const totals = computed(() => {
  const it = props.batch.plan
  const pots = props.fills.reduce((sum, fill) => sum + fill.count, 0)
  const volume = (litres: number) => text(settings.measures.volume(litres))
  return [
    {
      words: volume(it.litresToMake),
      label: t('batch.batchPage.howMade'),
      about:
        pots === 0
          ? t('batch.batchPage.settledMix')
          : t('batch.batchPage.settledMixFor', {
              potCount:
                pots === 1 ? t('batch.batchPage.onePot') : t('batch.batchPage.pots', { potCount: pots }),
            }),
      lines: ACCOUNT.filter((name) => it.account[name] > LEAST_LITRES).map((name) => ({
        label: t(`batch.batchPage.account.${name}`),
        value: `${name === 'inTheWay' ? '−' : '+'} ${volume(it.account[name])}`,
      })),
    },
    {
      words: volume(it.looseLitres),
      label: t('batch.batchPage.howLoose'),
      about: t('batch.batchPage.looseHint', { plan: figure((1 - it.yield) * 100, 0) }),
      lines: [
        { label: t('batch.batchPage.opened.settled'), value: volume(it.litresToMake) },
        { label: t('batch.batchPage.opened.yield'), value: `÷ ${figure(it.yield, 2)}` },
        ...it.materials.map((line) => ({ label: line.name, value: volume(line.litres) })),
      ],
    },
    {
      words: it.loads === 1 ? t('batch.batchPage.oneLoad') : t('batch.batchPage.loads', { loads: it.loads }),
      label: t('batch.batchPage.howManyLoads'),
      about: t('batch.batchPage.moistInAll', { mass: text(settings.measures.mass(it.moistKg)) }),
      lines: [
        { label: t('batch.batchPage.opened.loose'), value: volume(it.looseLitres) },
        { label: t('batch.batchPage.opened.tub'), value: volume(props.batch.tubLitres) },
        { label: t('batch.batchPage.opened.aLoad'), value: volume(it.looseLitres / it.loads) },
        {
          label: t('batch.batchPage.opened.weighs'),
          value: text(settings.measures.mass(it.moistKg / it.loads)),
        },
      ],
    },
    {
      words: it.cost === undefined ? '–' : money(it.cost),
      label: t('batch.batchPage.howDear'),
      about: costWords.value,
      lines: [
        ...[...it.materials, ...it.layers].map((line) => ({
          label: line.name,
          value: line.cost === undefined ? '–' : money(line.cost),
        })),
        ...it.pots.flatMap((each, i) =>
          each.costEach === undefined
            ? []
            : [
                {
                  label: t('batch.batchPage.opened.potOf', {
                    width: text(settings.measures.length(props.fills[i]?.pot.topCm ?? 0)),
                  }),
                  value: money(each.costEach),
                },
              ],
        ),
      ],
    },
  ]
})
</script>

<template>
  <div class="totals">
    <p v-for="total in totals" :key="total.label">
      <InPlace :words="total.words" :label="total.label"
        ><dl>
          <template v-for="line in total.lines" :key="line.label">
            <dt>{{ line.label }}</dt>
            <dd class="figures">{{ line.value }}</dd>
          </template>
        </dl></InPlace
      >
      <span>{{ total.about }}</span>
    </p>
  </div>
</template>

<style scoped>
.totals {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 18px;
  margin-bottom: 18px;
}
p {
  display: flex;
  flex-direction: column;
  border-top: 2px solid var(--bottle);
  padding-top: 6px;
}
p > span {
  font-size: 13.5px;
  color: var(--soft-ink);
}
p :deep(.word) {
  align-self: flex-start;
  font: 600 22px var(--figures);
}
dl {
  display: grid;
  grid-template-columns: auto auto;
  gap: 4px 18px;
  margin: 0;
}
dd {
  margin: 0;
  text-align: right;
}
@media (width <= 1120px) {
  .totals {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
