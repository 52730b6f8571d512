<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Textarea from 'primevue/textarea'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Recipe } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import ChoiceList from '@/parts/ChoiceList.vue'
import { say } from '@/parts/notices'
import { t } from '@/words'

/** The recipe as text to paste elsewhere: in parts, per cent or scoops. What is copied here and pasted here is the same recipe. */
const props = defineProps<{ id: string; recipe: Recipe; name: string }>()
const open = defineModel<boolean>('open', { required: true })
const STYLES = ['PARTS', 'PER_CENT', 'SCOOPS'] as const
const style = ref<(typeof STYLES)[number]>('PARTS')
const options = STYLES.map((value) => ({ value, label: t(`blend.copy.style.${value}`) }))
const { answer: written, problem } = useAnswered(
  () =>
    open.value && props.recipe.parts.length > 0 ? { recipe: props.recipe, style: style.value } : undefined,
  (body, signal) => answer(api.POST('/api/recipes/write', { body, signal })),
  0,
)
const text = computed(() => (written.value?.lines ?? []).join('\n'))
const area = ref<{ $el: HTMLTextAreaElement } | null>(null)
const copy = async () => {
  try {
    await navigator.clipboard.writeText(text.value)
    open.value = false
    say(t('blend.copy.done'))
  } catch {
    area.value?.$el.select()
    say(t('blend.copy.selected'))
  }
}
</script>

<template>
  <Dialog v-model:visible="open" modal :header="$t('blend.copy.title', { name })" :style="{ width: '34rem' }">
    <form class="copy" @submit.prevent="copy">
      <ChoiceList v-model="style" :options="options" :label="$t('blend.copy.label')" hide-label />
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <p v-else-if="recipe.parts.length === 0" class="soft">{{ $t('blend.copy.empty') }}</p>
      <template v-else>
        <Textarea
          ref="area"
          :model-value="text"
          readonly
          :rows="Math.min(12, (written?.lines.length ?? 3) + 1)"
          :aria-label="$t('blend.copy.text')"
        />
        <p class="soft">{{ $t('blend.copy.hint') }}</p>
        <p class="ways">
          <Button type="submit" :label="$t('blend.copy.copy')" :disabled="text === ''" />
          <span>
            <a :href="`/api/shared-blends/${id}`" download>{{ $t('blend.copy.file') }}</a>
            <small class="soft">{{ $t('blend.copy.fileHint') }}</small>
          </span>
        </p>
      </template>
    </form>
  </Dialog>
</template>

<style scoped>
.copy {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.ways {
  display: flex;
  gap: 18px;
  align-items: center;
}
.ways small {
  display: block;
}
</style>
