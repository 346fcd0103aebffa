export { idOf, type Change, type Diff, type RecordDiff } from './change'
export {
  emptyDocument, entriesIn, entryIn, mergeDocuments, recordIn, recordsById, recordsIn, revertOf, updateOf, withChange, withChanges, withMerged, type Document,
} from './document'
export { entryOf, isThere, mergeEntries, writtenAt, type Entry } from './entry'
export { epochMsOf, isStamp, laterStamp, makeStamp, never, nextStamp, type Stamp } from './stamp'
export { emptyTable, getIn, valuesOf, withEntries, type Table } from './table'
export { nothingToUndo, undoStateOf, withUndoable, type UndoState } from './undo'
