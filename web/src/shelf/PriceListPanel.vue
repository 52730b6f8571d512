<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { PriceChange, PriceList } from '@/api/types'
import { longDate } from '@/measure/days'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { say } from '@/parts/notices'
import { t } from '@/words'
import { useShelf } from './useShelf'

/** Today's prices of a supplier beside the packs that are noted; what is ticked is taken over. */
const settings = useSettings()
const client = useQueryClient()
const { kindOf } = useShelf()
const list = ref<PriceList>()
const ticked = ref<string[]>([])
const problem = ref<string>()
const busy = ref(false)
const shown = (found: PriceList) => {
  list.value = found
  // what is new is not bought by itself
  ticked.value = found.changes.filter((each) => each.becomes !== 'NEW').map((each) => each.id)
}
const doing = async (work: () => Promise<void>) => {
  busy.value = true
  problem.value = undefined
  try {
    await work()
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
  } finally {
    busy.value = false
  }
}
const ask = () => doing(async () => shown(await answer(api.GET('/api/shelf/price-list'))))
const taken = computed(() => (list.value?.changes ?? []).filter((each) => ticked.value.includes(each.id)))
const take = () =>
  doing(async () => {
    const changes = taken.value
    shown(await answer(api.POST('/api/shelf/price-list/take', { body: { changes } })))
    await client.invalidateQueries({ queryKey: ['shelf'] })
    say(t('shelf.prices.taken', { n: changes.length }, changes.length))
  })
const money = (value: number) => `${settings.currency} ${figure(value, 2)}`
const packWords = (change: PriceChange) =>
  text(settings.measures.typed(change.facts.amount, kindOf(change.facts.sold)))
</script>

<template>
  <section class="prices" :aria-label="$t('shelf.prices.title')">
    <div class="head">
      <h2>{{ $t('shelf.prices.title') }}</h2>
      <Button
        :label="$t(list ? 'shelf.prices.again' : 'shelf.prices.ask')"
        outlined
        size="small"
        :disabled="busy"
        @click="ask"
      />
    </div>
    <p class="soft">{{ $t('shelf.prices.lead') }}</p>
    <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
    <template v-if="list">
      <p role="status">
        {{
          $t(
            'shelf.prices.found',
            { supplier: list.supplier, day: longDate(list.asOf), same: list.same, n: list.changes.length },
            list.changes.length,
          )
        }}
      </p>
      <form v-if="list.changes.length > 0" @submit.prevent="take">
        <table class="lines">
          <thead>
            <tr>
              <th scope="col">{{ $t('shelf.prices.pack') }}</th>
              <th scope="col" />
              <th scope="col" class="right">{{ $t('shelf.prices.before') }}</th>
              <th scope="col" class="right">{{ $t('shelf.prices.now') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="each in list.changes" :key="each.id">
              <th scope="row">
                <label>
                  <Checkbox v-model="ticked" :value="each.id" name="price" />
                  {{ each.materialName }}, {{ packWords(each) }}
                </label>
              </th>
              <td>{{ $t(`shelf.prices.becomes.${each.becomes}`) }}</td>
              <td class="right figures">{{ each.becomes === 'NEW' ? '' : money(each.facts.price) }}</td>
              <td class="right figures">{{ each.now === undefined ? '–' : money(each.now) }}</td>
            </tr>
          </tbody>
        </table>
        <Button
          type="submit"
          :label="$t('shelf.prices.take', { n: taken.length }, taken.length)"
          size="small"
          :disabled="busy || taken.length === 0"
        />
      </form>
      <p v-if="list.unknown.length > 0" class="soft">
        {{ $t('shelf.prices.unknown', { names: list.unknown.join(', ') }, list.unknown.length) }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.prices {
  grid-column: 1 / -1;
  border-top: 1px dashed var(--stitch);
  padding-top: 14px;
}
.head {
  display: flex;
  gap: 16px;
  align-items: center;
}
.head h2 {
  margin: 0;
}
form {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  font-weight: inherit;
}
</style>
