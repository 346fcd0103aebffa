// The cheapest ways out where what is promised does not fit: each is tried, and only what mends the first break and
// breaks nothing else is offered.
import { kindOfWork } from '../action/worth'
import type { Action, Id } from '../record'
import { addDays, daysBetween, type CalendarDate } from '../time'
import { withMore, type Available } from './available'
import { fitOf, withPromised, type Fit, type FitPoint, type Promised } from './fit'

export type FitWay =
  /** Give them another due date: what could be done goes behind what has to be. */
  | { readonly kind: 'moveCoulds'; readonly ids: readonly Id<'action'>[]; readonly to: CalendarDate }
  | { readonly kind: 'handOver'; readonly id: Id<'action'> }
  | { readonly kind: 'shorten'; readonly id: Id<'action'>; readonly minutes: number }
  | { readonly kind: 'addMinutes'; readonly date: CalendarDate; readonly minutes: number }
  /** Promise it later. */
  | { readonly kind: 'moveDue'; readonly id: string; readonly to: CalendarDate }

/** A way out with what it mends: how many that did not fit do then. */
export type MendingWay = FitWay & { readonly mends: number; readonly frees: number }

export interface WaysFrom {
  readonly promised: readonly Promised[]
  readonly available: Available
  /** The action of a promise, where it is one. */
  readonly actionOf: (id: string) => Action | undefined
}

/** Further than this no later day is looked for. */
const farthest = 365
const step = 5
const quarter = 15
/** Nobody is asked to give a day more than this. */
const longestDay = 600

const inQuarters = (minutes: number): number => Math.ceil(minutes / quarter) * quarter

/** The point of a promise; what breaks with it may be another one by then. */
const shortOf = (fit: Fit, id: string): number =>
  fit.points.find(({ promised }) => promised.id === id)?.shortMinutes ?? 0

/** Whether everything that fitted before does so still, and the first break is mended. */
function mending(before: Fit, after: Fit, first: FitPoint): number | null {
  if (shortOf(after, first.promised.id) > 0) return null
  const short = new Map(after.points.map(({ promised, shortMinutes }) => [promised.id, shortMinutes]))
  const breaks = before.points.some(
    ({ promised, shortMinutes }) => shortMinutes === 0 && (short.get(promised.id) ?? 0) > 0,
  )
  return breaks ? null : before.broken - after.broken
}

/** The first day on which a promise would fit, with all that is promised before it; null where none is near enough. */
function firstFitting(
  { promised, available }: WaysFrom,
  moved: Promised,
  after: CalendarDate,
): CalendarDate | null {
  const others = promised.filter(({ id }) => id !== moved.id)
  let [at, sum] = [0, moved.minutes]
  for (let ahead = 1; ahead <= farthest; ahead++) {
    const date = addDays(after, ahead)
    while (at < others.length && (others[at] as Promised).date <= date)
      sum += (others[at++] as Promised).minutes
    const day = daysBetween(available.today, date)
    if (day >= 0 && sum <= available.before(day, 1440) && available.on(day) > 0) return date
  }
  return null
}

type Tried = { readonly way: FitWay; readonly fit: Fit; readonly frees: number }

