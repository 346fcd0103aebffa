// What was typed or pasted as one thought: its first line is the sentence, the rest its note.
import { titleLimit } from '../record'

export interface Thought {
  readonly text: string
  readonly note: string
}

/** More lines than these at once are not a list to sort but a document to keep. */
export const mostLines = 1000
export const longestPaste = 200_000

/** A sentence longer than a sentence may be is cut between two words, so that the rest of it opens the note. */
function cutAt(line: string): number {
  if (line.length <= titleLimit) return line.length
  const space = line.lastIndexOf(' ', titleLimit)
  const cut = space > titleLimit / 2 ? space : titleLimit
  // Never between the two halves of a sign.
  return /[\ud800-\udbff]/.test(line[cut - 1] ?? '') ? cut - 1 : cut
}

/** No word is lost: sentence and note together hold everything but the space around them. */
export function thoughtOf(typed: string): Thought {
  const trimmed = typed.trim()
  const end = trimmed.search(/\r\n|[\n\r\u2028\u2029]/)
  const line = end < 0 ? trimmed : trimmed.slice(0, end)
  const cut = cutAt(line)
  const note = [line.slice(cut).trim(), end < 0 ? '' : trimmed.slice(end).trim()]
  return { text: line.slice(0, cut).trim(), note: note.filter((part) => part !== '').join('\n') }
}
