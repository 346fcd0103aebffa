// The rules that are offered for a day: what a person would choose from, seen from the day a thing stands on.
import { addDays, weekdayOf, type CalendarDate } from '../time'
import { everyDay, type Frequency, type RepeatRule } from './rule'

type Body = Pick<RepeatRule, 'frequency' | 'weekdays' | 'nth' | 'ofMonth' | 'monthDays' | 'months' | 'orLast'>

const bare = { weekdays: [], nth: null, ofMonth: null, monthDays: [], months: [], orLast: false } as const

/** Days of the month by their number, and by which of their weekday they are: the fourth may be the last as well. */
function monthlyBodies(on: CalendarDate): Body[] {
  const day = Number(on.slice(8))
  const isLastOfWeekday = addDays(on, 7).slice(0, 7) !== on.slice(0, 7)
  const nths = [Math.ceil(day / 7), ...(isLastOfWeekday ? [-1] : [])].filter((nth) => nth < 5)
  const weekdays = [weekdayOf(on)]
  return [
    { ...bare, frequency: 'monthly', monthDays: [day] },
    ...nths.map((nth) => ({ ...bare, frequency: 'monthly' as const, weekdays, nth })),
    { ...bare, frequency: 'monthly', monthDays: [-1] },
  ]
}

/** What a rule of a frequency may fall on, the day it stands on first. */
export function bodiesFor(frequency: Frequency, on: CalendarDate): readonly Body[] {
  switch (frequency) {
    case 'daily':
      return [{ ...bare, frequency }]
    case 'weekly':
      return [{ ...bare, frequency, weekdays: [weekdayOf(on)] }]
    case 'monthly':
      return monthlyBodies(on)
    case 'yearly':
      return [{ ...bare, frequency, months: [Number(on.slice(5, 7))], monthDays: [Number(on.slice(8))] }]
  }
}

/** Whether a month or year may lack the day that a rule names: the 31st, or 29 February. */
export const mayLackDay = ({ frequency, monthDays, months }: RepeatRule): boolean =>
  monthDays.length === 1 &&
  (monthDays[0] as number) > 28 &&
  (frequency === 'monthly' || (frequency === 'yearly' && months.join() === '2'))

/** The same rule by another body, with its interval and its end. */
export const withBody = (rule: RepeatRule, body: Body): RepeatRule => ({ ...rule, ...body })

/** The rule that a chooser begins with. */
export const everyWeekOn = (on: CalendarDate): RepeatRule => ({
  ...everyDay,
  frequency: 'weekly',
  weekdays: [weekdayOf(on)],
})
