import type { Material } from '@/api/types'

/** What materials do, in the order in which lists of them are cut into sections. */
export const ROLES = ['WATER', 'AIR', 'STRUCTURE', 'WEIGHT', 'FEED', 'FILTER', 'ACIDITY'] as const

export type RoleSection = (typeof ROLES)[number] | 'OWN' | 'NEVER'

/** The section of a material: what it does first of all, unless it is the person's own. */
export const sectionOf = (material: Material | undefined): RoleSection => {
  if (!material || material.own) {
    return 'OWN'
  }
  const first = material.roles[0]
  return ROLES.find((role) => role === first) ?? 'STRUCTURE'
}
