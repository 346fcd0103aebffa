// What comes back, in words: the next one, what was missed, what was changed for one alone, and how a habit went.
import type { Action } from '@/core/record'
import type { HabitDay, HabitMonth } from '@/core/repeat/habit'
import type { CalendarDate } from '@/core/time'
import { format, shortDate } from './dates'
import { fieldNameWords, patchWords, type HistoryAround } from './history'

export const nextWords = (next: CalendarDate | null, today: CalendarDate): string =>
  next ? `then ${shortDate(next, today)}` : 'the last one'

/** What was changed for this one alone, as it stands now. */
const nowOf = (action: Action): Partial<Action> =>
  Object.fromEntries(Object.keys(action.overrides).map((field) => [field, action[field as keyof Action]]))

/** "This one only: day Wed 11 Mar → Fri 13 Mar" */
export const aloneWords = (action: Action, around: HistoryAround): string => {
  const told = patchWords('action', action.overrides, nowOf(action), around)
  return `This one only: ${told.join('; ')}`
}

export const fromNowOnWords = (fields: readonly string[], { kinds }: HistoryAround): string =>
  `This and later ones: ${fields.flatMap((field) => fieldNameWords('action', field, kinds) ?? []).join(', ')}`

const markWords = { done: 'done', missed: 'missed', skipped: 'skipped', open: 'still open' } as const
/** "Mon 9 Mar: done" */
export const habitDayWords = ({ day, mark }: HabitDay, today: CalendarDate): string =>
  `${shortDate(day, today)}: ${markWords[mark]}`

const monthName = format({ month: 'long' })
/** "March 8 of 9" */
export const habitMonthWords = ({ month, done, of }: HabitMonth): string =>
  `${monthName.format(new Date(`${month}-01T00:00:00Z`))} ${done} of ${of}`

export const runWords = ({ now, best }: { readonly now: number; readonly best: number }): string =>
  `${now} in a row, at best ${best}`
