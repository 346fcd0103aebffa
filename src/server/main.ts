// Listens on the loopback address and says where.
import { join } from 'node:path'
import { createApp } from './createApp'

const port = Number(process.env['PORT'] ?? 8080)
const demo = process.argv.includes('--demo')
/** A day such as 2026-03-11 for the calendars of the demo, which otherwise go by today. */
const standInDay = Date.parse(`${process.env['STAND_IN_DAY']}T12:00:00Z`)
const now = Number.isNaN(standInDay) ? Date.now : () => standInDay

if (!Number.isInteger(port) || port < 1 || port > 65_535) {
  console.error(`PORT is “${process.env['PORT']}”; it must be a number from 1 to 65535.`)
  process.exit(1)
}

const server = createApp({ dist: join(import.meta.dirname, '..', '..', 'dist'), demo, now }).listen(
  port,
  '127.0.0.1',
  (error?: NodeJS.ErrnoException) => {
    if (error) {
      console.error(
        error.code === 'EADDRINUSE'
          ? `Port ${port} is taken. Stop what runs there, or choose another: PORT=${port + 1} npm ${demo ? 'run demo' : 'start'}`
          : `The server could not start: ${error.message}`,
      )
      process.exit(1)
    }
    console.log(
      `Zen Tray is at http://localhost:${port}${demo ? ' with the demo data' : ''} (Ctrl+C stops it)`,
    )
  },
)

/** So long, in ms, what is being answered may still take. */
const grace = 500

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    server.close(() => process.exit(0))
    // A browser holds connections that ask nothing; they would keep the server for a minute.
    setTimeout(() => server.closeAllConnections(), grace)
  })
