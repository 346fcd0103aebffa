// How many actions are left of a day: those of the Day sheet that are carried over, due, underway or picked, by its
// own rule.
import { anyReach, dayBandOf, type DayBandName } from '@/core/day'
import type { Document } from '@/core/journal'
import type { Action } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { standingOf } from './standing'
import { makeTableIndex, type TableIndex } from './tableIndex'

/** What is at hand decides of none of these. */
const counted: readonly (DayBandName | null)[] = ['carriedOver', 'dueToday', 'underway', 'picked']
const left = 'left'

let latest: { readonly today: CalendarDate; readonly index: TableIndex<Action> } | null = null

function indexOf(today: CalendarDate): TableIndex<Action> {
  if (latest?.today !== today)
    latest = {
      today,
      index: makeTableIndex('action', {
        keysOf: (action) => (counted.includes(dayBandOf(action, today, anyReach)) ? [left] : []),
        compare: () => 0,
        inOrder: (actions) => [...actions],
        standing: standingOf,
      }),
    }
  return latest.index
}

export const leftOfToday = (document: Document, today: CalendarDate): number =>
  indexOf(today).count(document, left)
