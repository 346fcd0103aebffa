// Starts Zen Tray from a fresh clone: packages, build, server. With --demo an empty browser is offered the demo data.
import { spawn } from 'node:child_process'
import { ensureBuild } from './build.mjs'
import { ensurePackages, root } from './parts/setUp.mjs'

ensurePackages()
await ensureBuild()
const server = spawn(process.execPath, ['--import', 'tsx', 'src/server/main.ts', ...process.argv.slice(2)], {
  cwd: root,
  stdio: 'inherit',
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
