// What to do about a day that will not hold what is planned into it: the cheapest way to move something, to make
// something shorter, and to hand something over. Each is one act; none is done by itself.
import { kindOfWork } from '../action/worth'
import { weights, type Action, type Id } from '../record'
import { addDays, type CalendarDate } from '../time'

export type WayOut =
  | { readonly kind: 'move'; readonly id: Id<'action'>; readonly to: CalendarDate }
  | { readonly kind: 'shrink'; readonly id: Id<'action'>; readonly minutes: number }
  | { readonly kind: 'handOver'; readonly id: Id<'action'> }

/** How far ahead room is looked for. */
const daysAhead = 14
const step = 5

const lightness = ({ weight }: Action): number => weights.indexOf(weight)

/** Smaller is cheaper: what weighs least, then what is just long enough, then the shortest of the longer. */
const cheapest = (actions: readonly Action[], over: number): Action | undefined =>
  [...actions].sort((a, b) => {
    const [first, second] = [a.minutes ?? 0, b.minutes ?? 0]
    const enough = Number(second >= over) - Number(first >= over)
    return enough || lightness(b) - lightness(a) || (first >= over ? first - second : second - first)
  })[0]

/** The first day after `today` up to `last` that has room; null where none has. */
function dayWithRoom(
  minutes: number,
  today: CalendarDate,
  last: CalendarDate | null,
  roomOn: (day: CalendarDate) => number,
): CalendarDate | null {
  for (let ahead = 1; ahead <= daysAhead; ahead++) {
    const day = addDays(today, ahead)
    if (last !== null && day > last) return null
    if (roomOn(day) >= minutes) return day
  }
  return null
}

/**
 * The ways out of `overMinutes` too much: at most one of each kind, moving first. `roomOn` gives the available
 * minutes that a day has left. What is underway, fixed on the clock or due today stays.
 */
export function waysOut(
  planned: readonly Action[],
  overMinutes: number,
  today: CalendarDate,
  roomOn: (day: CalendarDate) => number,
): WayOut[] {
  if (overMinutes <= 0) return []
  const timed = planned.filter(({ minutes }) => minutes !== null && minutes > 0)
  const ways: WayOut[] = []
  const movable = timed
    .filter(
      ({ at, due, startedAtEpochMs }) => !at && startedAtEpochMs === null && !(due && due.date <= today),
    )
    .flatMap((action) => {
      const to = dayWithRoom(action.minutes ?? 0, today, action.due?.date ?? null, roomOn)
      return to ? [{ action, to }] : []
    })
  const moved = cheapest(
    movable.map(({ action }) => action),
    overMinutes,
  )
  const place = movable.find(({ action }) => action === moved)
  if (place) ways.push({ kind: 'move', id: place.action.id, to: place.to })

  const [longest] = timed
    .filter(({ id }) => id !== place?.action.id)
    .sort((a, b) => (b.minutes ?? 0) - (a.minutes ?? 0))
  // Not below half of what it was thought to take.
  const left = longest ? Math.max((longest.minutes ?? 0) / 2, (longest.minutes ?? 0) - overMinutes) : 0
  const shorter = Math.floor(left / step) * step
  if (longest && shorter >= step && shorter < (longest.minutes ?? 0))
    ways.push({ kind: 'shrink', id: longest.id, minutes: shorter })

  const others = timed.filter(({ id }) => id !== place?.action.id)
  const handed =
    cheapest(
      others.filter(({ payoff, craft }) => kindOfWork(payoff, craft) === 'handOver' || craft === 'little'),
      overMinutes,
    ) ??
    cheapest(
      others.filter(({ energy, id }) => energy !== 'deep' && id !== longest?.id),
      overMinutes,
    )
  if (handed) ways.push({ kind: 'handOver', id: handed.id })
  return ways
}
