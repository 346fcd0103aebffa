// What a plain sentence can say besides its title.
import type { Energy, Horizon, Id, Weight } from '../record'
import type { CalendarDate, ClockTime } from '../time'

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
  | { readonly kind: 'at'; readonly date: CalendarDate | null; readonly time: ClockTime }
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
  | { readonly kind: 'address'; readonly address: string }
  /** The words name more than one thing: shown, and not acted on until one is chosen. */
  | { readonly kind: 'question'; readonly options: readonly Name[] }

/** A meaning and the words it was read from: UTF-16 offsets into the sentence, end exclusive. */
export type Clause = Meaning & {
  readonly start: number
  readonly end: number
  /** The words stay in the title as well, such as a name in "ring Oda". */
  readonly inTitle: boolean
}

/** How a clause that was taken off is remembered: its kind and its words. */
export const takenOffKey = (kind: string, words: string): string =>
  `${kind} ${words.toLowerCase().replace(/\s+/g, ' ').trim()}`
