// A bad day: what is carried over and due is laid on days that have room, promises and weight first. Laws: each goes
// to one day of those chosen; none goes behind its promise while a day up to it is chosen; what finds no room goes
// where there is most, and says so.
import { weights, type Action, type Id } from '../record'
import { toMinute, type CalendarDate } from '../time'

export interface Spread {
  readonly id: Id<'action'>
  readonly to: CalendarDate
  /** Whether the day has room for it. */
  readonly fits: boolean
}

const lastDay = '9999-12-31'
const inTurn = (a: Action, b: Action): number => {
  const [first, second] = [a.due?.date ?? lastDay, b.due?.date ?? lastDay]
  if (first !== second) return first < second ? -1 : 1
  const byWeight = weights.indexOf(a.weight) - weights.indexOf(b.weight)
  if (byWeight !== 0) return byWeight
  const clock = (action: Action) => (action.due?.time ? toMinute(action.due.time) : 1440)
  // The long ones first: the short ones still find a gap.
  return clock(a) - clock(b) || (b.minutes ?? 0) - (a.minutes ?? 0) || (a.id < b.id ? -1 : 1)
}

/** What an action without minutes is counted as. */
const unknownMinutes = 15

/** Lays actions over `days`, in their order; `roomOn` gives the available minutes that a day has left before. */
export function spreadOver(
  actions: readonly Action[],
  days: readonly CalendarDate[],
  roomOn: (day: CalendarDate) => number,
): Spread[] {
  if (days.length === 0) return []
  const room = new Map(days.map((day) => [day, roomOn(day)]))
  const inOrder = [...days].sort()
  return [...actions].sort(inTurn).map(({ id, minutes, due }) => {
    const needed = minutes ?? unknownMinutes
    const hasRoom = (day: CalendarDate) => (room.get(day) ?? 0) >= needed
    const promised = due ? inOrder.filter((day) => day <= due.date) : []
    const open = promised.length > 0 ? promised : inOrder
    const [most] = [...open].sort((a, b) => (room.get(b) ?? 0) - (room.get(a) ?? 0) || (a < b ? -1 : 1))
    const to = open.find(hasRoom) ?? (most as CalendarDate)
    const fits = hasRoom(to)
    room.set(to, (room.get(to) ?? 0) - needed)
    return { id, to, fits }
  })
}
