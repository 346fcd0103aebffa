// Actions as they stand: one whose project is in order is blocked by the one before it there, all of a project that
// is after another by that one, and what was left in a project that rests or is over by the project itself; all of it
// in its parts too. Nobody writes that down; it follows from what is written, and lists are made of what follows.
// Law: what stands blocked is in no list of what can be done, whatever came before (standing.test.ts).
import weakMemoize from '@emotion/weak-memoize'
import { isOpen } from '@/core/action'
import { recordIn, type Document } from '@/core/journal'
import { byId, byRank, type Action, type Id, type Project } from '@/core/record'
import { wholesAbove } from './projectParts'
import { makeTableIndex, type Standing } from './tableIndex'

/** What holds an action back: another, or a project. */
type HoldingId = Id<'action'> | Id<'project'>

/** Of one project, its actions that it blocks, as they stand. */
type Blocked = ReadonlyMap<string, Action>

const holds = 'holds'
const holding = makeTableIndex('project', {
  keysOf: ({ inOrder, afterIds, state, parentId }) =>
    inOrder || afterIds.length > 0 || state !== 'open' || parentId !== null ? [holds] : [],
  compare: byId,
})
const writtenIn = makeTableIndex('action', {
  keysOf: (action) => (action.projectId !== null && isOpen(action) ? [action.projectId] : []),
  compare: byRank,
})

/** The open actions of a project, in their order. */
export const writtenInProject = writtenIn.of

/** The projects before one that are not over yet. */
export const projectsBefore = (document: Document, { afterIds }: Project): Id<'project'>[] =>
  afterIds.filter((id) => {
    const before = recordIn(document, id)
    return before?.state === 'open' || before?.state === 'notNow'
  })

const views = new WeakMap<Action, { readonly by: string; readonly view: Action }>()
/** The same as long as the action and what blocks it are. */
function blockedBy(action: Action, ids: readonly HoldingId[]): Action {
  const by = ids.join(' ')
  const known = views.get(action)
  if (known?.by === by) return known.view
  const afterIds = [...new Set([...action.afterIds, ...ids])] as Action['afterIds']
  const view = { ...action, afterIds }
  views.set(action, { by, view })
  return view
}

/** The same as long as the action is. */
const ofTemplate = weakMemoize((action: Action): Action => ({
  ...action,
  letGoAtEpochMs: action.createdAtEpochMs,
}))

/** Their order, where one that was said to be after another there comes after it. */
export function inTurnOf(actions: readonly Action[]): readonly Action[] {
  if (actions.every(({ afterIds }) => afterIds.length === 0)) return actions
  const left = new Map(actions.map((action) => [action.id, action]))
  const inTurn: Action[] = []
  const lay = (action: Action): void => {
    if (!left.delete(action.id)) return
    for (const id of action.afterIds) {
      const before = left.get(id)
      if (before) lay(before)
    }
    inTurn.push(action)
  }
  actions.forEach(lay)
  return inTurn
}

interface Found {
  readonly actions: readonly Action[]
  readonly isInOrder: boolean
  /** What blocks, and how the project is held. */
  readonly by: string
  readonly held: Blocked
}
const none: Blocked = new Map()

function blockedIn(document: Document, project: Project, was: Found | undefined): Found {
  const actions = writtenIn.of(document, project.id)
  // What rests or is over blocks all that was left in it and in its parts.
  const all = [project, ...wholesAbove(document, project)]
  const before = all.flatMap((each) => (each.state === 'open' ? projectsBefore(document, each) : [each.id]))
  const by = `${project.state} ${before.join(' ')}`
  const isInOrder = project.inOrder && project.state === 'open'
  if (was?.actions === actions && was.isInOrder === isInOrder && was.by === by) return was
  // What a template holds is nothing to do: it stands like what was decided against, in no list.
  if (project.state === 'template')
    return {
      actions,
      isInOrder,
      by,
      held: new Map(actions.map((action) => [action.id, ofTemplate(action)])),
    }
  const held = new Map<string, Action>()
  const inTurn = isInOrder ? inTurnOf(actions) : actions
  inTurn.forEach((action, at) => {
    const first = inTurn[at - 1]
    const ids: HoldingId[] = isInOrder && first ? [...before, first.id] : before
    // What is begun all the same stands where it is.
    if (ids.length > 0 && action.startedAtEpochMs === null) held.set(action.id, blockedBy(action, ids))
  })
  return { actions, isInOrder, by, held: held.size > 0 ? held : none }
}

let found = new Map<Id<'project'>, Found>()
let latest: { actions: unknown; projects: unknown; standing: Standing<Action> } | null = null

const standingWith = (parts: ReadonlyMap<string, Blocked>): Standing<Action> => ({
  parts,
  of: (action) => (action.projectId === null ? undefined : parts.get(action.projectId)?.get(action.id)),
})
const nothingHeld = standingWith(new Map())

/** The same as long as nothing is blocked otherwise. */
export function standingOf(document: Document): Standing<Action> {
  if (latest?.actions === document.action && latest.projects === document.project) return latest.standing
  const projects = holding.of(document, holds)
  const next = new Map(
    projects.map((project) => [project.id, blockedIn(document, project, found.get(project.id))]),
  )
  const isSame = next.size === found.size && [...next].every(([id, each]) => found.get(id) === each)
  const made = () =>
    next.size === 0 ? nothingHeld : standingWith(new Map([...next].map(([id, { held }]) => [id, held])))
  const standing = isSame && latest ? latest.standing : made()
  found = next
  latest = { actions: document.action, projects: document.project, standing }
  return standing
}

/** An action as it stands. */
export const asItStands = (document: Document, action: Action): Action =>
  standingOf(document).of(action) ?? action
