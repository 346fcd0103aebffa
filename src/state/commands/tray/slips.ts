// Setting down, and deciding what each slip is.
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import { blankOf, type Id, type Slip } from '@/core/record'
import { ok, refuse } from '@/core/result'
import {
  added,
  change,
  diffOf,
  lineOf,
  together,
  type Command,
  type CommandContext,
  type Outcome,
} from '../command'
import { thenDeleted } from '../deleting'
import { filesAdded, stepsAdded, type NewFile } from '../action/owned'

export interface NewSlip {
  readonly text: string
  readonly note?: string
  readonly takenOff?: readonly string[]
  readonly personIds?: readonly Id<'person'>[]
  readonly steps?: readonly string[]
  readonly files?: readonly NewFile[]
  readonly lineOf?: Slip['lineOf']
}

export function slipAdded(context: CommandContext, given: NewSlip, setDownAtEpochMs: number): Outcome {
  const line = lineOf(given.text, 'text')
  if (!line.ok) return line
  const slip: Slip = {
    ...blankOf('slip'),
    id: context.newId('slip'),
    text: line.value,
    note: given.note ?? '',
    personIds: [...(given.personIds ?? [])],
    takenOff: [...(given.takenOff ?? [])],
    setDownAtEpochMs,
    lineOf: given.lineOf ?? null,
  }
  const steps = stepsAdded(context, slip.id, given.steps ?? [])
  if (!steps.ok) return steps
  const files = filesAdded(context, slip.id, given.files ?? [])
  return files.ok ? ok([added(slip), ...steps.value, ...files.value]) : files
}

export const setDown: Command<NewSlip> = (context, given) => slipAdded(context, given, context.nowEpochMs)

/** Several at once, as a pasted list is: one act. The first of them lies on top, as it stood in the list. */
export const setDownMany: Command<{ slips: readonly NewSlip[] }> = (context, { slips }) => {
  const parts: RecordDiff[] = []
  for (const [index, given] of slips.entries()) {
    const slip = slipAdded(context, given, context.nowEpochMs + slips.length - 1 - index)
    if (!slip.ok) return slip
    parts.push(...slip.value)
  }
  return diffOf(...parts)
}

export const editSlip: Command<{
  id: Id<'slip'>
  text: string
  note?: string
  takenOff?: readonly string[]
}> = (context, { id, text, note, takenOff }) => {
  const line = lineOf(text, 'text')
  if (!line.ok) return line
  return change(context, id, (slip) => ({
    text: line.value,
    note: note ?? slip.note,
    takenOff: [...(takenOff ?? slip.takenOff)],
  }))
}

export const editSlips: Command<{ edits: readonly Pick<Slip, 'id' | 'text' | 'takenOff'>[] }> = (
  context,
  { edits },
) => together(edits, (edit) => editSlip(context, edit))

/** What can be let go of undecided, and put back: it stays where it is, out of sight, with all that came with it. */
type Letting = 'slip' | 'reference' | 'reading'

export const lettingGo = <K extends Letting>(
  context: CommandContext,
  id: Id<K>,
  at: number | null,
): Outcome => {
  const record = recordIn(context.document, id as Id<'slip'>)
  return record ? diffOf(updateOf(record, { letGoAtEpochMs: at })) : refuse({ kind: 'notFound' })
}

/** Takes a slip off the tray unsorted. */
export const removeSlip: Command<{ id: Id<'slip'> }> = (context, { id }) =>
  lettingGo(context, id, context.nowEpochMs)

export const removeSlips: Command<{ ids: readonly Id<'slip'>[] }> = (context, { ids }) =>
  together(ids, (id) => removeSlip(context, { id }))

/** Puts back what was let go of or removed, where it was. */
export const putBack: Command<{ id: Id<Letting> }> = (context, { id }) => lettingGo(context, id, null)

/** Removes for good what was let go of, with all that is part of it. */
export const emptyLetGo: Command<{ ids: readonly (Id<Letting> | Id<'action'>)[] }> = (context, { ids }) =>
  thenDeleted(
    context,
    [],
    ids.filter((id) => (recordIn(context.document, id as Id<'action'>)?.letGoAtEpochMs ?? null) !== null),
  )
