// What a sentence is read in, and a run of words that may be a clause of it.
import type { Id } from '../record'
import type { Calendar } from './datePhrase'
import type { NameIndex } from './nameIndex'
import type { Interpretation } from './interpretation'

export interface SentenceContext extends Calendar {
  readonly names: NameIndex
  /** Keys of clauses the person took off, as `takenOffKey` makes them. */
  readonly takenOff?: readonly string[]
  /** Everything may be clauses: nothing needs to be left as a title, and a clause may begin any part (see amend). */
  readonly isBare?: boolean
  /** The one action of this title: what another is blocked after (see amend). */
  readonly actionCalled?: (title: string) => Id<'action'> | null
}

/** A run of words, `from` to `to` exclusive, and what it would mean. */
export interface Claim extends Interpretation {
  readonly from: number
  readonly to: number
}
