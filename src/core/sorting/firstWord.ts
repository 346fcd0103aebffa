// What the first word of a thought says of where it is done, before anything is learned: whoever rings wants a phone.
// It is offered and never taken.
import type { Id } from '../record'
import type { Learner } from './learner'

interface FirstWords {
  readonly words: ReadonlySet<string>
  /** How a context for it is called. */
  readonly names: RegExp
}

const of = (words: string): ReadonlySet<string> => new Set(words.split(' '))

const table: readonly FirstWords[] = [
  { words: of('call phone ring telephone'), names: /\b(?:phone|telephone|calls?|calling)\b/i },
  { words: of('read watch'), names: /\b(?:reading|read|sofa)\b/i },
  {
    words: of('buy order'),
    names: /\b(?:errands?|shops?|shopping|town|out and about)\b/i,
  },
]

/** What is read or watched is kept to be read. */
const readWords = of('read watch')

/** In lower case; null where a title begins with none. */
export const firstWordOf = (title: string): string | null =>
  /^\s*(\p{L}+)/u.exec(title)?.[1]?.toLowerCase() ?? null

interface Named {
  readonly id: Id<'context'>
  readonly name: string
}

/**
 * The context that the first word of a title speaks for; null where there is none of that name. What was decided of the
 * word earlier counts for more than what it usually means.
 */
export function contextByFirstWord(
  title: string,
  contexts: readonly Named[],
  learner: Pick<Learner, 'likely'> | null,
): (Named & { readonly word: string }) | null {
  const word = firstWordOf(title)
  const row = word ? table.find(({ words }) => words.has(word)) : undefined
  if (!word || !row) return null
  const [learned] = learner?.likely(title, 'context', 1) ?? []
  const isLearned = learned?.because.some((each) => each.toLowerCase() === word)
  const found = isLearned
    ? contexts.find(({ id }) => id === learned?.value)
    : contexts.find(({ name }) => row.names.test(name))
  return found ? { ...found, word } : null
}

/** Whether a title begins as things to read or to watch do. */
export const isForReading = (title: string): boolean => readWords.has(firstWordOf(title) ?? '')
