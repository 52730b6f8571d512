<script setup lang="ts">
import { usePreferredReducedMotion } from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import ChoiceList from '@/parts/ChoiceList.vue'
import { useKept } from '@/parts/useKept'
import { useMaterials } from '@/material/useBook'
import { stitchOf } from '@/material/stitches'
import { useSettings } from '@/measure/settings'
import { t } from '@/words'
import { scaleBar, sectionWidth, scoopWidth } from './section'
import type { GrainKind } from '@/material/grains'
import type { Asked, Told } from './worker'

/** The blend as it would look in the hand, drawn to scale from its grades. A drawing, and it says so. */
const props = defineProps<{
  rows: readonly { materialId: string; name: string }[]
  shares: readonly number[]
}>()
const { material } = useMaterials()
const settings = useSettings()
const motion = usePreferredReducedMotion()
const kept = useKept<{ state: 'drained' | 'wet'; from: 'section' | 'scoop' }>('loose-knit.close-up', {
  state: 'drained',
  from: 'section',
})
const STATES = computed(() => [
  { value: 'drained' as const, label: t('blend.closeUp.drained') },
  { value: 'wet' as const, label: t('blend.closeUp.wet') },
])
const VIEWS = computed(() => [
  { value: 'section' as const, label: t('blend.closeUp.section') },
  { value: 'scoop' as const, label: t('blend.closeUp.scoop') },
])
const box = ref<HTMLElement | null>(null)
const canvas = ref<HTMLCanvasElement | null>(null)
const told = ref<Told>()
const cannot = ref(false)
let worker: Worker | undefined
let handedOver = false
let resized: ResizeObserver | undefined

const kinds = computed<GrainKind[]>(() =>
  props.rows.flatMap((row, i) => {
    const known = material(row.materialId)
    const share = props.shares[i] ?? 0
    return known && share > 0
      ? [
          {
            id: row.materialId,
            share,
            d10: known.d10Mm,
            d50: known.d50Mm,
            d90: known.d90Mm,
            shape: known.shape,
            colour: stitchOf(row.materialId).colour,
          },
        ]
      : []
  }),
)
const scoop = computed(() => kept.value.from === 'scoop')
const widthMm = computed(() => (scoop.value ? scoopWidth(settings.scoopLitres) : sectionWidth(kinds.value)))
const bar = computed(() => scaleBar(widthMm.value))
const barWords = computed(() =>
  bar.value >= 10 && !settings.measures.us
    ? `${bar.value / 10} ${t('measure.unit.cm')}`
    : `${bar.value} ${t('measure.unit.mm')}`,
)
const spoken = computed(() =>
  t('blend.closeUp.spoken', {
    width: settings.measures.length(widthMm.value / 10).figure,
    grains: [...kinds.value]
      .sort((a, b) => b.share - a.share)
      .map((kind) => {
        const row = props.rows.find((each) => each.materialId === kind.id)
        return t('blend.closeUp.grain', { name: row?.name ?? kind.id, from: kind.d10, to: kind.d90 })
      })
      .join(', '),
  }),
)

const ask = () => {
  const element = canvas.value
  const frame = box.value
  if (!worker || !element || !frame || kinds.value.length === 0) {
    return
  }
  const widthPx = Math.max(1, Math.round(frame.clientWidth * Math.min(2, window.devicePixelRatio)))
  const heightPx = Math.max(1, Math.round(widthPx * (scoop.value ? 1 : 0.62)))
  const style = getComputedStyle(document.documentElement)
  const asked: Asked = {
    widthPx,
    heightPx,
    look: {
      widthMm: widthMm.value,
      heightMm: (widthMm.value * heightPx) / widthPx,
      wet: kept.value.state === 'wet',
      scoop: scoop.value,
      paper: style.getPropertyValue('--wash').trim(),
      water: style.getPropertyValue('--air').trim(),
      ink: '#17211d',
    },
    kinds: kinds.value.map((kind) => ({ ...kind })),
    still: motion.value === 'reduce',
  }
  told.value = undefined
  if (handedOver) {
    worker.postMessage(asked)
  } else {
    handedOver = true
    const off = element.transferControlToOffscreen()
    worker.postMessage({ ...asked, canvas: off }, [off])
  }
}

onMounted(async () => {
  if (typeof Worker === 'undefined' || !('transferControlToOffscreen' in HTMLCanvasElement.prototype)) {
    cannot.value = true
    return
  }
  worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })
  worker.onmessage = ({ data }: MessageEvent<Told>) => {
    told.value = data
  }
  worker.onerror = () => {
    cannot.value = true
  }
  await nextTick()
  ask()
  let last = box.value?.clientWidth
  resized = new ResizeObserver(() => {
    if (box.value && box.value.clientWidth !== last) {
      last = box.value.clientWidth
      ask()
    }
  })
  if (box.value) {
    resized.observe(box.value)
  }
})
/** The drawing waits until the hand rests, so that it never keeps the readings waiting. */
const AFTER_MS = 320
let timer: number | undefined
const askSoon = () => {
  told.value = undefined
  window.clearTimeout(timer)
  timer = window.setTimeout(ask, AFTER_MS)
}
watch(kinds, askSoon, { flush: 'post' })
watch([widthMm, () => kept.value.state, () => settings.night], ask, { flush: 'post' })
onBeforeUnmount(() => {
  window.clearTimeout(timer)
  resized?.disconnect()
  worker?.terminate()
})
</script>

<template>
  <figure v-if="!cannot" class="close-up">
    <div
      ref="box"
      class="box"
      :class="{ scoop }"
      role="img"
      :aria-label="spoken"
      :data-lying="told?.lying"
      :data-frame-ms="told ? Math.round(told.frameMs * 10) / 10 : undefined"
    >
      <canvas ref="canvas" />
      <span class="bar" :style="{ width: `${(100 * bar) / widthMm}%` }"
        ><b class="figures">{{ barWords }}</b></span
      >
    </div>
    <figcaption>
      <ChoiceList v-model="kept.state" :options="STATES" :label="$t('blend.closeUp.stateLabel')" hide-label />
      <ChoiceList v-model="kept.from" :options="VIEWS" :label="$t('blend.closeUp.viewLabel')" hide-label />
      <small class="soft">{{ $t('blend.closeUp.honest') }}</small>
    </figcaption>
  </figure>
</template>

<style scoped>
.close-up {
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.box {
  position: relative;
  aspect-ratio: 1 / 0.62;
  background: var(--wash);
  overflow: hidden;
}
.box.scoop {
  aspect-ratio: 1;
  background: none;
}
canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.bar {
  position: absolute;
  right: 8px;
  bottom: 7px;
  border: solid var(--on-picture);
  border-width: 0 2px 2px;
  height: 7px;
  filter: drop-shadow(0 0 1px var(--outline));
}
.bar b {
  position: absolute;
  right: -2px;
  bottom: 5px;
  padding: 1px 5px;
  background: var(--behind-label);
  color: var(--on-picture);
  font-size: 12px;
  font-weight: 400;
  white-space: nowrap;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: center;
  justify-content: space-between;
}
figcaption :deep(label) {
  padding: 2px 6px;
  min-height: 26px;
  font-size: 13px;
}
</style>
