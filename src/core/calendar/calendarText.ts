// The text of a calendar file: from bytes to the lines of its components, without understanding them. One that is
// broken spoils no other.
import { strFromU8 } from 'fflate'

const isWide = (bytes: Uint8Array): 'little' | 'big' | null => {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'little'
  return bytes[0] === 0xfe && bytes[1] === 0xff ? 'big' : null
}

/** UTF-8 as the standard wants it, else UTF-16 by its mark, else Latin-1: some programs write that still. */
export function decoded(bytes: Uint8Array): string {
  const order = isWide(bytes)
  if (order !== null) {
    const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
    let text = ''
    for (let at = 2; at + 1 < bytes.length; at += 2)
      text += String.fromCharCode(view.getUint16(at, order === 'little'))
    return text
  }
  const text = strFromU8(bytes)
  return (text.includes('�') ? strFromU8(bytes, true) : text).replace(/^\uFEFF/, '')
}

/** A component as it is written, from its BEGIN to its END. */
export interface Block {
  readonly name: string
  readonly text: string
}

export interface CalendarText {
  /** Whether a calendar begins in it at all. */
  readonly isCalendar: boolean
  /** Lines of the calendar itself, such as its name. */
  readonly head: readonly string[]
  readonly blocks: readonly Block[]
  /** Components that were begun and do not end: the file is cut. */
  readonly cut: number
}

/** Longer than this a line is no text of a person; it is left out. */
const longestLine = 1_000_000

/** Lines as they were before they were folded (section 3.1). */
function* unfolded(text: string): Generator<string> {
  let line: string | null = null
  for (let at = 0; at < text.length;) {
    const end = text.indexOf('\n', at)
    const stop = end < 0 ? text.length : end
    const raw = text.slice(at, text[stop - 1] === '\r' ? stop - 1 : stop)
    at = stop + 1
    const isFolded = raw.startsWith(' ') || raw.startsWith('\t')
    if (isFolded && line !== null && line.length < longestLine) line += raw.slice(1)
    else if (!isFolded) {
      if (line !== null) yield line
      line = raw
    }
  }
  if (line !== null) yield line
}

const property = /^[A-Za-z0-9-]+[;:]/
const begins = /^BEGIN:([A-Za-z0-9-]+)\s*$/i

/** What stands in the text: its events and zones as blocks, in their order. */
export function calendarText(text: string): CalendarText {
  const head: string[] = []
  const blocks: Block[] = []
  let [isCalendar, cut] = [false, 0]
  let name = ''
  let lines: string[] = []
  for (const line of unfolded(text)) {
    const begun = begins.exec(line)?.[1]?.toUpperCase()
    if (begun === 'VCALENDAR') isCalendar = true
    else if (begun && (name === '' || begun === name)) {
      // The one before did not end.
      if (name !== '') cut++
      name = begun
      lines = [line]
    } else if (name === '') {
      if (isCalendar && property.test(line)) head.push(line)
    } else if (property.test(line)) {
      lines.push(line)
      if (line.trim().toUpperCase() !== `END:${name}`) continue
      blocks.push({ name, text: lines.join('\r\n') })
      name = ''
    }
  }
  return { isCalendar, head, blocks, cut: name === '' ? cut : cut + 1 }
}
