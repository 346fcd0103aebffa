// The door of what loads right after the start, with what is held of it here: what was learned from earlier decisions.
export * from '@/state/afterStart'
export * as learned from './learned'
