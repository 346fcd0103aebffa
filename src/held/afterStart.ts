// The door of what loads right after the start, with what is held of it here: what was learned from earlier decisions,
// and the words that several rooms say and none says first.
export * from '@/state/store/afterStart'
export * as learned from './learned'
export * as help from '@/words/help'
export { kindsInWords } from '@/words/kinds'
