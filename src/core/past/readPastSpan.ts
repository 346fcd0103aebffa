// Which days a phrase means that looks back: "in May", "last week", "since April", "in the last three weeks".
import type { DaySpan } from '../lookBack'
import { monthOf, monthPattern, readDate, type Calendar } from '../sentence/datePhrase'
import { numberForm, numberOf } from '../sentence/numberWords'
import { addDays, addMonths, lastDayOfMonth, monthsAround, weekStartOf, type CalendarDate } from '../time'

const unitForm = 'day|week|month|quarter|year'
type Unit = 'day' | 'week' | 'month' | 'quarter' | 'year'

const monthForm = new RegExp(`^(?:in |during )?(?:(last|this) )?(${monthPattern})\\.?(?: (?:of )?(\\d{4}))?$`)
const yearForm = /^(?:in |during )?((?:19|20)\d\d)$/
const turnForm = new RegExp(`^(?:in |during )?(this|last|the last) (${unitForm})$`)
const backForm = new RegExp(
  `^(?:in |over |for |within )?(?:the )?(?:last |past )?(${numberForm}) (${unitForm})s?$`,
)

function turnOf(unit: Unit, today: CalendarDate, weekStartsOn: number, before: boolean): DaySpan {
  const day = before ? backBy(today, 1, unit) : today
  switch (unit) {
    case 'day':
      return { from: day, to: day }
    case 'week': {
      const from = weekStartOf(day, weekStartsOn)
      return { from, to: addDays(from, 6) }
    }
    case 'month':
      return monthsAround(day, 1)
    case 'quarter':
      return monthsAround(day, 3)
    case 'year':
      return monthsAround(day, 12)
  }
}

/** The day so many units ago. */
export function backBy(today: CalendarDate, number: number, unit: Unit): CalendarDate {
  switch (unit) {
    case 'day':
      return addDays(today, -number)
    case 'week':
      return addDays(today, -7 * number)
    case 'month':
      return addMonths(today, -number)
    case 'quarter':
      return addMonths(today, -3 * number)
    case 'year':
      return addMonths(today, -12 * number)
  }
}

/** So many units as days: "six weeks" is 42. Null where it is no length of days. */
export function readDaysLong(phrase: string, today: CalendarDate): DaySpan | null {
  const back = backForm.exec(phrase)
  if (!back) return null
  return { from: backBy(today, numberOf(back[1] as string), back[2] as Unit), to: today }
}

const ever = '1970-01-01' as CalendarDate

/** Null where the phrase, in lower case, says no days that could be over. */
export function readPastSpan(phrase: string, calendar: Calendar): DaySpan | null {
  const { today, weekStartsOn = 0 } = calendar
  const month = monthForm.exec(phrase)
  if (month) {
    const [, turn, name = '', year] = month
    const own = `${year ?? today.slice(0, 4)}-${String(monthOf(name)).padStart(2, '0')}-01` as CalendarDate
    // Without a year, the last one that has begun.
    const from = year === undefined && own > today ? addMonths(own, -12) : own
    const isThisOne = turn === 'last' && from.slice(0, 7) === today.slice(0, 7)
    const first = isThisOne ? addMonths(from, -12) : from
    return { from: first, to: lastDayOfMonth(first) }
  }
  const year = yearForm.exec(phrase)
  if (year) return { from: `${year[1]}-01-01` as CalendarDate, to: `${year[1]}-12-31` as CalendarDate }
  const turn = turnForm.exec(phrase)
  if (turn) return turnOf(turn[2] as Unit, today, weekStartsOn, turn[1] !== 'this')
  const edge = /^(since|before|until|after) (.+)$/.exec(phrase)
  if (edge) {
    const span = readPastSpan(edge[2] as string, calendar) ?? daySpan(edge[2] as string, calendar)
    if (!span) return null
    if (edge[1] === 'since') return { from: span.from, to: today }
    if (edge[1] === 'after') return { from: addDays(span.to, 1), to: today }
    return { from: ever, to: edge[1] === 'before' ? addDays(span.from, -1) : span.to }
  }
  const between = /^(?:between|from) (.+) (?:and|to|until) (.+)$/.exec(phrase)
  if (between) {
    const [from, to] = [between[1], between[2]].map((part) => {
      const said = part as string
      return readPastSpan(said, calendar) ?? daySpan(said, calendar)
    })
    return from && to && from.from <= to.to ? { from: from.from, to: to.to } : null
  }
  return readDaysLong(phrase, today) ?? daySpan(phrase.replace(/^on /, ''), calendar)
}

function daySpan(phrase: string, calendar: Calendar): DaySpan | null {
  const day = readDate(phrase, calendar, true)
  return day !== null && day <= calendar.today ? { from: day, to: day } : null
}
