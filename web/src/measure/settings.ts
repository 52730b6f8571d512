import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { speech } from '@/api/speech'
import type { Units } from '@/api/types'
import { sayIn } from '@/words'
import { Measures, type System } from './units'

interface Kept {
  system: System
  night: boolean
  currency: string
  scoopLitres: number
  rowsIn: 'volume' | 'scoops'
  paper: 'units' | 'A4' | 'LETTER'
}

const KEY = 'loose-knit.settings'

const kept = (): Kept => {
  const usual: Kept = {
    system: 'metric',
    night: false,
    currency: '€',
    scoopLitres: 0.5,
    rowsIn: 'volume',
    paper: 'units',
  }
  try {
    return { ...usual, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Kept>) }
  } catch {
    return usual
  }
}

/** What the person chose, remembered in this browser. */
export const useSettings = defineStore('settings', () => {
  const start = kept()
  const system = ref<System>(start.system)
  const night = ref(start.night)
  const currency = ref(start.currency)
  const scoopLitres = ref(start.scoopLitres)
  /** Whether volumes of a recipe are shown in litres or the like, or in scoops. */
  const rowsIn = ref(start.rowsIn)
  /** The paper in the printer; what goes with the units if nothing was said. */
  const paper = ref(start.paper)
  const paperSize = computed(() =>
    paper.value !== 'units' ? paper.value : system.value === 'us' ? 'LETTER' : 'A4',
  )
  const units = ref<Units>({ volume: [], length: [], mass: [], handfulLitres: 0 })
  const measures = computed(() => new Measures(units.value, system.value))

  watch(
    system,
    (chosen) => {
      speech.units = chosen
      sayIn(chosen)
    },
    { immediate: true, flush: 'sync' },
  )
  watch(
    [system, night, currency, scoopLitres, rowsIn, paper],
    () => {
      const keep: Kept = {
        system: system.value,
        night: night.value,
        currency: currency.value,
        scoopLitres: scoopLitres.value,
        rowsIn: rowsIn.value,
        paper: paper.value,
      }
      localStorage.setItem(KEY, JSON.stringify(keep))
      document.documentElement.classList.toggle('night', night.value)
    },
    { immediate: true },
  )

  return { system, night, currency, scoopLitres, rowsIn, paper, paperSize, units, measures }
})
