// Prints the figures of docs/benchmarks.md, every ratio taken in one run, and writes them there.
import { spawnSync } from 'node:child_process'
import { mkdirSync, writeFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { join } from 'node:path'
import { ensureBuild } from './build.mjs'
import { ensureChromium, ensurePackages, root } from './parts/setUp.mjs'
import { initialBytes, initialLimitBytes } from './size.mjs'

ensurePackages()
ensureChromium()
await ensureBuild()
const { browserFigures } = await import('./bench/browser.mjs')

const core = spawnSync(process.execPath, ['--expose-gc', '--import', 'tsx', 'scripts/bench/core.mts'], {
  cwd: root,
  encoding: 'utf8',
  stdio: ['ignore', 'pipe', 'inherit'],
})
if (core.status !== 0) process.exit(1)
const rows = [
  [
    'initial JavaScript, gzipped',
    `${(initialBytes() / 1000).toFixed(1)} kB`,
    `at most ${initialLimitBytes / 1000} kB`,
  ],
  ...JSON.parse(core.stdout),
  ...(await browserFigures()),
]
const table = [
  '| what | measured | to reach |',
  '|---|---|---|',
  ...rows.map((row) => `| ${row.join(' | ')} |`),
].join('\n')
console.log(table)
const page = join(root, 'docs', 'benchmarks.md')
mkdirSync(join(root, 'docs'), { recursive: true })
writeFileSync(
  page,
  `# Benchmarks

Printed by \`npm run bench\`; every ratio is taken in one run. Written on a machine with ${cpus().length} cores (${cpus()[0]?.model?.trim() ?? 'unknown'}), Node.js ${process.version}, headless Chromium without a graphics card.

${table}
`,
)
