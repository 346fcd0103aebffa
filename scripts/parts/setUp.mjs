// Before anything is installed only Node's own modules may be used here.
import { execFileSync, spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..')
const cache = join(root, '.cache')

export function hashOf(paths) {
  const hash = createHash('sha256')
  const add = (path) => {
    if (!existsSync(path)) return
    if (statSync(path).isDirectory())
      return readdirSync(path)
        .sort()
        .forEach((name) => add(join(path, name)))
    hash.update(relative(root, path)).update('\0').update(readFileSync(path))
  }
  paths.forEach((path) => add(join(root, path)))
  return hash.digest('hex')
}

export const stampIs = (name, hash) =>
  existsSync(join(cache, name)) && readFileSync(join(cache, name), 'utf8') === hash

export function setStamp(name, hash) {
  mkdirSync(cache, { recursive: true })
  writeFileSync(join(cache, name), hash)
}

/** Installs the locked packages, unless exactly these are installed already. */
export function ensurePackages() {
  const [major] = process.versions.node.split('.').map(Number)
  if (major < 20)
    fail(`Zen Tray needs Node.js 20 or newer; this is ${process.version}. Install a newer one and try again.`)
  const hash = hashOf(['package.json', 'package-lock.json'])
  if (existsSync(join(root, 'node_modules', '.package-lock.json')) && stampIs('packages', hash)) return
  console.log('Installing the locked packages (once; a few minutes)…')
  const { status } = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    shell: process.platform === 'win32',
  })
  if (status !== 0) fail('The packages could not be installed. Is the npm registry in reach? Then try again.')
  setStamp('packages', hash)
}

/** Debian's chromium, for the journeys. */
export function ensureChromium() {
  if (existsSync('/usr/bin/chromium')) return
  const hint =
    'The journeys need Chromium at /usr/bin/chromium. On Debian: apt-get install chromium (as root).'
  if (process.platform !== 'linux' || process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) fail(hint)
  console.log('Installing Debian’s chromium (once)…')
  const apt = (...args) =>
    spawnSync('apt-get', args, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    }).status
  apt('update')
  if (apt('install', '-y', '--no-install-recommends', 'chromium') !== 0 || !existsSync('/usr/bin/chromium'))
    fail(hint)
}

/** Runs one of the project's own commands; throws where it fails. */
export const run = (command, args, options = {}) =>
  execFileSync(command, args, { cwd: root, stdio: 'inherit', ...options })

export function fail(sentence) {
  console.error(sentence)
  process.exit(1)
}
