// Contexts within one another (a hall is on site), and the hours in which each is at hand.
import type { Context, Id } from '../record'
import { deepestNesting } from '../record/nesting'
import { weekdayOf, type CalendarDate, type LocalMoment } from '../time'
import { toMinute } from '../time'

type Within = Pick<Context, 'id' | 'parentId'>

/** What a context lies within, the nearest first; a ring that two copies made together ends where it closes. */
export function ancestorsOf(contexts: ReadonlyMap<string, Within>, id: Id<'context'>): Id<'context'>[] {
  const way: Id<'context'>[] = []
  let at = contexts.get(id)?.parentId ?? null
  const seen = new Set<string>()
  while (at !== null && at !== id && !seen.has(at)) {
    way.push(at)
    seen.add(at)
    at = contexts.get(at)?.parentId ?? null
  }
  return way
}

/** Somebody at a place is also at every place that contains it. */
export function withAncestors(
  contexts: ReadonlyMap<string, Within>,
  ids: readonly Id<'context'>[],
): Id<'context'>[] {
  return [...new Set(ids.flatMap((id) => [id, ...ancestorsOf(contexts, id)]))]
}

/** A context with all that lies within it, however deep. */
export function withinOf(contexts: readonly Within[], id: Id<'context'>): Id<'context'>[] {
  const byId = new Map<string, Within>(contexts.map((each) => [each.id, each]))
  return [id, ...contexts.map((each) => each.id).filter((other) => ancestorsOf(byId, other).includes(id))]
}

/** Whether a context is at hand at a moment; one without hours always is. A window may go past midnight. */
export function isAtHand({ hours }: Pick<Context, 'hours'>, { date, minute }: LocalMoment): boolean {
  if (hours === null) return true
  const [from, until] = [toMinute(hours.from), toMinute(hours.until)]
  const isDay = (away: number) =>
    hours.weekdays.length === 0 || hours.weekdays.includes((weekdayOf(date) + away + 7) % 7)
  if (from < until) return isDay(0) && minute >= from && minute < until
  return (isDay(0) && minute >= from) || (isDay(-1) && minute < until)
}

/** Contexts in their order, each behind what it lies within, with how deep it lies. */
export function nestedOrder<C extends Within>(
  contexts: readonly C[],
): { readonly context: C; readonly depth: number }[] {
  const byId = new Map<string, C>(contexts.map((each) => [each.id, each]))
  const children = new Map<string | null, C[]>()
  for (const each of contexts) {
    const isRooted =
      each.parentId !== null &&
      each.parentId !== each.id &&
      byId.has(each.parentId) &&
      // What is nested too deep is shown at the top again, so that the walk ends.
      ancestorsOf(byId, each.id).length % (deepestNesting + 1) !== 0 &&
      !ancestorsOf(byId, each.parentId).includes(each.id)
    const key = isRooted ? each.parentId : null
    children.set(key, [...(children.get(key) ?? []), each])
  }
  const laid: { context: C; depth: number }[] = []
  const lay = (key: string | null, depth: number): void => {
    for (const context of children.get(key) ?? []) {
      laid.push({ context, depth })
      lay(context.id, depth + 1)
    }
  }
  lay(null, 0)
  return laid
}

/** When a context is at hand on a day, in minutes of it. A window may come over from the evening before. */
export function windowsOn(
  { hours }: Pick<Context, 'hours'>,
  date: CalendarDate,
): { from: number; to: number }[] {
  if (hours === null) return [{ from: 0, to: 1440 }]
  const [from, until] = [toMinute(hours.from), toMinute(hours.until)]
  const isDay = (away: number) =>
    hours.weekdays.length === 0 || hours.weekdays.includes((weekdayOf(date) + away + 7) % 7)
  if (from < until) return isDay(0) ? [{ from, to: until }] : []
  return [
    ...(isDay(-1) && until > 0 ? [{ from: 0, to: until }] : []),
    ...(isDay(0) ? [{ from, to: 1440 }] : []),
  ]
}
