// What can be done with notes, for whom nothing of it loads at the start.
export { asNew, laidOver, tieChanges, type TieChanges, type Tied } from './ties'
export {
  checkLinesOf,
  mayHaveCheckLines,
  plainOf,
  tieText,
  withCheckLines,
  writtenOf,
  type CheckLine,
  type LineChange,
  type TieName,
} from './checkLines'
export { mergedNotes } from './merged'
