// How the screen speaks of a facet of an action: what its choosers are called and *+* offers, its chips in the said line
// and under what is typed, its name in the history, and its column in a table.
import type { Document } from '@/core/journal'
import type { DetailField, SortField } from '@/core/lens'
import type { Action, FacetField, Repeat } from '@/core/record'
import type { Clause } from '@/core/sentence'
import type { CalendarDate } from '@/core/time'

/** The fields that a said line tells; an action, or what is being made one. */
export type Sayable = Pick<Action, FacetField>

export interface SaidAround {
  readonly document: Document
  readonly today: CalendarDate
}

/** What a chooser sets. */
export interface SettingWords {
  /** The heading of its chooser. */
  readonly name: string
  /** What *+* calls it; left out where it is never offered. */
  readonly offered?: string
  /** Whether *+* offers it; always where this is left out. */
  readonly isOffered?: (of: Sayable) => boolean
  /** It can be set of several that are chosen together. */
  readonly isOfSeveral?: true
}

/** What is looked at besides the action itself. */
export interface DetailsFrom extends SaidAround {
  readonly zone: string
  readonly stepsOf: (id: Action['id']) => { readonly done: number; readonly of: number } | null
  readonly repeatOf: (id: Action['id']) => Repeat | undefined
}

/** A detail of an action, as a row of a lens tells it and as a table does in its cells and at its foot. */
export interface DetailWords {
  readonly name: string
  /** Empty where it has none. */
  readonly words: (action: Action, from: DetailsFrom) => string
  /** On a row, where no heading tells what it is; as in a cell where this is left out. */
  readonly onRow?: (words: string) => string
  /** Whether an action has any; asked of thousands, so without making words. */
  readonly isSet: (action: Action, from: DetailsFrom) => boolean
  /** At the foot of its column; how many are set where this is left out. */
  readonly foot?: (actions: readonly Action[], from: DetailsFrom) => string
  /** As a table elsewhere can work with it: dates as 2026-03-11, minutes as a number; its words where left out. */
  readonly value?: (action: Action, from: DetailsFrom) => string
  /** What its column is sorted by. */
  readonly sort?: SortField
}

export interface ClauseWords<C, S extends string> {
  /** A chip: what was understood, as short as can be. */
  readonly words: (clause: C, today: CalendarDate) => string
  /** The chooser it opens; or under which name it is said again, where it has none. */
  readonly opens?: S
  readonly again?: string
}

/** `S` names its choosers, `K` its kinds of clause, `D` its details, `F` its fields. */
export interface FacetWords<
  S extends string,
  K extends Clause['kind'] = never,
  D extends DetailField = never,
  F extends FacetField = never,
> {
  readonly settings: { readonly [N in S]: SettingWords }
  readonly clauses: { readonly [N in K]: ClauseWords<Extract<Clause, { readonly kind: N }>, string> }
  /** What is set, in the said line. */
  readonly chips?: (of: Sayable, around: SaidAround) => readonly SaidWords<S>[]
  /** In the history. */
  readonly fields: { readonly [N in F]: string }
  /** The choosers whose chips tell its fields, where they are not its own. */
  readonly toldBy?: readonly string[]
  /** Said of a field that was cleared, where "no" with its name does not say it. */
  readonly none?: string
  readonly details: { readonly [N in D]: DetailWords & { readonly opens?: string } }
}

export interface SaidWords<S extends string> {
  readonly field: S
  readonly words: string
  /** Which of several, where a field is a record of its own. */
  readonly id?: string
}

/** One chip, or none where there is nothing to say. */
export const chip = <S extends string>(field: S, words: string | null | undefined): SaidWords<S>[] =>
  words ? [{ field, words }] : []

export const clockWords = (time: string | null): string => (time ? `, ${time}` : '')

/** "2026-03-11 14:30". */
export const momentValue = (at: Action['at'] | Action['due']): string =>
  at ? [at.date, at.time].filter(Boolean).join(' ') : ''
