// What is on the tape of a day: what was done where it was done, what is fixed where it is fixed, what was placed where
// it was placed, everything else one behind the other in the gaps from now on. Where the minutes that are left run out, the rest does not fit.
import type { Action } from '../record'
import { toMinute } from '../time'
import type { Interval } from './busy'
import { breaksOf, endOfDay, startOfDay, type DaySize } from './load'

/** One thing on the tape; all in minutes of the day. */
export interface TapePiece {
  readonly id: string
  readonly title: string
  readonly from: number
  readonly to: number
  /** Up to here it fits: `to` where all of it does. */
  readonly fitsTo: number
  readonly kind: 'done' | 'fixed' | 'placed' | 'planned'
}

export interface DayTape {
  readonly startsAtMinute: number
  readonly endsAtMinute: number
  readonly pieces: readonly TapePiece[]
  /** What events take of the day: nothing planned lies there. */
  readonly busy: readonly Interval[]
}

export interface TapeFrom {
  readonly size: DaySize
  /** The minute of the day at which the rest begins: now, or the beginning of a day to come. */
  readonly minute: number
  readonly date: string
  readonly planned: readonly Action[]
  /** Where in the day some of them were placed: the minute at which each begins. */
  readonly placed?: Readonly<Record<string, number>>
  readonly done: readonly (Pick<Action, 'id' | 'title'> & {
    readonly doneAtMinute: number
    readonly doneMinutes: number
  })[]
  /** What is left for what is planned. */
  readonly availableMinutes: number
}

type Laid = Omit<TapePiece, 'fitsTo'>

/** Done ones end where they were ticked, none over another. */
function doneOn(done: TapeFrom['done']): Laid[] {
  let last = 0
  return [...done]
    .sort((a, b) => a.doneAtMinute - b.doneAtMinute)
    .flatMap((action) => {
      const from = Math.max(last, action.doneAtMinute - action.doneMinutes)
      const to = action.doneAtMinute
      if (to <= from) return []
      last = to
      return [{ id: action.id, title: action.title, from, to, kind: 'done' as const }]
    })
}

const lengthOf = ({ minutes }: Action): number => minutes ?? 0

/** Each in the first gap that takes all of it. */
function inGaps(actions: readonly Action[], taken: readonly Interval[], begins: number): Laid[] {
  const laid = [...taken].sort((a, b) => a.from - b.from)
  return actions.map((action) => {
    const length = lengthOf(action)
    let from = begins
    for (const taken of laid) {
      if (taken.to <= from) continue
      if (taken.from - from >= length) break
      from = taken.to
    }
    const piece: Laid = { id: action.id, title: action.title, from, to: from + length, kind: 'planned' }
    laid.push(piece)
    laid.sort((a, b) => a.from - b.from)
    return piece
  })
}

export function tapeOf({
  size,
  minute,
  date,
  planned,
  placed = {},
  done,
  availableMinutes,
}: TapeFrom): DayTape {
  const begins = Math.max(minute, startOfDay(size))
  const long = planned.filter((action) => lengthOf(action) > 0)
  const isFixed = ({ at }: Action) =>
    at !== null && at.date === date && at.time !== null && toMinute(at.time) >= minute
  const fixed = long.filter(isFixed).map((action): Laid => {
    const from = action.at?.time ? toMinute(action.at.time) : begins
    return { id: action.id, title: action.title, from, to: from + lengthOf(action), kind: 'fixed' }
  })
  const busy = size.busy ?? []
  // What was placed and whose time has passed is still to do: it goes on with the rest.
  const placeOf = (action: Action) => (isFixed(action) ? undefined : placed[action.id])
  const isPlaced = (action: Action) => (placeOf(action) ?? -Infinity) + lengthOf(action) > minute
  const byHand = planned.filter(isPlaced).map((action): Laid => {
    const from = placeOf(action) ?? begins
    return { id: action.id, title: action.title, from, to: from + lengthOf(action), kind: 'placed' }
  })
  const open = [
    ...fixed,
    ...byHand,
    ...inGaps(
      long.filter((action) => !isFixed(action) && !isPlaced(action)),
      [...fixed, ...byHand, ...busy, ...breaksOf(size)],
      begins,
    ),
  ].sort((a, b) => a.from - b.from || (a.id < b.id ? -1 : 1))
  let left = availableMinutes
  const pieces = open.map((piece) => {
    const fits = Math.max(0, Math.min(left, piece.to - piece.from))
    left -= fits
    return { ...piece, fitsTo: piece.from + fits }
  })
  const before = doneOn(done).map((piece) => ({ ...piece, fitsTo: piece.to }))
  const all = [...before, ...pieces]
  return {
    startsAtMinute: Math.min(startOfDay(size), ...all.map(({ from }) => from)),
    endsAtMinute: Math.max(endOfDay(size), ...all.map(({ to }) => to)),
    pieces: all,
    busy,
  }
}
