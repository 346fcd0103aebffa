// Lenses: a person's own lists, as data, as a sentence, and as what matches, bands, groups and orders actions.
export { compileLens, isOfOpen, namesAsked, restOf, sunkOf, type CompiledLens } from './compileLens'
export { compareGroups, dateGroups, groupKeyOf, minuteGroups, scaleOf } from './groupKey'
export { keptOf, lensIn, type KeptLens } from './keptLens'
export {
  choiceFields,
  countFields,
  dateFields,
  detailFields,
  emptyLens,
  groupFields,
  joins,
  lensLimits,
  lensStates,
  lensViews,
  sortFields,
  type ChoiceField,
  type Condition,
  type CountField,
  type DateField,
  type DateSpan,
  type DetailField,
  type DonePlace,
  type GroupField,
  type Join,
  type Lens,
  type LensBand,
  type LensSort,
  type LensState,
  type LensView,
  type SortField,
} from './lens'
export { byDays, type LensDayList } from './byDays'
export { columnFields, layUnder, layUnderAll, type LaidUnder } from './layUnder'
export { type LensOrder } from './lensOrder'
export { neighboursOf } from './neighboursOf'
export {
  conditionWords,
  exactWords,
  lensParts,
  lensSentence,
  lengthWords,
  type LensPart,
} from './lensSentence'
export { readCondition, readLens } from './readLens'
export { plainFace, readyMade } from './readyMade'
export { dateOf, matcherOf, type LensAround, type LensShelf } from './matchers'
export { namedFields, type LensNames, type NamedField } from './vocabulary'
export {
  columnsIn,
  columnWidths,
  detailsIn,
  sortedBy,
  withColumns,
  withDetails,
  withWidth,
  type TableColumn,
} from './tableColumns'
export { aboutOf, inSentenceOrder } from './sentenceOrder'
export { sayLens, withCondition, type LensSaid, type SayingNames } from './sayLens'
export {
  dateWords,
  doneWords,
  groupWords,
  joinWords,
  namedWords,
  scaleWords,
  sortWords,
  spanWords,
  stateWords,
} from './vocabulary'
export { fileNameOf, lookOf, toLensFile, type LensLook } from './lensFile'
export { parseLensFile, type LensFileChecks, type LensFileFault } from './parseLensFile'
export { lensFileLimitBytes } from './lensFile'
