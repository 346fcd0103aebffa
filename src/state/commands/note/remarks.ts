// Remarks, and what is done about what is with somebody else: chasing it.
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import { noteLimit, type Id, type OwnerId, type Remark } from '@/core/record'
import { refuse } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import { filesAdded } from '../action/owned'
import type { NewSlip } from '../tray/slips'
import { added, change, diffOf, removed, together, type Command, type CommandContext } from '../command'

const remarkOf = (context: CommandContext, ownerId: OwnerId, text: string, date?: CalendarDate): Remark => ({
  id: context.newId('remark'),
  ownerId,
  text: text.trim(),
  date: date ?? context.moment.date,
  writtenAtEpochMs: context.nowEpochMs,
})

export const remarkAdded = (context: CommandContext, ownerId: OwnerId, text: string): RecordDiff =>
  added(remarkOf(context, ownerId, text))

/** Writes down what was said or seen; `date` is the day it speaks of, today where it is left out. */
export const addRemark: Command<{ ownerId: OwnerId; text: string; date?: CalendarDate }> = (
  context,
  { ownerId, text, date },
) => {
  if (!recordIn(context.document, ownerId)) return refuse({ kind: 'notFound' })
  if (text.trim() === '') return refuse({ kind: 'empty', field: 'remark' })
  if (text.length > noteLimit) return refuse({ kind: 'tooLong', field: 'remark', limit: noteLimit })
  return diffOf(added(remarkOf(context, ownerId, text, date)))
}

/**
 * E-mails that are added to something: each is a remark with its subject and its text, its files are files of it, and
 * who sent it is one of its people, where it has any.
 */
export const addEmails: Command<{ ownerId: OwnerId; emails: readonly NewSlip[] }> = (
  context,
  { ownerId, emails },
) => {
  const owner = recordIn(context.document, ownerId as Id<'action'>)
  if (!owner) return refuse({ kind: 'notFound' })
  const parts: RecordDiff[] = []
  for (const { text, note = '' } of emails) {
    const whole = [text, note].filter((each) => each.trim() !== '').join('\n\n')
    parts.push(remarkAdded(context, ownerId, whole.slice(0, noteLimit)))
  }
  const files = filesAdded(
    context,
    ownerId,
    emails.flatMap((email) => email.files ?? []),
  )
  if (!files.ok) return files
  const personIds = emails.flatMap((email) => email.personIds ?? [])
  const people = 'personIds' in owner ? { personIds: [...new Set([...owner.personIds, ...personIds])] } : {}
  return diffOf(...parts, ...files.value, updateOf(owner, people))
}

export const editRemark: Command<{ id: Id<'remark'>; patch: Partial<Pick<Remark, 'text' | 'date'>> }> = (
  context,
  { id, patch },
) => {
  if (patch.text?.trim() === '') return refuse({ kind: 'empty', field: 'remark' })
  if ((patch.text?.length ?? 0) > noteLimit)
    return refuse({ kind: 'tooLong', field: 'remark', limit: noteLimit })
  return change(context, id, () => patch)
}

export const removeRemark: Command<{ id: Id<'remark'> }> = (context, { id }) => {
  const remark = recordIn(context.document, id)
  return remark ? diffOf(removed(remark)) : refuse({ kind: 'notFound' })
}

/** Asked after it: what was said is remarked, and it is asked after again on `next`, or no more. */
export const chase: Command<{ id: Id<'action'>; said: string; next: CalendarDate | null }> = (
  context,
  { id, said, next },
) => {
  const action = recordIn(context.document, id)
  if (!action?.waiting) return refuse({ kind: 'notFound' })
  if (said.length > noteLimit) return refuse({ kind: 'tooLong', field: 'remark', limit: noteLimit })
  return diffOf(
    updateOf(action, { waiting: { ...action.waiting, chaseOn: next } }),
    added(remarkOf(context, id, said.trim() === '' ? 'Chased.' : said)),
  )
}

/** Everything that somebody was asked about at once: as chasing each of it. */
export const chaseAll: Command<{ ids: readonly Id<'action'>[]; said: string; next: CalendarDate | null }> = (
  context,
  { ids, ...rest },
) => together(ids, (id) => chase(context, { id, ...rest }))
