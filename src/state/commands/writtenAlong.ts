// What is written goes along when one thing becomes another: its checklists, and the lines of its note with what they
// stand for.
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import { checkLinesOf } from '@/core/note'
import type { AnyRecord, Id } from '@/core/record'
import { checklistsIn } from '../checklists'
import { recordTied } from '../tiedTo'
import type { CommandContext } from './command'

type Owner = Id<'action'> | Id<'project'>

/** Gives the checklists of one thing to another, and tells what stood in its note where that stands now. */
export function writtenAlong(context: CommandContext, from: Owner, to: Owner): RecordDiff[] {
  const { document } = context
  const checklists = checklistsIn(document, from).flatMap((list) => updateOf(list, { ownerId: to }) ?? [])
  const note = (recordIn(document, from) as { readonly note: string } | undefined)?.note ?? ''
  const tied = checkLinesOf(note).flatMap(({ tie }) => {
    const record = tie === null ? undefined : (recordTied(document, tie) as AnyRecord | undefined)
    // What becomes of the other thing itself is told there.
    if (!record || record.id === to || record.id === from) return []
    return updateOf(record, { lineOf: to } as Partial<AnyRecord>) ?? []
  })
  return [...checklists, ...tied]
}
