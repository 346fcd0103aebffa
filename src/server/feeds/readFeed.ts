// Reads a calendar from its link for the browser, which may not. Only what anybody could read: an address of this
// machine or of a private network is refused after its name is resolved, at each redirect anew.
import { http, https } from 'follow-redirects'
import type { Agent, IncomingMessage } from 'node:http'
import type { Agent as SecureAgent } from 'node:https'
import { createBrotliDecompress, createGunzip, createInflate } from 'node:zlib'
import type { FeedFault } from '../../core/calendar/feed'
import { ok, refuse, type Result } from '../../core/result'

/** What the reader has of it already, as the other side named it. */
export interface KnownVersion {
  readonly etag?: string | undefined
  readonly lastModified?: string | undefined
}

export interface Feed extends KnownVersion {
  /** Null: nothing has changed. */
  readonly bytes: Buffer | null
}

export interface FeedLimits {
  readonly bytes: number
  readonly milliseconds: number
  readonly redirects: number
}
export const feedLimits: FeedLimits = { bytes: 50_000_000, milliseconds: 20_000, redirects: 5 }

/** Which machines may be asked: an agent for each of the two protocols. */
export interface Agents {
  readonly http: Agent
  readonly https: SecureAgent
}

const decoders = { gzip: createGunzip, deflate: createInflate, br: createBrotliDecompress }

const byCode: Readonly<Record<string, FeedFault>> = {
  ERR_FR_TOO_MANY_REDIRECTS: { kind: 'tooManyRedirects' },
  ERR_FR_REDIRECTION_FAILURE: { kind: 'badLink' },
  ERR_INVALID_URL: { kind: 'badLink' },
  ERR_UNESCAPED_CHARACTERS: { kind: 'badLink' },
  ABORT_ERR: { kind: 'tooSlow' },
}

/** The agents of request-filtering-agent say so in words alone. */
const isForbidden = (error: Error): boolean => /is not allowed\. Because/i.test(String(error.message))

function faultOf(error: Error & { code?: string }): FeedFault {
  const all = [error, error.cause]
  if (all.some((each) => each instanceof Error && isForbidden(each))) return { kind: 'notPublic' }
  return byCode[error.code ?? ''] ?? { kind: 'unreachable' }
}

function faultOfStatus(status: number): FeedFault {
  if (status === 401 || status === 403) return { kind: 'needsSignIn' }
  if (status === 404 || status === 410) return { kind: 'notFound' }
  return status === 429 ? { kind: 'tooOften' } : { kind: 'refused', status }
}

/** The bytes of an answer, unpacked; null where they are more than `most`. */
async function bytesOf(response: IncomingMessage, most: number): Promise<Buffer | null> {
  if (Number(response.headers['content-length'] ?? 0) > most) return null
  const encoding = String(response.headers['content-encoding'] ?? '').toLowerCase()
  const decoder = Object.hasOwn(decoders, encoding) ? decoders[encoding as keyof typeof decoders]() : null
  const stream = decoder ? response.on('error', (error) => decoder.destroy(error)).pipe(decoder) : response
  const portions: Buffer[] = []
  let length = 0
  for await (const portion of stream) {
    length += (portion as Buffer).length
    if (length > most) return null
    portions.push(portion as Buffer)
  }
  return Buffer.concat(portions)
}

/** Whether the other side sent all it promised: a feed that is cut is none. */
const isWhole = (response: IncomingMessage): boolean => response.complete

export function readFeed(
  link: string,
  known: KnownVersion,
  agents: Agents,
  limits: FeedLimits = feedLimits,
): Promise<Result<Feed, FeedFault>> {
  const signal = AbortSignal.timeout(limits.milliseconds)
  const headers = {
    accept: 'text/calendar, */*;q=0.5',
    'user-agent': 'zen-tray',
    ...(known.etag ? { 'if-none-match': known.etag } : {}),
    ...(known.lastModified ? { 'if-modified-since': known.lastModified } : {}),
  }
  return new Promise((resolve) => {
    const fail = (error: Error) => resolve(refuse(signal.aborted ? { kind: 'tooSlow' } : faultOf(error)))
    try {
      const { request } = link.startsWith('https:') ? https : http
      const asked = request(link, { agents, headers, maxRedirects: limits.redirects }, (response) => {
        const { statusCode: status = 0 } = response
        const { etag, 'last-modified': lastModified } = response.headers
        const end = (result: Result<Feed, FeedFault>) => {
          resolve(result)
          response.destroy()
        }
        if (status === 304) return end(ok({ bytes: null, etag, lastModified }))
        if (status < 200 || status > 299) return end(refuse(faultOfStatus(status)))
        bytesOf(response, limits.bytes).then((bytes) => {
          if (bytes === null) end(refuse({ kind: 'tooLarge' }))
          else if (!isWhole(response)) end(refuse({ kind: 'unreachable' }))
          else end(ok({ bytes, etag, lastModified }))
        }, fail)
      })
      signal.addEventListener('abort', () => asked.destroy(new Error('too slow')))
      asked.on('error', fail)
      asked.end()
    } catch (error) {
      fail(error as Error)
    }
  })
}
