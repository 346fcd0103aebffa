// The reader of sentences, which loads right after the start with the acts that nobody does before: until then every
// word stays in the title. What is set down is kept word for word, so that nothing depends on how soon it comes.
import { useSyncExternalStore } from 'react'
import { createStore } from 'zustand/vanilla'
import { nothingSaid, type Amendable, type Draft, type Sentence } from '@/core/sentence'
import { fieldsFor } from '@/core/sorting/fieldsFor'
import type { OnDemand } from '@/state'
import type { KindsInWords } from '@/words/kinds/kindWords'

type Whole = typeof import('@/core/sentence/reader')
export type Reader = Pick<
  Whole,
  | 'amendAction'
  | 'amendArea'
  | 'amendProject'
  | 'asSaidOn'
  | 'becoming'
  | 'becomingNext'
  | 'contextByFirstWord'
  | 'firstWordOf'
  | 'lastingFields'
  | 'patchFor'
  | 'sharedOf'
  | 'isForReading'
  | 'draftOf'
  | 'parseSentence'
  | 'readDate'
  | 'readLength'
  | 'readTime'
  | 'resay'
  | 'stillTakenOff'
  | 'unknownNameIn'
> & {
  /** Which days a rule gives; null until it has loaded. */
  readonly days: Pick<Whole, 'daysAfter' | 'daysWithin' | 'missedBy' | 'nextOccurrence'> | null
  /** What earlier decisions teach; null until it has loaded. */
  readonly learned: typeof import('./learned') | null
  /** The words of the kinds of record, for their history; null until they have loaded. */
  readonly kinds: KindsInWords | null
  readonly help: typeof import('@/words/help') | null
  /** Questions about one's own past; null until it has loaded. */
  readonly past: typeof import('@/core/past') | null
  /** What is said of people; null until it has loaded. */
  readonly people: typeof import('@/core/person') | null
}

const blankAmendable = { ...nothingSaid, horizon: 'soon', weight: 'should' } as unknown as Amendable

const notYet: Reader = {
  parseSentence: (text): Sentence => ({ title: text.replace(/\s+/g, ' ').trim(), clauses: [] }),
  readDate: () => null,
  readLength: () => null,
  readTime: () => null,
  draftOf: ({ title }): Draft => ({ title, ...nothingSaid }),
  asSaidOn: (draft) => draft,
  becoming: (compartment, _text, _sentence, draft) => ({ fields: fieldsFor(compartment, draft), left: '' }),
  becomingNext: (_text, _sentence, draft) => ({
    fields: { ...draft, projectId: null, areaId: null },
    left: '',
  }),
  amendAction: () => ({ patch: {}, parts: {}, questions: [], unread: [] }),
  amendArea: () => ({ patch: {}, unread: [] }),
  amendProject: () => ({ patch: {}, unread: [] }),
  resay: (text) => text,
  stillTakenOff: (_, takenOff) => [...takenOff],
  unknownNameIn: () => null,
  sharedOf: () => blankAmendable,
  patchFor: (_, __, patch) => patch,
  lastingFields: [],
  contextByFirstWord: () => null,
  firstWordOf: () => null,
  isForReading: () => false,
  days: null,
  learned: null,
  kinds: null,
  help: null,
  past: null,
  people: null,
}

interface Loaded {
  readonly reader: Reader
  readonly onDemand: OnDemand | null
}
const held = createStore<Loaded>(() => ({ reader: notYet, onDemand: null }))
let loading: Promise<void> | null = null

const isLoaded = (): boolean => held.getState().reader !== notYet

/** Sets a reader that has loaded already, and what loads with it: for tests. */
export function haveReader(reader: Reader, onDemand: OnDemand | null = held.getState().onDemand): void {
  held.setState({ reader, onDemand })
}

/** Loads the reader once; where that fails it is tried again when next asked for. */
export function loadReader(): Promise<void> {
  loading ??= import('./afterStart').then(
    (loaded) => {
      const { reader: read, learned, kindsInWords, help, past, people } = loaded
      const whole = { ...read, days: read, learned, kinds: kindsInWords, help, past, people }
      haveReader(whole, loaded.onDemand)
    },
    () => {
      loading = null
    },
  )
  return loading
}

/** Loads the reader, and rejects where that fails. */
export async function readerLoaded(): Promise<void> {
  await loadReader()
  if (!isLoaded()) throw new Error('The reader did not load.')
}

/** The reader once it has loaded; what there is where that fails. */
export async function loadedReader(): Promise<Reader> {
  await loadReader()
  return held.getState().reader
}

function subscribe(listener: () => void): () => void {
  if (!isLoaded()) void loadReader()
  return held.subscribe(listener)
}

/** The acts that load along with the reader, as soon as they have. */
export const onDemandActs = (): OnDemand | null => held.getState().onDemand

/** What loads along with the reader: null until it has. */
export const useOnDemand = (): OnDemand | null => useSyncExternalStore(subscribe, onDemandActs)

export const useReader = (): Reader => useSyncExternalStore(subscribe, () => held.getState().reader)
