// The small shapes that several records share, and the limits on what a person may write into them.
import * as v from 'valibot'
import { isCalendarDate, isClockTime, type CalendarDate, type ClockTime } from '../time'

export const kinds = ['slip', 'action', 'project', 'area', 'group', 'context', 'person', 'reference', 'review', 'settings'] as const
export type RecordKind = (typeof kinds)[number]

/** An id carries its kind in its text: `action:3f9c…`. */
export type Id<K extends RecordKind = RecordKind> = `${K}:${string}`

export const idField = <K extends RecordKind>(kind: K) =>
  v.custom<Id<K>>((value) => typeof value === 'string' && value.length <= 80 && new RegExp(`^${kind}:[A-Za-z0-9_-]+$`).test(value), `expected an id such as "${kind}:…"`)

export const kindOf = (id: string): RecordKind => id.slice(0, id.indexOf(':')) as RecordKind

export const isIdOf = <K extends RecordKind>(kind: K, id: string | null | undefined): id is Id<K> => !!id && id.startsWith(`${kind}:`)

/** Longest title, in UTF-16 units. Longer text belongs in a note. */
export const titleLimit = 2000
export const noteLimit = 200_000

export const titleField = v.pipe(v.string('expected text'), v.maxLength(titleLimit, `expected at most ${titleLimit} characters`))
export const noteField = v.pipe(v.string('expected text'), v.maxLength(noteLimit, `expected at most ${noteLimit} characters`))
export const dateField = v.custom<CalendarDate>(isCalendarDate, 'expected a day such as "2026-03-01"')
export const timeField = v.custom<ClockTime>(isClockTime, 'expected a time such as "14:30"')
/** Milliseconds since 1970 in UTC. */
export const epochMsField = v.pipe(v.number('expected a number'), v.integer('expected a whole number'), v.minValue(0), v.maxValue(8.64e15))
export const rankField = v.pipe(v.number('expected a number'), v.finite('expected a finite number'))
/** One minute to thirty days. */
export const minutesField = v.pipe(v.number('expected a number'), v.integer('expected a whole number'), v.minValue(1, 'expected at least 1'), v.maxValue(43_200, 'expected at most 43200'))

/** A day, and a time on it where one is fixed. */
export const whenField = v.strictObject({ date: dateField, time: v.nullable(timeField) })
export type When = v.InferOutput<typeof whenField>
