// Fixed on the clock. How long it is fixed for is its minutes.
import { laidOn } from '../action'
import type { Action } from '../record'
import { guessOfDate, mayBeDate, readDate, type Calendar } from '../sentence/datePhrase'
import { readDayAndTime, readFromNow } from '../sentence/momentPhrase'
import { strong, weak, type Interpretation } from '../sentence/interpretation'
import { readBareHour, readSpan, readSpokenTime, readTime, type Span } from '../sentence/timePhrase'
import { isEqual } from '../isEqual'
import { byDay, date as asked, onDay } from '../lens/asking'
import type { CalendarDate, ClockTime } from '../time'
import type { Facet } from './facet'
import { comesFirst, ruleSaid } from './ruleSaid'
import { clockWords, dayWords } from './sayDays'

export interface AtMeaning {
  readonly kind: 'at'
  /** Null is filled from a day clause, else with today. */
  readonly date: CalendarDate | null
  readonly time: ClockTime
  /** Where the words say when it ends: "3-4pm". */
  readonly minutes?: number
}

function readSpanned(phrase: string, calendar: Calendar): Interpretation | null {
  if (!/\d/.test(phrase)) return null
  const bare = phrase.replace(/^(?:on|at) /, '')
  const spanned = ({ isBare, ...span }: Span, date: CalendarDate | null, day: string) =>
    strong({ kind: 'at', date, ...span }, isBare ? 'bareHour' : guessOfDate(day))
  const whole = readSpan(bare)
  if (whole) return spanned(whole, null, '')
  const words = bare.split(' ')
  for (let at = 1; at < words.length; at++) {
    const [head, tail] = [words.slice(0, at).join(' '), words.slice(at).join(' ')]
    const ahead = readSpan(head, true)
    const behind = ahead ? null : readSpan(tail, true)
    const span = ahead ?? behind
    const day = ahead ? tail.replace(/^on /, '') : head
    const date = span && mayBeDate(day) ? readDate(day, calendar) : null
    if (span && date) return spanned(span, date, day)
  }
  return null
}

function readAt(phrase: string, calendar: Calendar): Interpretation | null {
  const said = /^at (.+)$/.exec(phrase)?.[1]
  const time = said ? readTime(said) : null
  if (time) return strong({ kind: 'at', date: null, time })
  const spoken = said ? readSpokenTime(said) : null
  if (spoken) return strong({ kind: 'at', date: null, time: spoken.time }, spoken.guess)
  const bareHour = said ? readBareHour(said) : null
  if (bareHour) return weak({ kind: 'at', date: null, time: bareHour.time }, bareHour.guess)
  // A clock time with its colon, or its half of the day, needs no "at".
  const plain = /^\d{1,2}:\d{2}$|^\d{1,2}(?:[:.]\d{2})? ?[ap]m$/.test(phrase) ? readTime(phrase) : null
  if (plain) return strong({ kind: 'at', date: null, time: plain }, 'loose')
  const both = readDayAndTime(phrase.replace(/^on /, ''), calendar) ?? readFromNow(phrase, calendar)
  return both?.time ? strong({ kind: 'at', date: both.date, time: both.time }, both.guess) : null
}

export const atFacet: Facet<AtMeaning, 'at'> = {
  fields: ['at'],
  read: (phrase, calendar) => readAt(phrase, calendar) ?? readSpanned(phrase, calendar),
  clauses: {
    at: {
      isTimed: true,
      isInFront: true,
      isInMiddle: true,
      order: 4,
      isOutdone: ({ date }, clauses) =>
        date === null && clauses.some((other) => other.kind === 'repeat' && other.time !== null),
      set: (action, { date, time, minutes }, { today }) => {
        // What was planned for a day that is over is today's.
        const planned = laidOn(action)
        const at = { date: date ?? (planned && planned >= today ? planned : today), time }
        const length = minutes === undefined ? {} : { minutes }
        return isEqual(at, action.at) ? length : { at, day: null, ...length }
      },
      isHeld: ({ date, time, minutes }, fields) =>
        fields.at?.time === time &&
        (date === null || fields.at.date === date) &&
        (minutes === undefined || fields.minutes === minutes),
    },
  },
  draft: (said) => {
    const [at, day, repeat] = [said.first('at'), said.first('day'), ruleSaid(said)]
    const time = at?.time ?? repeat?.time ?? null
    const date = at?.date ?? day?.date ?? comesFirst(said) ?? said.today
    return { at: time ? { date, time } : null }
  },
  off: [{ called: /^(?:at|fixed time|appointment)$/, patch: { at: null } }],
  again: {
    at: { by: ['at', 'day'], words: ({ date, time }) => [`on ${dayWords(date)}${clockWords(time)}`] },
  },
  onOccurrence: ({ at }, { moved }) => ({ at: at && { ...at, date: moved(at.date) } }),
  isForOneAlone: 'whereMoved',
  lens: {
    means: { fixed: asked('at', { kind: 'any' }) },
    ask: byDay([/^(?:fixed for|at) (.+)$/, onDay('at')]),
    dates: {
      at: { dateOf: ({ at }: Action) => (at ? at.date : null), lead: 'fixed for', noun: 'a fixed time' },
    },
  },
}
