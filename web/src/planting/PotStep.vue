<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Asked, Pot, PotChoice, PotKind, SetUp } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure, text } from '@/measure/units'
import PotField from '@/need/PotField.vue'
import { potWords } from '@/need/words'
import { say, sayProblem } from '@/parts/notices'
import SelectField from '@/parts/SelectField.vue'
import TextField from '@/parts/TextField.vue'
import { t } from '@/words'
import PotThumb from './PotThumb.vue'
import { useUsual } from './useUsual'
import { FORMS } from './words'

/** Which pot: by the ball and by what somebody has, with days to dry and tilt; or a vessel by its form and size; or an odd one by the water that it takes. */
const props = defineProps<{ asked: Asked; left: number }>()
const pot = defineModel<Pot>('pot', { required: true })
const setUp = defineModel<SetUp>('setUp', { required: true })
const settings = useSettings()
const client = useQueryClient()
const KINDS = ['pot-kinds']
const { data: kinds } = useQuery({ queryKey: KINDS, queryFn: () => answer(api.GET('/api/pot-kinds')) })

const { answer: usual } = useUsual(() => pot.value)
const ball = computed(() => setUp.value.ball ?? usual.value?.ball)
const side = (key: 'widthCm' | 'heightCm') =>
  computed({
    get: () => ball.value?.[key] ?? 0,
    set: (value: number) => {
      if (ball.value) {
        setUp.value = { ...setUp.value, ball: { ...ball.value, [key]: value } }
      }
    },
  })
const ballWidth = side('widthCm')
const ballHeight = side('heightCm')

const own = computed(() => kinds.value ?? [])
const same = (a: Pot, b: Pot) =>
  a.topCm === b.topCm && a.heightCm === b.heightCm && a.bottomCm === b.bottomCm && a.wall === b.wall
const { answer: choices, problem } = useAnswered(
  () => {
    const brief = props.asked.brief
    if (!brief?.plantId || !brief.place || !ball.value) {
      return undefined
    }
    return {
      asked: props.asked,
      ball: ball.value,
      left: props.left,
      pots: [...own.value.map((kind) => kind.pot), pot.value].slice(-60),
    }
  },
  (body, signal) => answer(api.POST('/api/planting/choice', { body, signal })),
)
const kindOf = (choice: PotChoice) => own.value.find((kind) => same(kind.pot, choice.pot))
const take = (chosen: Pot, form?: SetUp['form']) => {
  pot.value = chosen
  if (form) {
    setUp.value = { ...setUp.value, form }
  }
}
const rows = computed(() =>
  (choices.value ?? []).filter((each, i, all) => all.findIndex((other) => same(other.pot, each.pot)) === i),
)
const days = (value: number) => figure(value, value < 3 ? 1 : 0)

