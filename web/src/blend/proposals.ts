import type { Brief, Pot, Remedy, WayOut } from '@/api/types'
import { NO_WISHES, tidyWishes } from '@/need/wishes'
import { startingPot } from '@/need/words'
import type { Bench } from './drafts'
import { addMaterial, scaleToHundred, setAmount, setDose } from './recipe'

/** What the core proposes, taken over onto the bench. Each returns a new bench. */

const withBrief = (bench: Bench, change: Partial<Brief>): Bench => ({
  ...bench,
  brief: { ...bench.brief, ...change },
})

const withPot = (bench: Bench, change: Partial<Pot>): Bench =>
  withBrief(bench, { pot: { ...(bench.brief.pot ?? startingPot()), ...change } })

const withInterval = (bench: Bench, days: number): Bench =>
  bench.brief.habit ? withBrief(bench, { habit: { ...bench.brief.habit, everyDays: days } }) : bench

const tenths = (cm: number) => Math.round(cm * 10) / 10

/** The pot in the same proportions with another width at the rim. */
export const ofWidth = (pot: Pot, topCm: number): Pot => {
  const times = topCm / pot.topCm
  return {
    ...pot,
    topCm,
    bottomCm: tenths(pot.bottomCm * times),
    heightCm: tenths(pot.heightCm * times),
    baseCm: tenths(pot.baseCm * times),
  }
}

export const withRemedy = (bench: Bench, remedy: Remedy): Bench => {
  switch (remedy.kind) {
    case 'PART':
      return { ...bench, recipe: setAmount(bench.recipe, remedy.row, remedy.value) }
    case 'SWAP':
      return {
        ...bench,
        recipe: setAmount(
          setAmount(bench.recipe, remedy.row, remedy.value),
          remedy.givingRow,
          remedy.givingValue,
        ),
      }
    case 'DOSE':
      return { ...bench, recipe: setDose(bench.recipe, remedy.subject, remedy.value) }
    case 'WALL':
      return withPot(bench, { wall: remedy.subject as Pot['wall'] })
    default:
      return withInterval(bench, remedy.value)
  }
}

/** More of a material; a recipe in per cent keeps its hundred. */
const withMaterial = (bench: Bench, materialId: string, amount: number): Bench => {
  const added = addMaterial(bench.recipe, materialId)
  const row = added.parts.findIndex((part) => part.materialId === materialId)
  const before = bench.recipe.parts.find((part) => part.materialId === materialId)?.amount ?? 0
  const recipe = setAmount(added, row, before + amount)
  return { ...bench, recipe: recipe.measure === 'PERCENT' ? scaleToHundred(recipe) : recipe }
}

/** A wish given up. */
const withoutWish = (bench: Bench, wish: string): Bench => {
  const { wishes: given, ...brief } = bench.brief
  const others = Object.entries(given ?? NO_WISHES).filter(([name]) => name !== wish)
  const wishes = tidyWishes({ ...NO_WISHES, ...Object.fromEntries(others) })
  return { ...bench, brief: wishes ? { ...brief, wishes } : brief }
}

const oneWay = (bench: Bench, way: WayOut): Bench => {
  const pot = bench.brief.pot ?? startingPot()
  switch (way.kind) {
    case 'WALL':
      return withPot(bench, { wall: way.subject as Pot['wall'] })
    case 'BASE':
      return withPot(bench, { base: way.subject as Pot['base'], baseCm: 0 })
    case 'POT_WIDTH':
      return withBrief(bench, { pot: ofWidth(pot, way.value) })
    case 'INTERVAL':
      return withInterval(bench, way.value)
    case 'WATER': {
      if (!bench.brief.habit) {
        return bench
      }
      const { alkalinityMgPerL: _alkalinity, waterEcDsPerM: _salts, ...habit } = bench.brief.habit
      return withBrief(bench, { habit: { ...habit, water: way.subject as typeof habit.water } })
    }
    case 'MIX':
      return withMaterial(bench, way.subject, way.value)
    case 'WISH':
      return withoutWish(bench, way.subject)
    default:
      return bench
  }
}

/** A way out with all that goes with it. */
export const withWayOut = (bench: Bench, way: WayOut): Bench => way.then.reduce(oneWay, oneWay(bench, way))
