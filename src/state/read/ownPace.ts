// What this person's actions took against what was estimated, for whoever estimates another.
import type { Document } from '@/core/journal'
import { lengthGroup, paceToTell, type OwnPace, type Taken } from '@/core/pace/ownPace'
import type { Action, Id } from '@/core/record'
import { addDays, type CalendarDate } from '@/core/time'
import { doneOf } from './actionIndexes'
import { minutesTakenOf } from './ownedIndexes'
import { areaOf } from './selectors'

/** Looked back upon: a pace of long ago is not today's. */
const daysLookedBack = 183

export type PaceGroup = Id<'context'> | Id<'area'> | ReturnType<typeof lengthGroup>

type Estimated = Pick<Action, 'contextIds' | 'projectId' | 'areaId' | 'minutes'>

/** The groups of an action, the most telling first: its contexts, its area, its length. */
function groupsOf(document: Document, { contextIds, projectId, areaId, minutes }: Estimated): PaceGroup[] {
  const area = areaOf(document, { projectId, areaId })
  return [...contextIds, ...(area ? [area.id] : []), ...(minutes === null ? [] : [lengthGroup(minutes)])]
}

let known: {
  readonly tables: readonly unknown[]
  readonly today: CalendarDate
  readonly taken: readonly Taken[]
} | null = null

/** What was done in the last half year, was estimated, and was timed or corrected. Worked out anew after an edit of these. */
function takenIn(document: Document, today: CalendarDate, zone: string): readonly Taken[] {
  const tables = [document.action, document.timeEntry, document.project]
  if (known?.today === today && tables.every((table, at) => table === known?.tables[at])) return known.taken
  const taken = doneOf(document, addDays(today, -daysLookedBack), today, zone).flatMap((action): Taken[] => {
    const minutes = action.minutes === null ? null : minutesTakenOf(document, action)
    return minutes === null
      ? []
      : [{ estimated: action.minutes as number, taken: minutes, groups: groupsOf(document, action) }]
  })
  known = { tables, today, taken }
  return taken
}

/** What is worth telling whoever sets the minutes of an action; null where nothing is. */
export const ownPaceFor = (
  document: Document,
  action: Estimated,
  today: CalendarDate,
  zone: string,
): OwnPace<PaceGroup> | null => paceToTell(takenIn(document, today, zone), groupsOf(document, action))
