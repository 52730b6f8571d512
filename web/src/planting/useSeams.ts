import { computed } from 'vue'
import type { Pot, Section, SetUp } from '@/api/types'
import { t } from '@/words'

/** A line of the drawing that can be drawn up and down. */
export interface Seam {
  id: string
  words: string
  at: number
  low: number
  high: number
  /** What a person reads: the depth or height that it stands for [cm]. */
  value: number
  take: (cm: number) => [Pot, SetUp]
}

const LEAST_LAYER_CM = 0.5
const LEAST_MIX_CM = 1
const STEP_CM = 0.5
const FINE_CM = 0.1

/** The seams of a set-up, and what drawing them by pointer or arrow keys does. */
export const useSeams = (
  pot: () => Pot,
  setUp: () => SetUp,
  section: () => Section,
  heightAt: (pixels: number) => number,
  change: (pot: Pot, setUp: SetUp) => void,
) => {
  const seams = computed<Seam[]>(() => {
    const [p, s, cut] = [pot(), setUp(), section()]
    const all: Seam[] = []
    const firstTop = cut.levels[0]?.toCm ?? cut.fillCm
    if (p.layerCm > 0) {
      all.push({
        id: 'layer',
        words: t('planting.seam.layer'),
        at: p.layerCm,
        low: LEAST_LAYER_CM,
        high: Math.max(LEAST_LAYER_CM, Math.min(0.7 * p.heightCm, firstTop + p.layerCm - LEAST_MIX_CM)),
        value: p.layerCm,
        take: (cm) => [{ ...p, layerCm: cm }, s],
      })
    }
    cut.levels.slice(0, -1).forEach((level, i) => {
      all.push({
        id: `bed ${i}`,
        words: t('planting.seam.bed', { name: level.name }),
        at: level.toCm,
        low: level.fromCm + LEAST_LAYER_CM,
        high: cut.fillCm - LEAST_MIX_CM,
        value: level.toCm - level.fromCm,
        take: (cm) => [
          p,
          {
            ...s,
            beds: s.beds.map((bed, j) => (j === i ? { ...bed, depthCm: cm - level.fromCm } : bed)),
          },
        ],
      })
    })
    all.push({
      id: 'fill',
      words: t('planting.seam.fill'),
      at: cut.fillCm,
      low: Math.max(0.4 * p.heightCm, cut.underMixCm + LEAST_MIX_CM),
      high: p.heightCm - (s.dressing === 'NONE' ? 0 : s.dressingCm),
      value: cut.fillCm,
      take: (cm) => [{ ...p, fill: cm / p.heightCm }, s],
    })
    if (s.dressing !== 'NONE') {
      all.push({
        id: 'dressing',
        words: t('planting.seam.dressing'),
        at: cut.fillCm + s.dressingCm,
        low: cut.fillCm + 0.3,
        high: p.heightCm,
        value: s.dressingCm,
        take: (cm) => [p, { ...s, dressingCm: cm - cut.fillCm }],
      })
    }
    if (p.base === 'NO_HOLES' && p.baseCm > 0) {
      all.push({
        id: 'overflow',
        words: t('planting.seam.overflow'),
        at: p.baseCm,
        low: 0.5,
        high: cut.fillCm,
        value: p.baseCm,
        take: (cm) => [{ ...p, baseCm: cm }, s],
      })
    }
    if (s.ball) {
      const ball = s.ball
      all.push({
        id: 'ball',
        words: t('planting.seam.ball'),
        at: Math.max(0, Math.min(p.heightCm, cut.fillCm + ball.aboveCm - ball.heightCm)),
        low: cut.underMixCm,
        high: cut.fillCm,
        value: ball.aboveCm,
        take: (cm) => [p, { ...s, ball: { ...ball, aboveCm: cm + ball.heightCm - cut.fillCm } }],
      })
    }
    return all
  })

  const within = (seam: Seam, cm: number) => Math.max(seam.low, Math.min(seam.high, cm))
  const move = (id: string, cm: number) => {
    const seam = seams.value.find((each) => each.id === id)
    if (seam) {
      const to = within(seam, cm)
      if (Math.abs(to - seam.at) > 1e-6) {
        change(...seam.take(Math.round(to * 100) / 100))
      }
    }
  }
  const press = (event: PointerEvent, seam: Seam) => {
    const target = event.currentTarget as SVGGElement
    const svg = target.ownerSVGElement
    if (!svg || event.button !== 0) {
      return
    }
    event.preventDefault()
    target.focus()
    target.setPointerCapture(event.pointerId)
    const at = (each: PointerEvent) => {
      const matrix = svg.getScreenCTM()
      return matrix ? new DOMPoint(each.clientX, each.clientY).matrixTransform(matrix.inverse()).y : 0
    }
    const follow = (each: PointerEvent) => {
      const cm = heightAt(at(each))
      move(seam.id, Math.round(cm / FINE_CM) * FINE_CM)
    }
    const end = () => {
      target.removeEventListener('pointermove', follow)
      target.removeEventListener('pointerup', end)
      target.removeEventListener('pointercancel', end)
    }
    target.addEventListener('pointermove', follow)
    target.addEventListener('pointerup', end)
    target.addEventListener('pointercancel', end)
  }
  const key = (event: KeyboardEvent, seam: Seam, handy: (cm: number, fine: boolean) => number) => {
    const step = event.shiftKey ? FINE_CM : STEP_CM
    const to =
      event.key === 'ArrowUp' || event.key === 'ArrowRight'
        ? seam.at + step
        : event.key === 'ArrowDown' || event.key === 'ArrowLeft'
          ? seam.at - step
          : event.key === 'Home'
            ? seam.low
            : event.key === 'End'
              ? seam.high
              : undefined
    if (to !== undefined) {
      event.preventDefault()
      move(seam.id, event.key.startsWith('Arrow') ? handy(to, event.shiftKey) : to)
    }
  }
  return { seams, press, key }
}
