// Undo and redo by act, read off the journal: nothing is kept for them but the changes themselves.
import type { Change } from './change'

export interface UndoState {
  /** The changes that can be taken back, oldest first. */
  readonly undo: readonly Change[]
  /** The changes that can be done again, the next one last. */
  readonly redo: readonly Change[]
}

export const nothingToUndo: UndoState = { undo: [], redo: [] }

/** Acts that are never taken back by undo: they came from outside, whole. */
const notUndoable = new Set(['import', 'loadDemo'])

const without = (changes: readonly Change[], stamp: string): readonly Change[] => changes.filter((change) => change.stamp !== stamp)

/** The state after one more change. A new act clears what could be done again. */
export function withUndoable(state: UndoState, change: Change): UndoState {
  const { reverts } = change
  if (!reverts) return notUndoable.has(change.act) ? state : { undo: [...state.undo, change], redo: [] }
  if (reverts.kind === 'undo') {
    const undone = state.undo.find((candidate) => candidate.stamp === reverts.stamp)
    return undone ? { undo: without(state.undo, undone.stamp), redo: [...state.redo, undone] } : state
  }
  const redone = state.redo.find((candidate) => candidate.stamp === reverts.stamp)
  return redone ? { undo: [...state.undo, redone], redo: without(state.redo, redone.stamp) } : state
}

/** From a journal in order of stamps. */
export const undoStateOf = (changes: readonly Change[]): UndoState => changes.reduce(withUndoable, nothingToUndo)
