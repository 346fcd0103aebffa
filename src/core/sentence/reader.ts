// Everything that reads sentences, behind one door: it brings the date and the rule library along, and loads right
// after the start. What only speaks of sentences (names, keys, types) is in index.ts.
export { amendAction } from './amend'
export { amendArea } from './amendArea'
export { amendProject } from './amendProject'
export { asSaidOn, draftOf } from './draftOf'
export { parseSentence } from './parseSentence'
export { unknownNameIn } from './unknownName'
export { lastingFields } from '../action/nextTurn'
export { patchFor, sharedOf } from '../facets/together'
export { resay, stillTakenOff } from './resay'
export { daysAfter, daysWithin, firstOn, missedBy, nextTurn } from '../repeat/days'
export { readDate } from './datePhrase'
export { contextByFirstWord, firstWordOf, isForReading } from '../sorting/firstWord'
