// A letter (RFC 5322, MIME) as something to set down: subject, readable text, links, files, sender. Parsing is
// postal-mime's, readable text out of HTML is html-to-text's. Nothing of a letter is ever shown as HTML, and nothing it
// points to is fetched.
import { strFromU8, strToU8 } from 'fflate'
import { htmlToText } from 'html-to-text'
import PostalMime, { type Attachment, type Email } from 'postal-mime'
import { noteLimit, titleLimit } from '../record'
import { ok, refuse, type Result } from '../result'

export interface LetterFile {
  readonly name: string
  readonly mediaType: string
  readonly bytes: Uint8Array
}

export interface Letter {
  /** The subject; empty where there is none. */
  readonly subject: string
  readonly from: { readonly name: string; readonly address: string } | null
  /** When it says it was sent, in milliseconds since 1970; null where it does not say it rightly. */
  readonly sentAtEpochMs: number | null
  readonly text: string
  readonly files: readonly LetterFile[]
  /** How much of it did not fit: files left out, and whether the text was cut. */
  readonly left: { readonly files: number; readonly isTextCut: boolean }
}

export type LetterFault =
  | { readonly kind: 'notALetter' }
  | { readonly kind: 'broken' }
  | { readonly kind: 'tooLarge'; readonly bytes: number; readonly limitBytes: number }

export const letterLimitBytes = 50_000_000
export const mostFiles = 100
/** HTML beyond this is cut before it is read: no letter to a person is that long. */
const longestHtml = 2_000_000
const longestText = noteLimit - 2000
/** Deeper than any program that sends letters nests them. */
const maxNestingDepth = 60

const headerLine = /^[A-Za-z][A-Za-z0-9-]{0,60}:[ \t\r\n]/m

/** Whether bytes begin as a letter does: with header lines that letters have. */
function looksLikeLetter(head: string): boolean {
  const headers = head.split(/\r?\n\r?\n/)[0] ?? ''
  return (
    headerLine.test(headers) && /^(?:from|to|subject|date|message-id|received|mime-version):/im.test(headers)
  )
}

const bareText = (text: string): string =>
  text
    .replace(/\r\n?/g, '\n')
    // Signs that are no text: controls, and those that turn the direction of what follows.
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\u202a-\u202e\u2066-\u2069]/g, '')
    .replace(/\n{3,}/g, '\n\n')
    .trim()

/** Readable text out of HTML: links keep their address in brackets, pictures and what is active are left out. */
export function textOfHtml(html: string): string {
  const text = htmlToText(html.slice(0, longestHtml), {
    wordwrap: false,
    limits: { maxInputLength: longestHtml, maxDepth: 200, ellipsis: '…' },
    selectors: [
      { selector: 'img', format: 'skip' },
      { selector: 'script', format: 'skip' },
      { selector: 'style', format: 'skip' },
      { selector: 'a', options: { ignoreHref: false, hideLinkHrefIfSameAsText: true, noAnchorUrl: true } },
      ...['h1', 'h2', 'h3', 'h4', 'h5', 'h6'].map((selector) => ({
        selector,
        options: { uppercase: false },
      })),
      { selector: 'table', format: 'dataTable', options: { uppercaseHeaderCells: false } },
    ],
  })
  // An address that runs a script is no address.
  return text.replace(/\[(?:javascript|data|vbscript):[^\]]*\]/gi, '')
}

function textOf({ text, html }: Email): { text: string; isCut: boolean } {
  const plain = bareText(text ?? '')
  const whole = plain !== '' ? plain : bareText(html ? textOfHtml(html) : '')
  const isHtmlCut = plain === '' && (html?.length ?? 0) > longestHtml
  return whole.length <= longestText
    ? { text: whole, isCut: isHtmlCut }
    : { text: `${whole.slice(0, longestText)}…`, isCut: true }
}

const endings: Readonly<Record<string, string>> = {
  'image/jpeg': '.jpg',
  'image/png': '.png',
  'image/gif': '.gif',
  'application/pdf': '.pdf',
  'text/plain': '.txt',
  'text/calendar': '.ics',
  'message/rfc822': '.eml',
}

/** A file name without a path and without signs that no folder takes. */
export const fileName = (name: string): string =>
  bareText(name)
    .replace(/[\\/:*?"<>|\n\t]+/g, '_')
    .replace(/^\.+/, '')
    .slice(0, 200)
    .trim()

function fileOf({ filename, mimeType, content }: Attachment, index: number): LetterFile {
  const bytes = typeof content === 'string' ? strToU8(content) : new Uint8Array(content as ArrayBuffer)
  const name = fileName(filename ?? '') || `file ${index + 1}${endings[mimeType] ?? ''}`
  return { name, mediaType: mimeType.slice(0, 200), bytes }
}

/** Pictures that only dress the letter: shown within it, and without a name of their own. */
const isDressing = ({ related, filename, disposition }: Attachment): boolean =>
  related === true && filename === null && disposition !== 'attachment'

/** Reads the bytes of a letter; never throws, whatever it is given. */
export async function readLetter(bytes: Uint8Array): Promise<Result<Letter, LetterFault>> {
  if (bytes.length > letterLimitBytes)
    return refuse({ kind: 'tooLarge', bytes: bytes.length, limitBytes: letterLimitBytes })
  if (!looksLikeLetter(strFromU8(bytes.subarray(0, 65_536), true))) return refuse({ kind: 'notALetter' })
  try {
    const email = await PostalMime.parse(bytes, { maxNestingDepth, maxRfc822NestingDepth: 5 })
    const attached = email.attachments.filter((attachment) => !isDressing(attachment))
    const { text, isCut } = textOf(email)
    const sent = Date.parse(email.date ?? '')
    const from = email.from && 'address' in email.from && email.from.address ? email.from : null
    return ok({
      subject: bareText(email.subject ?? '')
        .replace(/\s+/g, ' ')
        .slice(0, titleLimit),
      from: from && { name: bareText(from.name).slice(0, 200), address: (from.address ?? '').slice(0, 320) },
      sentAtEpochMs: Number.isNaN(sent) ? null : sent,
      text,
      files: attached.slice(0, mostFiles).map(fileOf),
      left: { files: Math.max(0, attached.length - mostFiles), isTextCut: isCut },
    })
  } catch {
    return refuse({ kind: 'broken' })
  }
}
