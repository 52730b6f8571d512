const QUARTERS: Record<string, string> = { '0.25': '¼', '0.5': '½', '0.75': '¾' }

/** Scoops as they are said: whole ones and quarters. */
export const scoopWords = (count: number): string => {
  const whole = Math.floor(count + 1e-9)
  const rest = QUARTERS[String(Math.round((count - whole) * 4) / 4)] ?? ''
  return `${whole > 0 || rest === '' ? whole : ''}${rest}`
}
