/** What is laid side by side, as it stands in the address: blends, or versions of them. */
export interface Laid {
  id: string
  version?: number
}

export const MOST_BESIDE = 3

export const besidePath = (laid: readonly Laid[]): string =>
  `/blends/beside?with=${laid.map((each) => (each.version === undefined ? each.id : `${each.id}@${each.version}`)).join(',')}`

export const laidOf = (query: unknown): Laid[] =>
  String(query ?? '')
    .split(',')
    .filter((each) => each !== '')
    .slice(0, MOST_BESIDE)
    .map((each) => {
      const [id = '', version] = each.split('@')
      return version === undefined || !/^\d+$/.test(version) ? { id } : { id, version: Number(version) }
    })
