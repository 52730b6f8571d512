<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import NumberField from '@/measure/NumberField.vue'
import { useSettings } from '@/measure/settings'
import { figure } from '@/measure/units'
import { t } from '@/words'
import { printed } from './printed'
import SelectField from './SelectField.vue'
import { useKept } from './useKept'

/** Labels on sheets: which sheets are in the printer, which label of them is free, and how many of each. */
const props = defineProps<{
  path: string
  /** What else the labels need, said in their address. */
  more?: Record<string, string>
  /** How many different labels there are. */
  count: number
  /** Whether several of the same can be had. */
  copies?: boolean
}>()
const open = defineModel<boolean>('open', { required: true })
const MM_AN_INCH = 25.4
const settings = useSettings()
const kept = useKept('loose-knit.labels', { A4: 'CUT_SMALL', LETTER: 'CUT_SMALL' })
const first = ref(1)
const each = ref(1)
const { data: sheets } = useQuery({
  queryKey: computed(() => ['label-sheets', settings.paperSize]),
  queryFn: () => answer(api.GET('/api/label-sheets', { params: { query: { size: settings.paperSize } } })),
  enabled: computed(() => open.value),
  staleTime: Infinity,
})
const sheet = computed({
  get: () => kept.value[settings.paperSize],
  set: (id: string) => (kept.value = { ...kept.value, [settings.paperSize]: id }),
})
const length = (mm: number) =>
  settings.system === 'us' ? figure(mm / MM_AN_INCH, 2) : figure(mm, mm % 1 === 0 ? 0 : 1)
const options = computed(() =>
  (sheets.value ?? []).map((found) => ({
    value: found.id as string,
    label: t(found.cut ? 'frame.labels.cut' : 'frame.labels.peel', {
      width: length(found.widthMm),
      height: length(found.heightMm),
      unit: t('frame.labels.unit'),
      n: found.labels,
    }),
  })),
)
const chosen = computed(() => sheets.value?.find((found) => found.id === sheet.value))
watch(sheet, () => (first.value = 1))
const address = computed(() =>
  printed(props.path, settings.paperSize, {
    ...props.more,
    label: sheet.value,
    first: first.value,
    ...(props.copies === true ? { copies: each.value } : {}),
  }),
)
const total = computed(() => props.count * (props.copies === true ? each.value : 1))
const pages = computed(() =>
  chosen.value ? Math.ceil((first.value - 1 + total.value) / chosen.value.labels) : 0,
)
</script>

<template>
  <Dialog v-model:visible="open" modal :header="$t('frame.labels.title')" :style="{ width: '30rem' }">
    <form class="labels" @submit.prevent>
      <SelectField
        v-model="sheet"
        :options="options"
        :label="$t('frame.labels.sheet')"
        input-id="label-sheet"
      />
      <div class="counts">
        <NumberField
          v-model="first"
          :decimals="0"
          :label="$t('frame.labels.first', { n: chosen?.labels ?? 1 })"
          input-id="label-first"
        />
        <NumberField
          v-if="copies"
          v-model="each"
          :decimals="0"
          :label="$t('frame.labels.copies')"
          input-id="label-copies"
        />
      </div>
      <p class="soft">{{ $t('frame.labels.hint') }}</p>
      <p class="ways">
        <Button
          as="a"
          :href="address"
          target="_blank"
          rel="noopener"
          :label="$t('frame.labels.open', { labels: total, pages }, pages)"
          @click="open = false"
        />
      </p>
    </form>
  </Dialog>
</template>

<style scoped>
.labels {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.counts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
