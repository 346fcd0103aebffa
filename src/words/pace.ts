// How a project goes on, and when it will be over at that pace.
import type { FinishRange } from '@/core/pace'
import type { CalendarDate } from '@/core/time'
import { count } from './counts'
import { duration, nearDate, onDate } from './dates'

interface Paced {
  readonly doneMinutes: number
  readonly toDoMinutes: number
  readonly perWeekMinutes: number | null
}

/** "7 h 10 done, 4 h 20 to do, 1 h 30 a week" */
export const paceWords = ({ doneMinutes, toDoMinutes, perWeekMinutes }: Paced): string =>
  [
    `${duration(doneMinutes)} done`,
    `${duration(toDoMinutes)} to do`,
    perWeekMinutes === null ? '' : `${duration(perWeekMinutes)} a week`,
  ]
    .filter(Boolean)
    .join(', ')

const whenOver = ({ from, to }: FinishRange, today: CalendarDate): string => {
  if (to === null) return `not before ${nearDate(from, today)}, perhaps in more than two years`
  return from === to ? onDate(from, today) : `between ${nearDate(from, today)} and ${nearDate(to, today)}`
}

/** Whether that is in time for the promise: "in time", "perhaps too late", "too late". */
export function inTimeWords({ from, to }: FinishRange, due: CalendarDate): string {
  if (to !== null && to <= due) return 'in time'
  return from > due ? 'too late' : 'perhaps too late'
}

/** "At your pace done between 20 and 26 March: in time" */
export const finishWords = (range: FinishRange, due: CalendarDate | null, today: CalendarDate): string =>
  `At your pace done ${whenOver(range, today)}${due ? `: ${inTimeWords(range, due)}` : ''}`

/** What that rests on. */
export function restsOnWords({
  weeks,
  doneCount,
  unknown,
  unknownMinutes,
}: {
  readonly weeks: number
  readonly doneCount: number
  readonly unknown: number
  readonly unknownMinutes: number
}): string {
  const guessed =
    unknown > 0
      ? `; ${count(unknown, 'action')} without minutes taken as ${duration(unknownMinutes)} each`
      : ''
  return `8 of 10 simulations, based on ${count(weeks, 'week')} and ${count(doneCount, 'done action')}${guessed}.`
}
