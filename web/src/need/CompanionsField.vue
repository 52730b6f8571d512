<script setup lang="ts">
import { ref } from 'vue'
import PlantField from './PlantField.vue'
import { usePlants } from './usePlants'

/** Further plants in the same pot. */
const model = defineModel<string[]>({ required: true })
const props = defineProps<{ first: string | undefined }>()
const MOST = 5
const { plant } = usePlants()
const adding = ref<string>()
const round = ref(0)

const add = () => {
  const id = adding.value
  adding.value = undefined
  round.value++
  if (id !== undefined && id !== props.first && !model.value.includes(id)) {
    model.value = [...model.value, id]
  }
}
</script>

<template>
  <div class="companions-field">
    <ul v-if="model.length > 0" class="choices">
      <li v-for="id in model" :key="id">
        <span>{{ plant(id)?.name ?? id }}</span>
        <button
          type="button"
          class="plain"
          :aria-label="$t('need.companionsField.getsItsOwnPot', { plant: plant(id)?.name ?? id })"
          @click="model = model.filter((each) => each !== id)"
        >
          {{ $t('need.companionsField.ownPot') }}
        </button>
      </li>
    </ul>
    <p v-else class="soft">{{ $t('need.companionsField.aloneInItsPotWho') }}</p>
    <PlantField
      v-if="model.length < MOST"
      :key="round"
      v-model="adding"
      input-id="companion"
      :placeholder="$t('need.companionsField.anotherPlantInThisPot')"
      @chosen="add"
    />
    <p v-else class="soft">{{ $t('need.companionsField.sixPlantsInOnePot') }}</p>
  </div>
</template>

<style scoped>
.companions-field {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 270px;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  border-bottom: 1px solid var(--line);
  padding: 4px 0;
}
</style>
