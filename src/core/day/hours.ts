// The hours of a day that are worked: those of its weekday with their breaks left out, work and private told apart
// where a person tells them apart.
import type { Settings, Side } from '../record'
import { weekdays } from '../record/scales'
import { weekdayOf, type CalendarDate } from '../time'
import { joined, minutesIn, type Interval } from './busy'

type OfHours = Pick<
  Settings,
  | 'availableMinutes'
  | 'dayStartsAtMinute'
  | 'dayEndsAtMinute'
  | 'workingHours'
  | 'privateHours'
  | 'privateMinutes'
>

/** Whether private hours are told apart from those of work. */
export const hasPrivateHours = ({ privateHours }: Pick<Settings, 'privateHours'>): boolean =>
  Object.values(privateHours).some((hours) => joined(hours ?? []).length > 0)

const keyOf = (date: CalendarDate) => weekdays[weekdayOf(date)] as (typeof weekdays)[number]

function hoursOfSide(settings: OfHours, date: CalendarDate, side: Side): Interval[] {
  const { dayStartsAtMinute: from, dayEndsAtMinute: to, workingHours, privateHours } = settings
  const key = keyOf(date)
  return joined(side === 'private' ? (privateHours[key] ?? []) : (workingHours[key] ?? [{ from, to }]))
}

/** The hours of a day in which actions are worked at, of one side where both are told apart. */
export function hoursOn(settings: OfHours, date: CalendarDate, side: Side | 'both' = 'both'): Interval[] {
  if (!hasPrivateHours(settings)) return hoursOfSide(settings, date, 'work')
  if (side !== 'both') return hoursOfSide(settings, date, side)
  return joined([...hoursOfSide(settings, date, 'work'), ...hoursOfSide(settings, date, 'private')])
}

function availableOfSide(settings: OfHours, date: CalendarDate, side: Side): number {
  const most =
    side === 'private'
      ? settings.privateMinutes[keyOf(date)]
      : (settings.availableMinutes[weekdayOf(date)] ?? 0)
  return Math.min(most ?? Infinity, minutesIn(hoursOfSide(settings, date, side)))
}

/**
 * The minutes of a day that can be given to actions: at most so many as are set for its weekday, and no more than its
 * hours have. `byHand` is what was set for this day alone: it takes the place of those of work.
 */
export function availableIn(
  settings: OfHours,
  date: CalendarDate,
  byHand: number | null,
  side: Side | 'both' = 'both',
): number {
  const work = byHand ?? availableOfSide(settings, date, 'work')
  if (!hasPrivateHours(settings) || side === 'work') return work
  const own = availableOfSide(settings, date, 'private')
  return side === 'private' ? own : work + own
}

/** Hours that hold so many minutes: where a day was given more than it has, it goes on for longer. */
export function stretchedTo(hours: readonly Interval[], minutes: number, begins: number): Interval[] {
  const missing = minutes - minutesIn(hours)
  const last = hours.at(-1) ?? { from: begins, to: begins }
  if (missing <= 0) return [...hours]
  const to = Math.min(1440, last.to + missing)
  // What the evening has no room for is given before the day begins.
  const early = missing - (to - last.to)
  const stretched = [...hours.slice(0, -1), { from: last.from, to }]
  const [first, ...rest] = stretched as [Interval, ...Interval[]]
  return early > 0 ? joined([{ from: Math.max(0, first.from - early), to: first.to }, ...rest]) : stretched
}
