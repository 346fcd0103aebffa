import type { Action } from '../record'
import { defaultSettings } from '../record/defaultSettings'
import { gapsIn, joined, minutesIn, type Interval } from './busy'

/**
 * What a day is made of, in minutes: those a person can give to actions, somewhere between its beginning and its end.
 */
export interface DaySize {
  readonly availableMinutes: number
  /** The hours that are worked, joined: breaks lie between them. None on a day off. */
  readonly hours: readonly Interval[]
  /** What is taken of it by events and held times, joined. */
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

/** Where a day off is drawn from, and to. */
const { dayStartsAtMinute, dayEndsAtMinute } = defaultSettings

/** The first minute of a day's work. */
export const startOfDay = ({ hours }: Pick<DaySize, 'hours'>): number => hours[0]?.from ?? dayStartsAtMinute
/** The last minute of a day's work. */
export const endOfDay = ({ hours }: Pick<DaySize, 'hours'>): number => hours.at(-1)?.to ?? dayEndsAtMinute
/** The breaks between the hours of a day. */
export const breaksOf = (size: Pick<DaySize, 'hours'>): Interval[] =>
  gapsIn(size.hours, {
    from: startOfDay(size),
    to: size.hours.length === 0 ? startOfDay(size) : endOfDay(size),
  })

/** What of the hours of a day is not taken from `minute` on. */
export const openIn = ({ hours, busy = [] }: Pick<DaySize, 'hours' | 'busy'>, minute = 0): Interval[] =>
  hours.flatMap(({ from, to }) =>
    to <= minute ? [] : gapsIn(joined(busy), { from: Math.max(from, minute), to }),
  )

const openFrom = (size: DaySize, minute: number): number => minutesIn(openIn(size, minute))

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
