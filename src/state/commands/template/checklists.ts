// Checklists: steps under a name of their own that are gone through again and again.
import { recordIn, updateOf } from '@/core/journal'
import { blankOf, type Checklist, type Id } from '@/core/record'
import { refuse } from '@/core/result'
import { stepsOf } from '../../read/ownedIndexes'
import { added, change, changeLine, diffOf, lineOf, rankAfter, type Command } from '../command'
import { checklistsIn } from '../../read/checklists'

/** Begins a checklist, in an action or a project, or alone. */
export const addChecklist: Command<{ name: string; ownerId?: Checklist['ownerId'] }> = (
  context,
  { name, ownerId = null },
) => {
  const line = lineOf(name, 'name')
  if (!line.ok) return line
  if (ownerId !== null && !recordIn(context.document, ownerId)) return refuse({ kind: 'notFound' })
  return diffOf(
    added({
      ...blankOf('checklist'),
      id: context.newId('checklist'),
      name: line.value,
      ownerId,
      rank: rankAfter(checklistsIn(context.document, ownerId)),
      createdAtEpochMs: context.nowEpochMs,
    }),
  )
}

export const renameChecklist: Command<{ id: Id<'checklist'>; name: string }> = (context, { id, name }) =>
  changeLine(context, id, { name })

/** Takes a checklist off, with its steps as they are: it can be put back. */
export const removeChecklist: Command<{ id: Id<'checklist'> }> = (context, { id }) =>
  change(context, id, () => ({ letGoAtEpochMs: context.nowEpochMs }))

/**
 * Unticks all of it for the next time, and keeps how much was done this time. One with nothing ticked is fresh
 * already.
 */
export const startAfresh: Command<{ id: Id<'checklist'> }> = (context, { id }) => {
  if (!recordIn(context.document, id)) return refuse({ kind: 'notFound' })
  const steps = stepsOf(context.document, id)
  const done = steps.filter(({ doneAtEpochMs }) => doneAtEpochMs !== null)
  if (done.length === 0) return refuse({ kind: 'nothingToDo' })
  return diffOf(
    added({
      id: context.newId('run'),
      checklistId: id,
      endedAtEpochMs: context.nowEpochMs,
      done: done.length,
      of: steps.length,
    }),
    ...done.map((step) => updateOf(step, { doneAtEpochMs: null })),
  )
}
