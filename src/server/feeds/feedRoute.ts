// GET /api/feed?url=…: a calendar by its link, read for the page of this server and for nobody else's.
import { Agent as HttpAgent } from 'node:http'
import { Agent as HttpsAgent } from 'node:https'
import { Router, type Request, type Response } from 'express'
import { rateLimit } from 'express-rate-limit'
import { RequestFilteringHttpAgent, RequestFilteringHttpsAgent } from 'request-filtering-agent'
import { feedLinkFrom, standInPath, type FeedFault } from '../../core/calendar/feed'
import { refuse } from '../../core/result'
import { readFeed, type Agents, type FeedLimits, type KnownVersion } from './readFeed'

export interface FeedParts {
  /** Which machines may be asked. */
  readonly agents: Agents
  readonly limits: FeedLimits
  readonly mostPerMinute: number
}

export const publicAgents = (): Agents => ({
  http: new RequestFilteringHttpAgent(),
  https: new RequestFilteringHttpsAgent(),
})

const statusOf: Readonly<Record<FeedFault['kind'], number>> = {
  badLink: 400,
  notPublic: 403,
  notFound: 404,
  needsSignIn: 422,
  refused: 502,
  unreachable: 502,
  tooSlow: 504,
  tooLarge: 413,
  tooManyRedirects: 508,
  tooOften: 429,
}

const answerFault = (response: Response, fault: FeedFault) =>
  void response.status(statusOf[fault.kind]).set('Cache-Control', 'no-store').json(fault)

/** A page of another site may not ask through a reader's browser. */
const isOwnPage = (request: Request): boolean => {
  const site = request.get('sec-fetch-site')
  return site === undefined || site === 'same-origin' || site === 'none'
}

/** The path of a stand-in that the link names: without a host, or with this server's own. */
function standInOf(link: string, host: string | undefined): string | null {
  if (link.startsWith(standInPath)) return link
  const own = `://${host}${standInPath}`
  const at = link.indexOf(own)
  return at > 0 && link.slice(0, at).startsWith('http')
    ? link.slice(at + own.length - standInPath.length)
    : null
}

/** The calendars of the demo lie on this server, which alone may be asked on this machine: for them, and without redirects. */
const readStandIn = (path: string, { socket }: Request, known: KnownVersion, limits: FeedLimits) => {
  const agents = { http: new HttpAgent(), https: new HttpsAgent() }
  return readFeed(`http://127.0.0.1:${socket.localPort}${path}`, known, agents, { ...limits, redirects: 0 })
}

export function feedRoute({ agents, limits, mostPerMinute }: FeedParts): Router {
  const router = Router()
  const limit = rateLimit({
    windowMs: 60_000,
    limit: mostPerMinute,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (_, response) => answerFault(response, { kind: 'tooOften' }),
  })
  router.get('/', limit, async (request, response) => {
    if (!isOwnPage(request)) return answerFault(response, { kind: 'notPublic' })
    const { url } = request.query
    const link = typeof url === 'string' ? feedLinkFrom(url) : null
    const known = { etag: request.get('if-none-match'), lastModified: request.get('if-modified-since') }
    const result = link === null ? refuse({ kind: 'badLink' as const }) : await read(link, request, known)
    if (!result.ok) return answerFault(response, result.error)
    const { bytes, etag, lastModified } = result.value
    if (etag) response.set('ETag', etag)
    if (lastModified) response.set('Last-Modified', lastModified)
    // What another site wrote is never shown as a page of this one.
    response.set({
      'Cache-Control': 'no-store',
      'Content-Disposition': 'attachment',
      'Content-Security-Policy': 'sandbox',
    })
    if (bytes === null) response.status(304).end()
    else response.type('text/calendar').send(bytes)
  })
  const read = (link: string, request: Request, known: KnownVersion) => {
    const path = standInOf(link, request.get('host'))
    return path === null ? readFeed(link, known, agents, limits) : readStandIn(path, request, known, limits)
  }
  return router
}
