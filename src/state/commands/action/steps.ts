// The steps of something as an outline: laid in at a place, moved, ticked and taken off with what stands under them,
// pulled out to be actions; and actions pushed in to be steps.
import { isOpen } from '@/core/action'
import { begunAnew } from '@/core/action/begunAnew'
import { recordIn, updateOf, type RecordDiff } from '@/core/journal'
import {
  blankOf,
  isIdOf,
  rankBetween,
  titleLimit,
  type Action,
  type AnyRecord,
  type Id,
  type OwnerId,
  type Step,
} from '@/core/record'
import { deepestNesting } from '@/core/record/nesting'
import { refuse } from '@/core/result'
import { withAllUnder, type StepLine, type StepPlace } from '@/core/steps'
import { repeatOf, timeEntriesOf, stepsOf } from '../../read/ownedIndexes'
import { timeEntryEnded, tick } from './actions'
import { makeAction } from './makeAction'
import { thenDeleted } from '../deleting'
import { added, diffOf, lineOf, rankAfter, removed, type Command, type CommandContext } from '../command'
import { asideHandedOn, handedOn, mostSteps } from './owned'
import { actionSaid } from '../tray/saidInNote'
import { joinedNotes } from '../joinedNotes'
import { writtenAlong } from '../note/writtenAlong'

/** The ranks for so many steps behind a sibling, before the next one; where there is no room, behind all of them. */
function ranksAt(steps: readonly Step[], { underId, afterId }: StepPlace, count: number): string[] {
  const siblings = steps.filter((step) => step.underId === underId)
  const place = siblings.findIndex(({ id }) => id === afterId)
  const before = afterId === null ? null : (siblings[place]?.rank ?? null)
  const after = afterId === null || place >= 0 ? (siblings[place + 1]?.rank ?? null) : null
  const ranks: string[] = []
  let last = before
  for (let index = 0; index < count; index++) {
    const rank =
      rankBetween(last, after) ?? rankAfter([...siblings, ...ranks.map((each) => ({ rank: each }))])
    ranks.push(rank)
    last = rank
  }
  return ranks
}

/** A step stands under nothing, or under one of the same thing. */
const isAmong = (steps: readonly Step[], underId: Step['underId']): boolean =>
  underId === null || steps.some(({ id }) => id === underId)

/** How deep what stands under a step lies: 0 at the top. */
function depthOf(steps: readonly Step[], underId: Step['underId']): number {
  const byId = new Map(steps.map((step) => [step.id, step]))
  const seen = new Set<string>()
  for (let at = underId; at !== null && !seen.has(at); at = byId.get(at)?.underId ?? null) seen.add(at)
  return seen.size
}

/** Lays lines in as steps at a place: deeper ones under the one before them. */
export const laySteps: Command<{ ownerId: OwnerId; lines: readonly StepLine[]; place: StepPlace }> = (
  context,
  { ownerId, lines, place },
) => {
  if (!recordIn(context.document, ownerId)) return refuse({ kind: 'notFound' })
  const standing = stepsOf(context.document, ownerId)
  if (standing.length + lines.length > mostSteps) return refuse({ kind: 'tooMany', limit: mostSteps })
  if (!isAmong(standing, place.underId)) return refuse({ kind: 'notFound' })
  const tops = ranksAt(standing, place, lines.filter(({ depth }) => depth === 0).length)
  const depthAt = depthOf(standing, place.underId)
  const made: Step[] = []
  /** The steps that the next line may stand under, the outermost first. */
  const open: Step[] = []
  for (const { title, depth } of lines) {
    const line = lineOf(title, 'title')
    if (!line.ok) return line
    // Deeper than can be worked from stands beside the one before it.
    const most = Math.max(0, deepestNesting - depthAt)
    const above = depth === 0 ? undefined : open[Math.min(depth, open.length, most) - 1]
    const step: Step = {
      ...blankOf('step'),
      id: context.newId('step'),
      ownerId,
      underId: above?.id ?? place.underId,
      title: line.value,
      rank: above
        ? rankAfter(made.filter(({ underId }) => underId === above.id))
        : (tops.shift() ?? rankAfter(standing)),
    }
    open.length = above ? open.indexOf(above) + 1 : 0
    open.push(step)
    made.push(step)
  }
  return diffOf(...made.map(added))
}

