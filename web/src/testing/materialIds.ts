import { readFileSync } from 'node:fs'

/** Ids of a table of materials of the core. */
export const idsOf = (table: 'materials' | 'soils' | 'amendments') =>
  readFileSync(`../core/src/main/resources/looseknit/core/material/${table}.csv`, 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => line.split(',')[0] ?? '')
    .filter((id) => id !== 'humus')
