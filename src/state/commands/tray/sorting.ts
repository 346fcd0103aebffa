// Deciding what a slip is: it becomes something else, and all that came with it goes along.
import { idOf, recordIn, type Diff, type RecordDiff } from '@/core/journal'
import {
  blankOf,
  rankOfNumber,
  type Action,
  type AsideOf,
  type Id,
  type OwnerId,
  type RecordKind,
  type Reference,
  type Slip,
  type Waiting,
} from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import type { CalendarDate } from '@/core/time'
import {
  added,
  after,
  lineOf,
  removed,
  together,
  type Command,
  type CommandContext,
  type Outcome,
  type Refusal,
} from '../command'
import { tick } from '../action/actions'
import { actionAdded, type NewAction } from '../action/makeAction'
import { inOneDiff } from '../inOneDiff'
import { asideHandedOn, handedOn, stepsAdded } from '../action/owned'
import { makeProject, projectAdded, type NewProject } from '../shelf/makeProject'

import { joinedNotes } from '../joinedNotes'
import { slipAdded, type NewSlip } from './slips'

interface Decided {
  readonly slipId: Id<'slip'>
  /** Words of the slip that have no place of their own in what it becomes: they go into its note (see `becoming`). */
  readonly left?: string
}

/**
 * The slip becomes something else: its note with the words that are left, and all that came with it, go along to the
 * record `become` names.
 */
function decide(
  context: CommandContext,
  { slipId, left = '' }: Decided,
  become: (slip: Slip) => Result<{ readonly id: OwnerId & AsideOf; readonly diff: Diff }, Refusal>,
): Outcome {
  const slip = recordIn(context.document, slipId)
  if (!slip) return refuse({ kind: 'notFound' })
  const became = become({ ...slip, note: joinedNotes(left, slip.note) })
  if (!became.ok) return became
  const { id, diff } = became.value
  return ok([
    removed(slip),
    ...diff,
    ...handedOn(context, slipId, id),
    ...asideHandedOn(context, [slipId], id),
  ])
}

/**
 * What a slip becomes has the name of the slip: two tabs that decide the same slip at the same moment make one thing. A
 * new name where that one is taken.
 */
function idFrom<K extends RecordKind>(context: CommandContext, kind: K, slip: Slip): Id<K> {
  const id: Id<K> = `${kind}:${slip.id.slice('slip:'.length)}`
  return recordIn(context.document, id) ? context.newId(kind) : id
}

function actionFrom(
  context: CommandContext,
  slip: Slip,
  fields: NewAction,
  state: Partial<Action> = {},
): Result<{ readonly id: Id<'action'>; readonly diff: Diff }, Refusal> {
  const personIds = [...new Set([...slip.personIds, ...(fields.personIds ?? [])])]
  const given = { ...fields, personIds, note: joinedNotes(fields.note ?? '', slip.note) }
  // Steps that were said stand behind those that came with the slip.
  const id = idFrom(context, 'action', slip)
  const outcome = actionAdded(context, given, { id, slipId: slip.id, lineOf: slip.lineOf, ...state })
  if (!outcome.ok) return outcome
  const [first] = outcome.value
  return ok({ id: idOf(first as RecordDiff) as Id<'action'>, diff: outcome.value })
}

const sortedInto =
  (
    over: (context: CommandContext) => Partial<NewAction>,
    state: (context: CommandContext) => Partial<Action>,
  ) =>
  (context: CommandContext, args: Decided & { readonly fields: NewAction }): Outcome =>
    decide(context, args, (slip) =>
      actionFrom(context, slip, { ...args.fields, ...over(context) }, state(context)),
    )
const asItIs = () => ({})

/** *Action*: a next action with what was chosen for it. */
export const sortAsAction: Command<Decided & { fields: NewAction }> = sortedInto(asItIs, asItIs)

/**
 * An action right from the line: what is said is decided as it is said. The slip is made and sorted in one act, so
 * that its words stand in the history of the action.
 */
export const addAsAction: Command<{ slip: NewSlip; fields: NewAction; left?: string }> = (
  context,
  { slip, fields, left = '' },
) => {
  const made = slipAdded(context, slip, context.nowEpochMs)
  if (!made.ok) return made
  const [first] = made.value
  const slipId = idOf(first as RecordDiff) as Id<'slip'>
  const sorted = sortAsAction(after(context, made.value), { slipId, left, fields })
  if (!sorted.ok) return sorted
  // What happens to each record is said once; the slip itself comes and goes, for the history.
  const isSlip = (part: RecordDiff) => idOf(part) === slipId
  const all = [...made.value, ...sorted.value]
  return ok([...inOneDiff(all.filter((part) => !isSlip(part))), ...all.filter(isSlip)])
}

/** Several of them at once, each with what it says of itself. */
export const sortAllAsActions: Command<{ slips: readonly (Decided & { fields: NewAction })[] }> = (
  context,
  { slips },
) => together(slips, (slip) => sortAsAction(context, slip))

