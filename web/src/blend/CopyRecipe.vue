<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Textarea from 'primevue/textarea'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { speech } from '@/api/speech'
import type { Recipe } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { useSettings } from '@/measure/settings'
import ChoiceList from '@/parts/ChoiceList.vue'
import { say } from '@/parts/notices'
import { printed } from '@/parts/printed'
import { t } from '@/words'

/** The recipe as text to paste elsewhere: in parts, per cent or scoops. What is copied here and pasted here is the same recipe. */
const props = defineProps<{ id: string; recipe: Recipe; name: string }>()
const open = defineModel<boolean>('open', { required: true })
const settings = useSettings()
const shared = computed(() => `/api/shared-blends/${props.id}`)
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
        </p>
        <h3>{{ $t('blend.copy.on') }}</h3>
        <ul class="on">
          <li>
            <a :href="shared" download>{{ $t('blend.copy.file') }}</a>
            <small class="soft">{{ $t('blend.copy.fileHint') }}</small>
          </li>
          <li>
            <a :href="`${shared}/code.png`" target="_blank" rel="noopener">{{ $t('blend.copy.code') }}</a>
            <small class="soft">{{ $t('blend.copy.codeHint') }}</small>
          </li>
          <li>
            <a :href="printed(`${shared}/sheet.pdf`, settings.paperSize)" target="_blank" rel="noopener">{{
              $t('blend.copy.sheet')
            }}</a>
            <small class="soft">{{ $t('blend.copy.sheetHint') }}</small>
          </li>
          <li>
            <a :href="`${shared}/text.md?units=${speech.units}`" download>{{ $t('blend.copy.markdown') }}</a>
            <small class="soft">{{ $t('blend.copy.markdownHint') }}</small>
          </li>
          <li>
            <a :href="`${shared}/how-to.jsonld?units=${speech.units}`" download>{{
              $t('blend.copy.howTo')
            }}</a>
            <small class="soft">{{ $t('blend.copy.howToHint') }}</small>
          </li>
        </ul>
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
.on {
  list-style: none;
  margin: 0;
  padding: 0;
}
.on li {
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.on small {
  display: block;
}
h3 {
  margin: 6px 0 0;
}
</style>