const form = ref<SetUp['form']>('POT')
const widthCm = ref(14)
const litres = ref(2)
const measuredLitres = ref(3)
const vessel = async (body: { form: SetUp['form']; widthCm?: number; litres?: number }) => {
  try {
    const found = await answer(api.POST('/api/planting/vessel', { body }))
    take(rounded(found.pot), body.form)
  } catch (error) {
    sayProblem(error)
  }
}
const rounded = (of: Pot): Pot => ({
  ...of,
  topCm: Math.round(of.topCm * 10) / 10,
  bottomCm: Math.round(of.bottomCm * 10) / 10,
  heightCm: Math.round(of.heightCm * 10) / 10,
})
const byWater = async () => {
  try {
    const found = await answer(
      api.POST('/api/planting/vessel/measured', { body: { pot: pot.value, litres: measuredLitres.value } }),
    )
    take(rounded(found.pot))
    say(
      t('planting.pot.measuredDone', {
        bottom: text(settings.measures.length(Math.round(found.pot.bottomCm * 10) / 10)),
      }),
    )
  } catch (error) {
    sayProblem(error)
  }
}
const kindName = ref<string>()
const owned = ref(1)
const keep = async () => {
  try {
    const name = kindName.value ?? potWords(pot.value, settings.measures)
    await answer(
      api.PUT('/api/pot-kinds/{id}', {
        params: { path: { id: crypto.randomUUID() } },
        body: { name, form: setUp.value.form, pot: { ...pot.value, layerCm: 0 }, owned: owned.value },
      }),
    )
    kindName.value = undefined
    await client.invalidateQueries({ queryKey: KINDS })
    say(t('planting.pot.kept', { name }))
  } catch (error) {
    sayProblem(error)
  }
}
const forget = async (kind: PotKind) => {
  try {
    await answer(api.DELETE('/api/pot-kinds/{id}', { params: { path: { id: kind.id } } }))
    await client.invalidateQueries({ queryKey: KINDS })
    say(t('planting.pot.forgotten', { name: kind.name }), async () => {
      const { id, revision: _revision, litresToRim: _litres, ...body } = kind
      await answer(api.PUT('/api/pot-kinds/{id}', { params: { path: { id } }, body }))
      await client.invalidateQueries({ queryKey: KINDS })
    })
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <div class="pot-step">
    <section :aria-label="$t('planting.pot.choose')">
      <h2>{{ $t('planting.pot.choose') }}</h2>
      <div class="fields">
        <NumberField
          v-model="ballWidth"
          :label="$t('planting.fields.ballWidth')"
          kind="length"
          :decimals="1"
          input-id="step-ball-width"
        />
        <NumberField
          v-model="ballHeight"
          :label="$t('planting.fields.ballHeight')"
          kind="length"
          :decimals="1"
          input-id="step-ball-height"
        />
      </div>
      <p class="soft">{{ $t('planting.pot.rule') }}</p>
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <ul class="pots">
        <li v-for="choice in rows" :key="JSON.stringify(choice.pot)" :class="{ on: same(choice.pot, pot) }">
          <PotThumb :pot="choice.pot" />
          <div class="what">
            <b>{{
              kindOf(choice)?.name ??
              $t('planting.pot.thisOne', { pot: potWords(choice.pot, settings.measures) })
            }}</b>
            <span class="soft">
              {{ choice.words }}; {{ $t('planting.pot.times', { times: figure(choice.timesTheBall, 1) }) }},
              {{ $t('planting.pot.driesIn', { days: days(choice.days) })
              }}<template v-if="choice.tipsAtDeg !== undefined"
                >, {{ $t('planting.pot.tips', { deg: figure(choice.tipsAtDeg, 0) }) }}</template
              ><template v-if="kindOf(choice)"
                >, {{ $t('planting.pot.owned', { n: kindOf(choice)?.owned ?? 0 }) }}</template
              >
            </span>
          </div>
          <Button
            v-if="!same(choice.pot, pot)"
            :label="$t('planting.pot.take')"
            :aria-label="$t('planting.pot.takeNamed', { name: kindOf(choice)?.name ?? '' })"
            size="small"
            outlined
            @click="take(choice.pot, kindOf(choice)?.form)"
          />
          <b v-else class="taken">{{ $t('planting.pot.taken') }}</b>
        </li>
      </ul>
    </section>
    <section :aria-label="$t('planting.pot.another')">
      <h2>{{ $t('planting.pot.another') }}</h2>
      <div class="fields">
        <SelectField
          v-model="form"
          :label="$t('planting.pot.form')"
          :options="FORMS"
          input-id="vessel-form"
        />
        <NumberField
          v-model="widthCm"
          :label="$t('planting.pot.width')"
          kind="length"
          :decimals="1"
          input-id="vessel-width"
          @enter="vessel({ form, widthCm })"
        />
        <Button
          :label="$t('planting.pot.take')"
          :aria-label="$t('planting.pot.takeWidth')"
          size="small"
          outlined
          @click="vessel({ form, widthCm })"
        />
        <NumberField
          v-model="litres"
          :label="$t('planting.pot.orHolds')"
          kind="volume"
          input-id="vessel-litres"
          @enter="vessel({ form, litres })"
        />
        <Button
          :label="$t('planting.pot.take')"
          :aria-label="$t('planting.pot.takeLitres')"
          size="small"
          outlined
          @click="vessel({ form, litres })"
        />
      </div>
      <details>
        <summary>{{ $t('planting.pot.exact') }}</summary>
        <PotField v-model="pot" id-prefix="step-pot" />
      </details>
      <details>
        <summary>{{ $t('planting.pot.odd') }}</summary>
        <p class="soft">{{ $t('planting.pot.oddHow') }}</p>
        <div class="fields">
          <NumberField
            v-model="measuredLitres"
            :label="$t('planting.pot.toTheRim')"
            kind="volume"
            input-id="vessel-measured"
            @enter="byWater"
          />
          <Button :label="$t('planting.pot.reckon')" size="small" outlined @click="byWater" />
        </div>
      </details>
      <details>
        <summary>{{ $t('planting.pot.keep') }}</summary>
        <div class="fields">
          <TextField
            v-model="kindName"
            :label="$t('planting.pot.kindName')"
            :placeholder="potWords(pot, settings.measures)"
            input-id="kind-name"
            :maxlength="80"
          />
          <NumberField
            v-model="owned"
            :label="$t('planting.pot.howMany')"
            :decimals="0"
            input-id="kind-owned"
          />
          <Button :label="$t('planting.pot.keepIt')" size="small" outlined @click="keep" />
        </div>
        <ul class="kept">
          <li v-for="kind in own" :key="kind.id">
            {{ kind.name }}, {{ $t('planting.pot.owned', { n: kind.owned }) }}
            <button
              type="button"
              class="plain"
              :aria-label="$t('planting.pot.forgetNamed', { name: kind.name })"
              @click="forget(kind)"
            >
              {{ $t('planting.pot.forget') }}
            </button>
          </li>
        </ul>
      </details>
    </section>
  </div>
</template>

<style scoped>
.pot-step {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 36px;
  align-items: start;
}
section {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.fields :deep(input[type='text']) {
  width: 4.6em;
}
.fields :deep(#kind-name) {
  width: 13em;
}
.pots,
.kept {
  list-style: none;
  margin: 0;
  padding: 0;
}
.pots li {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  padding: 6px 8px 6px 10px;
  border-bottom: 1px solid var(--line);
}
.pots li.on {
  box-shadow: inset 3px 0 0 var(--bottle);
}
.what {
  display: flex;
  flex-direction: column;
}
.taken {
  color: var(--bottle);
}
summary {
  cursor: pointer;
  font-weight: 600;
  min-height: 28px;
}
.kept {
  margin-top: 10px;
}
@media (width <= 860px) {
  .pot-step {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
