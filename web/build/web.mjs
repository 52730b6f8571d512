// Builds or checks the pages, only when something changed: `node build/web.mjs install|build|check`.
import { execFileSync, spawn } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { checkLicences } from './licences.mjs'

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

const onceFor = async (name, print, proof, work) => {
  const stamp = join(stamps, name)
  if (existsSync(join(root, proof)) && existsSync(stamp) && readFileSync(stamp, 'utf8') === print) {
    console.log(`web: ${name} is up to date`)
    return
  }
  await work()
  mkdirSync(stamps, { recursive: true })
  writeFileSync(stamp, print)
}

// Much is read once and thrown away: a large room for what is new spares a fifth of the work
const env = {
  ...process.env,
  NODE_OPTIONS: [process.env.NODE_OPTIONS, '--max-semi-space-size=128', '--max-old-space-size=4096']
    .filter(Boolean)
    .join(' '),
}

const npm = (...args) => execFileSync('npm', args, { cwd: root, stdio: 'inherit', env })

/** Runs a script beside others; what it says goes through as it comes. */
const script = (name) =>
  new Promise((done, failed) => {
    const child = spawn('npm', ['run', name], { cwd: root, stdio: 'inherit', env })
    child.on('error', failed)
    child.on('exit', (code) =>
      code === 0 ? done() : failed(new Error(`npm run ${name} ended with ${code}`)),
    )
  })

const packages = ['package.json', 'package-lock.json', '.npmrc']
const sources = [...packages, 'src', 'public', 'api', 'index.html', 'vite.config.ts', 'tsconfig.json']
const rules = ['eslint.config.js', '.prettierrc.json', '.prettierignore', 'build']

const install = () => onceFor('install', fingerprint(...packages), 'node_modules/vue', () => npm('ci'))

const task = process.argv[2]
await install()
if (task === 'build') {
  await onceFor('build', fingerprint(...sources), 'target/classes/META-INF/resources/index.html', () => {
    npm('run', 'build')
    // what is in it, for whoever looks for known faults
    const sbom = execFileSync('npm', ['sbom', '--sbom-format', 'cyclonedx', '--omit', 'dev'], { cwd: root })
    writeFileSync(join(root, 'target', 'sbom-web.json'), sbom)
  })
} else if (task === 'check') {
  checkLicences()
  await onceFor('check', fingerprint(...sources, ...rules), 'node_modules/vue', () =>
    // two at a time, as many as there are cores
    Promise.all([script('check:lint'), script('check:types').then(() => script('check:format'))]),
  )
  npm('test')
} else if (task !== 'install') {
  console.error('usage: node build/web.mjs install|build|check')
  process.exit(2)
}
