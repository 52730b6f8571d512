<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Brief, Pot, SetUp, SetUpKind, Template } from '@/api/types'
import { sayProblem } from '@/parts/notices'
import { useSetUpKinds } from './useSetUpKinds'

/** Set-ups to choose from, fitted to the pot in hand, each choice with its reason; what was there before can be taken back. */
const kind = defineModel<SetUpKind>('kind', { required: true })
const props = defineProps<{ pot: Pot; setUp: SetUp; brief?: Brief | undefined }>()
const emit = defineEmits<{ taken: [template: Template] }>()
const { kinds } = useSetUpKinds(() => props.brief)
const template = ref<Template>()
let before: { pot: Pot; setUp: SetUp; kind: SetUpKind } | undefined
const take = async (chosen: SetUpKind) => {
  try {
    const found = await answer(
      api.POST('/api/planting/template', {
        body: { kind: chosen, pot: props.pot, ...(props.setUp.ball ? { ball: props.setUp.ball } : {}) },
      }),
    )
    before = { pot: props.pot, setUp: props.setUp, kind: kind.value }
    kind.value = chosen
    template.value = found
    emit('taken', found)
  } catch (error) {
    sayProblem(error)
  }
}
const takeBack = () => {
  if (before) {
    kind.value = before.kind
    emit('taken', { kind: before.kind, pot: before.pot, setUp: before.setUp, choices: [] })
    template.value = undefined
    before = undefined
  }
}
</script>

<template>
  <div class="template-chooser">
    <ul class="choices kinds" :aria-label="$t('planting.template.label')">
      <li v-for="each in kinds" :key="each.kind">
        <button
          type="button"
          :class="{ on: each.kind === kind }"
          :aria-pressed="each.kind === kind"
          @click="take(each.kind)"
        >
          <b>{{ each.name }}</b> <small class="soft">{{ each.forWhat }}</small>
          <small v-if="each.usual" class="usual">{{ $t('planting.template.usual') }}</small>
        </button>
      </li>
    </ul>
    <section v-if="template && template.choices.length > 0" :aria-label="$t('planting.template.why')">
      <dl>
        <div v-for="choice in template.choices" :key="choice.because" :class="{ attention: !choice.suits }">
          <dt>{{ choice.about }}</dt>
          <dd>{{ choice.because }}</dd>
        </div>
      </dl>
      <p class="soft">
        {{ $t('planting.template.free') }}
        <button type="button" class="plain" @click="takeBack">{{ $t('planting.template.takeBack') }}</button>
      </p>
    </section>
  </div>
</template>

<style scoped>
.template-chooser {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.kinds {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(148px, 1fr));
  gap: 6px;
}
.kinds button {
  width: 100%;
  height: 100%;
  min-height: 44px;
  text-align: left;
  font: inherit;
  color: inherit;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 2px;
  padding: 6px 9px;
  cursor: pointer;
}
.kinds button.on {
  border-color: var(--bottle);
  box-shadow: inset 3px 0 0 var(--bottle);
}
.usual {
  display: block;
  font-weight: 700;
  color: var(--bottle);
}
.kinds b {
  display: block;
}
.kinds b::first-letter,
dt::first-letter {
  text-transform: uppercase;
}
dl {
  margin: 0;
  display: flex;
  flex-direction: column;
}
dl div {
  display: grid;
  grid-template-columns: 108px minmax(0, 1fr);
  gap: 12px;
  padding: 4px 0;
  border-bottom: 1px dashed var(--stitch);
}
dt {
  font-weight: 600;
}
dd {
  margin: 0;
}
.attention dt {
  border-left: 3px solid var(--marigold);
  padding-left: 7px;
}
</style>
