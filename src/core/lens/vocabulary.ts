// The words of a lens's sentence: what writes it (lensSentence) and what reads it (readLens) look here, so that they
// agree.
import type {
  ChoiceField,
  CountField,
  DateField,
  DateSpan,
  GroupField,
  Join,
  LensState,
  SortField,
} from './lens'

/** Names that a lens may mean, and what they are the names of. */
export interface LensNames {
  /** Null where it is gone. */
  readonly nameOf: (id: string) => string | null
  /** Every id of a kind that is called so, in whatever case. */
  readonly idsCalled: (kind: NamedField, name: string) => readonly string[]
}

export type NamedField = Extract<ChoiceField, 'context' | 'person' | 'project' | 'area' | 'group'>
export const namedFields = ['context', 'person', 'project', 'area', 'group'] as const

/** What leads to a name, what says that there is none, and what says that there is one, whichever. */
export const namedWords: Readonly<
  Record<NamedField, { readonly lead: string; readonly none: string; readonly some: string }>
> = {
  context: { lead: 'at', none: 'no context', some: 'with a context' },
  person: { lead: 'with', none: 'nobody', some: 'with somebody' },
  project: { lead: 'for', none: 'no project', some: 'with a project' },
  // Before *in*: the longer lead is tried first.
  group: { lead: 'in group', none: 'no group', some: 'with a group' },
  area: { lead: 'in', none: 'no area', some: 'with an area' },
}

type ScaleField = Exclude<ChoiceField, NamedField>
interface ScaleWords {
  readonly lead?: string
  readonly tail?: string
  readonly values: Readonly<Record<string, string>>
}
/** What is one of a few steps: the word of each, and of none. */
export const scaleWords: Readonly<Record<ScaleField, ScaleWords>> = {
  weight: { values: { must: 'must', should: 'should', could: 'could' } },
  energy: { values: { deep: 'deep', plain: 'plain', light: 'light', '': 'no energy' } },
  side: { values: { work: 'work', private: 'private', '': 'no side' } },
  horizon: {
    lead: 'held',
    values: {
      today: 'today',
      week: 'this week',
      soon: 'soon',
      shelf: 'later',
      someday: 'someday',
    },
  },
  payoff: { tail: 'payoff', values: { little: 'little', some: 'some', much: 'much', '': 'no' } },
  craft: { lead: 'only me', values: { little: 'little', some: 'some', much: 'much', '': 'not said' } },
  work: {
    values: {
      first: 'to do first',
      handOver: 'to hand over',
      pleasure: 'for pleasure',
      drop: 'to let go',
      '': 'not weighed',
    },
  },
}
export const scaleFields = Object.keys(scaleWords) as ScaleField[]

/** What leads to a day, and what it is called where it is there or not. */
export const dateWords: Readonly<Record<DateField, { readonly lead: string; readonly noun: string }>> = {
  due: { lead: 'due', noun: 'a due date' },
  date: { lead: 'dated', noun: 'a date' },
  day: { lead: 'planned for', noun: 'a planned day' },
  at: { lead: 'fixed for', noun: 'a fixed time' },
  notBefore: { lead: 'not before', noun: 'a not-before day' },
}

export const spanWords: Readonly<
  Record<Exclude<DateSpan['kind'], 'none' | 'any' | 'next' | 'between'>, string>
> = {
  past: 'in the past',
  today: 'today',
  tomorrow: 'tomorrow',
  week: 'this week',
  nextWeek: 'next week',
}

/** How it is said, and how its contrary. */
export const stateWords: Readonly<Record<LensState, readonly [is: string, isNot: string]>> = {
  ready: ['ready', 'not ready'],
  carriedOver: ['carried over', 'not carried over'],
  underway: ['underway', 'not underway'],
  waiting: ['waiting', 'not waiting'],
  toSignOff: ['waiting for sign-off', 'not waiting for sign-off'],
  chase: ['to chase', 'not to chase'],
  blocked: ['blocked', 'not blocked'],
  hidden: ['hidden', 'not hidden'],
  repeating: ['repeating', 'not repeating'],
  withSteps: ['with steps', 'without steps'],
  withNote: ['with a note', 'without a note'],
  withFiles: ['with files', 'without files'],
}

/** How at least so many is said, and at most; `#` is the number with its noun. */
export const countWords: Readonly<
  Record<CountField, { readonly atLeast: string | null; readonly atMost: string; readonly noun: string }>
> = {
  moved: { atLeast: 'moved # or more', atMost: 'moved # at most', noun: 'time' },
  age: { atLeast: 'older than #', atMost: 'made within #', noun: 'day' },
  untouched: { atLeast: 'untouched for #', atMost: 'touched within #', noun: 'day' },
  doneWithin: { atLeast: null, atMost: 'done within #', noun: 'day' },
}

export const joinWords: Readonly<Record<Join, string>> = { all: 'all of', any: 'any of', none: 'none of' }

export const groupWords: Readonly<Record<GroupField, string>> = {
  context: 'context',
  project: 'project',
  area: 'area',
  group: 'group',
  side: 'side',
  person: 'person',
  horizon: 'horizon',
  weight: 'weight',
  energy: 'energy',
  work: 'worth',
  minutes: 'minutes',
  date: 'date',
  due: 'due',
  day: 'planned day',
}

/** What is sorted by, and how the other way round is said. */
export const sortWords: Readonly<Record<SortField, readonly [by: string, down: string]>> = {
  due: ['due', 'latest first'],
  date: ['date', 'latest first'],
  day: ['planned day', 'latest first'],
  minutes: ['minutes', 'longest first'],
  weight: ['weight', 'lightest first'],
  energy: ['energy', 'lightest first'],
  horizon: ['horizon', 'furthest first'],
  worth: ['worth', 'least first'],
  age: ['age', 'newest first'],
  moved: ['moved', 'least first'],
  shelf: ['project', 'last first'],
  title: ['title', 'backwards'],
  done: ['when done', 'earliest first'],
}

export const doneWords = { among: 'done ones among the rest', sunk: 'done ones at the end' } as const
