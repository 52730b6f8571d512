<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import type { SharedBlend, TakenBlend } from '@/api/types'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** A blend that somebody passed on: its file is looked through and shown before it is taken. */
const MOST_BYTES = 1_000_000
const router = useRouter()
const client = useQueryClient()
const blend = ref<SharedBlend>()
const looked = ref<TakenBlend>()
const id = ref('')
/** What comes with it and is not another than what is here. */
const brought = computed(() =>
  (looked.value?.fresh ?? []).filter((name) => looked.value?.renamed.includes(name) !== true),
)

const read = async (file: File): Promise<SharedBlend> => {
  if (file.size > MOST_BYTES) {
    throw new Error(t('blend.takeIn.tooLarge'))
  }
  try {
    return JSON.parse(await file.text()) as SharedBlend
  } catch {
    throw new Error(t('blend.takeIn.notJson'))
  }
}
const choose = async (event: Event) => {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) {
    return
  }
  try {
    const found = await read(file)
    looked.value = await answer(api.POST('/api/shared-blends/look', { body: found }))
    blend.value = found
    id.value = crypto.randomUUID()
  } catch (error) {
    sayProblem(error)
  }
}
const take = async () => {
  if (!blend.value) {
    return
  }
  try {
    const taken = await answer(
      api.POST('/api/shared-blends/take', { body: { id: id.value, blend: blend.value } }),
    )
    blend.value = undefined
    await client.invalidateQueries()
    say(t('blend.takeIn.taken', { name: taken.name }))
    await router.push(`/blends/${id.value}`)
  } catch (error) {
    sayProblem(error)
  }
}
</script>

<template>
  <label class="file-pick">
    {{ $t('blend.takeIn.open') }}
    <input type="file" accept=".json,application/json" class="visually-hidden" @change="choose" />
  </label>
  <Dialog
    :visible="blend !== undefined"
    modal
    :header="$t('blend.takeIn.title', { name: looked?.name ?? '' })"
    :style="{ width: '32rem' }"
    @update:visible="blend = undefined"
  >
    <template v-if="looked && blend">
      <p v-if="blend.note" class="note">“{{ blend.note }}”</p>
      <p v-if="looked.tests > 0">{{ $t('blend.takeIn.tests', { n: looked.tests }, looked.tests) }}</p>
      <p v-if="brought.length > 0">{{ $t('blend.takeIn.fresh', { names: brought.join(', ') }) }}</p>
      <p v-if="looked.renamed.length > 0">
        {{ $t('blend.takeIn.renamed', { names: looked.renamed.join(', ') }) }}
      </p>
      <p v-if="blend.materials.length === 0">{{ $t('blend.takeIn.plain') }}</p>
      <p class="ways">
        <Button :label="$t('blend.takeIn.take')" @click="take" />
        <button type="button" class="plain" @click="blend = undefined">{{ $t('blend.takeIn.leave') }}</button>
      </p>
    </template>
  </Dialog>
</template>

<style scoped>
.note {
  font-style: italic;
}
.ways {
  margin-top: 12px;
  display: flex;
  gap: 16px;
  align-items: center;
}
</style>