/** *Two minutes*: it was done on the spot. What repeats brings its next one. */
export const sortAsDone: Command<Decided & { fields: NewAction }> = (context, args) =>
  decide(context, args, (slip) => {
    const fields = { ...args.fields, minutes: args.fields.minutes ?? 2 }
    const made = actionFrom(context, slip, fields)
    if (!made.ok) return made
    const { id, diff } = made.value
    const ticked = tick(after(context, diff), { id })
    return ticked.ok ? ok({ id, diff: inOneDiff([...diff, ...ticked.value]) }) : ticked
  })

/** *Hand over*: an action somebody else does; refused where nobody is named. */
export const sortAsHandedOver: Command<Decided & { fields: NewAction & { waiting: Waiting } }> = (
  context,
  args,
) => {
  const { personId, whom } = args.fields.waiting
  if (personId === null && whom.trim() === '') return refuse({ kind: 'empty', field: 'whom' })
  return sortAsAction(context, args)
}

/** *Not before*: hidden until its day. */
export const sortAsNotBefore: Command<Decided & { fields: NewAction & { notBefore: CalendarDate } }> = (
  context,
  args,
) => sortAsAction(context, args)

/** *Someday*: held, and out of the way. */
export const sortAsSomeday: Command<Decided & { fields: NewAction }> = sortedInto(
  () => ({ horizon: 'someday' }),
  asItIs,
)

/** *Let go*: decided against; kept in history. */
export const sortAsLetGo: Command<Decided & { fields: NewAction }> = sortedInto(asItIs, (context) => ({
  letGoAtEpochMs: context.nowEpochMs,
}))

/**
 * *Project*: an outcome, with its first next action and the others that were listed, in that order. What came with the
 * slip goes to the project.
 */
export const sortAsProject: Command<
  Decided & {
    project: NewProject
    /** A list in the words of the slip, as steps of the project. */
    steps?: readonly string[]
    /** Or as its actions, the first of them the next one. */
    actions?: readonly NewAction[]
  }
> = (context, { project: given, steps = [], actions = [], ...args }) =>
  decide(context, args, (slip) => {
    const note = joinedNotes(given.note ?? '', slip.note)
    const personIds = [...new Set([...slip.personIds, ...(given.personIds ?? [])])]
    const made = makeProject(context, { ...given, note, personIds })
    if (!made.ok) return made
    const project = { ...made.value, id: idFrom(context, 'project', slip) }
    const { id } = project
    const parts = stepsAdded(context, id, steps)
    if (!parts.ok) return parts
    const diff = [...projectAdded(context, project), ...parts.value]
    for (const [index, action] of actions.entries()) {
      const isFirst = index === 0
      const state = isFirst
        ? { id: idFrom(context, 'action', slip), slipId: slip.id, lineOf: slip.lineOf }
        : { rank: rankOfNumber(context.nowEpochMs + index) }
      const next = actionAdded(context, { ...action, projectId: id, areaId: null }, state)
      if (!next.ok) return next
      diff.push(...next.value)
    }
    return ok({ id, diff })
  })

export interface KeptFields {
  readonly title: string
  readonly link: string | null
  readonly projectId?: Id<'project'> | null
  readonly areaId?: Id<'area'> | null
}

/** The people a slip came with, by name, where what it becomes holds nobody; not those its title names. */
const namesOf = ({ document }: CommandContext, { personIds }: Slip, title: string): string =>
  personIds
    .flatMap((id) => recordIn(document, id)?.name ?? [])
    .filter((name) => !title.includes(name))
    .join(', ')

function keptFrom<K extends 'reference' | 'reading'>(
  context: CommandContext,
  kind: K,
  slip: Slip,
  fields: KeptFields,
): Result<Omit<Reference, 'id'> & { readonly id: Id<K> }, Refusal> {
  const title = lineOf(fields.title, 'title')
  if (!title.ok) return title
  return ok({
    ...blankOf('reference'),
    id: idFrom(context, kind, slip),
    title: title.value,
    note: joinedNotes(slip.note, namesOf(context, slip, title.value)),
    link: fields.link,
    projectId: fields.projectId ?? null,
    areaId: fields.areaId ?? null,
    createdAtEpochMs: context.nowEpochMs,
    slipId: slip.id,
  })
}

/** *Reference*: kept, with nothing to do. */
export const sortAsReference: Command<Decided & KeptFields> = (context, args) =>
  decide(context, args, (slip) => {
    const kept = keptFrom(context, 'reference', slip, args)
    return kept.ok ? ok({ id: kept.value.id, diff: [added(kept.value)] }) : kept
  })

/** *Reading*: to be read, watched or heard. */
export const sortAsReading: Command<Decided & KeptFields & { minutes?: number | null }> = (context, args) =>
  decide(context, args, (slip) => {
    const kept = keptFrom(context, 'reading', slip, args)
    if (!kept.ok) return kept
    const reading = { ...blankOf('reading'), ...kept.value, minutes: args.minutes ?? null }
    return ok({ id: reading.id, diff: [added(reading)] })
  })
