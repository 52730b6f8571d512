type Fields = Record<string, unknown>
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Two changes of the same thing touch the same field. */
class Touch extends Error {}

const merged = (base: unknown, mine: unknown, theirs: unknown): unknown => {
  if (same(mine, theirs) || same(base, mine)) {
    return theirs
  }
  if (same(base, theirs)) {
    return mine
  }
  if (!isFields(mine) || !isFields(theirs)) {
    throw new Touch()
  }
  const before = isFields(base) ? base : {}
  const fields = Object.keys({ ...theirs, ...mine }).map(
    (key) => [key, merged(before[key], mine[key], theirs[key])] as const,
  )
  return Object.fromEntries(fields.filter(([, value]) => value !== undefined))
}

/** What was changed here and what was changed elsewhere, together, field by field; nothing where both touch the same field. */
export const merge = <S>(base: S, mine: S, theirs: S): S | undefined => {
  try {
    return merged(base, mine, theirs) as S
  } catch (error) {
    if (error instanceof Touch) {
      return undefined
    }
    throw error
  }
}
