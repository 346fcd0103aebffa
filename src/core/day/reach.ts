import type { Action, Energy, Id } from '../record'
import type { CalendarDate } from '../time'
import { isHidden } from '../action/isHidden'

/** What is at hand here and now. Empty contexts mean any; null minutes mean no limit. */
export interface Reach {
  readonly contextIds: readonly Id<'context'>[]
  readonly minutes: number | null
  /** How much is left: null, and *deep*, let everything through, *light* what is light. */
  readonly energy?: Energy | null
  /** Contexts that are not at hand at this hour: what needs one of them alone is out, where nothing is chosen. */
  readonly awayContextIds?: ReadonlySet<string>
  /** Projects that rest or are over: what belongs to them is not in reach. */
  readonly restingProjectIds?: ReadonlySet<string>
  /** The last day of this week: what is due up to then is of this week. */
  readonly weekEnd?: CalendarDate
}

export const anyReach: Reach = { contextIds: [], minutes: null }

const isSameSet = (a: ReadonlySet<string> | undefined, b: ReadonlySet<string> | undefined): boolean =>
  a === b || ((a?.size ?? 0) === (b?.size ?? 0) && [...(a ?? [])].every((id) => b?.has(id)))

/** Whether two say the same, whichever part of the page made them. */
export const isSameReach = (a: Reach, b: Reach): boolean =>
  a === b ||
  (a.minutes === b.minutes &&
    (a.energy ?? null) === (b.energy ?? null) &&
    a.weekEnd === b.weekEnd &&
    isSameSet(new Set(a.contextIds), new Set(b.contextIds)) &&
    isSameSet(a.awayContextIds, b.awayContextIds) &&
    isSameSet(a.restingProjectIds, b.restingProjectIds))

/**
 * Whether an open action can be done today at all: not hidden, not someday, not laid on a later day, not of a project
 * that rests.
 */
export function isDoable(action: Action, today: CalendarDate, reach: Reach): boolean {
  if (isHidden(action, today) || action.horizon === 'someday') return false
  if (action.projectId !== null && reach.restingProjectIds?.has(action.projectId)) return false
  return !(action.day !== null && action.day > today) && !(action.at !== null && action.at.date > today)
}

export const fitsMinutes = ({ minutes }: Action, reach: Reach): boolean =>
  reach.minutes === null || minutes === null || minutes <= reach.minutes

export const fitsContexts = ({ contextIds }: Action, reach: Reach): boolean =>
  contextIds.length === 0 ||
  (reach.contextIds.length === 0
    ? !reach.awayContextIds || contextIds.some((id) => !reach.awayContextIds?.has(id))
    : contextIds.some((id) => reach.contextIds.includes(id)))

/** What is deep takes all of one's energy, what is light hardly any. */
export function fitsEnergy({ energy }: Action, reach: Reach): boolean {
  if (energy === null || !reach.energy || reach.energy === 'deep') return true
  return energy === 'light' || energy === reach.energy
}

/**
 * Whether an open action can be done here and now: doable today, fitting the available minutes and the energy that is
 * left, and with one of its contexts at hand. An action without a context, minutes or energy always fits.
 */
export const isInReach = (action: Action, today: CalendarDate, reach: Reach): boolean =>
  isDoable(action, today, reach) &&
  fitsMinutes(action, reach) &&
  fitsEnergy(action, reach) &&
  fitsContexts(action, reach)
