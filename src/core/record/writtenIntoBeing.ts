// Records that two copies may both make before they meet: the settings, and the plan of a day. They are never added
// whole, which would let the later one win over all that the earlier wrote: they are there as soon as one of their
// fields is written, and each field, and each member of a map, is merged on its own.
import { isEqual } from '../isEqual'
import { isCalendarDate } from '../time'
import { blankOf } from './blankOf'
import type { AnyRecord } from './shapes'

const planPrefix = 'plan:day-'

/** What stands in a record before anything is written into it; null for one that must be added. */
export function unwritten(id: string): AnyRecord | null {
  // Settings are read over their defaults.
  if (id.startsWith('settings:')) return { id } as AnyRecord
  const date = id.startsWith(planPrefix) ? id.slice(planPrefix.length) : ''
  return isCalendarDate(date) ? ({ ...blankOf('plan'), id, date } as AnyRecord) : null
}

/** Whether everything that was written into a plan was taken out again: it is as if there were none. */
export const isUnwritten = (record: AnyRecord): boolean =>
  record.id.startsWith(planPrefix) && isEqual(record, unwritten(record.id))
