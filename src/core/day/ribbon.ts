// The day to scale, hour by hour: what lies on it, side by side where it overlaps, and the gaps. Everything is in
// minutes since the day began, so that a day on which the clock changes is 23 or 25 hours long.
import { addDays, epochMsAt, localMomentAt, type CalendarDate } from '../time'
import { joined, type Interval } from './busy'
import { endOfDay, openIn, startOfDay } from './load'

export interface RibbonThing extends Interval {
  readonly id: string
  readonly title: string
  readonly kind: 'event' | 'fixed' | 'placed' | 'planned' | 'done'
  /** It takes no time: gaps go through it. */
  readonly isFree: boolean
}

/** A thing with its place beside those it overlaps: the `lane`-th of `lanes`. */
export type RibbonBlock<T extends RibbonThing = RibbonThing> = T & {
  readonly lane: number
  readonly lanes: number
}

/** A gap, and from where on it can be seen: what is drawn larger than it is may cover its beginning. */
export interface RibbonGap extends Interval {
  readonly seenFrom: number
}

export interface Ribbon<T extends RibbonThing = RibbonThing> extends Interval {
  readonly blocks: readonly RibbonBlock<T>[]
  readonly gaps: readonly RibbonGap[]
}

const minuteMs = 60_000

const beginningOf = (date: CalendarDate, zone: string): number => epochMsAt({ date, minute: 0 }, zone)

/** How long a day is, in minutes: 1440, but for the days on which the clock changes. */
export const lengthOfDay = (date: CalendarDate, zone: string): number =>
  Math.round((beginningOf(addDays(date, 1), zone) - beginningOf(date, zone)) / minuteMs)

/** Minutes since the day began, at an instant; before it 0, after it its length. */
export const elapsedAt = (epochMs: number, date: CalendarDate, zone: string): number =>
  Math.min(lengthOfDay(date, zone), Math.max(0, Math.round((epochMs - beginningOf(date, zone)) / minuteMs)))

/** The same for a minute that the wall clock shows. */
export const elapsedOf = (minute: number, date: CalendarDate, zone: string): number =>
  minute >= 1440 ? lengthOfDay(date, zone) : elapsedAt(epochMsAt({ date, minute }, zone), date, zone)

/** The hours of a day as its wall clock shows them: one comes twice, or is missing, where the clock changes. */
export function hoursOf(
  date: CalendarDate,
  zone: string,
  { from, to }: Interval,
): { readonly at: number; readonly hour: number }[] {
  const begins = beginningOf(date, zone)
  const hours: { at: number; hour: number }[] = []
  for (let at = Math.ceil(from / 60) * 60; at <= to; at += 60)
    hours.push({ at, hour: Math.floor(localMomentAt(begins + at * minuteMs, zone).minute / 60) })
  return hours
}

/**
 * Side by side where they overlap: all that hang together have as many lanes as the most of them at once. What is
 * shorter than `least` minutes is drawn as long as that, and lies beside what it would cover.
 */
export function inLanes<T extends RibbonThing>(things: readonly T[], least = 0): RibbonBlock<T>[] {
  const inOrder = [...things].sort((a, b) => a.from - b.from || b.to - a.to || (a.id < b.id ? -1 : 1))
  const blocks: RibbonBlock<T>[] = []
  let [cluster, clusterEnd]: [(T & { lane: number })[], number] = [[], -Infinity]
  const ends: number[] = []
  const close = () => {
    const lanes = Math.max(1, ends.length)
    blocks.push(...cluster.map((each) => ({ ...each, lanes })))
    cluster = []
    ends.length = 0
  }
  for (const thing of inOrder) {
    if (thing.from >= clusterEnd) close()
    const free = ends.findIndex((end) => end <= thing.from)
    const lane = free < 0 ? ends.length : free
    const end = drawnTo(thing, least)
    ends[lane] = end
    cluster.push({ ...thing, lane })
    clusterEnd = cluster.length === 1 ? end : Math.max(clusterEnd, end)
  }
  close()
  return blocks
}

const drawnTo = ({ from, to }: Interval, least: number): number => Math.max(to, from + least)

/**
 * The ribbon over the hours of work and whatever lies beyond them. Gaps are what is open of `hours`, from `now` on where
 * that is of this day. What is shorter than `least` minutes is drawn as long as that, and no gap is shorter.
 */
export function ribbonOf<T extends RibbonThing>(
  things: readonly T[],
  hours: readonly Interval[],
  now: number | null,
  least: number,
): Ribbon<T> {
  const shown = things.filter(({ from, to }) => to > from)
  const from = Math.min(startOfDay({ hours }), ...shown.map((thing) => thing.from))
  const to = Math.max(endOfDay({ hours }), ...shown.map((thing) => thing.to))
  const taken = joined(shown.filter(({ isFree, kind }) => !isFree && kind !== 'done'))
  const seen = (gap: Interval): RibbonGap => {
    const over = shown.filter((thing) => !thing.isFree && thing.from < gap.to)
    return { ...gap, seenFrom: Math.max(gap.from, ...over.map((thing) => drawnTo(thing, least))) }
  }
  return {
    from: Math.floor(from / 60) * 60,
    to: Math.ceil(to / 60) * 60,
    blocks: inLanes(shown, least),
    gaps: openIn({ hours, busy: taken }, now ?? 0)
      .map(seen)
      .filter(({ seenFrom, to: end }) => end - seenFrom >= least),
  }
}
