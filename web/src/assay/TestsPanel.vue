<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { onMounted, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, BenchTest, Tests } from '@/api/types'
import { shortDate } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import { figure } from '@/measure/units'
import { t } from '@/words'
import TestForm from './TestForm.vue'
import { kindLabel } from './kinds'

/** Tests of a blend at the bench, what they showed beside the prediction, and what they say about its materials. */
const props = defineProps<{ asked: Asked; blendId: string }>()
const client = useQueryClient()
const tests = ref<Tests>()
const problem = ref<string>()
const busy = ref(false)
let nextId = crypto.randomUUID()

const load = async () => {
  tests.value = await answer(
    api.GET('/api/blends/{blendId}/tests', { params: { path: { blendId: props.blendId } } }),
  )
}
onMounted(() => load().catch((error: unknown) => (problem.value = String(error))))

const changed = async () => {
  await load()
  await client.invalidateQueries({ queryKey: ['blends'] })
}

const make = async (test: BenchTest, madeOn: string, done: () => void) => {
  if (busy.value) {
    return
  }
  busy.value = true
  problem.value = undefined
  try {
    await answer(
      api.POST('/api/blends/{blendId}/tests', {
        params: { path: { blendId: props.blendId } },
        body: { id: nextId, madeOn, test },
      }),
    )
    nextId = crypto.randomUUID()
    done()
    await changed()
    say(t('assay.testsPanel.notedEveryBlendWithThese'))
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}

const remove = async (id: string) => {
  try {
    await answer(api.DELETE('/api/tests/{id}', { params: { path: { id } } }))
    await changed()
    say(t('assay.testsPanel.theTestIsTakenOut'), async () => {
      await answer(api.POST('/api/tests/{id}/restore', { params: { path: { id } } }))
      await changed()
    })
  } catch (error) {
    sayProblem(error)
  }
}
const signed = (value: number, decimals: number) => `${value >= 0 ? '+' : ''}${figure(value, decimals)}`
</script>

<template>
  <div class="tests">
    <section aria-labelledby="new-test">
      <h2 id="new-test">{{ $t('assay.testsPanel.makeATest') }}</h2>
      <p class="soft">{{ $t('assay.testsPanel.whyTest') }}</p>
      <TestForm :blend-id="blendId" :busy="busy" :problem="problem" @make="make" />
    </section>
    <section aria-labelledby="made-tests">
      <h2 id="made-tests">{{ $t('assay.testsPanel.whatTheyShowed') }}</h2>
      <p v-if="tests && tests.tests.length === 0" class="soft">
        {{ $t('assay.testsPanel.noTestYet') }}
      </p>
      <div v-if="tests && tests.tests.length > 0" class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ $t('assay.testsPanel.test') }}</th>
              <th scope="col">{{ $t('assay.testsPanel.reading') }}</th>
              <th scope="col" class="right">{{ $t('assay.testsPanel.predicted') }}</th>
              <th scope="col" class="right">{{ $t('assay.testsPanel.found') }}</th>
              <th scope="col">
                <span class="visually-hidden">{{ $t('assay.testsPanel.takeOut') }}</span>
              </th>
            </tr>
          </thead>
          <tbody v-for="test in tests.tests" :key="test.id">
            <tr v-for="(finding, index) in test.findings" :key="finding.name">
              <th v-if="index === 0" scope="row" :rowspan="test.findings.length">
                {{ kindLabel(test.test.kind) }}
                <small class="soft">{{ shortDate(test.madeOn) }}</small>
              </th>
              <td>{{ finding.name }}</td>
              <td class="figures right">
                {{ figure(finding.predicted, finding.decimals) }}
              </td>
              <td class="figures right">
                <b>{{ figure(finding.measured, finding.decimals) }}</b> ±
                {{ figure(finding.sd, finding.decimals) }}
                {{ finding.unit === 'pH' ? '' : finding.unit }}
              </td>
              <td v-if="index === 0" :rowspan="test.findings.length" class="right">
                <button type="button" class="plain" @click="remove(test.id)">
                  {{ $t('assay.testsPanel.takeOut') }}
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <template v-if="tests && tests.lots.length > 0">
        <h2 class="lots-head">{{ $t('assay.testsPanel.beliefsOfLots') }}</h2>
        <p class="soft">
          {{ $t('assay.testsPanel.againstTheBookAfterEvery') }}
        </p>
        <div class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col">{{ $t('assay.testsPanel.material') }}</th>
                <th scope="col" class="right">{{ $t('assay.testsPanel.airPoints') }}</th>
                <th scope="col" class="right">{{ $t('assay.testsPanel.sureWithin') }}</th>
                <th scope="col" class="right">{{ $t('assay.testsPanel.ph') }}</th>
                <th scope="col" class="right">{{ $t('assay.testsPanel.sureWithin') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="lot in tests.lots" :key="lot.materialId">
                <th scope="row">{{ lot.name }}</th>
                <td class="figures right">{{ signed(lot.air, 1) }}</td>
                <td class="figures right" :class="{ narrower: lot.airSd < lot.airSdBefore - 0.05 }">
                  ± {{ figure(lot.airSd, 1) }}
                </td>
                <td class="figures right">{{ signed(lot.ph, 2) }}</td>
                <td class="figures right" :class="{ narrower: lot.phSd < lot.phSdBefore - 0.005 }">
                  ± {{ figure(lot.phSd, 2) }}
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
      <p class="soft kinds">
        {{ $t('assay.testsPanel.aSqueezeOrAPoured') }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.tests {
  display: grid;
  grid-template-columns: minmax(300px, 432px) minmax(0, 1fr);
  gap: 28px 40px;
}
section {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.lots-head {
  margin-top: 14px;
}
table {
  width: 100%;
  font-size: 14.5px;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 4px 12px 4px 0;
  vertical-align: baseline;
}
tbody + tbody tr:first-child > * {
  border-top: 1px dashed var(--stitch);
}
th small {
  display: block;
}
.narrower {
  color: var(--bottle);
  font-weight: 700;
}
.kinds {
  font-size: 13.5px;
}
@media (width <= 860px) {
  .tests {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
