import { computed } from 'vue'
import type { Pot, Section, SetUp } from '@/api/types'
import { t } from '@/words'

type Told = Section['seams'][number]

/** A line of the drawing that can be drawn up and down. */
export interface Seam extends Told {
  id: string
  words: string
}

const STEP_CM = 0.5
const FINE_CM = 0.1

const WORDS: Record<Exclude<Told['part'], 'BED'>, string> = {
  LAYER: t('planting.seam.layer'),
  SURFACE: t('planting.seam.fill'),
  DRESSING: t('planting.seam.dressing'),
  OVERFLOW: t('planting.seam.overflow'),
  BALL: t('planting.seam.ball'),
}

/** The depth or height that a seam stands for, as a pot and its set-up have it now; a section may be a moment behind. */
const valueNow = ({ part, bed, valueCm }: Told, pot: Pot, setUp: SetUp): number => {
  switch (part) {
    case 'LAYER':
      return pot.layerCm
    case 'BED':
      return setUp.beds[bed]?.depthCm ?? valueCm
    case 'SURFACE':
      return pot.fill === undefined ? valueCm : pot.fill * pot.heightCm
    case 'DRESSING':
      return setUp.dressingCm
    case 'OVERFLOW':
      return pot.baseCm
    case 'BALL':
      return setUp.ball?.aboveCm ?? valueCm
  }
}

/** A pot and its set-up once a seam stands for another depth or height. */
const withValue = (cm: number, { part, bed }: Told, pot: Pot, setUp: SetUp): [Pot, SetUp] => {
  switch (part) {
    case 'LAYER':
      return [{ ...pot, layerCm: cm }, setUp]
    case 'BED':
      return [
        pot,
        { ...setUp, beds: setUp.beds.map((each, i) => (i === bed ? { ...each, depthCm: cm } : each)) },
      ]
    case 'SURFACE':
      return [{ ...pot, fill: cm / pot.heightCm }, setUp]
    case 'DRESSING':
      return [pot, { ...setUp, dressingCm: cm }]
    case 'OVERFLOW':
      return [{ ...pot, baseCm: cm }, setUp]
    case 'BALL':
      return [pot, setUp.ball ? { ...setUp, ball: { ...setUp.ball, aboveCm: cm } } : setUp]
  }
}

/** The seams of a set-up, and what drawing them by pointer or arrow keys does. */
export const useSeams = (
  pot: () => Pot,
  setUp: () => SetUp,
  section: () => Section,
  heightAt: (pixels: number) => number,
  change: (pot: Pot, setUp: SetUp) => void,
) => {
  const seams = computed<Seam[]>(() =>
    section().seams.map((seam) => {
      const valueCm = valueNow(seam, pot(), setUp())
      return {
        ...seam,
        valueCm,
        atCm: seam.atCm + valueCm - seam.valueCm,
        id: `${seam.part} ${seam.bed}`,
        words:
          seam.part === 'BED'
            ? t('planting.seam.bed', { name: section().levels[seam.bed]?.name ?? '' })
            : WORDS[seam.part],
      }
    }),
  )

  const move = (id: string, cm: number) => {
    const seam = seams.value.find((each) => each.id === id)
    if (seam) {
      const to = Math.round(Math.max(seam.lowCm, Math.min(seam.highCm, cm)) * 100) / 100
      if (Math.abs(to - seam.atCm) > 1e-3) {
        const value = Math.round((seam.valueCm + to - seam.atCm) * 100) / 100
        change(...withValue(value, seam, pot(), setUp()))
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
        ? seam.atCm + step
        : event.key === 'ArrowDown' || event.key === 'ArrowLeft'
          ? seam.atCm - step
          : event.key === 'Home'
            ? seam.lowCm
            : event.key === 'End'
              ? seam.highCm
              : undefined
    if (to !== undefined) {
      event.preventDefault()
      move(seam.id, event.key.startsWith('Arrow') ? handy(to, event.shiftKey) : to)
    }
  }
  return { seams, press, key }
}
