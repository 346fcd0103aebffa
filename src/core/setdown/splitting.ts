// Splitting what was set down as one into several: cut before any word of the sentence or any line of the note.
import { thoughtOf, type Thought } from './thought'

/** A place at which it can be cut: a word of the sentence, or a line of the note. Each stands whole in one piece. */
export interface Cuttable {
  readonly words: string
  readonly isLine: boolean
}

export const cuttablesOf = ({ text, note }: Thought): Cuttable[] => [
  ...text
    .split(/\s+/)
    .filter((word) => word !== '')
    .map((words) => ({ words, isLine: false })),
  ...note
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((words) => ({ words, isLine: true })),
]

/** Whether a word only joins two things, and belongs to neither once they are apart. */
export const isJoining = (words: string): boolean => /^(?:and|then|also|plus|[,;&+])$/i.test(words)

/** What joins two things in a sentence belongs to neither once they are apart. */
const trimmedEnds = (words: string): string =>
  words
    .replace(/^(?:(?:and|then|also|plus)\b\s*|[,;&+]\s*)+/i, '')
    .replace(/(?:\s*(?:[,;&+]|\b(?:and|then|also|plus)))+$/i, '')
    .trim()

/**
 * The pieces between the cuts, in order; `cuts` are places in `cuttables` before which a piece begins. A piece that
 * begins with a line has it as its sentence. No word but the joining ones at an edge is lost.
 */
export function piecesOf(cuttables: readonly Cuttable[], cuts: ReadonlySet<number>): Thought[] {
  const groups: Cuttable[][] = []
  for (const [index, part] of cuttables.entries()) {
    if (index === 0 || cuts.has(index)) groups.push([])
    groups.at(-1)?.push(part)
  }
  return groups.map((group) => {
    const [first] = group
    const said = first?.isLine ? [first] : group.filter(({ isLine }) => !isLine)
    const rest = group.slice(said.length)
    const text = said.map(({ words }) => words).join(' ')
    // A piece of joining words alone stays as it is; what is too long for a sentence opens the note.
    const whole = thoughtOf(trimmedEnds(text) || text)
    const lines = [whole.note, ...rest.map(({ words }) => words)]
    return { text: whole.text, note: lines.filter((line) => line !== '').join('\n') }
  })
}

/** The cuts that make every line a piece of its own. */
export const everyLine = (cuttables: readonly Cuttable[]): ReadonlySet<number> =>
  new Set(cuttables.flatMap(({ isLine }, index) => (isLine && index > 0 ? [index] : [])))
