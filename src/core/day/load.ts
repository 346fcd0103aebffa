import type { Action } from '../record'
import { minutesIn, within, type Interval } from './busy'

/**
 * What a day is made of, in minutes: those a person can give to actions, somewhere between its beginning and its end.
 */
export interface DaySize {
  readonly availableMinutes: number
  readonly startsAtMinute: number
  readonly endsAtMinute: number
  /** What is taken of it by events, joined. */
  readonly busy?: readonly Interval[]
}

/** The planned minutes of a day against those that are left of it. */
export interface Load {
  /** Still to do. */
  readonly plannedMinutes: number
  /** Left for it: the whole day's before it begins, what is left of them on the day itself. */
  readonly availableMinutes: number
  /** Planned beyond what is left; 0 where it fits. */
  readonly overMinutes: number
  /** Actions that bring no minutes with them: they are in the plan and not in the sum. */
  readonly withoutMinutes: number
  /** Done on this day already. */
  readonly doneMinutes: number
  /** Whether some of the day has gone. */
  readonly isPartly: boolean
}

export const minutesOf = (actions: readonly Action[]): number =>
  actions.reduce((sum, action) => sum + (action.minutes ?? 0), 0)

/** The last minute of a day's work: what can be given to it has room before. */
export const endOfDay = ({ availableMinutes, startsAtMinute, endsAtMinute }: DaySize): number =>
  Math.min(1440, Math.max(endsAtMinute, startsAtMinute + availableMinutes))

/** What of a day from `minute` on is not taken. */
function openFrom(size: DaySize, minute: number): number {
  const span = { from: Math.max(minute, size.startsAtMinute), to: endOfDay(size) }
  return Math.max(0, span.to - span.from) - minutesIn(within(size.busy ?? [], span))
}

/** The minutes a whole day has for actions: those a person can give, and no more than events leave. */
export const roomIn = (size: DaySize): number => Math.min(size.availableMinutes, openFrom(size, 0))

/** What is left of a day at `minute` of it, where `doneMinutes` have been worked: never more than the clock leaves. */
export const minutesLeft = (size: DaySize, doneMinutes: number, minute: number): number =>
  Math.max(0, Math.min(roomIn(size) - doneMinutes, openFrom(size, minute)))

/** The load of a day that has not begun. */
export function loadOf(actions: readonly Action[], availableMinutes: number): Load {
  const plannedMinutes = minutesOf(actions)
  return {
    plannedMinutes,
    availableMinutes,
    overMinutes: Math.max(0, plannedMinutes - availableMinutes),
    withoutMinutes: actions.filter((action) => action.minutes === null).length,
    doneMinutes: 0,
    isPartly: false,
  }
}

/**
 * The load of the day itself at `minute` of it: what is done and the hours that have passed are not left any longer.
 */
export function loadAt(actions: readonly Action[], doneMinutes: number, size: DaySize, minute: number): Load {
  const availableMinutes = minutesLeft(size, doneMinutes, minute)
  return {
    ...loadOf(actions, availableMinutes),
    doneMinutes,
    isPartly: doneMinutes > 0 || availableMinutes < roomIn(size),
  }
}
