import { weekdayOf, type CalendarDate } from '../time'
import type { RepeatRule } from './rule'

const dayOfMonth = (date: CalendarDate): number => Number(date.slice(8))
const monthOf = (date: CalendarDate): number => Number(date.slice(5, 7))
/** Which of its weekdays in its month a day is: the fifth is the last. */
const nthOf = (date: CalendarDate): number => {
  const nth = Math.ceil(dayOfMonth(date) / 7)
  return nth > 4 ? -1 : nth
}

const replaced = (list: readonly number[], from: number, to: number): number[] =>
  [...new Set(list.map((each) => (each === from ? to : each)))].sort((a, b) => a - b)

/** A rule as it is where one of its days is moved from now on: Mondays become Fridays, the 3rd the 5th. */
export function movedRule(rule: RepeatRule, from: CalendarDate, to: CalendarDate): RepeatRule {
  const { weekdays, monthDays, months } = rule
  // The last working day is that wherever one of them was moved.
  if (rule.ofMonth !== null) return rule
  return {
    ...rule,
    weekdays: replaced(weekdays, weekdayOf(from), weekdayOf(to)),
    nth: rule.nth === null || !weekdays.includes(weekdayOf(from)) ? rule.nth : nthOf(to),
    monthDays: replaced(monthDays, dayOfMonth(from), dayOfMonth(to)),
    months: replaced(months, monthOf(from), monthOf(to)),
  }
}
