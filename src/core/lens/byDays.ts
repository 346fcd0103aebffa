// What a lens lists as a list of days: where each action stands, today and the days to come even where they are
// empty, and what is done on the day it was done.
import { isOpen } from '../action/isOpen'
import { minutesOf } from '../day/load'
import type { Action } from '../record'
import { addDays, type CalendarDate } from '../time'
import { standsOn } from '../action'

export interface LensDayList {
  /** Null is without a day; *past* what stands on days that have gone, and is not done. */
  readonly date: CalendarDate | 'past' | null
  readonly actions: readonly Action[]
  readonly minutes: number
}

interface ByDays {
  readonly today: CalendarDate
  /** So many days from today on stand there even where nothing is on them. */
  readonly ahead: number
  /** The day an instant falls on. */
  readonly dayAt: (epochMs: number) => CalendarDate
}

/** Splits a list that is in its order; the order inside a day is kept. */
export function byDays(
  actions: readonly Action[],
  { today, ahead, dayAt }: ByDays,
): { readonly done: readonly LensDayList[]; readonly days: readonly LensDayList[] } {
  const listOf = (date: LensDayList['date'], list: readonly Action[]): LensDayList => ({
    date,
    actions: list,
    minutes: minutesOf(list),
  })
  const done = new Map<CalendarDate, Action[]>()
  const days = new Map<string, Action[]>([['past', []]])
  for (let away = 0; away < ahead; away++) days.set(addDays(today, away), [])
  const into = <K>(map: Map<K, Action[]>, key: K, action: Action) => {
    const list = map.get(key)
    if (list) list.push(action)
    else map.set(key, [action])
  }
  for (const action of actions) {
    if (!isOpen(action)) {
      into(done, dayAt(action.doneAtEpochMs ?? action.letGoAtEpochMs ?? action.createdAtEpochMs), action)
      continue
    }
    const date = standsOn(action)
    if (date === null) into(days, '', action)
    else into(days, date < today ? 'past' : date, action)
  }
  const placeOf = (key: string) => (key === 'past' ? '0' : key || '~')
  return {
    done: [...done].sort(([a], [b]) => (a < b ? 1 : -1)).map(([date, list]) => listOf(date, list)),
    days: [...days]
      .filter(([key, list]) => list.length > 0 || (key !== 'past' && key !== ''))
      .sort(([a], [b]) => (placeOf(a) < placeOf(b) ? -1 : 1))
      .map(([key, list]) => listOf(key === '' ? null : (key as CalendarDate | 'past'), list)),
  }
}
