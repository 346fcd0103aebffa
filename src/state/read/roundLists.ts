// What each part of a review has to look at, read off the document.
import { isHidden, isWaitingOrBlocked, standsOn } from '@/core/action'
import { inOrderOfHand } from '@/core/day/order'
import { recordsIn, type Document } from '@/core/journal'
import type { DaySpan } from '@/core/lookBack'
import type { Action, Area, Goal, Project } from '@/core/record'
import { addDays, localMomentAt, weekStartOf, type CalendarDate } from '@/core/time'
import type { OnDemand } from '../commands/onDemand'
import * as lists from './actionIndexes'
import { areasOf, isAtWork, projectsOf, reviewsOf } from './selectors'
import { lookThroughOn } from './shelfSums'
import { isOfSide, ofSide, type SideChoice } from './sides'

/** From where one looks. */
export interface Seen {
  readonly today: CalendarDate
  readonly zone: string
  readonly side: SideChoice
}

/** Planned or due on an earlier day, and not done: what was given another day since is not among it. */
export const notDoneOf = (document: Document, { today, side }: Seen): readonly Action[] =>
  ofSide(
    document,
    side,
    lists.actionsOfDay(document, today, today).filter((action) => {
      const on = standsOn(action)
      return on !== null && on < today && !isHidden(action, today)
    }),
  )

/** Projects that are worked on, in their own order. */
export const atWorkOf = (document: Document, side: SideChoice): readonly Project[] =>
  projectsOf(document).filter(
    (project) =>
      isAtWork(document, project) &&
      isOfSide(document, side, { projectId: project.id, areaId: project.areaId }),
  )

/** Areas whose day to be looked through has come. */
export const areasToLookThrough = (document: Document, { today, side }: Seen): readonly Area[] =>
  areasOf(document).filter((area) => {
    const on = lookThroughOn(area, today)
    return (
      area.closedAtEpochMs === null &&
      on !== null &&
      on <= today &&
      isOfSide(document, side, { projectId: null, areaId: area.id })
    )
  })

/** Open goals that nothing moved toward lately, or whose day to be looked at has come. */
export const goalsToLookAt = (
  document: Document,
  { today, zone }: Seen,
  goals: OnDemand['goals'],
): readonly Goal[] =>
  goals.goalsOf(document).filter((goal) => {
    if (goal.state !== 'open') return false
    const on = goals.lookAtOn(document, goal, zone)
    return (on !== null && on <= today) || goals.movesOf(document, goal.id, today, zone).done === 0
  })

/** For someday or later: what was left lying in fewer reviews first, then the oldest. */
export function restingOf(document: Document, side: SideChoice): readonly Action[] {
  const times = new Map<string, number>()
  for (const { looked } of reviewsOf(document))
    for (const id of looked) times.set(id, (times.get(id) ?? 0) + 1)
  const timesOf = ({ id }: Action) => times.get(id) ?? 0
  const resting = [...lists.somedayOf(document), ...lists.onShelfOf(document)]
  return [...ofSide(document, side, resting)].sort(
    (a, b) => timesOf(a) - timesOf(b) || a.createdAtEpochMs - b.createdAtEpochMs,
  )
}

/** How many are ordered by hand in a review. */
const firstFew = 10

/** What is for this week and on no day, in the order of the hand: the first few. */
export const firstOfWeek = (document: Document, { today, side }: Seen): readonly Action[] =>
  inOrderOfHand(
    ofSide(
      document,
      side,
      lists
        .actionsOfWeek(document, weekStartOf(today), today)
        .filter(
          (action) => standsOn(action) === null && !isWaitingOrBlocked(action) && !isHidden(action, today),
        ),
    ),
  ).slice(0, firstFew)

/** Fixed on the clock, from today on for so many days. */
export const fixedIn = (document: Document, { today, side }: Seen, days: number): readonly Action[] =>
  ofSide(
    document,
    side,
    Array.from({ length: days }, (_, ahead) => addDays(today, ahead)).flatMap((date) =>
      lists.actionsOfDay(document, date, today).filter(({ at }) => at?.date === date),
    ),
  )

/** Projects given up in some days. */
export const stoppedIn = (
  document: Document,
  { from, to }: DaySpan,
  zone: string,
  side: SideChoice,
): readonly Project[] =>
  projectsOf(document).filter(({ id, areaId, state, closedAtEpochMs }) => {
    if (state !== 'letGo' || closedAtEpochMs === null) return false
    const on = localMomentAt(closedAtEpochMs, zone).date
    return on >= from && on <= to && isOfSide(document, side, { projectId: id, areaId })
  })

/** What keeps coming back: the rules of actions that are held. */
export const repeatsOf = (document: Document) => recordsIn(document, 'repeat')

/** When the first action was made, by the table they stand in: looked for once for as long as none changes. */
const firstMade = new WeakMap<Document['action'], number>()

/** The first day that anything was done or made here; null where there is nothing. */
export function firstDayOf(document: Document, zone: string): CalendarDate | null {
  let first = firstMade.get(document.action) ?? Infinity
  if (first === Infinity)
    for (const { createdAtEpochMs } of recordsIn(document, 'action'))
      first = Math.min(first, createdAtEpochMs)
  firstMade.set(document.action, first)
  return first === Infinity ? null : localMomentAt(first, zone).date
}
