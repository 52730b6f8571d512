<script setup lang="ts">
import Button from 'primevue/button'
import { computed, watch } from 'vue'
import { answer, api } from '@/api/client'
import { useAnswered } from '@/api/useAnswered'
import type { BuyWay, LotFacts, Material } from '@/api/types'
import SelectField from '@/parts/SelectField.vue'
import TextField from '@/parts/TextField.vue'
import { say, sayProblem } from '@/parts/notices'
import { useForm } from '@/parts/useForm'
import { useKept } from '@/parts/useKept'
import MaterialPicker from '@/material/MaterialPicker.vue'
import StitchMark from '@/material/StitchMark.vue'
import { useMaterials } from '@/material/useBook'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import { t } from '@/words'
import PriceListPanel from './PriceListPanel.vue'
import { useShelf } from './useShelf'
import { without } from './words'

/** Which packs to buy for a need: every pack on offer beside the cheapest way to put packs together. */
const settings = useSettings()
const { materialName } = useMaterials()
const { low, furtherLow, offers, soldOptions, wayOf, kindOf, offer, withdraw } = useShelf()
const need = useKept<{ materialId: string | undefined; litres: number }>('loose-knit.need', {
  materialId: undefined,
  litres: 10,
})
watch(
  low,
  (found) => {
    if (need.value.materialId === undefined && found[0]) {
      need.value = { ...need.value, materialId: found[0].materialId }
    }
  },
  { immediate: true },
)
const choose = (material: Material) => (need.value = { ...need.value, materialId: material.id })
const mine = computed(() => offers.value.filter((each) => each.facts.materialId === need.value.materialId))

const { answer: found, problem } = useAnswered(
  () =>
    need.value.materialId === undefined
      ? undefined
      : { materialId: need.value.materialId, litres: need.value.litres, offers: mine.value.length },
  ({ materialId, litres }, signal) =>
    answer(api.POST('/api/shelf/buy', { body: { materialId, litres }, signal })),
)
const packWords = (id: string) => {
  const pack = offers.value.find((each) => each.id === id)
  if (!pack) {
    return ''
  }
  const size = text(settings.measures.typed(pack.facts.amount, kindOf(pack.facts.sold)))
  return `${size}${pack.facts.supplier ? `, ${pack.facts.supplier}` : ''}`
}
const wayWords = (way: BuyWay) =>
  way.packs.map((each) => `${each.count} × ${packWords(each.offerId)}`).join(t('shelf.buyPanel.and'))
const money = (value: number) => `${settings.currency} ${figure(value, 2)}`
const ways = computed(() => {
  const answered = found.value
  if (!answered?.cheapest) {
    return []
  }
  const cheapest = answered.cheapest
  const dearest = Math.max(...answered.single.map((way) => way.cost), cheapest.cost)
  const alike = (way: BuyWay) => JSON.stringify(way.packs) === JSON.stringify(cheapest.packs)
  return [cheapest, ...answered.single.filter((way) => !alike(way)).sort((a, b) => a.cost - b.cost)].map(
    (way, i) => ({
      way,
      words: wayWords(way),
      best: i === 0,
      width: dearest > 0 ? (100 * way.cost) / dearest : 0,
    }),
  )
})

