import type { Measured } from '@/api/types'
import { without } from './words'

/** Tests while they are written down: a figure may still be open. Nothing counts until all of a test is there. */
export interface Noted {
  drain?: { heightCm: number | undefined; airPercent: number | undefined; waterPercent: number | undefined }
  sieves?: { openingMm: number; stays: number | undefined }[]
  throughAll?: number | undefined
}

export const EMPTY_DRAIN: NonNullable<Noted['drain']> = {
  heightCm: undefined,
  airPercent: undefined,
  waterPercent: undefined,
}

/** Openings of sieves as kitchens have them [mm]; a starting point that is changed to one's own. */
export const KITCHEN_SIEVES: NonNullable<Noted['sieves']> = [1, 2, 4, 8].map((openingMm) => ({
  openingMm,
  stays: undefined,
}))

export const notedOf = (measured: Measured): Noted => ({
  ...(measured.drain ? { drain: { ...measured.drain } } : {}),
  ...(measured.sieves
    ? { sieves: measured.sieves.sieves.map((each) => ({ ...each })), throughAll: measured.sieves.throughAll }
    : {}),
})

/** The drain test if all of it is there. */
export const drainOf = ({ drain }: Noted): Measured['drain'] =>
  drain && drain.heightCm !== undefined && drain.airPercent !== undefined && drain.waterPercent !== undefined
    ? { heightCm: drain.heightCm, airPercent: drain.airPercent, waterPercent: drain.waterPercent }
    : undefined

const sievesOf = ({ sieves, throughAll }: Noted): Measured['sieves'] => {
  const complete = (sieves ?? []).flatMap(({ openingMm, stays }) =>
    stays === undefined ? [] : [{ openingMm, stays }],
  )
  return sieves && throughAll !== undefined && complete.length === sieves.length
    ? { sieves: complete, throughAll }
    : undefined
}

/** What counts as measured: the single figures as they are, and those tests that are complete. */
export const measuredOf = (measured: Measured, noted: Noted): Measured =>
  without<Measured>({ ...measured, drain: drainOf(noted), sieves: sievesOf(noted) })
