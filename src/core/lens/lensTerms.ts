// What a lens can ask for, group by and sort by. Each facet of an action brings its terms along; what belongs to none
// is in ownTerms.ts, and terms.ts has all of them.
import type { Action, Id, Side } from '../record'
import type { CalendarDate } from '../time'
import type { Calendar } from '../sentence/datePhrase'
import type { ChoiceField, Condition, CountField, DateField, GroupField, LensState, SortField } from './lens'
import type { SpanAround } from './spanDays'

/** Where an action belongs. */
export interface LensShelf {
  readonly areaId: Id<'area'> | null
  readonly groupId: Id<'group'> | null
  readonly side: Side | null
  /** Its project rests or is over. */
  readonly isResting: boolean
  /** By rank: groups, areas in them, projects in those. */
  readonly place: number
}

/** What a lens is seen from: the day, and what is known of an action elsewhere than in its own record. */
export interface LensAround extends SpanAround {
  /** The instant at which a day begins on the wall, in milliseconds since 1970. */
  readonly startOf: (day: CalendarDate) => number
  readonly shelfOf: (action: Action) => LensShelf
  /** The place of a context, person, project, area or group among its kind. */
  readonly placeOf: (id: string) => number
  readonly hasSteps: (id: Id<'action'>) => boolean
  readonly hasFiles: (id: Id<'action'>) => boolean
  readonly repeats: (id: Id<'action'>) => boolean
  /** When it was last changed, in milliseconds since 1970. */
  readonly touchedAt: (action: Action) => number
}

export type Matches = (action: Action) => boolean

/** What leads to a name, what says that there is none, and what says that there is one, whichever. */
export interface NamedWords {
  readonly lead: string
  readonly none: string
  readonly some: string
}
/** The words of the steps of a scale, with what stands before and behind them. */
export interface ScaleWords {
  readonly lead?: string
  readonly tail?: string
  readonly values: Readonly<Record<string, string>>
}

/** What an action has one or several of, out of a list. Null, or an empty list, is none. */
export interface ChoiceTerm {
  readonly valuesOf: (around: LensAround) => (action: Action) => readonly (string | null)[] | string | null
  /** Where the values are names. */
  readonly named?: NamedWords
  /** Where they are the steps of a scale. */
  readonly scale?: ScaleWords
  /** It is looked up elsewhere, and asked late. */
  readonly isCostly?: true
}

/** A day of an action: what leads to it, and what it is called where it is there or not. */
export interface DateTerm {
  readonly dateOf: (action: Action) => CalendarDate | null
  readonly lead: string
  readonly noun: string
}

/** What holds of an action or does not: how it is said, and how its contrary. */
export interface StateTerm {
  readonly matches: (around: LensAround) => Matches
  readonly words: readonly [is: string, isNot: string]
}

/** At least so many and at most; `#` is the number with its noun. */
export interface CountTerm {
  readonly matches: (around: LensAround, number: number, atMost: boolean) => Matches
  readonly atLeast: string | null
  readonly atMost: string
  readonly noun: string
}

export type LaidUnder =
  | { readonly kind: 'there' }
  | { readonly kind: 'set'; readonly patch: Partial<Action> }
  /** The heading stands for several days or lengths: which one is asked. */
  | { readonly kind: 'ask'; readonly field: 'day' | 'due' | 'minutes' }
  /** *past*: nothing is laid on a day that has gone. *follows*: it follows from something else. */
  | { readonly kind: 'not'; readonly why: 'past' | 'follows' }

/** What headings stand for. */
export interface GroupTerm {
  readonly word: string
  /** The key of an action: an id, a step of a scale, a heading of days or minutes; empty is none. */
  readonly keyOf: (around: LensAround) => (action: Action) => string
  /** Every heading in order, without the one for none; left out where they are names. */
  readonly scale?: readonly string[]
  /**
   * What laying an action under a heading by hand sets, from the key it stands under. Left out where it follows from
   * something else.
   */
  readonly lay?: (action: Action, key: string, from: string, around: LensAround) => LaidUnder
}

export interface SortTerm {
  /** What is sorted by; null where there is nothing to sort by. */
  readonly keyOf: (around: LensAround) => (action: Action) => number | string | null
  readonly words: readonly [by: string, down: string]
}

export interface LensTerms {
  /** Words that mean a condition by themselves. */
  readonly means?: Readonly<Record<string, Condition>>
  /** What a phrase in lower case asks for; before names are looked up. */
  readonly askFirst?: (phrase: string, calendar: Calendar) => Condition | null
  /** The same, where no name is called so. */
  readonly ask?: (phrase: string, calendar: Calendar) => Condition | null
  /** Texts that *saying* looks through. */
  readonly texts?: readonly ((action: Action) => string)[]
  readonly choices?: Readonly<Partial<Record<ChoiceField, ChoiceTerm>>>
  readonly dates?: Readonly<Partial<Record<DateField, DateTerm>>>
  readonly states?: Readonly<Partial<Record<LensState, StateTerm>>>
  readonly counts?: Readonly<Partial<Record<CountField, CountTerm>>>
  readonly groups?: Readonly<Partial<Record<GroupField, GroupTerm>>>
  readonly sorts?: Readonly<Partial<Record<SortField, SortTerm>>>
}
