// What a facet is: one field of an action, or a few that are set together, with everything the core knows of it. How it
// is read, denied, said again and amended; how a lens asks for it, groups and sorts by it; what the next one of a
// repeat makes of it. The readers and the lens go through the list of facets (index.ts) and name none of them.
import type { LensTerms } from '../lens/lensTerms'
import type { Action } from '../record'
import type { SentenceContext } from '../sentence/claim'
import type { Clause } from '../sentence/clause'
import type { Calendar } from '../sentence/datePhrase'
import type { Draft } from '../sentence/draft'
import type { Interpretation } from '../sentence/interpretation'
import type { CalendarDate } from '../time'
import type { ActionPatch, Amendable, FacetField, PartsSaid } from './amendable'

/** What is known while a clause is applied. */
export interface Taking {
  /** The words of the clause. */
  readonly words: string
  /** Every part that is said, as it was typed. */
  readonly parts: readonly string[]
  readonly today: CalendarDate
}

/** What holds of one kind of clause. `M` is its meaning. */
export interface ClauseRules<M> {
  /** Several may stand in one sentence. */
  readonly isMany?: true
  /** It says more of a clause of this kind, and means nothing without one. */
  readonly goesWith?: Clause['kind']
  /** Words such as "every" or "the last" right before it make it a part of the title. */
  readonly isTimed?: true
  /** It may begin a sentence without a comma. */
  readonly isInFront?: true
  /** It may stand in the middle of a sentence; or only right beside one that does. */
  readonly isInMiddle?: true | 'beside'
  /** The words that lead to it, where it is a name. */
  readonly lead?: RegExp
  /** Whether it changes nothing beside the other clauses. `today` is null where only a change is said. */
  readonly isOutdone?: (clause: M, clauses: readonly Clause[], today: CalendarDate | null) => boolean
  /** When it is applied: what builds on another clause comes after it. Left out: 0. */
  readonly order?: number
  /** Words that name what is to change. What begins so and is read as something else is not taken. */
  readonly namedBy?: RegExp
  /** What it sets; null where it does not go with the action. */
  readonly set?: (action: Amendable, clause: M, taking: Taking) => ActionPatch | null
  /** What is left of the action where it is denied: "not on site". */
  readonly deny?: (action: Amendable, clause: M, today: CalendarDate) => ActionPatch
  /** Whether what it says can be read off the fields. */
  readonly isHeld: (clause: M, fields: Draft, saidOn: CalendarDate) => boolean
}

/** The clauses of a sentence by their kinds. */
export interface SaidClauses {
  readonly first: <K extends Clause['kind']>(kind: K) => Extract<Clause, { kind: K }> | undefined
  readonly all: <K extends Clause['kind']>(kind: K) => readonly Extract<Clause, { kind: K }>[]
  readonly today: CalendarDate
}

/** How a field is said again. */
export interface SayingAgain<F extends FacetField = FacetField> {
  /** The kinds of clause whose words give way to it. */
  readonly by: readonly Clause['kind'][]
  /** The words that say its value, which is set. `today` null makes every day a date. */
  readonly words: (
    value: NonNullable<Action[F]>,
    around: {
      readonly patch: ActionPatch
      readonly today: CalendarDate | null
      readonly nameOf: (id: string) => string
    },
  ) => readonly string[]
}

export type ReadPhrase = (phrase: string, calendar: Calendar) => Interpretation | null

/** One day of a rule and the next: what is dated moves as far as they are apart. */
export interface NextOccurrence {
  readonly occurrence: CalendarDate
  readonly moved: (date: CalendarDate) => CalendarDate
}

/** `M` is the union of the meanings that its clauses have, `F` the fields it is kept in. */
export interface Facet<M extends { readonly kind: string } = never, F extends FacetField = FacetField> {
  readonly fields: readonly F[]
  readonly clauses: { readonly [K in M['kind']]: ClauseRules<Extract<M, { readonly kind: K }>> }
  /** Reads a whole phrase in lower case, where no name is called so. */
  readonly read?: ReadPhrase
  /** The same, but also where a name is called so. */
  readonly readFirst?: ReadPhrase
  /** What its clauses make of a new action. */
  readonly draft?: (said: SaidClauses) => Partial<Draft>
  /** What it is called where it is taken off, as in "no due", and what that leaves. */
  readonly off?: readonly {
    readonly called: RegExp
    readonly patch?: ActionPatch
    readonly parts?: PartsSaid
  }[]
  /** Says a part of the sentence in the words that are read: "to sign off by Oda" is waiting for her. */
  readonly reword?: (part: string) => string
  /** What a whole part says of records that belong to the action; null where it says nothing of them. */
  readonly partsOf?: (part: string, before: PartsSaid, context: SentenceContext) => PartsSaid | null
  /** What its clauses say of records that belong to the action, and what that sets of it. */
  readonly alongside?: (
    draft: Draft,
    action: Amendable,
  ) => { readonly parts: PartsSaid; readonly patch: ActionPatch } | null
  /** What follows of a change in other fields. */
  readonly follow?: (before: Amendable, after: Amendable) => ActionPatch
  readonly again?: { readonly [N in F]?: SayingAgain<N> }
  /** Says a value where its words stand, and not behind the sentence. */
  readonly againInPlace?: (
    text: string,
    clauses: readonly Clause[],
    patch: ActionPatch,
    nameOf: (id: string) => string,
  ) => string
  /** What a chooser's answer for several means for one of them. */
  readonly forOne?: (action: Amendable, patch: ActionPatch, today: CalendarDate) => ActionPatch
  readonly lens?: LensTerms
  /** What the next one of a repeat has; as it is where this is left out. */
  readonly onOccurrence?: (kept: Action, to: NextOccurrence) => Partial<Action>
  /**
   * A change of it is meant for this one alone: always, or where it moves from one day to another. Left out: from now
   * on.
   */
  readonly isForOneAlone?: 'always' | 'whereMoved'
}

/** A facet whose clauses and fields are not asked for. */
export type AnyFacet = Facet<never, FacetField>
