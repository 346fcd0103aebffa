// How long an action usually takes this person, for one that says nothing.
import type { Document } from '@/core/journal'
import { median } from '@/core/median'
import { addDays, type CalendarDate } from '@/core/time'
import { doneOf } from './actionIndexes'
import { minutesDoneOf } from './ownedIndexes'

/** Looked at for how long an action takes that says nothing. */
const daysLookedBack = 60
const usualWithoutAny = 30
let usual: { readonly table: unknown; readonly today: CalendarDate; readonly minutes: number } | null = null

/** How long an action usually takes this person: the middle of what the last two months took. */
export function usualMinutes(document: Document, today: CalendarDate, zone: string): number {
  if (usual?.table === document.action && usual.today === today) return usual.minutes
  const took = doneOf(document, addDays(today, -daysLookedBack), today, zone).flatMap(
    (action) => minutesDoneOf(document, action) ?? [],
  )
  usual = { table: document.action, today, minutes: median(took) ?? usualWithoutAny }
  return usual.minutes
}
