// What a sentence says of a new action, and one that says nothing of it.
import { blankOf, facetFields, type Action, type FacetField, type Horizon, type Weight } from '../record'
import type { CalendarDate, ClockTime } from '../time'
import type { ReminderWhen } from './reminderPhrase'

/** Null and empty where nothing is said. */
export type Draft = Readonly<
  Omit<Pick<Action, FacetField>, 'horizon' | 'weight' | 'contextIds' | 'personIds'>
> & {
  readonly title: string
  readonly horizon: Horizon | null
  readonly weight: Weight | null
  readonly contextIds: readonly Action['contextIds'][number][]
  readonly personIds: readonly Action['personIds'][number][]
  readonly repeat: {
    /** As RFC 5545 writes it. */
    readonly rule: string
    readonly fromDone: boolean
    readonly time: ClockTime | null
    /** The day it is counted from, where one was said. */
    readonly startsOn: CalendarDate | null
  } | null
  readonly reminders: readonly ReminderWhen[]
  readonly steps: readonly string[]
}

const blank: Readonly<Record<string, unknown>> = { ...blankOf('action'), waiting: null }

/** A draft of a sentence that says nothing besides its title. */
export const nothingSaid = {
  ...Object.fromEntries(facetFields.map((field) => [field, blank[field]])),
  horizon: null,
  weight: null,
  repeat: null,
  reminders: [],
  steps: [],
} as unknown as Omit<Draft, 'title'>
