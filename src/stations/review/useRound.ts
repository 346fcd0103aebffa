// A round as it is just now: its parts that have something to look at, how many, and which are done.
import { useMemo } from 'react'
import { useStore } from 'zustand'
import { aimedWeekOf, aimsOf } from '@/core/review/aimedWeek'
import type { Review } from '@/core/record'
import { addDays } from '@/core/time'
import { lists, select } from '@/state'
import {
  areasToLookThrough,
  atWorkOf,
  firstOfWeek,
  fixedIn,
  goalsToLookAt,
  notDoneOf,
  repeatsOf,
  restingOf,
  stoppedIn,
  type Seen,
} from '@/state/read/roundLists'
import { aimsInReview } from '@/state/read/weekAims'
import { calendarsHeld, spanKey } from '@/held/calendars/calendarsHeld'
import { useEvents } from '@/held/calendars/useEvents'
import { useSide } from '@/held/side'
import { useHeld, useHeldDocument, useToday, useZen } from '@/held/zen'
import { useCameBack } from '@/parts/rows/CameBack'
import { stoneLabel } from '@/words/reviews'
import { useReads } from './reads'
import { useReviewBox } from './useReviewBox'

export function useSeen(): Seen {
  const today = useToday()
  const { clock } = useZen()
  const [side] = useSide()
  const zone = clock.zone()
  return useMemo(() => ({ today, zone, side }), [today, zone, side])
}

/** The days looked back on for meetings, and ahead. */
export const [daysBehind, daysAhead] = [7, 14]

export function useMeetings() {
  const { today } = useSeen()
  const [first, last] = [addDays(today, -daysBehind), addDays(today, -1)]
  const behind = useEvents(first, last)
  const ahead = useEvents(today, addDays(today, daysAhead - 1))
  const hasCalendars = useHeld(({ document }) => select.calendarsOf(document).length > 0)
  const isRead = useStore(calendarsHeld, ({ events }) => events[spanKey(first, last)] !== undefined)
  return { behind: behind.filter(({ isBusy }) => isBusy), ahead, isRead: isRead || !hasCalendars }
}

export interface StoneNow {
  readonly key: string
  readonly label: string
  readonly question: string | null
  readonly count: number
  readonly done: boolean
  /** Gone by with something left. */
  readonly passed: boolean
  readonly here: boolean
}

/** Where nothing is left, one is done with it. */
const settled = ['tray', 'box', 'projects', 'waiting', 'aims']

/** The parts that have something now, or were gone through already. */
export function useRound(review: Review): readonly StoneNow[] {
  const { reviews, goals } = useReads()
  const document = useHeldDocument()
  const seen = useSeen()
  const { today, zone, side } = seen
  const back = useCameBack().length
  const box = useReviewBox().length
  const meetings = useMeetings()
  const { weekStartsOn } = select.settingsOf(document)
  const { rhythm, periodFrom } = review
  const period = useMemo(() => reviews.periodOf(rhythm, periodFrom), [reviews, rhythm, periodFrom])
  const counts = useMemo((): Readonly<Record<string, number>> => {
    const shared = {
      goals: goalsToLookAt(document, seen, goals).length,
      areas: areasToLookThrough(document, seen).length,
      done: 1,
    }
    if (rhythm !== 'week')
      return {
        ...shared,
        finished:
          reviews.finishedIn(document, period, zone, side).length +
          stoppedIn(document, period, zone, side).length,
        habits: repeatsOf(document).length,
      }
    const ordered = firstOfWeek(document, seen).length
    return {
      ...shared,
      notDone: notDoneOf(document, seen).length,
      waiting: lists.waitingOf(document).length,
      projects: atWorkOf(document, side).length,
      someday: restingOf(document, side).length,
      order: ordered > 1 ? ordered : 0,
      ahead: fixedIn(document, seen, daysAhead).length,
      aims: 1,
    }
  }, [document, seen, goals, rhythm, period, zone, side, reviews])
  const countOf = (key: string): number => {
    if (key === 'tray') return select.slipsOf(document).length + back
    if (key === 'box') return box
    // Until the calendars are read there may be some.
    if (key === 'behind') return meetings.isRead ? meetings.behind.length : 1
    if (key === 'ahead') return meetings.ahead.length + (counts['ahead'] ?? 0)
    return counts[key] ?? 1
  }
  /** What is still to be dealt with; a part that only shows leaves nothing. */
  const leftOf = (key: string): number => {
    switch (key) {
      case 'tray':
      case 'box':
      case 'notDone':
      case 'areas':
        return countOf(key)
      case 'projects':
        return atWorkOf(document, side).filter(({ id }) => !lists.nextActionOf(document, id, today)).length
      case 'waiting':
        return lists.waitingOf(document).filter(({ waiting }) => waiting?.chaseOn && waiting.chaseOn <= today)
          .length
      case 'aims':
        return aimsOf(aimsInReview(document, review, aimedWeekOf(today, weekStartsOn))).length > 0 ? 0 : 1
      default:
        return reviews.isAsked(key) && !reviews.answerOf(document, review.id, key) ? 1 : 0
    }
  }
  const been = (key: string) => review.stonesDone.includes(key)
  const inRound = reviews
    .roundOf(document, rhythm)
    .filter(({ key }) => been(key) || key === review.stone || countOf(key) > 0)
  const here =
    inRound.find(({ key }) => key === review.stone) ?? inRound.find(({ key }) => !been(key)) ?? inRound[0]
  return inRound.map(({ key, question }) => {
    const isHere = key === here?.key
    // Nothing is done before one has been there; what can be settled is done as soon as it is.
    const isDone = leftOf(key) === 0 && (been(key) || (isHere && settled.includes(key)))
    return {
      key,
      label: stoneLabel(key),
      question,
      count: countOf(key),
      done: isDone,
      passed: been(key) && leftOf(key) > 0,
      here: isHere,
    }
  })
}
