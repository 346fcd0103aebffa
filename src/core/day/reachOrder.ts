// What can be done here and now, ranked, each with its reason; what just does not fit, and why; and two that fill a
// free time together. The order is a sum of plain points, and the reason is whatever gave the most of them.
import { isCarriedOver, isWaitingOrBlocked, isOpen, isToChase } from '../action'
import type { Action, Id } from '../record'
import { daysBetween, type CalendarDate } from '../time'
import { fitsContexts, fitsEnergy, fitsMinutes, isDoable, type Reach } from './reach'

export type ReachReason =
  | { readonly kind: 'overdue' | 'underway' | 'picked' | 'carriedOver' | 'must' | 'thisWeek' | 'atHand' }
  | { readonly kind: 'due'; readonly days: number }
  | { readonly kind: 'moved'; readonly times: number }
  | { readonly kind: 'fits'; readonly minutes: number }
  | { readonly kind: 'lastOf'; readonly projectId: Id<'project'> }

export interface InReachNow {
  readonly action: Action
  readonly reason: ReachReason
}

export interface ReachAround {
  readonly today: CalendarDate
  readonly reach: Reach
  /** Whether it is the last open action of its project. */
  readonly isLastOf: (action: Action) => boolean
}

type Point = readonly [points: number, reason: ReachReason]

function pointsOf(action: Action, { today, reach, isLastOf }: ReachAround): Point[] {
  const points: Point[] = []
  const { due, moved, minutes, weight, horizon } = action
  if (due) {
    const days = daysBetween(today, due.date)
    if (days < 0) points.push([90, { kind: 'overdue' }])
    else if (days <= 7) points.push([80 - days * 8, { kind: 'due', days }])
  }
  if (action.startedAtEpochMs !== null) points.push([60, { kind: 'underway' }])
  if (action.day === today) points.push([55, { kind: 'picked' }])
  else if (isCarriedOver(action, today)) points.push([50, { kind: 'carriedOver' }])
  if (moved.length >= 2)
    points.push([Math.min(45, moved.length * 12), { kind: 'moved', times: moved.length }])
  if (weight === 'must') points.push([34, { kind: 'must' }])
  if (weight === 'could') points.push([-15, { kind: 'atHand' }])
  if (action.projectId !== null && isLastOf(action))
    points.push([30, { kind: 'lastOf', projectId: action.projectId }])
  if (horizon === 'week') points.push([18, { kind: 'thisWeek' }])
  if (horizon === 'shelf') points.push([-12, { kind: 'atHand' }])
  if (reach.minutes !== null && minutes !== null)
    points.push([(20 * minutes) / reach.minutes, { kind: 'fits', minutes }])
  if (reach.contextIds.length > 0 && action.contextIds.length > 0) points.push([10, { kind: 'atHand' }])
  return points
}

const scoreOf = (points: readonly Point[]): number => points.reduce((sum, [each]) => sum + each, 0)
function reasonOf(points: readonly Point[]): ReachReason {
  const [best] = [...points].filter(([each]) => each > 0).sort(([a], [b]) => b - a)
  return best?.[1] ?? { kind: 'atHand' }
}

/** Whether an action is one for here and now at all, whatever is at hand. */
export const isForNow = (action: Action, today: CalendarDate, reach: Reach): boolean =>
  isOpen(action) &&
  (isWaitingOrBlocked(action)
    ? isToChase(action, today)
    : isDoable(action, today, reach) || isCarriedOver(action, today))

const byScore = (a: { score: number; action: Action }, b: { score: number; action: Action }): number =>
  b.score - a.score || (a.action.id < b.action.id ? -1 : 1)

type Now = Pick<ReachAround, 'today' | 'reach'>
const fitsNow = (action: Action, { today, reach }: Now): boolean =>
  isForNow(action, today, reach) &&
  fitsMinutes(action, reach) &&
  fitsEnergy(action, reach) &&
  fitsContexts(action, reach)

/** How many fit what is at hand; no more than `most` are counted. */
export function countInReach(actions: Iterable<Action>, now: Now, most: number): number {
  let count = 0
  for (const action of actions) {
    if (count === most) break
    if (fitsNow(action, now)) count += 1
  }
  return count
}

/** Those of `actions` that fit what is at hand, the best first, each with its reason. */
export function rankedInReach(actions: Iterable<Action>, around: ReachAround): InReachNow[] {
  const found: { score: number; action: Action; points: Point[] }[] = []
  for (const action of actions) {
    if (!fitsNow(action, around)) continue
    const points = pointsOf(action, around)
    found.push({ score: scoreOf(points), action, points })
  }
  return found.sort(byScore).map(({ action, points }) => ({ action, reason: reasonOf(points) }))
}

export type Misfit = 'minutes' | 'energy' | 'contexts'
export interface JustOut {
  readonly action: Action
  readonly misses: Misfit
}

/** What fails by one thing alone, and not by far, the best first: "needs 45 min", "at On site". */
export function justOutOfReach(actions: Iterable<Action>, around: ReachAround, count: number): JustOut[] {
  const { today, reach } = around
  const found: { score: number; action: Action; misses: Misfit }[] = []
  for (const action of actions) {
    if (!isForNow(action, today, reach)) continue
    const misses: Misfit[] = []
    if (!fitsMinutes(action, reach)) misses.push('minutes')
    if (!fitsEnergy(action, reach)) misses.push('energy')
    if (!fitsContexts(action, reach)) misses.push('contexts')
    const [only, ...more] = misses
    if (!only || more.length > 0) continue
    if (only === 'minutes' && (action.minutes ?? 0) > 2 * (reach.minutes ?? 0)) continue
    found.push({ score: scoreOf(pointsOf(action, around)), action, misses: only })
  }
  return found.sort(byScore).slice(0, count)
}

/**
 * Two that fill the available minutes together, as nearly as any two of the first `among`; null where one alone fills
 * them better.
 */
export function pairFor(
  ranked: readonly InReachNow[],
  minutes: number,
  among = 40,
): readonly [Action, Action] | null {
  const timed = ranked.slice(0, among).flatMap(({ action }) => (action.minutes ? [action] : []))
  let best: readonly [Action, Action] | null = null
  let filled = Math.max(0, ...timed.map((action) => action.minutes ?? 0).filter((each) => each <= minutes))
  for (const [at, first] of timed.entries())
    for (const second of timed.slice(at + 1)) {
      const sum = (first.minutes ?? 0) + (second.minutes ?? 0)
      if (sum <= minutes && sum > filled) {
        filled = sum
        best = [first, second]
      }
    }
  return best
}
