// The days a rule gives, through rrule (RFC 5545). It counts in UTC, where a calendar day has no clock changes.
import { RRule } from 'rrule'
import { isCalendarDate, type CalendarDate } from '../time'
import { toRuleText, type RepeatRule } from './rule'

/** The first day on or after `from` that a rule gives, counted from that day; null where it gives none. */
export function firstOn(rule: RepeatRule, from: CalendarDate): CalendarDate | null {
  const { until } = rule
  const start = new Date(`${from}T00:00:00Z`)
  const options = RRule.parseString(toRuleText({ ...rule, until: null, times: null }))
  const found = new RRule({ ...options, dtstart: start, count: 1 }).all()[0]
  const day = found?.toISOString().slice(0, 10)
  if (!isCalendarDate(day)) return null
  return until !== null && day > until ? null : day
}
