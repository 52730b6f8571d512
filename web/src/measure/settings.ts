import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import type { Units } from '@/api/types'
import { Measures, type System } from './units'

interface Kept {
  system: System
  night: boolean
  currency: string
  scoopLitres: number
}

const KEY = 'loose-knit.settings'

const kept = (): Kept => {
  const usual: Kept = { system: 'metric', night: false, currency: '€', scoopLitres: 0.5 }
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
  const units = ref<Units>({ volume: [], length: [], mass: [] })
  const measures = computed(() => new Measures(units.value, system.value))

  watch(
    [system, night, currency, scoopLitres],
    () => {
      const keep: Kept = {
        system: system.value,
        night: night.value,
        currency: currency.value,
        scoopLitres: scoopLitres.value,
      }
      localStorage.setItem(KEY, JSON.stringify(keep))
      document.documentElement.classList.toggle('night', night.value)
    },
    { immediate: true },
  )

  return { system, night, currency, scoopLitres, units, measures }
})
