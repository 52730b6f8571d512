<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { Batch } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import ChoiceList from '@/parts/ChoiceList.vue'
import SelectField from '@/parts/SelectField.vue'
import { t } from '@/words'

/** The batch read backwards: what can be made of what there is, what half or double of it takes, and what to buy for it. */
const props = defineProps<{ id: string; batch: Batch }>()
const settings = useSettings()
const { materialName } = useMaterials()
const have = ref<{ materialId: string; litres: number | undefined }>({ materialId: '', litres: undefined })
const path = computed(() => ({ path: { id: props.id } }))
const { answer: stretch, problem } = useAnswered(
  () => ({
    revision: props.batch.revision,
    plan: props.batch.plan.litresToMake,
    ...(have.value.materialId !== '' && have.value.litres !== undefined
      ? { materialId: have.value.materialId, litres: have.value.litres }
      : {}),
  }),
  ({ materialId, litres }: { materialId?: string; litres?: number }, signal) =>
    answer(
      api.GET('/api/batches/{id}/stretch', {
        params: {
          ...path.value,
          query: materialId === undefined || litres === undefined ? {} : { materialId, litres },
        },
        signal,
      }),
    ),
)
const { answer: shopping } = useAnswered(
  () => ({ revision: props.batch.revision, packs: props.batch.plan.toPay ?? 0 }),
  (_, signal) => answer(api.GET('/api/batches/{id}/shopping', { params: path.value, signal })),
)
const options = computed(() =>
  props.batch.plan.materials.map(({ materialId, name }) => ({ value: materialId, label: name })),
)
const first = computed(() => stretch.value?.supplies[0])
const pots = computed(() =>
  (stretch.value?.pots ?? []).map((count, i) => ({
    count,
    pot: props.batch.fills[i]?.pot,
  })),
)
const TIMES = [
  { value: '0.5', label: t('batch.stretch.half') },
  { value: '1', label: t('batch.stretch.once') },
  { value: '2', label: t('batch.stretch.twice') },
  { value: '3', label: t('batch.stretch.thrice') },
]
const times = ref('1')
const chosen = computed(() => stretch.value?.times.find((each) => String(each.times) === times.value))
const volume = (litres: number) => text(settings.measures.volume(litres))
const money = (amount: number) => `${settings.currency} ${figure(amount, 2)}`
const link = (kind: string) => {
  const query = new URLSearchParams({
    units: speech.units,
    size: settings.system === 'us' ? 'LETTER' : 'A4',
    currency: settings.currency,
  })
  return `/api/batches/${props.id}/shopping.${kind}?${query.toString()}`
}
</script>

<template>
  <details class="stretch">
    <summary>{{ $t('batch.stretch.title') }}</summary>
    <div v-if="stretch" class="two">
      <section>
        <p class="most">
          <b class="figures">{{ volume(stretch.mostLitres) }}</b>
          <span>{{
            first && stretch.mostLitres > 0
              ? $t('batch.stretch.until', { name: first.name })
              : $t('batch.stretch.none', { name: first?.name ?? '' })
          }}</span>
        </p>
        <p v-for="(each, i) in pots" :key="i">
          {{
            $t('batch.stretch.pots', {
              count: each.count,
              width: text(settings.measures.length(each.pot?.topCm ?? 0)),
            })
          }}
        </p>
        <div class="have">
          <SelectField
            v-model="have.materialId"
            :label="$t('batch.stretch.ifIHad')"
            input-id="have-what"
            :options="options"
          />
          <NumberField
            v-model="have.litres"
            :label="$t('batch.stretch.litres')"
            kind="volume"
            :decimals="1"
            optional
            input-id="have-litres"
          />
        </div>
        <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
        <ul class="lines" role="list">
          <li v-for="each in stretch.supplies" :key="each.materialId">
            {{
              $t('batch.stretch.supply', {
                have: volume(each.haveLitres),
                name: each.name,
                makes: volume(each.makesLitres),
              })
            }}
          </li>
        </ul>
      </section>
      <section>
        <ChoiceList v-model="times" :options="TIMES" :label="$t('batch.stretch.takes')" />
        <ul v-if="chosen" class="lines" role="list">
          <li
            v-for="need in chosen.needs"
            :key="need.materialId"
            :class="{ missing: need.missingLitres > 0.02 }"
          >
            {{ need.name }} <span class="figures">{{ volume(need.needLitres) }}</span>
            <span v-if="need.missingLitres > 0.02">{{
              $t(
                'batch.stretch.missing',
                {
                  missing: volume(need.missingLitres),
                  n: need.packs,
                  left: volume(need.leftOverLitres),
                },
                need.packs,
              )
            }}</span>
            <span v-else class="soft">{{
              $t('batch.stretch.leaves', { left: volume(need.leftOverLitres) })
            }}</span>
          </li>
        </ul>
        <template v-if="shopping && shopping.lines.length > 0">
          <h3>{{ $t('batch.stretch.toBuy') }}</h3>
          <ul class="lines" role="list">
            <li v-for="line in shopping.lines" :key="line.materialId">
              {{ materialName(line.materialId) }}:
              <span v-for="(pack, i) in line.packs" :key="i">
                {{
                  $t('batch.stretch.packs', {
                    n: pack.count,
                    size: text(settings.measures.pack(pack.litres)),
                  })
                }}<template v-if="pack.supplier"> ({{ pack.supplier }})</template
                >{{ i < line.packs.length - 1 ? ', ' : '' }}
              </span>
              <span v-if="line.cost !== undefined" class="figures">{{ money(line.cost) }}</span>
            </li>
          </ul>
          <p class="links">
            <b v-if="shopping.cost !== undefined">{{
              $t('batch.stretch.inAll', { money: money(shopping.cost) })
            }}</b>
            <a :href="link('pdf')" target="_blank">{{ $t('batch.stretch.onPaper') }}</a>
            <a :href="link('csv')">{{ $t('batch.stretch.asTable') }}</a>
          </p>
        </template>
        <p v-else-if="shopping" class="soft">{{ $t('batch.stretch.nothingToBuy') }}</p>
      </section>
    </div>
  </details>
</template>

<style scoped>
.stretch {
  margin-top: 18px;
  border-top: 1px dashed var(--stitch);
  padding-top: 10px;
}
summary {
  cursor: pointer;
  font-weight: 600;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 32px;
  margin-top: 10px;
}
.most b {
  font-size: 26px;
  margin-right: 10px;
}
.have :deep(.p-select) {
  min-width: 210px;
}
.have {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: flex-end;
  margin: 12px 0;
}
.lines {
  list-style: none;
  margin: 0;
  padding: 0;
}
.lines li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.missing {
  color: var(--marigold-ink);
}
h3 {
  margin: 14px 0 2px;
}
.links {
  display: flex;
  gap: 16px;
  margin-top: 8px;
}
@media (width <= 1120px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
