// What can be done with notes, for whom nothing of it loads at the start.
export { asNew, laidOver, tieChanges, type TieChanges, type Tied } from './ties'
export {
  checkLinesOf,
  hasOpenLine,
  linksOf,
  mayHaveCheckLines,
  plainOf,
  titleAndRest,
  withCheckLines,
  writtenOf,
  type CheckLine,
  type LineChange,
} from './checkLines'
export { mergedNotes } from './merged'
export { tieText, type TieName } from './tie'
