// The reader of sentences, which loads right after the start: until then every word stays in the title. What is set down
// is kept word for word, so that nothing depends on how soon it comes.
import { useSyncExternalStore } from 'react'
import type { Draft, Sentence } from '@/core/sentence'
import type { RuleDays } from '@/state'

type Whole = typeof import('@/core/sentence/reader')
export type Reader = Pick<
  Whole,
  | 'amendAction'
  | 'amendProject'
  | 'asSaidOn'
  | 'draftOf'
  | 'parseSentence'
  | 'resay'
  | 'stillTakenOff'
  | 'unknownNameIn'
> & {
  /** Which days a rule gives; null until it has loaded. */
  readonly days: RuleDays | null
}

const nothingSaid: Omit<Draft, 'title'> = {
  due: null,
  notBefore: null,
  at: null,
  day: null,
  horizon: null,
  minutes: null,
  weight: null,
  energy: null,
  contextIds: [],
  projectId: null,
  areaId: null,
  personIds: [],
  waiting: null,
  address: null,
  payoff: null,
  craft: null,
  repeat: null,
  reminders: [],
  steps: [],
}

const notYet: Reader = {
  parseSentence: (text): Sentence => ({ title: text.replace(/\s+/g, ' ').trim(), clauses: [] }),
  draftOf: ({ title }): Draft => ({ title, ...nothingSaid }),
  asSaidOn: (draft) => draft,
  amendAction: () => ({ patch: {}, parts: {}, questions: [], unread: [] }),
  amendProject: () => ({ patch: {}, unread: [] }),
  resay: (text) => text,
  stillTakenOff: (_, takenOff) => [...takenOff],
  unknownNameIn: () => null,
  days: null,
}

let reader = notYet
let loading: Promise<void> | null = null
const listeners = new Set<() => void>()

/** Takes a reader that is there already: for tests. */
export function haveReader(given: Reader): void {
  reader = given
  listeners.forEach((listener) => listener())
}

/** Loads the reader once; where that fails it is tried again when next asked for. */
export function loadReader(): Promise<void> {
  loading ??= import('@/core/sentence/reader').then(
    (whole) => haveReader({ ...whole, days: whole }),
    () => {
      loading = null
    },
  )
  return loading
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  if (reader === notYet) void loadReader()
  return () => listeners.delete(listener)
}

/** Which days a rule gives, as soon as that has loaded. */
export const daysOfRules = (): RuleDays | null => reader.days

export const useReader = (): Reader => useSyncExternalStore(subscribe, () => reader)
