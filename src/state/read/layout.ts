// What a day is laid out from, read off the document: what is due, picked, underway and in reach, and the real gaps.
import { isCarriedOver, isWaitingFor, standsOn } from '@/core/action'
import { windowsOn } from '@/core/context'
import { joined, openIn, within, type Interval, type Reach } from '@/core/day'
import { recordIn, type Document } from '@/core/journal'
import type { Gap, LayoutAsked, Place, Task, Wishes } from '@/core/layout'
import type { Action, Context, Id } from '@/core/record'
import { addDays, daysBetween, localMomentAt, toMinute, type CalendarDate } from '@/core/time'
import { blockedOf, dayBandsWith, doneOf } from './actionIndexes'
import { leftOn, plannedOn, sideOf, type Asked } from './dayLoad'
import { minutesDoneOf } from './ownedIndexes'
import { contextsOf } from './selectors'
import { ofSide } from './sides'
import { usualMinutes } from './usualMinutes'

/** An event as the hours see it: when it is, and where. */
export interface TakenBy extends Interval {
  readonly place: string
}

/** So many are tried at most. */
const most = 40
const daysLookedBack = 90
/** From so many deep actions on, their hours are learned from. */
const enoughDeep = 5
const mornings = Array.from({ length: 24 }, (_, hour) => (hour >= 9 && hour < 12 ? 1 : 0.3))

/** How deep the work of each hour usually is: where deep work was done in the last months; mornings until then. */
export function deepByHour(document: Document, today: CalendarDate, zone: string): readonly number[] {
  const deep = doneOf(document, addDays(today, -daysLookedBack), today, zone).filter(
    ({ energy }) => energy === 'deep',
  )
  if (deep.length < enoughDeep) return mornings
  const minutes = Array<number>(24).fill(0)
  for (const action of deep) {
    const ended = localMomentAt(action.doneAtEpochMs ?? 0, zone).minute
    for (let at = ended - (minutesDoneOf(document, action) ?? 30); at < ended; at += 15)
      if (at >= 0) minutes[Math.floor(at / 60)] = (minutes[Math.floor(at / 60)] as number) + 15
  }
  const highest = Math.max(1, ...minutes)
  return minutes.map((each) => each / highest)
}

const wholeDay: Interval = { from: 0, to: 1440 }
const weightPoints = { must: 16, should: 0, could: -8 } as const

/** What matters is what fills time: an hour of it counts for more than many small things, though not twice half an hour. */
const bySize = (minutes: number): number => (minutes / 30) ** 0.8

/** How much it matters that an action is done on this day: what is planned for it before all that is only in reach. */
function valueOf(action: Action, minutes: number, today: CalendarDate): number {
  const { due, day, startedAtEpochMs, horizon, weight, payoff, moved } = action
  const days = due ? daysBetween(today, due.date) : null
  let value = horizon === 'week' ? 16 : 8
  if (day === today) value = Math.max(value, 40)
  if (startedAtEpochMs !== null) value = Math.max(value, 42)
  if (isCarriedOver(action, today)) value = Math.max(value, 45)
  if (days !== null && days <= 0) value = Math.max(value, 60)
  else if (days !== null && days <= 2) value += 14
  const points = value + weightPoints[weight] + (payoff === 'much' ? 6 : 0) + Math.min(8, 2 * moved.length)
  return Math.max(1, points) * bySize(minutes)
}

const placeOf = ({ contextIds }: Action, contexts: ReadonlyMap<string, Context>): Place =>
  contextIds.find((id) => contexts.get(id)?.minutesToGetThere) ?? null

/** What is fixed on the clock of this day, as what takes time. */
const fixedOn = (actions: readonly Action[], date: CalendarDate) =>
  actions.flatMap((action) => {
    if (action.at?.date !== date || !action.at.time) return []
    const from = toMinute(action.at.time)
    return [{ action, from, to: Math.min(1440, from + (action.minutes ?? 0)) }]
  })

/** What was given its hour by hand, as what takes time. */
const placedByHand = (actions: readonly Action[], pinned: ReadonlyMap<string, number>, usual: number) =>
  actions.flatMap((action) => {
    const from = pinned.get(action.id)
    return from === undefined
      ? []
      : [{ action, from, to: Math.min(wholeDay.to, from + (action.minutes ?? usual)) }]
  })

/** Actions that may be planned on the day: those of its sheet, with what is blocked by one of them, then what is in reach. */
function candidatesOn(document: Document, asked: Asked, reach: Reach): Action[] {
  const { date } = asked.now
  const ofDay = plannedOn(document, date, date)
  const ids = new Set<string>(ofDay.map(({ id }) => id))
  const next = blockedOf(document).filter(
    (action) =>
      !isWaitingFor(action) && standsOn(action) === date && action.afterIds.every((id) => ids.has(id)),
  )
  const bands = dayBandsWith(date, reach)
  const rest = [...bands.planned(document).week, ...bands.fewInReach(document, most)]
  const all = [...ofDay, ...next, ...rest].filter((action, at, list) => list.indexOf(action) === at)
  return ofSide(document, sideOf(document, asked), all).filter(
    (action) => action.at?.date !== date || action.at.time === null,
  )
}

