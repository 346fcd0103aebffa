export { bareLine, flatList, pastedList, type ListLine } from './pastedList'
export { longestPaste, mostLines, thoughtOf, type Thought } from './thought'
export { sharedThought, type Shared } from './shared'
export { cuttablesOf, everyLine, isJoining, piecesOf, type Cuttable } from './splitting'
