// What is written goes along when one thing becomes another: its checklists, and the lines of its note with what they
// stand for.
import { recordIn, recordsIn, updateOf, type RecordDiff } from '@/core/journal'
import { checkLinesOf } from '@/core/note'
import type { AnyRecord, Id, NoteOwnerId } from '@/core/record'
import { recordTied } from '../../read/tiedTo'
import type { CommandContext } from '../command'

type Owner = Id<'action'> | Id<'project'>

/** Tells what stood in the note of one thing where that stands now. */
export function linesAlong({ document }: CommandContext, from: NoteOwnerId, to: NoteOwnerId): RecordDiff[] {
  const note = (recordIn(document, from) as { readonly note: string } | undefined)?.note ?? ''
  return checkLinesOf(note).flatMap(({ tie }) => {
    const record = tie === null ? undefined : (recordTied(document, tie) as AnyRecord | undefined)
    // What becomes of the other thing itself is told there.
    if (!record || record.id === to || record.id === from) return []
    return updateOf(record, { lineOf: to } as Partial<AnyRecord>) ?? []
  })
}

/** Gives the checklists of one thing to another, those that were let go of too, or lets them stand alone. */
export const checklistsAlong = (context: CommandContext, from: Owner, to: Owner | null): RecordDiff[] =>
  recordsIn(context.document, 'checklist')
    .filter(({ ownerId }) => ownerId === from)
    .flatMap((list) => updateOf(list, { ownerId: to }) ?? [])

export const writtenAlong = (context: CommandContext, from: Owner, to: Owner): RecordDiff[] => [
  ...checklistsAlong(context, from, to),
  ...linesAlong(context, from, to),
]