function* tried(from: WaysFrom, first: FitPoint): Generator<Tried> {
  const { promised, available, actionOf } = from
  const short = first.shortMinutes
  const upTo = promised.slice(0, promised.findIndex(({ id }) => id === first.promised.id) + 1)
  const actions = upTo.flatMap((each) => {
    const action = actionOf(each.id)
    return action && action.startedAtEpochMs === null ? [{ each, action }] : []
  })

  // What could be done, the smallest that is enough, else the largest ones together.
  const coulds = actions.filter(({ action }) => action.weight === 'could' && action.at === null)
  const bySize = [...coulds].sort((a, b) => a.each.minutes - b.each.minutes)
  const enough = bySize.find(({ each }) => each.minutes >= short)
  const several: typeof coulds = []
  for (const could of bySize.toReversed())
    if (several.reduce((sum, { each }) => sum + each.minutes, 0) < short) several.push(could)
  const chosen = enough ? [enough] : several
  if (chosen.length > 0) {
    const frees = chosen.reduce((sum, { each }) => sum + each.minutes, 0)
    const together = { ...(chosen[0] as (typeof chosen)[number]).each, id: '', minutes: frees }
    const rest = promised.filter(({ id }) => !chosen.some(({ each }) => each.id === id))
    const to = firstFitting({ ...from, promised: rest }, together, first.promised.date)
    if (to) {
      const moved = chosen.reduce(
        (list, { each }) => withPromised(list, each.id, { ...each, date: to, minute: 1440 }),
        promised,
      )
      const ids = chosen.map(({ action }) => action.id)
      yield { way: { kind: 'moveCoulds', ids, to }, fit: fitOf(moved, available), frees }
    }
  }

  // Handed over: what others can do, else what is neither deep nor a must.
  const canGo = ({ action: { payoff, craft, energy, weight, waiting } }: (typeof actions)[number]) =>
    !waiting &&
    (kindOfWork(payoff, craft) === 'handOver' ||
      craft === 'little' ||
      (energy !== 'deep' && weight !== 'must'))
  const [handed] = actions
    .filter((each) => canGo(each) && each.each.minutes >= short && each.each.minutes > 0)
    .sort(
      (a, b) =>
        Number(a.action.craft !== 'little') - Number(b.action.craft !== 'little') ||
        a.each.minutes - b.each.minutes,
    )
  if (handed) {
    const fit = fitOf(withPromised(promised, handed.each.id, null), available)
    yield { way: { kind: 'handOver', id: handed.action.id }, fit, frees: handed.each.minutes }
  }

  // A longer day: one before it is due that has room for more, the emptiest of them.
  const [soonest, last] = [1, Math.max(0, daysBetween(available.today, first.promised.date))]
  const more = inQuarters(short)
  let best: number | null = null
  for (let day = soonest; day <= Math.min(last, farthest); day++) {
    const isWholeDay = day < last || first.promised.minute >= 1440
    const length = available.on(day)
    if (isWholeDay && length + more <= longestDay && (best === null || length > available.on(best)))
      best = day
  }
  if (best !== null) {
    const date = addDays(available.today, best)
    const fit = fitOf(promised, withMore(available, date, more))
    yield { way: { kind: 'addMinutes', date, minutes: more }, fit, frees: more }
  }

  // Not below half of what it was thought to take.
  const [longest] = [...actions].sort((a, b) => b.each.minutes - a.each.minutes)
  if (longest) {
    const minutes = Math.floor((longest.each.minutes - short) / step) * step
    if (minutes >= step && minutes * 2 >= longest.each.minutes) {
      const fit = fitOf(withPromised(promised, longest.each.id, { ...longest.each, minutes }), available)
      yield {
        way: { kind: 'shorten', id: longest.action.id, minutes },
        fit,
        frees: longest.each.minutes - minutes,
      }
    }
  }

  const to = firstFitting(from, first.promised, first.promised.date)
  if (to) {
    const fit = fitOf(
      withPromised(promised, first.promised.id, { ...first.promised, date: to, minute: 1440 }),
      available,
    )
    yield { way: { kind: 'moveDue', id: first.promised.id, to }, fit, frees: first.promised.minutes }
  }
}

/** What would mend the first break, cheapest first: what costs nobody a promise comes before what does. */
export function waysOutOf(from: WaysFrom): MendingWay[] {
  const before = fitOf(from.promised, from.available)
  if (!before.firstBreak) return []
  const ways: MendingWay[] = []
  for (const { way, fit, frees } of tried(from, before.firstBreak)) {
    const mends = mending(before, fit, before.firstBreak)
    if (mends !== null && mends > 0) ways.push({ ...way, mends, frees })
  }
  return ways
}