/** The question for the day itself, from now on. */
export function layoutAskedOf(
  document: Document,
  asked: Asked,
  {
    reach,
    events,
    wishes,
    without,
    pinned = new Map(),
  }: {
    readonly reach: Reach
    readonly events: readonly TakenBy[]
    readonly wishes: Wishes
    /** Left out by hand. */
    readonly without: ReadonlySet<string>
    /** Where an hour was chosen by hand: the minute at which each begins. The rest is laid out around them. */
    readonly pinned?: ReadonlyMap<string, number>
  },
): LayoutAsked {
  const { date, minute } = asked.now
  const contexts = new Map<string, Context>(contextsOf(document).map((each) => [each.id, each]))
  const byName = new Map([...contexts.values()].map(({ id, name }) => [name.trim().toLowerCase(), id]))
  const usual = usualMinutes(document, date, asked.zone)
  const candidates = candidatesOn(document, asked, reach).filter(({ id }) => !without.has(id))
  const byHand = placedByHand(candidates, pinned, usual)
  const endsByHand = new Map<string, number>(byHand.map(({ action, to }) => [action.id, to]))
  const tasks = candidates
    .filter(({ id }) => !pinned.has(id))
    .slice(0, most)
    .map((action): Task => {
      const own = action.contextIds.flatMap((id) => contexts.get(id) ?? [])
      return {
        id: action.id,
        minutes: action.minutes ?? usual,
        value: valueOf(action, action.minutes ?? usual, date),
        energy: action.energy,
        contextIds: action.contextIds,
        place: placeOf(action, contexts),
        dueMinute: action.due?.date === date && action.due.time ? toMinute(action.due.time) : null,
        // What comes after something that was given its hour by hand has from its end on.
        atHand: within(own.length === 0 ? [wholeDay] : joined(own.flatMap((each) => windowsOn(each, date))), {
          ...wholeDay,
          from: Math.max(0, ...action.afterIds.map((id) => endsByHand.get(id) ?? 0)),
        }),
        afterIds: action.afterIds.filter((id) => !endsByHand.has(id)),
      }
    })
  const fixed = [...fixedOn(plannedOn(document, date, date), date), ...byHand]
  const { size, minutes } = leftOn(document, date, asked)
  const anchors = [
    ...events.map(({ from, to, place }) => ({
      from,
      to,
      place: byName.get(place.trim().toLowerCase()) ?? null,
    })),
    ...fixed.map(({ action, from, to }) => ({ from, to, place: placeOf(action, contexts) })),
  ]
  const busy = joined([...(size.busy ?? []), ...fixed])
  const gaps = openIn({ hours: size.hours, busy }, minute).map((gap): Gap => ({
    ...gap,
    placeBefore: anchors.find(({ to }) => to === gap.from)?.place,
    placeAfter: anchors.find(({ from }) => from === gap.to)?.place,
  }))
  const ids = new Set(tasks.map(({ id }) => id))
  return {
    // What is to be done before something that was left out is not blocked here.
    tasks: tasks.filter(({ afterIds }) => afterIds.every((id) => ids.has(id))),
    gaps,
    budget: Math.max(
      0,
      minutes - fixed.reduce((sum, { from, to }) => sum + Math.max(0, to - Math.max(from, minute)), 0),
    ),
    deepByHour: deepByHour(document, date, asked.zone),
    minutesTo: Object.fromEntries(
      [...contexts.values()].map(({ id, minutesToGetThere }) => [id, minutesToGetThere ?? 0]),
    ),
    wishes,
  }
}

/** What was given its hour by hand, as it lies in the day: over something that is fixed there, or not. */
export function pinnedOn(
  document: Document,
  asked: Asked,
  pinned: ReadonlyMap<string, number>,
): (Interval & { readonly id: Id<'action'>; readonly isOver: boolean })[] {
  const { date } = asked.now
  const usual = usualMinutes(document, date, asked.zone)
  const actions = [...pinned.keys()].flatMap((id) => recordIn(document, id as Id<'action'>) ?? [])
  const pieces = placedByHand(actions, pinned, usual)
  const busy = [
    ...(leftOn(document, date, asked).size.busy ?? []),
    ...fixedOn(plannedOn(document, date, date), date),
  ]
  const isOver = (a: Interval, b: Interval) => a.from < b.to && b.from < a.to
  return pieces.map((piece) => ({
    id: piece.action.id,
    from: piece.from,
    to: piece.to,
    isOver: [...busy, ...pieces.filter((other) => other !== piece)].some((other) => isOver(piece, other)),
  }))
}