interface Line {
  id: string
  sold: LotFacts['sold']
  amount: number | undefined
  swell: number | undefined
  price: number | undefined
  supplier: string | undefined
}
const empty = (): Line => ({
  id: crypto.randomUUID(),
  sold: 'LOOSE_LITRES',
  amount: undefined,
  swell: undefined,
  price: undefined,
  supplier: undefined,
})
const { draft: line, problem: lineProblem, send, refuse, again } = useForm<Line>('loose-knit.offer', empty)
const usualSwell = computed(() => wayOf(line.value.sold)?.usualSwell ?? 0)
const put = async () => {
  const { id, sold, amount, swell, price, supplier } = line.value
  const materialId = need.value.materialId
  if (materialId === undefined || amount === undefined || price === undefined) {
    refuse(
      materialId === undefined
        ? t('shelf.buyPanel.whichMaterialIsItPick')
        : t('shelf.buyPanel.writeWhatThePackHolds'),
    )
    return
  }
  const facts = without({ materialId, sold, amount, swell: swell ?? usualSwell.value, price, supplier })
  if (await send(() => offer(id, facts))) {
    again()
  }
}
const drop = async (id: string) => {
  const gone = offers.value.find((each) => each.id === id)
  try {
    await withdraw(id)
    if (gone) {
      say(t('shelf.buyPanel.thePackIsNoLonger'), () => offer(gone.id, gone.facts))
    }
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <div class="buy">
    <aside>
      <h2>{{ $t('shelf.buyPanel.runningLow') }}</h2>
      <p v-if="low.length === 0" class="soft">{{ $t('shelf.buyPanel.nothingLotsShowUpHere') }}</p>
      <ul class="choices side-list">
        <li v-for="each in low" :key="each.materialId">
          <button
            type="button"
            :class="{ on: each.materialId === need.materialId }"
            @click="need = { ...need, materialId: each.materialId }"
          >
            <StitchMark :material-id="each.materialId" :size="20" />
            <span
              ><b>{{ each.materialName }}</b>
              <small class="soft">{{
                $t('shelf.buyPanel.left', { stock: text(settings.measures.stock(each.leftLitres)) })
              }}</small></span
            >
          </button>
        </li>
      </ul>
      <p v-if="furtherLow > 0" class="soft">
        {{ $t('shelf.buyPanel.furtherLow', { n: furtherLow }) }}
      </p>
    </aside>
    <section>
      <div class="line ask">
        <MaterialPicker
          :key="need.materialId ?? 'none'"
          :label="$t('shelf.buyPanel.whatDoYouNeed')"
          input-id="buy-material"
          keep
          :start="need.materialId"
          @chosen="choose"
        />
        <NumberField
          v-model="need.litres"
          :label="$t('shelf.buyPanel.howMuchLoosened')"
          kind="volume"
          input-id="buy-litres"
        />
      </div>
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <template v-if="need.materialId !== undefined">
        <h2>
          {{
            $t('shelf.buyPanel.whatToBuyOf', { materialName: materialName(need.materialId).toLowerCase() })
          }}
        </h2>
        <p v-if="found && ways.length === 0" class="soft">
          {{ $t('shelf.buyPanel.noPackYet') }}
        </p>
        <ol class="choices ways">
          <li v-for="each in ways" :key="each.words" :class="{ best: each.best }">
            <span class="words">
              <b v-if="each.best">{{ $t('shelf.buyPanel.cheapest') }}{{ ' ' }} </b>{{ each.words }}
              <small class="soft">
                · {{ text(settings.measures.stock(each.way.litres)) }},
                {{
                  each.way.leftOver < 0.01
                    ? $t('shelf.buyPanel.nothingLeftOver')
                    : $t('shelf.buyPanel.leftOver', {
                        stock: text(settings.measures.stock(each.way.leftOver)),
                      })
                }}</small
              >
            </span>
            <span class="bar"><i :style="{ width: `${each.width}%` }" /></span>
            <span class="figures cost">
              {{ money(each.way.cost) }}
              <small class="soft">{{
                $t('shelf.buyPanel.ofNeed', {
                  currency: settings.currency,
                  perVolume: text(settings.measures.perVolume(each.way.perLitreNeeded)),
                })
              }}</small>
            </span>
          </li>
        </ol>
        <h2>{{ $t('shelf.buyPanel.packsOnOffer') }}</h2>
        <ul class="choices offers">
          <li v-for="each in mine" :key="each.id">
            <span>{{ packWords(each.id) }}, {{ wayOf(each.facts.sold)?.words }}</span>
            <span class="figures">{{ money(each.facts.price) }}</span>
            <span class="figures soft"
              >{{ settings.currency }} {{ text(settings.measures.perVolume(each.pricePerLitre)) }}</span
            >
            <button
              type="button"
              class="plain"
              :aria-label="$t('shelf.buyPanel.gone', { packWords: packWords(each.id) })"
              @click="drop(each.id)"
            >
              {{ $t('shelf.buyPanel.packIsGone') }}
            </button>
          </li>
        </ul>
        <form class="line" @submit.prevent="put">
          <NumberField
            v-model="line.amount"
            :label="$t('shelf.buyPanel.aPackOf')"
            :kind="kindOf(line.sold)"
            optional
            input-id="offer-amount"
          />
          <SelectField
            v-model="line.sold"
            :label="$t('shelf.buyPanel.soldAs')"
            :options="soldOptions"
            input-id="offer-sold"
          />
          <NumberField
            v-if="usualSwell > 0"
            v-model="line.swell"
            :label="
              line.sold === 'BRICK_KG' ? $t('shelf.buyPanel.swellOfBrick') : $t('shelf.buyPanel.swellOfBale')
            "
            optional
            :placeholder="String(usualSwell)"
            input-id="offer-swell"
          />
          <NumberField
            v-model="line.price"
            :label="$t('shelf.buyPanel.price')"
            :unit="settings.currency"
            optional
            input-id="offer-price"
          />
          <TextField
            v-model="line.supplier"
            :label="$t('shelf.buyPanel.where')"
            :maxlength="120"
            input-id="offer-supplier"
          />
          <Button type="submit" :label="$t('shelf.buyPanel.noteThePack')" outlined size="small" />
        </form>
        <p v-if="lineProblem" class="wrong" role="alert">{{ lineProblem }}</p>
      </template>
    </section>
    <PriceListPanel />
  </div>
</template>

<style scoped>
.buy {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 40px;
  border-top: 1px dashed var(--stitch);
  padding-top: 14px;
}
h2 {
  font-size: 17px;
  margin: 18px 0 6px;
}
h2:first-child {
  margin-top: 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: flex-end;
}
.ask > .material-picker {
  width: 280px;
}
.ways li {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) 200px;
  gap: 14px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 6px 0;
}
.bar {
  height: 14px;
  border-left: 1px solid var(--ink);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--stitch);
}
.best .bar i {
  background: var(--bottle);
}
.cost {
  text-align: right;
  line-height: 1.25;
}
.cost small {
  display: block;
}
.offers li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 90px 160px 44px;
  gap: 14px;
  border-bottom: 1px solid var(--line);
  padding: 4px 0;
}
.offers .figures {
  text-align: right;
}
form {
  margin-top: 10px;
}
@media (width <= 860px) {
  .buy,
  .ways li,
  .offers li {
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
  }
  .cost,
  .offers .figures {
    text-align: left;
  }
}
</style>
