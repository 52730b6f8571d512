<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import type { Caution } from '@/api/types'
import TickField from '@/parts/TickField.vue'

/** What must not be done. A stop can be set aside, but only knowingly; the blend stays marked. */
const props = defineProps<{ cautions: Caution[]; accepted: readonly string[] }>()
const emit = defineEmits<{ accept: [ruleIds: string[]] }>()
const stops = computed(() => props.cautions.filter((caution) => caution.level === 'STOP'))
const asked = ref<Caution>()
const sure = ref(false)

const ask = (caution: Caution) => {
  sure.value = false
  asked.value = caution
}
const setAside = () => {
  if (asked.value && sure.value) {
    emit('accept', [...props.accepted, asked.value.id])
    asked.value = undefined
  }
}
const takeBack = (id: string) =>
  emit(
    'accept',
    props.accepted.filter((each) => each !== id),
  )
</script>

<template>
  <div
    v-for="caution in stops"
    :key="caution.id"
    class="stop"
    :class="{ aside: accepted.includes(caution.id) }"
  >
    <p>
      <b>{{ caution.why }}</b> {{ caution.instead }} {{ caution.defers }}
    </p>
    <p v-if="accepted.includes(caution.id)">
      <span class="soft">{{ $t('caution.stopList.youHaveSetThisStop') }}{{ ' ' }} </span>
      <button type="button" class="plain" @click="takeBack(caution.id)">
        {{ $t('caution.stopList.letItStandAgain') }}
      </button>
    </p>
    <button v-else type="button" class="plain danger" @click="ask(caution)">
      {{ $t('caution.stopList.setThisStopAside') }}
    </button>
  </div>
  <Dialog
    :visible="asked !== undefined"
    modal
    :header="$t('caution.stopList.setAStopAside')"
    :style="{ width: '28rem' }"
    @update:visible="asked = undefined"
  >
    <form v-if="asked" class="sure" @submit.prevent="setAside">
      <p>
        <b>{{ asked.why }}</b> {{ asked.instead }}
      </p>
      <p v-if="asked.defers">{{ asked.defers }}</p>
      <TickField v-model="sure" :label="$t('caution.stopList.iKnowWhatThisDoes')" input-id="stop-sure" />
      <p class="soft">{{ $t('caution.stopList.theBlendStaysMarkedWherever') }}</p>
      <div class="buttons">
        <Button
          type="submit"
          :label="$t('caution.stopList.setItAside')"
          severity="danger"
          :disabled="!sure"
        />
        <Button
          type="button"
          :label="$t('caution.stopList.leaveItStanding')"
          outlined
          @click="asked = undefined"
        />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.stop {
  border-left: 3px solid var(--brick);
  background: var(--brick-soft);
  padding: 6px 10px;
  font-size: 14px;
  line-height: 1.3;
}
.stop.aside {
  background: none;
  border-left-style: dashed;
}
.stop .plain {
  font-weight: 400;
  font-size: 13.5px;
  padding: 2px 0;
}
.sure {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.buttons {
  display: flex;
  gap: 10px;
}
</style>
