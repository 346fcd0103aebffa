// Everything that must hold, from a fresh clone: packages, chromium, types, lint, unit tests, build, size, journeys.
// Ends with one line, `N passed, N failed`, and an exit code that agrees.
import { spawn } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureChromium, ensurePackages, root } from './parts/setUp.mjs'

ensurePackages()
ensureChromium()
const { ensureBuild } = await import('./build.mjs')
const { initialBytes, initialLimitBytes } = await import('./size.mjs')

const cache = join(root, '.cache')
mkdirSync(cache, { recursive: true })
let passed = 0
let failed = 0
const count = (what, good, bad) => {
  passed += good
  failed += bad
  console.log(
    `· ${what}: ${bad === 0 ? 'good' : `${bad} failed`}${good + bad > 1 ? ` (${good} of ${good + bad})` : ''}`,
  )
}
const runs = (command, args, env = {}, stdout = 'inherit') =>
  new Promise((resolve) =>
    spawn(command, args, {
      cwd: root,
      stdio: ['ignore', stdout, 'inherit'],
      env: { ...process.env, ...env },
    }).on('exit', (code) => resolve(code === 0)),
  )

async function check(what, command, args) {
  const good = await runs(command, args)
  count(what, good ? 1 : 0, good ? 0 : 1)
}

async function unitTests() {
  const file = join(cache, 'unit.json')
  rmSync(file, { force: true })
  const good = await runs('npx', ['jest', '--silent', '--json', `--outputFile=${file}`], {}, 'ignore')
  try {
    const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(readFileSync(file, 'utf8'))
    count('unit tests', numPassedTests, Math.max(numFailedTests, good ? 0 : Math.max(1, numFailedTestSuites)))
  } catch {
    count('unit tests', 0, 1)
  }
}

async function journeys() {
  const file = join(cache, 'journeys.json')
  rmSync(file, { force: true })
  const good = await runs('npx', ['playwright', 'test'], { JOURNEYS_JSON: file })
  try {
    const { expected, unexpected, flaky, skipped } = JSON.parse(readFileSync(file, 'utf8')).stats
    count('journeys in Chromium', expected, Math.max(unexpected + flaky + skipped, good ? 0 : 1))
  } catch {
    count('journeys in Chromium', 0, 1)
  }
}

await Promise.all([
  (async () => {
    await check('types', 'npx', ['tsc', '--noEmit'])
    await check('types of core, without browser and Node', 'npx', [
      'tsc',
      '--noEmit',
      '-p',
      'tsconfig.core.json',
    ])
    await check('form', 'npx', ['prettier', '--check', '.'])
    await check('lint', 'npx', ['eslint', '.', '--max-warnings', '0'])
  })(),
  unitTests(),
])
await ensureBuild()
count('build', 1, 0)
const bytes = initialBytes()
console.log(`  initial JavaScript: ${(bytes / 1000).toFixed(1)} kB gzipped of ${initialLimitBytes / 1000} kB`)
count('size of the start', bytes <= initialLimitBytes ? 1 : 0, bytes <= initialLimitBytes ? 0 : 1)
await journeys()
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
