// Planning an action at an hour of a day: kept in the plan of that day, so that it is neither a fixed time nor a promise
// and is not carried over with the action.
import { dayOnSheet, isOpen } from '@/core/action'
import { isEqual } from '@/core/isEqual'
import { recordIn } from '@/core/journal'
import { titleLimit, type Id } from '@/core/record'
import { refuse } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import { placedOn, planIdOf } from '../../read/selectors'
import { editAction, moveTo } from '../action/actions'
import { after, diffOf, together, type Command, type CommandContext, type Outcome } from '../command'
import { planWith } from './days'

/** Where an action begins, in minutes of the day, and how long it takes, where that is set with it. */
export interface Placing {
  readonly id: Id<'action'>
  readonly minute: number
  readonly minutes?: number
}

const isMinute = (minute: number): boolean => Number.isInteger(minute) && minute >= 0 && minute < 1440

/** Brings an action to the day it is placed in, with the minutes it is to take. */
function brought(context: CommandContext, { id, minutes }: Placing, date: CalendarDate): Outcome {
  const action = recordIn(context.document, id)
  if (!action || !isOpen(action)) return refuse({ kind: 'notFound' })
  const today = context.moment.date
  const isThere = dayOnSheet(action, today) === date || (date === today && action.startedAtEpochMs !== null)
  const moved = isThere ? refuse({ kind: 'nothingToDo' } as const) : moveTo(context, { id, day: date })
  if (!moved.ok && moved.error.kind !== 'nothingToDo') return moved
  const there = moved.ok ? after(context, moved.value) : context
  const sized =
    minutes === undefined
      ? refuse({ kind: 'nothingToDo' } as const)
      : editAction(there, { id, patch: { minutes } })
  if (!sized.ok && sized.error.kind !== 'nothingToDo') return sized
  return diffOf(...(moved.ok ? moved.value : []), ...(sized.ok ? sized.value : []))
}

/** Places several, and with `instead` whatever else was placed in that day goes back to its list. */
function placedAll(
  context: CommandContext,
  date: CalendarDate,
  placings: readonly Placing[],
  kept: Readonly<Record<string, number>>,
): Outcome {
  if (placings.some(({ minute }) => !isMinute(minute))) return refuse({ kind: 'unfit', field: 'placed' })
  const there = together(placings, (each) => brought(context, each, date))
  if (!there.ok && there.error.kind !== 'nothingToDo') return there
  const placed = { ...kept, ...Object.fromEntries(placings.map(({ id, minute }) => [id, minute])) }
  const isSame = isEqual(placed, placedOn(context.document, date))
  return diffOf(...(there.ok ? there.value : []), isSame ? null : planWith(context, date, { placed }))
}

/** Plans an action at an hour of a day. It comes to that day where it is on another or on none. */
export const placeAction: Command<Placing & { date: CalendarDate }> = (context, { date, ...placing }) =>
  placedAll(context, date, [placing], placedOn(context.document, date))

/** Takes an action off the hours of a day: it stays planned for the day. */
export const unplaceAction: Command<{ id: Id<'action'>; date: CalendarDate }> = (context, { id, date }) => {
  const { [id]: minute, ...placed } = placedOn(context.document, date)
  return minute === undefined ? refuse({ kind: 'nothingToDo' }) : diffOf(planWith(context, date, { placed }))
}

/** Plans a day hour by hour at once: what was placed in it before and is not among these goes back to its list. */
export const layOutDay: Command<{ date: CalendarDate; placings: readonly Placing[] }> = (
  context,
  { date, placings },
) => placedAll(context, date, placings, {})

/** A day on which nothing is available, for leave or a journey; null for one at home again. */
export const setDayAway: Command<{ dates: readonly CalendarDate[]; away: string | null }> = (
  context,
  { dates, away },
) => {
  const line = away === null ? null : away.replace(/\s+/g, ' ').trim()
  if (line !== null && line.length > titleLimit)
    return refuse({ kind: 'tooLong', field: 'away', limit: titleLimit })
  const isChanged = (date: CalendarDate) =>
    (recordIn(context.document, planIdOf(date))?.away ?? null) !== line
  return diffOf(...dates.filter(isChanged).map((date) => planWith(context, date, { away: line })))
}
