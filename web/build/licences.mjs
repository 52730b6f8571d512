// Lists the packages that the pages ship, with their licences, and stops at one that is not among those we take.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const TAKEN = ['MIT', 'Apache-2.0', 'ISC', 'BSD-2-Clause', 'BSD-3-Clause', '0BSD', 'OFL-1.1', 'MPL-2.0']

/** Checks the lock file and writes `docs/licences/web.txt`. */
export const checkLicences = () => {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'))
  const shipped = Object.entries(packages).filter(([path, each]) => path !== '' && !each.dev)
  const strange = shipped.filter(([, each]) => !TAKEN.includes(each.license))
  if (strange.length > 0) {
    const named = strange.map(([path, each]) => `${path}: ${each.license ?? 'none'}`).join(', ')
    throw new Error(`licences that we do not take: ${named}; taken are ${TAKEN.join(', ')}`)
  }
  const lines = shipped.map(
    ([path, each]) => `${path.replace(/^.*node_modules\//, '')} ${each.version}: ${each.license}`,
  )
  const folder = join(root, '..', 'docs', 'licences')
  mkdirSync(folder, { recursive: true })
  writeFileSync(
    join(folder, 'web.txt'),
    `What the pages are built on, with the licence of each; written by the build.\n\n${lines.sort().join('\n')}\n`,
  )
}
