// Serves with reload.
import { spawn } from 'node:child_process'
import { ensurePackages, root } from './parts/setUp.mjs'

ensurePackages()
const port = process.env.PORT ?? '8081'
const dev = spawn('npx', ['expo', 'start', '--web', '--localhost', '--port', port], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', BROWSER: 'none' },
})
dev.on('exit', (code) => process.exit(code ?? 0))