/** How many levels of steps stand under one. */
const heightUnder = (steps: readonly Step[], id: Id<'step'>): number => {
  // Each comes behind the one it stands under.
  const depths = new Map<string, number>()
  for (const step of withAllUnder(steps, id))
    depths.set(step.id, step.id === id ? 0 : (depths.get(step.underId ?? '') ?? 0) + 1)
  return [...depths.values()].reduce((most, depth) => Math.max(most, depth), 0)
}

/** Moves a step, with all that stands under it, to another place among the steps it belongs to. */
export const moveStep: Command<{ id: Id<'step'>; place: StepPlace }> = (context, { id, place }) => {
  const step = recordIn(context.document, id)
  if (!step) return refuse({ kind: 'notFound' })
  const steps = stepsOf(context.document, step.ownerId)
  const own = new Set(withAllUnder(steps, id).map((each) => each.id))
  // A step cannot stand under itself, nor behind itself.
  if (!isAmong(steps, place.underId)) return refuse({ kind: 'notFound' })
  if ((place.underId && own.has(place.underId)) || place.afterId === id)
    return refuse({ kind: 'nothingToDo' })
  if (depthOf(steps, place.underId) + heightUnder(steps, id) > deepestNesting)
    return refuse({ kind: 'nestedTooDeep', limit: deepestNesting })
  const others = steps.filter((each) => each.id !== id)
  const [rank] = ranksAt(others, place, 1)
  return diffOf(updateOf(step, { underId: place.underId, rank: rank ?? step.rank }))
}

/** Done, with all that stands under it. What is unticked is so alone. */
export const tickStep: Command<{ id: Id<'step'>; done: boolean }> = (context, { id, done }) => {
  const step = recordIn(context.document, id)
  if (!step) return refuse({ kind: 'notFound' })
  if (!done) return diffOf(updateOf(step, { doneAtEpochMs: null }))
  const open = withAllUnder(stepsOf(context.document, step.ownerId), id).filter(
    ({ doneAtEpochMs }) => doneAtEpochMs === null,
  )
  return diffOf(...open.map((each) => updateOf(each, { doneAtEpochMs: context.nowEpochMs })))
}

/** A step goes with all that stands under it. */
export const removeStep: Command<{ id: Id<'step'> }> = (context, { id }) => {
  const step = recordIn(context.document, id)
  if (!step) return refuse({ kind: 'notFound' })
  return diffOf(...withAllUnder(stepsOf(context.document, step.ownerId), id).map(removed))
}

/** Makes an action of a step, where what it was a step of lies; what stood under it are its steps. */
export const pullStepOut: Command<{ id: Id<'step'> }> = (context, { id }) => {
  const step = recordIn(context.document, id)
  const owner = step && (recordIn(context.document, step.ownerId) as AnyRecord | undefined)
  if (!step || !owner) return refuse({ kind: 'notFound' })
  const shelf =
    isIdOf('project', owner.id) || !('projectId' in owner)
      ? { projectId: isIdOf('project', owner.id) ? owner.id : null, areaId: null }
      : { projectId: owner.projectId, areaId: 'areaId' in owner ? owner.areaId : null }
  const like = isIdOf('action', owner.id) ? (owner as Action) : null
  const made = makeAction(context, {
    title: step.title,
    ...shelf,
    contextIds: like?.contextIds ?? [],
    personIds: like?.personIds ?? [],
    ...(like ? { horizon: like.horizon } : {}),
  })
  if (!made.ok) return made
  const under = withAllUnder(stepsOf(context.document, step.ownerId), id).filter((each) => each.id !== id)
  return diffOf(
    added(made.value),
    ...under.map((each) =>
      updateOf(each, { ownerId: made.value.id, underId: each.underId === id ? null : each.underId }),
    ),
    removed(step),
  )
}

