export { takenOffKey, type Clause, type ClauseKind, type Name, type NameKind } from './clause'
export { asSaidOn, draftOf, type Draft } from './draftOf'
export { makeNameIndex, noNames, type NameIndex } from './nameIndex'
export { parseSentence, type Sentence, type SentenceContext } from './parseSentence'
