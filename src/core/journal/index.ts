export { idOf, idsTold, madeAtEpochMs, type Change, type Diff, type RecordDiff, type Updated } from './change'
export {
  broughtBy,
  emptyDocument,
  entriesIn,
  entriesOfChange,
  entryIn,
  makeGathering,
  mergeDocuments,
  recordIn,
  recordsById,
  recordsIn,
  revertOf,
  updateOf,
  withChange,
  withChanges,
  withMerged,
  type Document,
  type Gathering,
} from './document'
export { entryOf, isThere, latestIn, mergeEntries, writtenAt, type Entry } from './entry'
export {
  epochMsOf,
  isStamp,
  latestStampedEpochMs,
  laterStamp,
  makeStamp,
  never,
  nextStamp,
  type Stamp,
} from './stamp'
export { emptyTable, getIn, valuesOf, withEntries, type Table } from './table'
export { isOwn, nothingToUndo, undoStateOf, withUndoable, type Undone, type UndoState } from './undo'
