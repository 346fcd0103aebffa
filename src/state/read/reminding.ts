// Which reminders stand to be answered now, and which come next: looked for among all there are, since few things
// remind.
import { isOpen } from '@/core/action'
import { isThere, recordIn, valuesOf, type Document } from '@/core/journal'
import type { Action, Id, Reminder } from '@/core/record'
import { isBefore, openMoment } from '@/core/reminder'
import type { LocalMoment } from '@/core/time'
import { remindersOf } from './ownedIndexes'
import { asItStands } from './standing'
import { settingsIn } from './settingsIn'

export interface Standing {
  readonly reminder: Reminder
  readonly action: Action
  readonly moment: LocalMoment
}

const inTime = (a: Standing, b: Standing): number => {
  if (isBefore(a.moment, b.moment)) return -1
  return isBefore(b.moment, a.moment) ? 1 : 0
}

/** Reminders of open actions that nobody has answered, and whose moment has come; the longest past first. */
export function dueReminders(document: Document, now: LocalMoment): Standing[] {
  const settings = settingsIn(document)
  const standing: Standing[] = []
  for (const entry of valuesOf(document.reminder)) {
    if (!isThere(entry)) continue
    const reminder = entry.record as Reminder
    const action = recordIn(document, reminder.actionId)
    // As it stands: what a template holds reminds of nothing.
    if (!action || !isOpen(asItStands(document, action))) continue
    const moment = openMoment(reminder, action, settings)
    if (moment && !isBefore(now, moment)) standing.push({ reminder, action, moment })
  }
  return standing.sort(inTime)
}

/** The next moment at which an action reminds, the one that has come and is not answered before all; null for none. */
export function nextReminderOf(document: Document, id: Id<'action'>): LocalMoment | null {
  const reminders = remindersOf(document, id)
  const action = reminders.length > 0 ? recordIn(document, id) : undefined
  if (!action || !isOpen(asItStands(document, action))) return null
  const settings = settingsIn(document)
  return reminders.reduce<LocalMoment | null>((next, reminder) => {
    const moment = openMoment(reminder, action, settings)
    return moment && (next === null || isBefore(moment, next)) ? moment : next
  }, null)
}
