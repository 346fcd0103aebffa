// What was understood of a sentence, as chips say it.
import { assertNever } from '@/core/invariant'
import { kindOf } from '@/core/record'
import { type Clause, type Guess } from '@/core/sentence'
import { type CalendarDate } from '@/core/time'
import { horizonWords } from './action'
import { count } from './counts'
import { shortDate, duration } from './dates'
import { reminderWords, ruleWords } from './repeat'

/** A chip: what was understood, as short as can be. */
export function chipWords(clause: Clause, today: CalendarDate): string {
  switch (clause.kind) {
    case 'due':
      return `due ${shortDate(clause.date, today)}${clause.time ? `, ${clause.time}` : ''}`
    case 'notBefore':
      return `not before ${shortDate(clause.date, today)}`
    case 'at':
      return [
        ...(clause.date ? [shortDate(clause.date, today)] : []),
        clause.time + (clause.minutes ? ` for ${duration(clause.minutes)}` : ''),
      ].join(', ')
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
    case 'repeat':
      return ruleWords(clause.rule, clause, today)
    case 'until':
      return `until ${shortDate(clause.date, today)}`
    case 'times':
      return count(clause.times, 'time')
    case 'reminder':
      return reminderWords(clause.when, today)
    case 'payoff':
      return `payoff ${clause.level}`
    case 'craft':
      return `only me ${clause.level}`
    case 'steps':
      return count(clause.steps.length, 'step')
    case 'link':
      return clause.link.replace(/^https?:\/\/(www\.)?/i, '').slice(0, 28)
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

/** Why a chip is a guess, in one short sentence. */
export const guessWords: Readonly<Record<Guess, string>> = {
  dayFirst: 'read as day, then month.',
  nextWeekday: 'read as next week.',
  dayBefore: 'read as the day before.',
  partOfDay: 'read as the usual time.',
  bareHour: 'read as the likelier hour.',
  partOfName: 'only part of the name.',
  loose: 'may be part of the title.',
  list: 'read as a list.',
  unknownPerson: 'a name that is new here.',
}

/** What has no chooser of its own is said again under this name. */
export const saidAgainWords: Readonly<Partial<Record<Clause['kind'], string>>> = {
  repeat: 'Repeat',
  until: 'Repeat until',
  times: 'How many times',
  reminder: 'Reminder',
  steps: 'Steps',
}

/** What came with a slip, each in two words. */
export function cameWithWords(came: {
  readonly note: string
  readonly steps: number
  readonly files: number
  readonly isAside: boolean
}): string[] {
  return [
    ...(came.steps > 0 ? [count(came.steps, 'step')] : []),
    ...(came.files > 0 ? [count(came.files, 'file')] : []),
    ...(came.note === '' ? [] : ['a note']),
    ...(came.isAside ? ['for the review'] : []),
  ]
}
