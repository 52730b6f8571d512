// Builds or checks the pages, only when something changed: `node build/web.mjs install|build|check`.
import { execFileSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const stamps = join(root, 'target', 'stamps')

const filesBelow = (path) =>
  statSync(path).isDirectory()
    ? readdirSync(path)
        .sort()
        .flatMap((name) => filesBelow(join(path, name)))
    : [path]

const fingerprint = (...names) => {
  const hash = createHash('sha256').update(process.version)
  for (const name of names.filter((each) => existsSync(join(root, each)))) {
    for (const file of filesBelow(join(root, name))) {
      hash.update(file.slice(root.length)).update(readFileSync(file))
    }
  }
  return hash.digest('hex')
}

const onceFor = (name, print, proof, work) => {
  const stamp = join(stamps, name)
  if (existsSync(join(root, proof)) && existsSync(stamp) && readFileSync(stamp, 'utf8') === print) {
    console.log(`web: ${name} is up to date`)
    return
  }
  work()
  mkdirSync(stamps, { recursive: true })
  writeFileSync(stamp, print)
}

const npm = (...args) => execFileSync('npm', args, { cwd: root, stdio: 'inherit' })

const packages = ['package.json', 'package-lock.json', '.npmrc']
const sources = [...packages, 'src', 'public', 'api', 'index.html', 'vite.config.ts', 'tsconfig.json']
const rules = ['eslint.config.js', '.prettierrc.json', '.prettierignore', 'build']

const install = () => onceFor('install', fingerprint(...packages), 'node_modules/vue', () => npm('ci'))

const task = process.argv[2]
install()
if (task === 'build') {
  onceFor('build', fingerprint(...sources), 'target/classes/META-INF/resources/index.html', () =>
    npm('run', 'build'),
  )
} else if (task === 'check') {
  onceFor('check', fingerprint(...sources, ...rules), 'node_modules/vue', () => {
    for (const script of ['check:format', 'check:lint', 'check:types']) {
      npm('run', script)
    }
  })
  npm('test')
} else if (task !== 'install') {
  console.error('usage: node build/web.mjs install|build|check')
  process.exit(2)
}
