<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, sendFile } from '@/api/client'
import type { ReadBlend, SharedBlend, TakenBlend } from '@/api/types'
import { useMaterials } from '@/material/useBook'
import { figure } from '@/measure/units'
import { say, sayProblem } from '@/parts/notices'
import { t } from '@/words'

/** A blend that somebody passed on: its file is looked through and shown before it is taken. */
const MOST_BYTES = 1_000_000
const MOST_PICTURE = 8_000_000
const router = useRouter()
const client = useQueryClient()
const blend = ref<SharedBlend>()
const looked = ref<TakenBlend>()
const notes = ref<string[]>([])
const id = ref('')
const { materialName } = useMaterials()
const nameOf = (materialId: string) =>
  blend.value?.materials.find((each) => each.id === materialId)?.facts.name ?? materialName(materialId)
/** What comes with it and is not another than what is here. */
const brought = computed(() =>
  (looked.value?.fresh ?? []).filter((name) => looked.value?.renamed.includes(name) !== true),
)

const KINDS: Record<string, 'text/markdown' | 'image/png' | 'image/jpeg'> = {
  md: 'text/markdown',
  markdown: 'text/markdown',
  txt: 'text/markdown',
  png: 'image/png',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
}
/** A file of a blend is read here; texts and pictures of a code are read by the server. */
const read = async (file: File): Promise<ReadBlend> => {
  const kind = KINDS[file.name.split('.').pop()?.toLowerCase() ?? '']
  if (kind !== undefined) {
    if (file.size > MOST_PICTURE) {
      throw new Error(t('blend.takeIn.pictureTooLarge'))
    }
    return sendFile<ReadBlend>('/api/shared-blends/read', kind, file)
  }
  if (file.size > MOST_BYTES) {
    throw new Error(t('blend.takeIn.tooLarge'))
  }
  let found: SharedBlend
  try {
    found = JSON.parse(await file.text()) as SharedBlend
  } catch {
    throw new Error(t('blend.takeIn.notJson'))
  }
  return {
    blend: found,
    taken: await answer(api.POST('/api/shared-blends/look', { body: found })),
    notes: [],
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
    looked.value = found.taken
    notes.value = found.notes
    blend.value = found.blend
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
    <input
      type="file"
      accept=".json,.md,.markdown,.txt,.png,.jpg,.jpeg"
      class="visually-hidden"
      @change="choose"
    />
  </label>
  <Dialog
    :visible="blend !== undefined"
    modal
    :header="$t('blend.takeIn.title', { name: looked?.name ?? '' })"
    :style="{ width: '32rem' }"
    @update:visible="blend = undefined"
  >
    <template v-if="looked && blend">
      <table class="lines">
        <tbody>
          <tr v-for="part in blend.recipe.parts" :key="part.materialId">
            <th scope="row">{{ nameOf(part.materialId) }}</th>
            <td class="right figures">{{ figure(part.amount, 2, true) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-for="note in notes" :key="note" class="say attention">{{ note }}</p>
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
