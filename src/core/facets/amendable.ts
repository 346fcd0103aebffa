// The fields of an action that a sentence or a chooser sets, and what is said of the records that belong to it.
import type { Action, FacetField, Id } from '../record'
import type { Draft } from '../sentence/draft'

export type { FacetField }
/** What a sentence can change: an action, or what a slip says of one. */
export type Amendable = Pick<Action, FacetField>
export type ActionPatch = Partial<Amendable>

/** What is said of the records that belong to an action. Left out: nothing is said. */
export interface PartsSaid {
  /** Null takes it off. */
  readonly repeat?: Draft['repeat']
  readonly reminders?: Draft['reminders']
  readonly noReminders?: true
  /** Blocked until these are done, besides what blocks it already. */
  readonly after?: readonly Id<'action'>[]
  readonly noAfter?: true
}
