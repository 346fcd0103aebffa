// Setting down, and deciding what each slip is.
import { recordIn, updateOf } from '@/core/journal'
import type { Action, Id, Slip } from '@/core/record'
import { ok, refuse, type Result } from '@/core/result'
import {
  added,
  change,
  diffOf,
  lineOf,
  removed,
  type Command,
  type CommandContext,
  type Outcome,
  type Refusal,
} from './command'
import { makeAction, type NewAction } from './actions'
import { makeProject, type NewProject } from './shelves'

export const setDown: Command<{ text: string; takenOff?: readonly string[] }> = (
  context,
  { text, takenOff },
) => {
  const line = lineOf(text, 'text')
  if (!line.ok) return line
  return diffOf(
    added({
      id: context.newId('slip'),
      text: line.value,
      takenOff: [...(takenOff ?? [])],
      setDownAtEpochMs: context.nowEpochMs,
    }),
  )
}

export const editSlip: Command<{ id: Id<'slip'>; text: string; takenOff?: readonly string[] }> = (
  context,
  { id, text, takenOff },
) => {
  const line = lineOf(text, 'text')
  if (!line.ok) return line
  return change(context, id, (slip) => ({ text: line.value, takenOff: [...(takenOff ?? slip.takenOff)] }))
}

/** Takes a slip off the tray unsorted. */
export const removeSlip: Command<{ id: Id<'slip'> }> = (context, { id }) => {
  const slip = recordIn(context.document, id)
  return slip ? diffOf(removed(slip)) : refuse({ kind: 'notFound' })
}

interface Decided {
  readonly slipId: Id<'slip'>
}

function decide(context: CommandContext, { slipId }: Decided, become: (slip: Slip) => Outcome): Outcome {
  const slip = recordIn(context.document, slipId)
  if (!slip) return refuse({ kind: 'notFound' })
  const outcome = become(slip)
  return outcome.ok ? ok([removed(slip), ...outcome.value]) : outcome
}

function actionFrom(
  context: CommandContext,
  slip: Slip,
  fields: NewAction,
  state: Partial<Action> = {},
): Outcome {
  const action: Result<Action, Refusal> = makeAction(context, fields)
  return action.ok ? diffOf(added({ ...action.value, slipId: slip.id, ...state })) : action
}

/** *Action*: a next action with what was chosen for it. */
export const sortAsAction: Command<Decided & { fields: NewAction }> = (context, args) =>
  decide(context, args, (slip) => actionFrom(context, slip, args.fields))

/** *Two minutes*: it was done on the spot. */
export const sortAsDone: Command<Decided & { fields: NewAction }> = (context, args) =>
  decide(context, args, (slip) =>
    actionFrom(
      context,
      slip,
      { ...args.fields, minutes: args.fields.minutes ?? 2 },
      { doneAtEpochMs: context.nowEpochMs },
    ),
  )

/** *Someday*: held, and out of the way. */
export const sortAsSomeday: Command<Decided & { fields: NewAction }> = (context, args) =>
  decide(context, args, (slip) => actionFrom(context, slip, { ...args.fields, horizon: 'someday' }))

/** *Let go*: decided against; kept in history. */
export const sortAsLetGo: Command<Decided & { fields: NewAction }> = (context, args) =>
  decide(context, args, (slip) =>
    actionFrom(context, slip, args.fields, { letGoAtEpochMs: context.nowEpochMs }),
  )

/** *Project*: an outcome, and its first next action where one is named. */
export const sortAsProject: Command<Decided & { project: NewProject; next: NewAction | null }> = (
  context,
  args,
) =>
  decide(context, args, (slip) => {
    const project = makeProject(context, args.project)
    if (!project.ok) return project
    if (!args.next) return diffOf(added(project.value))
    const next = makeAction(context, { ...args.next, projectId: project.value.id })
    return next.ok ? diffOf(added(project.value), added({ ...next.value, slipId: slip.id })) : next
  })

/** *Reference*: kept, with nothing to do. */
export const sortAsReference: Command<
  Decided & {
    title: string
    address: string | null
    projectId?: Id<'project'> | null
    areaId?: Id<'area'> | null
  }
> = (context, args) =>
  decide(context, args, (slip) => {
    const title = lineOf(args.title, 'title')
    if (!title.ok) return title
    return diffOf(
      added({
        id: context.newId('reference'),
        title: title.value,
        note: '',
        address: args.address,
        projectId: args.projectId ?? null,
        areaId: args.areaId ?? null,
        createdAtEpochMs: context.nowEpochMs,
        slipId: slip.id,
      }),
    )
  })

export const editReference: Command<{
  id: Id<'reference'>
  patch: { title?: string; note?: string; address?: string | null }
}> = (context, { id, patch }) => {
  const title = patch.title === undefined ? null : lineOf(patch.title, 'title')
  if (title && !title.ok) return title
  const reference = recordIn(context.document, id)
  return reference
    ? diffOf(updateOf(reference, { ...patch, ...(title ? { title: title.value } : {}) }))
    : refuse({ kind: 'notFound' })
}

export const removeReference: Command<{ id: Id<'reference'> }> = (context, { id }) => {
  const reference = recordIn(context.document, id)
  return reference ? diffOf(removed(reference)) : refuse({ kind: 'notFound' })
}
