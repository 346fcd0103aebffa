// The words in which a sentence says a value: written so that they are understood when they are read again.
import type { Action } from '../record'
import type { CalendarDate, ClockTime } from '../time'
import type { ActionPatch } from './amend'

/** What things are called, by their ids. */
export type NameOf = (id: string) => string

const monthNames =
  'january february march april may june july august september october november december'.split(' ')

/** "13 march 2026". */
export function dayWords(date: CalendarDate): string {
  const month = monthNames[Number(date.slice(5, 7)) - 1] as string
  return `${Number(date.slice(8))} ${month} ${date.slice(0, 4)}`
}
const clockWords = (time: ClockTime | null): string => (time ? ` ${time}` : '')

const horizonSaid = { week: 'this week', soon: 'soon', shelf: 'later', someday: 'someday' } as const

/** The words that say a value of a field; none where it says nothing. Seen from no day (null), every day is a date. */
export function wordsOfField(
  field: keyof ActionPatch,
  patch: ActionPatch,
  today: CalendarDate | null,
  nameOf: NameOf,
): string[] {
  const value = patch[field] as unknown
  if (value === null || value === undefined) return []
  switch (field) {
    case 'due':
    case 'at': {
      const { date, time } = value as NonNullable<Action['due']>
      return [`${field === 'due' ? 'by' : 'on'} ${dayWords(date)}${clockWords(time)}`]
    }
    case 'day':
      return [value === today ? 'today' : `on ${dayWords(value as CalendarDate)}`]
    case 'horizon':
      return patch.day ? [] : [horizonSaid[value as keyof typeof horizonSaid]]
    case 'minutes':
      return [`${value as number} min`]
    case 'payoff':
    case 'craft':
      return [`${value as string} ${field}`]
    case 'contextIds':
      return (value as string[]).map(nameOf)
    case 'personIds':
      return (value as string[]).map((id) => `with ${nameOf(id)}`)
    case 'projectId':
    case 'areaId':
      return [`for ${nameOf(value as string)}`]
    case 'notBefore':
      return [`not before ${dayWords(value as CalendarDate)}`]
    case 'waiting': {
      const { since, chaseOn } = value as NonNullable<Action['waiting']>
      return [
        ...(since === today ? [] : [`since ${dayWords(since)}`]),
        ...(chaseOn ? [`chase ${dayWords(chaseOn)}`] : []),
      ]
    }
    default:
      return [value as string]
  }
}
