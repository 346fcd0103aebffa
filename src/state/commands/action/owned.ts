// What belongs to something else as a record of its own: steps, files, reminders; and what is laid aside. Rules are in
// repeats.ts.
import { standsOn } from '@/core/action'
import { isEqual } from '@/core/isEqual'
import { recordIn, updateOf, type Document, type RecordDiff } from '@/core/journal'
import {
  blankOf,
  kindOf,
  ranksInOrder,
  rankBetween,
  type Action,
  type AnyRecord,
  type AsideOf,
  type FileRecord,
  type Id,
  type OwnerId,
  type Reminder,
  type Repeat,
  type Step,
} from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import type { PartsSaid } from '@/core/sentence'
import { filesOf, remarksOf, remindersOf, repeatIdOf, stepsOf } from '../../read/ownedIndexes'
import {
  added,
  change,
  changeLine,
  diffOf,
  lineOf,
  removed,
  type Command,
  type CommandContext,
  type Outcome,
  type Refusal,
} from '../command'

/** A rule as a sentence says it, or as a chooser sets it. */
export type NewRepeat = Pick<Repeat, 'rule' | 'fromDone' | 'time'> & {
  /** Left out or null: the day the action stands on. */
  readonly startsOn?: Repeat['startsOn'] | null
}
export type { PartsSaid }
export type NewFile = Pick<FileRecord, 'name' | 'mediaType' | 'bytes' | 'blob' | 'smallBlob'>

export interface NewParts {
  readonly steps?: readonly string[]
  readonly repeat?: NewRepeat | null
  readonly reminders?: readonly Reminder['when'][]
}

/** More steps than these in one thing are not a list to work from. */
export const mostSteps = 10_000

/** Ranks behind all of these, as many as are asked for. */
function ranksBehind(records: readonly { readonly rank: string }[], count: number): string[] {
  if (records.length === 0) return ranksInOrder(count)
  const ranks: string[] = []
  let last = records.reduce((highest, { rank }) => (rank > highest ? rank : highest), '')
  for (let index = 0; index < count; index++) {
    last = rankBetween(last, null) ?? last
    ranks.push(last)
  }
  return ranks
}

export function stepsAdded(
  context: CommandContext,
  ownerId: OwnerId,
  titles: readonly string[],
): Result<RecordDiff[], Refusal> {
  const standing = stepsOf(context.document, ownerId)
  if (standing.length + titles.length > mostSteps) return refuse({ kind: 'tooMany', limit: mostSteps })
  const ranks = ranksBehind(standing, titles.length)
  const parts: RecordDiff[] = []
  for (const [index, text] of titles.entries()) {
    const title = lineOf(text, 'title')
    if (!title.ok) return title
    const step: Step = {
      ...blankOf('step'),
      id: context.newId('step'),
      ownerId,
      title: title.value,
      rank: ranks[index] as string,
    }
    parts.push(added(step))
  }
  return ok(parts)
}

export function filesAdded(
  context: CommandContext,
  ownerId: OwnerId,
  files: readonly NewFile[],
): Result<RecordDiff[], Refusal> {
  const ranks = ranksBehind(filesOf(context.document, ownerId), files.length)
  const parts: RecordDiff[] = []
  for (const [index, file] of files.entries()) {
    const name = lineOf(file.name, 'name')
    if (!name.ok) return name
    const record: FileRecord = {
      ...file,
      id: context.newId('file'),
      ownerId,
      name: name.value,
      rank: ranks[index] as string,
      addedAtEpochMs: context.nowEpochMs,
    }
    parts.push(added(record))
  }
  return ok(parts)
}

export function repeatAdded(
  context: CommandContext,
  action: Action,
  { startsOn, ...rule }: NewRepeat,
): RecordDiff {
  return added({
    id: repeatIdOf(action.id),
    actionId: action.id,
    ...rule,
    startsOn: startsOn ?? standsOn(action) ?? context.moment.date,
    skips: [],
    watched: false,
  })
}

const reminderAdded = (context: CommandContext, actionId: Id<'action'>, when: Reminder['when']): RecordDiff =>
  added({
    id: context.newId('reminder'),
    actionId,
    when,
    answered: null,
    snoozedTo: null,
  })

/** The records that come with a new action. */
export function partsAdded(
  context: CommandContext,
  action: Action,
  { steps = [], repeat, reminders = [] }: NewParts,
): Result<RecordDiff[], Refusal> {
  const made = stepsAdded(context, action.id, steps)
  if (!made.ok) return made
  return ok([
    ...made.value,
    ...(repeat ? [repeatAdded(context, action, repeat)] : []),
    ...reminders.map((when) => reminderAdded(context, action.id, when)),
  ])
}

/**
 * Gives what belongs to some things to another, behind what it has already. `more` says what else changes in a part, or
 * that it does not go along.
 */
