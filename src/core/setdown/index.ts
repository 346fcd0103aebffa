export { bareLine, flatList, longestPaste, mostLines, pastedList, type ListLine } from './pastedList'
export { thoughtOf, type Thought } from './thought'
export { sharedThought, type Shared } from './shared'
export { cuttablesOf, everyLine, isJoining, piecesOf, type Cuttable } from './splitting'
