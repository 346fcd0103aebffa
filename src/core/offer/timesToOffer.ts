// Free times that can be offered to somebody: of one length, in the hours that are wanted, one a day before a day gives
// a second.
import { gapsIn, joined, type Interval } from '../day/busy'
import { addDays, epochMsAt, weekdayOf, type CalendarDate } from '../time'

export interface OfferWish {
  readonly minutes: number
  /** The last day included. */
  readonly from: CalendarDate
  readonly to: CalendarDate
  /** As `weekdayOf` counts them. */
  readonly weekdays: readonly number[]
  readonly most: number
}

/** What one's own days are like. */
export interface OwnDays {
  readonly zone: string
  readonly nowEpochMs: number
  /** When somebody may be met. */
  readonly hoursOn: (date: CalendarDate) => readonly Interval[]
  /** What is taken of a day, in any order. */
  readonly takenOn: (date: CalendarDate) => readonly Interval[]
}

/** An instant to another, in milliseconds since 1970. */
export interface OfferedTime {
  readonly fromEpochMs: number
  readonly toEpochMs: number
}

const minuteMs = 60_000
const dayMinutes = 1440
const noon = 720
/** Meetings begin on the quarter of an hour. */
const quarter = 15

interface PossibleTime extends OfferedTime {
  /** The minute of the day at which it begins. */
  readonly minute: number
}

/** The instants of a minute and of one so many minutes later, by the wall clock of a day. */
function instantsOn(date: CalendarDate, zone: string) {
  const [begins, ends] = [0, 1].map((later) =>
    epochMsAt({ date: addDays(date, later), minute: 0 }, zone),
  ) as [number, number]
  // Where the clock does not change, a minute of the day is so many minutes after it began.
  if (ends - begins === dayMinutes * minuteMs) return (minute: number) => begins + minute * minuteMs
  return (minute: number) =>
    minute < dayMinutes ? epochMsAt({ date, minute }, zone) : ends + (minute - dayMinutes) * minuteMs
}

/** Every time of a day that would do, by the quarter of an hour. */
function possibleOn(date: CalendarDate, { minutes }: OfferWish, own: OwnDays): PossibleTime[] {
  const taken = joined(own.takenOn(date))
  const instantOf = instantsOn(date, own.zone)
  const possible: PossibleTime[] = []
  for (const span of joined(own.hoursOn(date)))
    for (const { from, to } of gapsIn(taken, span))
      for (let minute = Math.ceil(from / quarter) * quarter; minute + minutes <= to; minute += quarter) {
        const [fromEpochMs, toEpochMs] = [instantOf(minute), instantOf(minute + minutes)]
        // Where the clock changes, what looks free by the clock may be shorter, or not be there at all.
        const isAsSeen = toEpochMs - fromEpochMs === minutes * minuteMs && instantOf(minute + 1) > fromEpochMs
        if (isAsSeen && fromEpochMs > own.nowEpochMs) possible.push({ minute, fromEpochMs, toEpochMs })
      }
  return possible
}

const apart = (a: OfferedTime, b: OfferedTime): number =>
  Math.max(a.fromEpochMs - b.toEpochMs, b.fromEpochMs - a.toEpochMs)

/** The next of a day: as far as can be from those that were taken, and over none of them. */
function furthest(
  possible: readonly PossibleTime[],
  taken: readonly PossibleTime[],
): PossibleTime | undefined {
  let [best, bestApart]: [PossibleTime | undefined, number] = [undefined, -1]
  for (const each of possible) {
    const least = Math.min(...taken.map((other) => apart(each, other)))
    if (least > bestApart) [best, bestApart] = [each, least]
  }
  return best
}

/**
 * At most so many, in the order they come. Each day gives one before any gives a second; the first is early on one day
 * and after noon on the next, so that there is something for everybody.
 */
export function timesToOffer(wish: OfferWish, own: OwnDays): OfferedTime[] {
  const days: { readonly possible: readonly PossibleTime[]; readonly taken: PossibleTime[] }[] = []
  for (let date = wish.from; date <= wish.to; date = addDays(date, 1)) {
    if (!wish.weekdays.includes(weekdayOf(date))) continue
    const possible = possibleOn(date, wish, own)
    if (possible.length === 0) continue
    const afternoon = possible.find(({ minute }) => minute >= noon)
    const first = days.length % 2 === 0 ? possible[0] : (afternoon ?? possible[0])
    days.push({ possible, taken: [first as PossibleTime] })
    // No day gives a second before each has given one.
    if (days.length === wish.most) break
  }
  let count = days.length
  for (let found = true; found && count < wish.most;) {
    found = false
    for (const { possible, taken } of days) {
      const next = count < wish.most ? furthest(possible, taken) : undefined
      if (!next) continue
      taken.push(next)
      count += 1
      found = true
    }
  }
  return days
    .flatMap(({ taken }) => taken)
    .sort((a, b) => a.fromEpochMs - b.fromEpochMs)
    .map(({ fromEpochMs, toEpochMs }) => ({ fromEpochMs, toEpochMs }))
}
