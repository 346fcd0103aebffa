// What to raise with somebody: kept, ticked in the talk, written into its meeting note.
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import { withCheckLines } from '@/core/note'
import { blankOf, noteLimit, type Id, type NoteOwnerId, type Topic } from '@/core/record'
import { refuse } from '@/core/result'
import {
  added,
  change,
  diffOf,
  lineOf,
  rankAfter,
  removed,
  type Command,
  type CommandContext,
} from '../command'
import { lettingGo } from '../tray/slips'
import { topicsOf } from '../../read/people'
import { noteIn } from '../../read/tiedTo'
import { personMeant } from './facts'

export interface NewTopic {
  readonly whom: readonly { readonly id: Id<'person'> | null; readonly name: string }[]
  readonly text: string
  readonly aboutId?: Topic['aboutId']
  /** The line of a note it is: ticked there, as it is kept elsewhere now. */
  readonly line?: { readonly of: NoteOwnerId; readonly at: number; readonly written: string }
}

/** Keeps something to raise with each of some people, who are made where a name is nobody's yet. */
export const addTopic: Command<NewTopic> = (context, { whom, text, aboutId = null, line: from }) => {
  const line = lineOf(text, 'title')
  if (!line.ok) return line
  if (whom.length === 0) return refuse({ kind: 'empty', field: 'name' })
  const parts = []
  for (const each of whom) {
    const meant = personMeant(context, each)
    if (!meant.ok) return meant
    const topic: Topic = {
      ...blankOf('topic'),
      id: context.newId('topic'),
      ownerId: meant.value.id,
      text: line.value,
      aboutId,
      createdAtEpochMs: context.nowEpochMs,
      rank: rankAfter(topicsOf(context.document, meant.value.id)),
    }
    parts.push(...meant.value.made, added(topic))
  }
  return diffOf(...parts, from ? lineTicked(context, from) : null)
}

function lineTicked(
  { document }: CommandContext,
  { of, at, written }: NonNullable<NewTopic['line']>,
): RecordDiff | null {
  const owner = recordIn(document, of as Id<'note'>)
  if (!owner) return null
  const note = withCheckLines(noteIn(document, of), (line) =>
    line.at === at && line.written === written ? { isDone: true } : null,
  )
  return updateOf(owner, { note })
}

/** A slip that is something to raise: it leaves the Tray, and what it held stays with it, found from there. */
export const raiseSlip: Command<NewTopic & { slipId: Id<'slip'> }> = (context, { slipId, ...topic }) => {
  const made = addTopic(context, { ...topic, aboutId: slipId })
  if (!made.ok) return made
  const gone = lettingGo(context, slipId, context.nowEpochMs)
  return gone.ok ? diffOf(...made.value, ...gone.value) : gone
}

export const editTopic: Command<{ id: Id<'topic'>; text: string }> = (context, { id, text }) => {
  const line = lineOf(text, 'title')
  return line.ok ? change(context, id, () => ({ text: line.value })) : line
}

export const removeTopic: Command<{ id: Id<'topic'> }> = (context, { id }) => {
  const topic = recordIn(context.document, id)
  return topic ? diffOf(removed(topic)) : refuse({ kind: 'notFound' })
}

/** Raised now; in a talk with a meeting note, its words go into that note, a line each. */
export const raiseTopic: Command<{ id: Id<'topic'>; inId: Id<'note'> | null }> = (context, { id, inId }) => {
  const topic = recordIn(context.document, id)
  if (!topic) return refuse({ kind: 'notFound' })
  if (topic.raisedAtEpochMs !== null) return refuse({ kind: 'nothingToDo' })
  const raised = updateOf(topic, { raisedAtEpochMs: context.nowEpochMs, raisedInId: inId })
  if (inId === null) return diffOf(raised)
  const page = recordIn(context.document, inId)
  if (!page) return refuse({ kind: 'notFound' })
  const note =
    `${page.note.trimEnd()}${endsInList.test(page.note.trimEnd()) ? '\n' : '\n\n'}- ${topic.text}\n`.replace(
      /^\n+/,
      '',
    )
  if (note.length > noteLimit) return refuse({ kind: 'tooLong', field: 'note', limit: noteLimit })
  return diffOf(raised, updateOf(page, { note }))
}
const endsInList = /(?:^|\n)\s*[-*+] [^\n]*$/

/** To be raised again. What was written into the meeting note stays there. */
export const raiseAgain: Command<{ id: Id<'topic'> }> = (context, { id }) =>
  change(context, id, () => ({ raisedAtEpochMs: null, raisedInId: null }))
