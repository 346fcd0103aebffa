// By when somebody expects it.
import type { Action } from '../record'
import { dottedDay, mayBeDate, readDate, type Calendar } from '../sentence/datePhrase'
import { readDayAndTime, readDueMoment } from '../sentence/momentPhrase'
import { strong, type Interpretation } from '../sentence/interpretation'
import { readBareHour, readSpokenTime, readTime } from '../sentence/timePhrase'
import { isEqual } from '../isEqual'
import { anyOf, byDay, byPeriod, date, onDay } from '../lens/asking'
import { groupedByDay, momentNumber } from '../lens/dateHeadings'
import { addDays, type CalendarDate, type ClockTime } from '../time'
import type { Facet } from './facet'
import { clockWords, dayWords, inWords } from './sayDays'

export interface DueMeaning {
  readonly kind: 'due'
  readonly date: CalendarDate
  readonly time: ClockTime | null
}

const due = (
  on: CalendarDate,
  time: ClockTime | null = null,
  guess: Interpretation['guess'] = null,
): Interpretation => strong({ kind: 'due', date: on, time }, guess)

const dueForm = /^(?:by|due by|due on|due|no later than|deadline|at the latest by) (.+)$/
const endOfDay = /^(?:the )?(?:end of (?:the )?(?:day|business)|eod|cob|close of (?:play|business))$/

function readDue(phrase: string, calendar: Calendar): Interpretation | null {
  const within = /^within (.+)$/.exec(phrase)?.[1]
  const distance = within ? readDate(`in ${within}`, calendar) : null
  if (distance) return due(distance)
  const said = dueForm.exec(phrase)?.[1]
  if (!said) return null
  if (endOfDay.test(said)) return due(calendar.today)
  const dotted = dottedDay.test(said) ? readDate(`${said}.`, calendar) : null
  if (dotted) return due(dotted)
  // "by half nine" and "by 5" alone may be a person or a count: a clock has to be plain there.
  const onlyTime = readTime(said)
  if (onlyTime) return due(calendar.today, onlyTime)
  const spoken = readSpokenTime(said)
  if (spoken) return due(calendar.today, spoken.time, spoken.guess)
  if (readBareHour(said)) return null
  const when = readDueMoment(said, calendar)
  return when && due(when.date, when.time, when.guess)
}

/** "before friday" is by the day before. */
function readBefore(phrase: string, calendar: Calendar): Interpretation | null {
  const said = /^before (.+)$/.exec(phrase)?.[1]
  const time = said ? readTime(said) : null
  if (time) return due(calendar.today, time)
  const both = said ? readDayAndTime(said, calendar) : null
  if (both) return due(both.date, both.time, both.guess)
  const day = said && mayBeDate(said) ? readDate(said, calendar) : null
  return day && day > calendar.today ? due(addDays(day, -1), null, 'dayBefore') : null
}

/** "by 17:00", where there is a due date already, is about its time alone. */
const saysOnlyTime = (words: string): boolean =>
  readTime(inWords(words).replace(/^(?:by|due by|due on|due|at) /, '')) !== null

const dateOf = ({ due: at }: Pick<Action, 'due'>): CalendarDate | null => (at ? at.date : null)

const overdue = date('due', { kind: 'past' })
const byToday = anyOf(overdue, date('due', { kind: 'today' }))
const byTomorrow = anyOf(overdue, date('due', { kind: 'next', days: 2 }))

export const dueFacet: Facet<DueMeaning, 'due'> = {
  fields: ['due'],
  read: (phrase, calendar) => readDue(phrase, calendar) ?? readBefore(phrase, calendar),
  clauses: {
    due: {
      isInFront: true,
      isInMiddle: true,
      // A due date that is said is not moved by the day that is said beside it.
      order: 5,
      namedBy: /^(?:by|due|deadline|no later than|within)\b/,
      set: (action, { date: day, time }, { words }) => ({
        due: { date: saysOnlyTime(words) ? (action.due?.date ?? day) : day, time },
      }),
      deny: (action, clause) => (action.due?.date === clause.date ? { due: null } : {}),
      isHeld: (clause, fields) => isEqual(fields.due, { date: clause.date, time: clause.time }),
    },
  },
  draft: ({ first }) => {
    const said = first('due')
    return { due: said ? { date: said.date, time: said.time } : null }
  },
  off: [{ called: /^(?:due|due date|due day|deadline|promise)$/, patch: { due: null } }],
  again: { due: { by: ['due'], words: (at) => [`by ${dayWords(at.date)}${clockWords(at.time)}`] } },
  onOccurrence: ({ due: at }, { moved }) => ({ due: at && { ...at, date: moved(at.date) } }),
  isForOneAlone: 'whereMoved',
  lens: {
    means: {
      late: overdue,
      overdue,
      'due by today': byToday,
      'by today': byToday,
      'due by tomorrow': byTomorrow,
      'by tomorrow': byTomorrow,
      'no due': date('due', { kind: 'none' }),
      'no due day': date('due', { kind: 'none' }),
      'no due date': date('due', { kind: 'none' }),
      due: date('due', { kind: 'any' }),
    },
    askFirst: byPeriod([
      /^due (?:in|within) (?:the next )?(.+)$/,
      (days) => date('due', { kind: 'next', days }),
    ]),
    ask: byDay(
      [
        /^(?:due )?(?:by|until|before the end of) (.+)$/,
        (to) => date('due', { kind: 'between', from: null, to }),
      ],
      [/^due (?:on )?(.+)$/, onDay('due')],
    ),
    dates: { due: { dateOf, lead: 'due', noun: 'a due date' } },
    groups: { due: groupedByDay('due', dateOf, 'due') },
    sorts: {
      due: {
        keyOf: () => (action) => (action.due ? momentNumber(action.due.date, action.due.time) : null),
        words: ['due', 'latest first'],
      },
    },
  },
}
