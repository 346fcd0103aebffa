// What a plain sentence can say besides its title.
import type { FacetMeaning } from '../facets'
import type { Id } from '../record'

export type NameKind = 'context' | 'project' | 'area' | 'person'

/** Something that exists and can be meant by name. */
export interface Name {
  readonly id: Id<NameKind>
  readonly name: string
}

/** What sets a field is a facet's (core/facets). */
export type Meaning =
  | FacetMeaning
  /** A list after a colon. */
  | { readonly kind: 'steps'; readonly steps: readonly string[] }
  /** The words name more than one thing: shown, and not acted on until one is chosen. */
  | { readonly kind: 'question'; readonly options: readonly Name[] }

/** Why a meaning is a guess: the words may well be meant otherwise. */
export type Guess =
  /** 3/4 is read as the third of April. */
  | 'dayFirst'
  /** A weekday of the week after this one. */
  | 'nextWeekday'
  /** The day before a day. */
  | 'dayBefore'
  /** A morning begins at nine. */
  | 'partOfDay'
  /** "at 3" is in the afternoon. */
  | 'bareHour'
  /** Only the first name, or the first words of a name, were said. */
  | 'partOfName'
  /** It stands without a comma, and may belong to the words before it. */
  | 'loose'
  | 'list'
  | 'unknownPerson'

/** A meaning and the words it was read from: UTF-16 offsets into the sentence, end exclusive. */
export type Clause = Meaning & {
  readonly start: number
  readonly end: number
  /** The words stay in the title as well, such as a name in "ring Oda". */
  readonly inTitle: boolean
  readonly guess: Guess | null
}

/** How a clause that was taken off is remembered: its kind and its words. */
export const takenOffKey = (kind: string, words: string): string =>
  `${kind} ${words.toLowerCase().replace(/\s+/g, ' ').trim()}`
