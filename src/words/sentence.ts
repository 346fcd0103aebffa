// What was understood of a sentence, as chips say it.
import { assertNever } from '@/core/invariant'
import { kindOf } from '@/core/record'
import { type Clause } from '@/core/sentence'
import { type CalendarDate } from '@/core/time'
import { horizonWords } from './action'
import { shortDate, duration } from './dates'

/** A chip: what was understood, as short as can be. */
export function chipWords(clause: Clause, today: CalendarDate): string {
  switch (clause.kind) {
    case 'due':
      return `by ${shortDate(clause.date, today)}${clause.time ? `, ${clause.time}` : ''}`
    case 'notBefore':
      return `not before ${shortDate(clause.date, today)}`
    case 'at':
      return `${shortDate(clause.date ?? today, today)}, ${clause.time}`
    case 'day':
      return `on ${shortDate(clause.date, today)}`
    case 'since':
      return `since ${shortDate(clause.date, today)}`
    case 'chase':
      return `chase ${shortDate(clause.date, today)}`
    case 'horizon':
      return horizonWords[clause.horizon]
    case 'minutes':
      return duration(clause.minutes)
    case 'weight':
      return clause.weight
    case 'energy':
      return clause.energy
    case 'address':
      return clause.address.replace(/^https?:\/\/(www\.)?/i, '').slice(0, 28)
    case 'waiting':
      return `waiting for ${clause.name?.name ?? clause.whom}`
    case 'question':
      return `${clause.options[0]?.name}: ${clause.options.map(({ id }) => kindOf(id)).join(' or ')}?`
    case 'context':
    case 'project':
    case 'area':
    case 'person':
      return clause.name.name
    default:
      return assertNever(clause)
  }
}
