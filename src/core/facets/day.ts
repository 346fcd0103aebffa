// The day it is planned for.
import { laidOnDay, standsOn } from '../action'
import type { Action } from '../record'
import { dottedDay, guessOfDate, mayBeDate, readDate, type Calendar } from '../sentence/datePhrase'
import { strong, weak, type Interpretation } from '../sentence/interpretation'
import { byDay, date as asked, onDay } from '../lens/asking'
import { dayNumber, groupedByDay, momentNumber } from '../lens/dateHeadings'
import type { CalendarDate } from '../time'
import type { Facet } from './facet'
import { comesFirst, ruleSaid } from './ruleSaid'
import { dayWords } from './sayDays'

export interface DayMeaning {
  readonly kind: 'day'
  readonly date: CalendarDate
}

/** Words that mean a day only where nothing else claims them: "the 3rd", and "sat", "sun", "wed". */
const isOnlyPerhapsADay = /^(?:the \d|(?:sat|sun|wed)$)/
/** Words that are mostly a day, and now and then part of the title: "in a week", "25/3". */
const isLooselyADay = /^(?:in |\d)/

function readDay(phrase: string, calendar: Calendar): Interpretation | null {
  const bare = phrase.replace(/^(?:on|at) (?!\d{1,2}$)/, '')
  if (!mayBeDate(bare) || (phrase.startsWith('at ') && !/ (?:end|start|beginning|weekend)\b/.test(phrase)))
    return null
  const isDotted = phrase.startsWith('on ') && dottedDay.test(bare)
  const date = isDotted ? readDate(`${bare}.`, calendar) : readDate(bare, calendar)
  if (!date) return null
  const meaning = { kind: 'day', date } as const
  if (bare !== phrase) return strong(meaning, guessOfDate(bare))
  if (isOnlyPerhapsADay.test(bare)) return weak(meaning)
  const isIso = /^\d{4}-/.test(bare)
  return strong(meaning, guessOfDate(bare) ?? (isLooselyADay.test(bare) && !isIso ? 'loose' : null))
}

const dateOf = ({ day }: Pick<Action, 'day'>): CalendarDate | null => day

export const dayFacet: Facet<DayMeaning, 'day'> = {
  fields: ['day'],
  read: readDay,
  clauses: {
    day: {
      isTimed: true,
      isInFront: true,
      isInMiddle: true,
      order: 3,
      // A time that is fixed on the clock brings its own day along.
      isOutdone: (_, clauses) => clauses.some((other) => other.kind === 'at' && other.date !== null),
      set: (action, { date }) =>
        [action.day, action.at?.date].includes(date) ? {} : laidOnDay(action, date),
      deny: (action, { date }) => ({
        ...(action.day === date ? { day: null } : {}),
        ...(action.at?.date === date ? { at: null } : {}),
        ...(action.due?.date === date ? { due: null } : {}),
      }),
      isHeld: ({ date }, fields) =>
        [fields.day, fields.at?.date, fields.notBefore, fields.repeat?.startsOn].includes(date),
    },
  },
  draft: (said) => {
    const isFixed = (said.first('at')?.time ?? ruleSaid(said)?.time ?? null) !== null
    const isDated = said.first('due') !== undefined || said.first('notBefore') !== undefined
    const laidOn = said.first('day')?.date ?? (isDated ? null : comesFirst(said))
    return { day: isFixed ? null : laidOn }
  },
  off: [{ called: /^(?:day|date)$/, patch: { day: null, at: null } }],
  again: {
    day: {
      by: ['day', 'at', 'horizon'],
      words: (value, { today }) => [value === today ? 'today' : `on ${dayWords(value)}`],
    },
  },
  forOne: (action, patch) => laidOnDay(action, patch.at?.date ?? patch.day ?? null),
  onOccurrence: ({ at, due, day }, { occurrence }) => ({
    // What has no due date and no fixed time is on its turn.
    day: at === null && (day !== null || due === null) ? occurrence : null,
  }),
  isForOneAlone: 'always',
  lens: {
    means: {
      'no date': asked('date', { kind: 'none' }),
      'no day': asked('date', { kind: 'none' }),
      unplanned: asked('date', { kind: 'none' }),
      picked: asked('day', { kind: 'today' }),
      'this week': asked('date', { kind: 'week' }),
      'next week': asked('date', { kind: 'nextWeek' }),
      today: asked('date', { kind: 'today' }),
      tomorrow: asked('date', { kind: 'tomorrow' }),
    },
    ask: byDay([/^picked for (.+)$/, onDay('day')], [/^(?:on |dated )?(.+)$/, onDay('date')]),
    dates: {
      day: { dateOf, lead: 'planned for', noun: 'a planned day' },
      date: { dateOf: standsOn, lead: 'dated', noun: 'a date' },
    },
    groups: { day: groupedByDay('planned day', dateOf, 'day'), date: groupedByDay('date', standsOn, 'day') },
    sorts: {
      day: {
        keyOf: () => (action) => (action.day ? dayNumber(action.day) : null),
        words: ['planned day', 'latest first'],
      },
      date: {
        keyOf: () => (action) => {
          const date = standsOn(action)
          return date && momentNumber(date, action.at ? action.at.time : null)
        },
        words: ['date', 'latest first'],
      },
    },
  },
}
