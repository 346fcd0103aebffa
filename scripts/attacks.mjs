// The ways of breaking things, each many times over: a long run by hand of what the test command runs shortly.
import { spawnSync } from 'node:child_process'
import { ensureBuild } from './build.mjs'
import { ensureChromium, ensurePackages, root } from './parts/setUp.mjs'

ensurePackages()
ensureChromium()
await ensureBuild()
const run = (args) =>
  spawnSync('npx', args, { cwd: root, stdio: 'inherit', env: { ...process.env, ATTACKS: 'long' } }).status ===
  0
const good = [
  run(['jest', 'test/attacks', '--testTimeout=900000']),
  run(['playwright', 'test', 'test/attacks', '--timeout=900000']),
]
process.exit(good.every(Boolean) ? 0 : 1)
