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
  isTimestamp,
  latestStampedEpochMs,
  laterTimestamp,
  makeTimestamp,
  never,
  nextTimestamp,
  type Timestamp,
} from './timestamp'
export { emptyTable, getIn, valuesOf, withEntries, type Table } from './table'
export { isOwn, nothingToUndo, undoStateOf, withUndoable, type Undone, type UndoState } from './undo'