export function handedOn(
  context: CommandContext,
  from: OwnerId | readonly OwnerId[],
  to: OwnerId,
  more: (part: Step | FileRecord) => Partial<AnyRecord> | null = () => ({}),
): RecordDiff[] {
  const owners = typeof from === 'string' ? [from] : from
  const given = (of: (document: Document, id: OwnerId) => readonly (Step | FileRecord)[]): RecordDiff[] => {
    const there = of(context.document, to)
    const coming = owners.flatMap((id) => of(context.document, id))
    // Ranks stay as they are where nothing stands there that they could mix with.
    const ranks = there.length > 0 || owners.length > 1 ? ranksBehind(there, coming.length) : null
    return coming.flatMap((part, index) => {
      const patch = more(part)
      const rank = ranks ? { rank: ranks[index] } : {}
      return patch
        ? (updateOf<AnyRecord>(part, { ownerId: to, ...rank, ...patch } as Partial<AnyRecord>) ?? [])
        : []
    })
  }
  const remarks = owners.flatMap((id) => remarksOf(context.document, id))
  return [
    ...given(stepsOf),
    ...given(filesOf),
    ...remarks.flatMap((remark) => updateOf(remark, { ownerId: to }) ?? []),
  ]
}

/** The id that something has in the review box. */
export const asideIdOf = (id: AsideOf): Id<'aside'> => `aside:${kindOf(id)}-${id.slice(id.indexOf(':') + 1)}`

/** The review box holds what took in a thing that lay there, once. */
export function asideHandedOn(
  context: CommandContext,
  from: readonly AsideOf[],
  to: AsideOf | null,
): RecordDiff[] {
  const asides = from.flatMap((id) => recordIn(context.document, asideIdOf(id)) ?? [])
  const [first] = asides
  const isNeeded = first && to !== null && !recordIn(context.document, asideIdOf(to))
  return [
    ...asides.map(removed),
    ...(isNeeded ? [added({ id: asideIdOf(to), ofId: to, laidAtEpochMs: first.laidAtEpochMs })] : []),
  ]
}

const ownerIsThere = (context: CommandContext, id: OwnerId): boolean =>
  recordIn(context.document, id) !== undefined

export const addSteps: Command<{ ownerId: OwnerId; titles: readonly string[] }> = (context, args) => {
  if (!ownerIsThere(context, args.ownerId)) return refuse({ kind: 'notFound' })
  const parts = stepsAdded(context, args.ownerId, args.titles)
  return parts.ok ? diffOf(...parts.value) : parts
}

export const editStep: Command<{ id: Id<'step'>; title: string }> = (context, { id, title }) =>
  changeLine(context, id, { title })

function removing<K extends 'file' | 'reminder' | 'aside'>(context: CommandContext, id: Id<K>): Outcome {
  const record = recordIn(context.document, id) as AnyRecord | undefined
  return record ? diffOf(removed(record)) : refuse({ kind: 'notFound' })
}

export const addFiles: Command<{ ownerId: OwnerId; files: readonly NewFile[] }> = (context, args) => {
  if (!ownerIsThere(context, args.ownerId)) return refuse({ kind: 'notFound' })
  const parts = filesAdded(context, args.ownerId, args.files)
  return parts.ok ? diffOf(...parts.value) : parts
}

/**
 * Takes a file off what it lies with. Its bytes stay until what was removed is emptied, so that undo brings it back.
 */
export const removeFile: Command<{ id: Id<'file'> }> = (context, { id }) => removing(context, id)

/** Adds reminders; one that stands already is not added a second time. */
function remindersSet(
  context: CommandContext,
  id: Id<'action'>,
  whens: readonly Reminder['when'][],
): RecordDiff[] {
  const standing = remindersOf(context.document, id)
  const isThere = (when: Reminder['when']) => standing.some((other) => isEqual(other.when, when))
  return whens.filter((when) => !isThere(when)).map((when) => reminderAdded(context, id, when))
}

/** What is said to change in the reminders of an action. */
export const remindersChanged = (
  context: CommandContext,
  id: Id<'action'>,
  { reminders = [], noReminders }: PartsSaid,
): RecordDiff[] => [
  ...(noReminders ? remindersOf(context.document, id).map(removed) : []),
  ...remindersSet(context, id, reminders),
]

export const addReminder: Command<{ id: Id<'action'>; when: Reminder['when'] }> = (context, { id, when }) =>
  recordIn(context.document, id) ? diffOf(...remindersSet(context, id, [when])) : refuse({ kind: 'notFound' })

export const changeReminder: Command<{ id: Id<'reminder'>; when: Reminder['when'] }> = (
  context,
  { id, when },
) => change(context, id, () => ({ when }))

export const removeReminder: Command<{ id: Id<'reminder'> }> = (context, { id }) => removing(context, id)

/** Puts things into the review box; what lies there already stays as it is. */
export const layAside: Command<{ ids: readonly AsideOf[] }> = (context, { ids }) =>
  diffOf(
    ...ids.map((ofId) => {
      const isFit = recordIn(context.document, ofId) && !recordIn(context.document, asideIdOf(ofId))
      return isFit ? added({ id: asideIdOf(ofId), ofId, laidAtEpochMs: context.nowEpochMs }) : null
    }),
  )

export const takeUp: Command<{ id: Id<'aside'> }> = (context, { id }) => removing(context, id)
