// The link of a calendar that is read again and again, and what can go wrong on the way to it.

/** Why a calendar could not be read from its link. */
export type FeedFault =
  /** No link that can be read: a file of a machine, another protocol, nothing. */
  | { readonly kind: 'badLink' }
  /** It leads to this machine or into a private network. */
  | { readonly kind: 'notPublic' }
  | { readonly kind: 'notFound' }
  | { readonly kind: 'needsSignIn' }
  /** The other side answered with another error. */
  | { readonly kind: 'refused'; readonly status: number }
  | { readonly kind: 'unreachable' }
  | { readonly kind: 'tooSlow' }
  | { readonly kind: 'tooLarge' }
  | { readonly kind: 'tooManyRedirects' }
  /** Asked more often than the server allows. */
  | { readonly kind: 'tooOften' }

export type FeedFaultKind = FeedFault['kind']

/** Where the server answers for links. */
export const feedPath = '/api/feed'
/** Where the calendars of the demo lie; their links have no host. */
export const standInPath = '/stand-in/calendars/'

const longestLink = 2000
const withScheme = /^([a-z][a-z0-9+.-]*):\/\/(.*)$/i
const hostAndPath = /^[^\s/?#@]+\.[^\s/?#@.]+(?::\d+)?(?:[/?#]\S*)?$/

/**
 * The link as it is kept: `webcal:` is https by another name, and one that is written without anything before it is
 * https too. Null where it is no link of the web.
 */
export function feedLinkFrom(written: string): string | null {
  const text = written.trim()
  if (text === '' || text.length > longestLink || /\s/.test(text)) return null
  if (text.startsWith(standInPath)) return text
  const [, scheme, rest] = withScheme.exec(text) ?? []
  if (scheme === undefined) return hostAndPath.test(text) ? `https://${text}` : null
  if (rest === '' || rest === undefined) return null
  const known = { http: 'http', https: 'https', webcal: 'https', webcals: 'https' }[scheme.toLowerCase()]
  return known ? `${known}://${rest}` : null
}
