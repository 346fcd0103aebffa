// What follows of an act besides what it writes. It is told beside the diff, so that whoever asked for the act can say
// it or ask about it, without looking for it in the diff.
import { recordIn, type Diff, type Document, type RecordDiff } from '@/core/journal'
import { isIdOf, type Id } from '@/core/record'
import type { CalendarDate } from '@/core/time'
import type { Outcome } from '../commands/command'
import * as lists from '../read/actionIndexes'

export type ActEvent =
  /** It was re-dated for the third time just now. */
  | { readonly kind: 'movedThrice'; readonly id: Id<'action'> }
  /** It is open, and has no next action since just now. */
  | { readonly kind: 'noNext'; readonly id: Id<'project'> }
  /** The next of what repeats has come, for a day. */
  | { readonly kind: 'nextCame'; readonly on: CalendarDate }

/** The outcome of an act, with what followed of it. */
export type Ran = Exclude<Outcome, { readonly ok: true }> | DoneWith
type DoneWith = Extract<Outcome, { readonly ok: true }> & { readonly events: readonly ActEvent[] }
/** What followed of an act; nothing where it was refused. */
export const eventsIn = (ran: Ran): readonly ActEvent[] => (ran.ok ? ran.events : [])

type Updated = Extract<RecordDiff, { readonly kind: 'updated' }>
const pairOf = ({ fields }: Updated, field: string): readonly [unknown, unknown] =>
  (fields as Readonly<Record<string, readonly [unknown, unknown] | undefined>>)[field] ?? [
    undefined,
    undefined,
  ]

function movedThrice(part: Updated): ActEvent[] {
  const [from, to] = pairOf(part, 'moved')
  const isThird = Array.isArray(from) && Array.isArray(to) && from.length === 2 && to.length === 3
  return isThird && isIdOf('action', part.id) ? [{ kind: 'movedThrice', id: part.id }] : []
}

/** The open project of an action that was done or let go of, where it has no action left. */
function leftWithoutNext(document: Document, part: Updated): Id<'project'>[] {
  if (!isIdOf('action', part.id)) return []
  const isOver = ['doneAtEpochMs', 'letGoAtEpochMs'].some(
    (field) => typeof pairOf(part, field)[1] === 'number',
  )
  const projectId = isOver ? recordIn(document, part.id)?.projectId : null
  const isLeft =
    projectId &&
    recordIn(document, projectId)?.state === 'open' &&
    lists.actionsOfProject(document, projectId).length === 0
  return isLeft ? [projectId] : []
}

/** What follows of a diff, seen in the document that has it already. */
export function eventsOf(document: Document, diff: Diff): readonly ActEvent[] {
  const updated = diff.filter((part) => part.kind === 'updated')
  const [projectId] = updated.flatMap((part) => leftWithoutNext(document, part))
  const came = diff.flatMap((part) =>
    part.kind === 'added' && isIdOf('action', part.record.id)
      ? (recordIn(document, part.record.id)?.occurrence ?? [])
      : [],
  )
  return [
    ...updated.flatMap(movedThrice),
    ...(projectId ? [{ kind: 'noNext', id: projectId } as const] : []),
    ...came.slice(0, 1).map((on) => ({ kind: 'nextCame', on }) as const),
  ]
}
