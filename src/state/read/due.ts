// What is due on a day, as a month shows it, each followed edit by edit.
import { isOpen } from '@/core/action'
import type { Document } from '@/core/journal'
import { byId, byRank, compareTexts, type Action, type Project } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import { isHeld } from './selectors'
import { makeTableIndex } from './tableIndex'

const actionsDue = makeTableIndex('action', {
  keysOf: (action) => (action.due && isOpen(action) ? [action.due.date] : []),
  compare: (a, b) => compareTexts(a.due?.time ?? '', b.due?.time ?? '') || byId(a, b),
})
const projectsDue = makeTableIndex('project', {
  keysOf: ({ due, state }) => (due !== null && isHeld(state) ? [due] : []),
  compare: byRank,
})

/** Open actions that are due on a day, wherever they are planned: those of the whole day first. */
export const actionsDueOn: (document: Document, date: CalendarDate) => readonly Action[] = actionsDue.of
/** Projects that are held and due on a day. */
export const projectsDueOn: (document: Document, date: CalendarDate) => readonly Project[] = projectsDue.of
