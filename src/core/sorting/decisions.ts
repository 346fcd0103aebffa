// Earlier decisions, read off the journal: what each act of sorting, or of adding an action, made of its words. An undo
// takes a decision back, a redo makes it again.
import { kindOf, type Action, type AnyRecord, type Reading, type Reference } from '../record'
import { assertNever } from '../invariant'
import type { Change, RecordDiff, Timestamp } from '../journal'
import type { Compartment } from './compartments'
import type { Decision, Learner } from './learner'

/** The compartment an act stands for; null for acts that decide none. */
function compartmentOf(act: string, record: AnyRecord): Compartment | null {
  switch (act) {
    case 'sortAsAction':
    case 'sortAllAsActions':
      return 'action'
    case 'sortAsDone':
      return 'twoMinutes'
    case 'sortAsProject':
      return kindOf(record.id) === 'project' ? 'project' : null
    case 'sortAsHandedOver':
      return 'handOver'
    case 'sortAsNotBefore':
      return 'notBefore'
    case 'sortAsSomeday':
      return 'someday'
    case 'sortAsReference':
      return 'reference'
    case 'sortAsReading':
      return 'reading'
    case 'sortAsLetGo':
      return 'letGo'
    default:
      return null
  }
}

const some = (value: string | null | undefined): string[] => (value ? [value] : [])

/** What a record that was made decides; null for kinds that are not sorted into. */
const ofAction = ({ projectId, areaId, contextIds, minutes, personIds, waiting }: Action) => ({
  shelf: some(projectId ?? areaId),
  context: contextIds,
  minutes: minutes === null ? [] : [String(minutes)],
  person: [...new Set([...personIds, ...some(waiting?.personId)])],
})

function decisionOf(act: string, record: AnyRecord): Decision | null {
  const compartment = some(compartmentOf(act, record))
  switch (kindOf(record.id)) {
    case 'action':
      return { title: (record as Action).title, decided: { compartment, ...ofAction(record as Action) } }
    case 'project': {
      const { title, areaId } = record as AnyRecord & { title: string; areaId: string | null }
      return { title, decided: { compartment, shelf: some(areaId) } }
    }
    case 'reference':
    case 'reading': {
      const { title, projectId, areaId } = record as Reference | Reading
      return { title, decided: { compartment, shelf: some(projectId ?? areaId) } }
    }
    default:
      return null
  }
}

const isAdded = (part: RecordDiff): part is Extract<RecordDiff, { kind: 'added' }> => part.kind === 'added'

/** Acts upon templates: what a template holds, and what is made from it, nobody decides on. */
const undecided = new Set(['saveAsTemplate', 'addTemplate', 'addToTemplate', 'useTemplate', 'importTemplate'])

/** The decisions that a change made. What a file brought was decided elsewhere, and is not told whole. */
export function decisionsIn(change: Change): readonly Decision[] {
  if (change.brought || change.reverts || undecided.has(change.act)) return []
  return change.diff.filter(isAdded).flatMap(({ record }) => decisionOf(change.act, record) ?? [])
}

/** Teaches a learner what a change decided, and what an undo or a redo says of that. */
export function learnFrom(
  learner: Learner,
  change: Change,
  actOf: (stamp: Timestamp) => Change | undefined,
): void {
  const { reverts } = change
  if (!reverts) return decisionsIn(change).forEach(learner.learn)
  const act = actOf(reverts.stamp)
  const decisions = act ? decisionsIn(act) : []
  switch (reverts.kind) {
    case 'undo':
      return decisions.forEach(learner.forget)
    case 'redo':
      return decisions.forEach(learner.learn)
    default:
      return assertNever(reverts.kind)
  }
}

/** A learner is taught a whole journal, in the order of its changes. */
export function learnJournal(learner: Learner, changes: readonly Change[]): void {
  const byStamp = new Map(changes.map((change) => [change.stamp, change]))
  for (const change of changes) learnFrom(learner, change, (stamp) => byStamp.get(stamp))
}
