import type { Dose, Part, Recipe } from '@/api/types'

/** Changes to a recipe as it is written; what they mean is the server's to say. Each returns a new recipe. */

const withParts = (recipe: Recipe, parts: Part[]): Recipe => ({ ...recipe, parts })

/** A step of the stepper: one part, or five per cent. */
export const stepOf = (recipe: Recipe): number => (recipe.measure === 'PARTS' ? 1 : 5)

const tidy = (amount: number) => Math.round(amount * 1000) / 1000

export const setAmount = (recipe: Recipe, row: number, amount: number): Recipe =>
  withParts(
    recipe,
    recipe.parts.map((part, i) => (i === row ? { ...part, amount: tidy(amount) } : part)),
  )

export const changeBy = (recipe: Recipe, row: number, steps: number): Recipe =>
  setAmount(recipe, row, Math.max(0, (recipe.parts[row]?.amount ?? 0) + steps * stepOf(recipe)))

/** Adds a material with one step, or one step more if it is there already. */
export const addMaterial = (recipe: Recipe, materialId: string): Recipe => {
  const row = recipe.parts.findIndex((part) => part.materialId === materialId)
  return row >= 0
    ? changeBy(recipe, row, 1)
    : withParts(recipe, [...recipe.parts, { materialId, amount: stepOf(recipe) }])
}

export const removeRow = (recipe: Recipe, row: number): Recipe =>
  withParts(
    recipe,
    recipe.parts.filter((_, i) => i !== row),
  )

/** Moves a row to another place. */
export const moveRow = (recipe: Recipe, row: number, to: number): Recipe => {
  const parts = [...recipe.parts]
  const [moved] = parts.splice(row, 1)
  if (!moved || to < 0 || to > parts.length) {
    return recipe
  }
  parts.splice(to, 0, moved)
  return withParts(recipe, parts)
}

/** Another material in the place of a row; two rows of the same material become one. */
export const replaceRow = (recipe: Recipe, row: number, materialId: string): Recipe => {
  const old = recipe.parts[row]
  if (!old || old.materialId === materialId) {
    return recipe
  }
  const there = recipe.parts.findIndex((part) => part.materialId === materialId)
  return there >= 0
    ? removeRow(setAmount(recipe, there, (recipe.parts[there]?.amount ?? 0) + old.amount), row)
    : withParts(
        recipe,
        recipe.parts.map((part, i) => (i === row ? { ...part, materialId } : part)),
      )
}

/** Gives half of a row to another grade, on a row below it. */
export const splitRow = (recipe: Recipe, row: number, materialId: string): Recipe => {
  const old = recipe.parts[row]
  if (!old) {
    return recipe
  }
  const half = tidy(old.amount / 2)
  const there = recipe.parts.findIndex((part) => part.materialId === materialId)
  const kept = setAmount(recipe, row, old.amount - half)
  return there >= 0
    ? setAmount(kept, there, (recipe.parts[there]?.amount ?? 0) + half)
    : withParts(kept, kept.parts.toSpliced(row + 1, 0, { materialId, amount: half }))
}

/** Gives so much of one row to another. */
export const giveTo = (recipe: Recipe, giving: number, taking: number, amount: number): Recipe =>
  setAmount(
    setAmount(recipe, giving, (recipe.parts[giving]?.amount ?? 0) - amount),
    taking,
    (recipe.parts[taking]?.amount ?? 0) + amount,
  )

/** Parts that an edge between stitches can be set to: quarters. */
const EDGE_STEP = 0.25

/** Moves the edge between a row and the next one by so many stitches; the two together stay what they were. */
export const moveEdge = (recipe: Recipe, row: number, stitches: number): Recipe => {
  const below = recipe.parts[row]
  const above = recipe.parts[row + 1]
  if (!below || !above || stitches === 0) {
    return recipe
  }
  const both = below.amount + above.amount
  const whole = recipe.measure === 'PERCENT' ? Math.max(100, sumOf(recipe)) : sumOf(recipe)
  const step = recipe.measure === 'PERCENT' ? 1 : EDGE_STEP
  const exact = below.amount + (stitches * whole) / 100
  const rounded = Math.round(exact / step) * step
  const moved =
    rounded === below.amount && Math.abs(exact - below.amount) > 1e-9
      ? below.amount + Math.sign(stitches) * step
      : rounded
  const amount = Math.min(both, Math.max(0, moved))
  return setAmount(setAmount(recipe, row, amount), row + 1, both - amount)
}

export const sumOf = (recipe: Recipe): number => recipe.parts.reduce((sum, part) => sum + part.amount, 0)

/** Whole per cent that add up to a hundred, in the proportions as written. */
const toHundred = (parts: Part[], sum: number): Part[] => {
  const exact = parts.map((part) => (part.amount / sum) * 100)
  const whole = exact.map(Math.floor)
  const byRest = exact
    .map((value, i) => ({ i, rest: value - Math.floor(value) }))
    .sort((a, b) => b.rest - a.rest)
  const missing = 100 - whole.reduce((a, b) => a + b, 0)
  for (const { i } of byRest.slice(0, missing)) {
    whole[i] = (whole[i] ?? 0) + 1
  }
  return parts.map((part, i) => ({ ...part, amount: whole[i] ?? 0 }))
}

/** The same proportions in per cent that add up to 100. */
export const scaleToHundred = (recipe: Recipe): Recipe => {
  const sum = sumOf(recipe)
  return sum > 0 ? { ...recipe, measure: 'PERCENT', parts: toHundred(recipe.parts, sum) } : recipe
}

/** Gives the missing share to a row. */
export const fillWith = (recipe: Recipe, row: number): Recipe =>
  setAmount(recipe, row, (recipe.parts[row]?.amount ?? 0) + 100 - sumOf(recipe))

const divisor = (a: number, b: number): number => (b < 1e-6 ? a : divisor(b, a % b))

/** Writes per cent as the smallest whole parts, or parts as per cent; nothing changes but the way it is written. */
export const rewrite = (recipe: Recipe, measure: Recipe['measure']): Recipe => {
  if (measure === recipe.measure) {
    return recipe
  }
  if (measure === 'PERCENT') {
    return sumOf(recipe) > 0 ? scaleToHundred(recipe) : { ...recipe, measure }
  }
  const common = recipe.parts.map((part) => Math.round(part.amount)).reduce(divisor, 0)
  const whole = common > 0 && recipe.parts.every((part) => Number.isInteger(part.amount))
  return {
    ...recipe,
    measure,
    parts: recipe.parts.map((part) => ({
      ...part,
      amount: whole ? part.amount / common : tidy(part.amount / 10),
    })),
  }
}

export const setDose = (recipe: Recipe, amendmentId: string, gPerL: number): Recipe => {
  const others = recipe.doses.filter((dose) => dose.amendmentId !== amendmentId)
  const before = recipe.doses.findIndex((dose) => dose.amendmentId === amendmentId)
  const dose: Dose = { amendmentId, gPerL: tidy(gPerL) }
  return {
    ...recipe,
    doses: before < 0 ? [...others, dose] : recipe.doses.map((each, i) => (i === before ? dose : each)),
  }
}

export const removeDose = (recipe: Recipe, amendmentId: string): Recipe => ({
  ...recipe,
  doses: recipe.doses.filter((dose) => dose.amendmentId !== amendmentId),
})