/** Makes an action a step of another: its steps stand under it, its note and files go along. */
export const pushIntoSteps: Command<{ id: Id<'action'>; ofId: Id<'action'> }> = (context, { id, ofId }) => {
  const { document } = context
  const [action, other] = [recordIn(document, id), recordIn(document, ofId)]
  if (!action || !other || id === ofId) return refuse({ kind: 'notFound' })
  if (repeatOf(document, id)) return refuse({ kind: 'repeats' })
  const inNote = joinedNotes(actionSaid(document, action, ['personIds']), action.note)
  const step: Step = {
    ...blankOf('step'),
    id: context.newId('step'),
    ownerId: ofId,
    title: action.title.slice(0, titleLimit),
    rank: rankAfter(stepsOf(context.document, ofId)),
    doneAtEpochMs: action.doneAtEpochMs,
  }
  const tops = new Set<string>(
    stepsOf(context.document, id).flatMap((each) => (each.underId === null ? [each.id] : [])),
  )
  const handed = handedOn(context, [id], ofId, (part) =>
    tops.has(part.id) ? ({ underId: step.id } as Partial<AnyRecord>) : {},
  )
  const moved = [
    added(step),
    ...handed,
    updateOf(other, {
      note: joinedNotes(
        other.note,
        inNote === '' || action.note === inNote ? inNote : `${action.title}: ${inNote}`,
      ),
      personIds: [...new Set([...other.personIds, ...action.personIds])],
    }),
    // The time it took is time of the whole.
    ...timeEntriesOf(document, id).map((timeEntry) => updateOf(timeEntry, { actionId: ofId })),
    ...timeEntryEnded(context, { ...action, id: ofId }),
    ...asideHandedOn(context, [id], ofId),
    ...writtenAlong(context, id, ofId),
  ]
  return thenDeleted(context, moved, [id])
}

const openStepsOf = (context: CommandContext, id: Id<'action'>): Step[] =>
  stepsOf(context.document, id).filter(({ doneAtEpochMs }) => doneAtEpochMs === null)

/** Ticks an action with all of its steps. */
export const tickWithSteps: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const ticked = tick(context, { id })
  if (!ticked.ok) return ticked
  const steps = openStepsOf(context, id).map((step) => updateOf(step, { doneAtEpochMs: context.nowEpochMs }))
  return diffOf(...ticked.value, ...steps)
}

/**
 * Ticks an action and keeps what is left of it as another: its open steps, with those they stand under. A single one is
 * the action itself. What comes back brings all of its steps next time, so that nothing of it is left.
 */
export const tickKeepingRest: Command<{ id: Id<'action'> }> = (context, { id }) => {
  const action = recordIn(context.document, id)
  if (!action || !isOpen(action)) return refuse({ kind: 'notFound' })
  const left = openStepsOf(context, id)
  const [only, ...others] = left
  if (!only) return refuse({ kind: 'nothingToDo' })
  const ticked = tick(context, { id })
  if (!ticked.ok) return ticked
  const isOne = others.length === 0
  const rest: Action = {
    ...action,
    id: context.newId('action'),
    title: isOne ? only.title : action.title,
    // The clock ran for what is done now.
    ...begunAnew,
    occurrence: null,
    createdAtEpochMs: context.nowEpochMs,
  }
  const ids = new Set<string>(left.map((step) => step.id))
  const moved: (RecordDiff | null)[] = left.map((step) =>
    updateOf(step, {
      ownerId: rest.id,
      underId: step.underId !== null && ids.has(step.underId) ? step.underId : null,
    }),
  )
  // What stays with what is done stands under nothing that went.
  const leaving = new Set<string>(isOne ? [only.id] : ids)
  const stays = stepsOf(context.document, id).filter((step) => !ids.has(step.id))
  const raised = stays.map((step) =>
    step.underId !== null && leaving.has(step.underId)
      ? updateOf(step, { underId: isOne ? only.underId : null })
      : null,
  )
  return diffOf(added(rest), ...ticked.value, ...(isOne ? [removed(only)] : moved), ...raised)
}
