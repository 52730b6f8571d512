import type { NameHit, Named } from '@/api/types'
import type { Asked } from './stubbedServer'

/** A thing that a stubbed search for names answers with. */
export const hit = (
  kind: NameHit['kind'],
  id: string,
  name: string,
  change: Partial<NameHit> = {},
): NameHit => ({
  kind,
  id,
  name,
  matched: name,
  how: 'NAME',
  ...change,
})

/** A search for names that knows these typed words and no others. */
export const names =
  (known: Record<string, NameHit[] | Partial<Named>>) =>
  (asked: Asked): Named => {
    const { typed } = asked.body as { typed: string }
    const found = known[typed] ?? []
    const named = Array.isArray(found) ? { hits: found } : found
    return { hits: [], aside: [], sure: (named.hits ?? []).length > 0, ...named }
  }
