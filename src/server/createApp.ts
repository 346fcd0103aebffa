// The server: the built application with its compressed copies and headers, a word about itself, and calendars that it
// reads for the browser. It keeps nothing.
import express, { type ErrorRequestHandler, type Express } from 'express'
import helmet from 'helmet'
import { extname } from 'node:path'
import sirv from 'sirv'
import { feedPath, standInPath } from '../core/calendar/feed'
import { feedRoute, publicAgents, type FeedParts } from './feeds/feedRoute'
import { feedLimits } from './feeds/readFeed'
import { standInFeeds } from './standIns/feeds/standInFeeds'

export interface ServerParts {
  /** The folder of the built application. */
  readonly dist: string
  /** Whether an empty browser is to be given the demo data. */
  readonly demo: boolean
  /** How links of calendars are read; by default from the public web alone. */
  readonly feeds?: Partial<FeedParts>
  /** Milliseconds since 1970; by default the clock of this machine. */
  readonly now?: () => number
}

const year = 'public, max-age=31536000, immutable'
const types: Readonly<Record<string, string>> = {
  '.js': 'text/javascript; charset=utf-8',
  '.css': 'text/css; charset=utf-8',
  '.html': 'text/html; charset=utf-8',
  '.svg': 'image/svg+xml',
  '.webmanifest': 'application/manifest+json',
  '.json': 'application/json',
  '.txt': 'text/plain; charset=utf-8',
}

const headers = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      workerSrc: ["'self'", 'blob:'],
      manifestSrc: ["'self'"],
      objectSrc: ["'none'"],
      baseUri: ["'self'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  strictTransportSecurity: false,
})

function cacheFor(path: string): string {
  if (path.startsWith('/_expo/')) return year
  return path.startsWith('/fonts/') ? 'public, max-age=604800' : 'no-cache'
}

const errorWords: Readonly<Record<number, string>> = {
  413: 'The request is too large.',
  500: 'Something went wrong here.',
}

const onError: ErrorRequestHandler = (
  error: { status?: number; type?: string },
  _request,
  response,
  _next,
) => {
  const status = error.status && error.status >= 400 && error.status < 500 ? error.status : 500
  response.status(status).json({ error: errorWords[status] ?? 'The request cannot be read.' })
}

/** The application as an Express app. It does not listen. */
export function createApp({ dist, demo, feeds, now = Date.now }: ServerParts): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(headers)
  app.use(express.json({ limit: '64kb' }))
  app.get(
    '/api/health',
    (_request, response) => void response.set('Cache-Control', 'no-store').json({ ok: true, demo }),
  )
  // Shared before the service worker stood: what was in the form is gone, and that is said.
  app.post('/share', (_request, response) => response.redirect(303, '/?shared=failed'))
  app.use(feedPath, feedRoute({ agents: publicAgents(), limits: feedLimits, mostPerMinute: 60, ...feeds }))
  app.use(standInPath, standInFeeds(now))
  app.use('/api', (_request, response) => void response.status(404).json({ error: 'There is nothing here.' }))
  // With the brotli or gzip copy where there is one. A missing script or picture is a 404; an address without an ending
  // is the application's own to show.
  app.use(
    sirv(dist, {
      brotli: true,
      gzip: true,
      etag: true,
      single: true,
      setHeaders: (response, path) => {
        response.setHeader('Cache-Control', cacheFor(path))
        const type = types[extname(path)]
        if (type) response.setHeader('Content-Type', type)
      },
    }),
  )
  app.use((_request, response) => void response.status(404).type('text/plain').send('Not found'))
  app.use(onError)
  return app
}
