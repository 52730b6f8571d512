<script setup lang="ts">
import type { Batch, Line } from '@/api/types'
import InPlace from '@/parts/InPlace.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'
import PackField from './PackField.vue'
import { scoopWords } from './scoops'

/** What to scoop, open, swell and weigh. */
defineProps<{ plan: Batch['plan'] }>()
const emit = defineEmits<{ pack: [materialId: string, litres: number, price: number | undefined] }>()
const settings = useSettings()
const packWords = (line: Line) => {
  const size = text(settings.measures.pack(line.packLitres))
  const price =
    line.packPrice === undefined
      ? t('batch.amountsTable.noPrice')
      : `${settings.currency} ${figure(line.packPrice, 2)}`
  return `${size}, ${price}`
}
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="$t('batch.amountsTable.amounts')">
    <table>
      <thead>
        <tr>
          <th scope="col">{{ $t('batch.amountsTable.material') }}</th>
          <th scope="col">{{ $t('batch.amountsTable.scoops') }}</th>
          <th scope="col">{{ $t('batch.amountsTable.loose') }}</th>
          <th scope="col">{{ $t('batch.amountsTable.packsToOpen') }}</th>
          <th scope="col">{{ $t('batch.amountsTable.aPackIs') }}</th>
          <th scope="col">{{ $t('batch.amountsTable.cost') }}</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="(group, g) in [plan.materials, plan.layers]" :key="g">
          <tr v-if="g === 1 && group.length > 0">
            <th colspan="6" scope="colgroup" class="under">{{ $t('batch.amountsTable.underTheMix') }}</th>
          </tr>
          <tr v-for="line in group" :key="`${g}-${line.materialId}`">
            <th scope="row">
              <span class="material">
                <StitchMark :material-id="line.materialId" :size="22" />
                <span>
                  <b>{{ line.name }}</b> <small class="soft">{{ line.grade }}</small>
                  <small
                    v-if="line.brickKg !== undefined && line.brickWaterLitres !== undefined"
                    class="brick"
                  >
                    {{
                      $t('batch.amountsTable.asBrick', {
                        mass: text(settings.measures.mass(line.brickKg)),
                        volume: text(settings.measures.volume(line.brickWaterLitres)),
                      })
                    }}
                  </small>
                </span>
              </span>
            </th>
            <td class="figures scoops">{{ scoopWords(line.scoops) }}</td>
            <td class="figures">{{ text(settings.measures.volume(line.litres)) }}</td>
            <td class="figures">{{ line.packs }}</td>
            <td>
              <InPlace :words="packWords(line)" :label="$t('batch.amountsTable.packOf', { name: line.name })">
                <template #default="{ close }">
                  <PackField
                    :line="line"
                    @pack="
                      (litres, price) => {
                        emit('pack', line.materialId, litres, price)
                        close()
                      }
                    "
                  />
                </template>
              </InPlace>
            </td>
            <td class="figures">{{ line.cost === undefined ? '–' : figure(line.cost, 2) }}</td>
          </tr>
        </template>
        <tr v-if="plan.doses.length > 0">
          <th colspan="6" scope="colgroup" class="under">{{ $t('batch.amountsTable.toWeigh') }}</th>
        </tr>
        <tr v-for="dose in plan.doses" :key="dose.amendmentId">
          <th scope="row">
            <b>{{ dose.name }}</b> <small class="soft">{{ text(settings.measures.dose(dose.gPerL)) }}</small>
          </th>
          <td class="figures scoops" colspan="2">{{ text(settings.measures.grams(dose.grams)) }}</td>
          <td colspan="3" class="soft left dose">
            {{ dose.spoons }};
            {{
              plan.loads > 1
                ? $t('batch.amountsTable.forEachLoad', {
                    grams: text(settings.measures.grams(dose.gramsPerLoad)),
                  })
                : $t('batch.amountsTable.forTheOneLoad')
            }}
            <InPlace
              v-if="dose.pots.length > 0"
              :words="$t('batch.amountsTable.perPot')"
              :label="$t('batch.amountsTable.perPotOf', { name: dose.name })"
              quiet
            >
              <p v-for="(each, i) in dose.pots" :key="i">
                {{
                  $t('batch.amountsTable.potTakes', {
                    grams: text(settings.measures.grams(each.grams)),
                    spoons: each.spoons,
                  })
                }}<br /><span v-if="each.most" class="soft">{{ each.most }}</span>
              </p>
            </InPlace>
            <b v-if="dose.over" class="over">{{ $t('batch.amountsTable.over') }}</b>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
table {
  width: 100%;
}
thead th {
  text-align: right;
  font-size: 13px;
  font-weight: 600;
  color: var(--soft-ink);
  padding: 2px 8px;
  white-space: nowrap;
}
thead th:first-child {
  text-align: left;
  padding-left: 0;
}
tbody tr {
  border-top: 1px solid var(--line);
}
tbody th {
  text-align: left;
  font-weight: 400;
  padding: 7px 8px 7px 0;
}
tbody b {
  font-weight: 600;
}
td {
  text-align: right;
  padding: 7px 8px;
  white-space: nowrap;
}
td.left {
  text-align: left;
}
td :deep(.word) {
  font-weight: 400;
  font-size: 14px;
}
.scoops {
  font-size: 18px;
  font-weight: 600;
}
.material {
  display: flex;
  gap: 10px;
  align-items: center;
}
.brick {
  display: block;
  color: var(--water);
}
.dose {
  white-space: normal;
}
.over {
  color: var(--brick);
}
.under {
  font-size: 13px;
  font-weight: 700;
  padding-top: 14px;
}
</style>
