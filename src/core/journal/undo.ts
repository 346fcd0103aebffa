// Undo and redo by act, read off the journal: nothing is kept for them but the changes themselves.
import type { Change } from './change'

/** An act that was taken back, and the change that took it back: to do it again is to take that one back. */
export interface Undone {
  readonly act: Change
  readonly undoing: Change
}

export interface UndoState {
  /** The changes that can be taken back, oldest first. */
  readonly undo: readonly Change[]
  /** What can be done again, the next one last. */
  readonly redo: readonly Undone[]
}

export const nothingToUndo: UndoState = { undo: [], redo: [] }

/** The state after one more change. A new act clears what could be done again; `reverts.stamp` names the act. */
export function withUndoable(state: UndoState, change: Change): UndoState {
  const { reverts } = change
  if (!reverts) return { undo: [...state.undo, change], redo: [] }
  if (reverts.kind === 'undo') {
    const act = state.undo.find(({ stamp }) => stamp === reverts.stamp)
    if (!act) return state
    return {
      undo: state.undo.filter((other) => other !== act),
      redo: [...state.redo, { act, undoing: change }],
    }
  }
  const undone = state.redo.find(({ act }) => act.stamp === reverts.stamp)
  if (!undone) return state
  return { undo: [...state.undo, undone.act], redo: state.redo.filter((other) => other !== undone) }
}

/** Whether a change was made on this device. Those from before devices were named were. */
export const isOwn = (change: Change, device: string): boolean =>
  change.by === undefined || change.by === device

/** From a journal in order of timestamps. What another device did is not one's own to take back. */
export const undoStateOf = (changes: readonly Change[], device: string): UndoState =>
  changes.filter((change) => isOwn(change, device)).reduce(withUndoable, nothingToUndo)
