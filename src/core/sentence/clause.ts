// What a plain sentence can say besides its title.
import type { Energy, Horizon, Id, Level, Weight } from '../record'
import type { RepeatRule } from '../repeat'
import type { CalendarDate, ClockTime } from '../time'
import type { ReminderWhen } from './reminderPhrase'

export type NameKind = 'context' | 'project' | 'area' | 'person'

/** Something that exists and can be meant by name. */
export interface Name {
  readonly id: Id<NameKind>
  readonly name: string
}

export type Meaning =
  | { readonly kind: 'due'; readonly date: CalendarDate; readonly time: ClockTime | null }
  | { readonly kind: 'notBefore'; readonly date: CalendarDate }
  /** Fixed on the clock. A null date is filled from a day clause, else with today. */
  | {
      readonly kind: 'at'
      readonly date: CalendarDate | null
      readonly time: ClockTime
      /** Where the words say when it ends: "3-4pm". */
      readonly minutes?: number
    }
  | { readonly kind: 'day'; readonly date: CalendarDate }
  | { readonly kind: 'horizon'; readonly horizon: Horizon }
  | { readonly kind: 'minutes'; readonly minutes: number }
  | { readonly kind: 'weight'; readonly weight: Weight }
  | { readonly kind: 'energy'; readonly energy: Energy }
  | { readonly kind: 'context' | 'project' | 'area' | 'person'; readonly name: Name }
  /** Somebody known, or whoever and whatever is named in words. */
  | { readonly kind: 'waiting'; readonly name: Name | null; readonly whom: string }
  | { readonly kind: 'since'; readonly date: CalendarDate }
  | { readonly kind: 'chase'; readonly date: CalendarDate }
  | {
      readonly kind: 'repeat'
      readonly rule: RepeatRule
      /** Counted from when it was done, not by the calendar. */
      readonly fromDone: boolean
      readonly time: ClockTime | null
    }
  /** The end of a repeat that is said beside it: "daily, 10 times". */
  | { readonly kind: 'until'; readonly date: CalendarDate }
  | { readonly kind: 'times'; readonly times: number }
  | { readonly kind: 'reminder'; readonly when: ReminderWhen }
  | { readonly kind: 'payoff' | 'craft'; readonly level: Level }
  /** A list after a colon. */
  | { readonly kind: 'steps'; readonly steps: readonly string[] }
  | { readonly kind: 'link'; readonly link: string }
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
