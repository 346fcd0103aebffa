// The door of what loads right after the start, with what is held of it here: what was learned from earlier decisions,
// the words that several rooms say and none says first, how questions about one's own past are read, and what is said of people.
export * from '@/state/store/afterStart'
export * as learned from './learned'
export * as help from '@/words/help'
export * as past from '@/core/past'
export * as people from '@/core/person'
export { kindsInWords } from '@/words/kinds'
