// Checklists by what they stand in, and how often each was gone through.
import type { Document } from '@/core/journal'
import { byRank, type Checklist, type Id, type ChecklistRun } from '@/core/record'
import { outsideTemplates } from './isTemplate'
import { makeTableIndex } from './tableIndex'

const [alone, all] = ['alone', 'all']
const checklists = makeTableIndex('checklist', {
  keysOf: ({ ownerId, letGoAtEpochMs }) => (letGoAtEpochMs === null ? [all, ownerId ?? alone] : []),
  compare: byRank,
})
/** Those of an action or a project; of null those that stand alone. */
export const checklistsIn = (document: Document, ownerId: Checklist['ownerId']): readonly Checklist[] =>
  checklists.of(document, ownerId ?? alone)
const real = outsideTemplates<Checklist>(({ ownerId }) => ownerId)
/** Every checklist but those of templates. */
export const allChecklists = (document: Document): readonly Checklist[] =>
  real(document, checklists.of(document, all))

const byEnd = (a: ChecklistRun, b: ChecklistRun) =>
  b.endedAtEpochMs - a.endedAtEpochMs || (a.id < b.id ? -1 : 1)
const runs = makeTableIndex('run', {
  keysOf: ({ checklistId }) => [checklistId],
  compare: byEnd,
})
/** How often it was gone through, the latest first. */
export const checklistRunsOf = (document: Document, id: Id<'checklist'>): readonly ChecklistRun[] =>
  runs.of(document, id)
