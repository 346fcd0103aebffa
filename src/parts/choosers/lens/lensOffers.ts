// What a lens can ask for, by name, and what each begins with.
import { choiceFields, countFields, dateFields, lensStates, type Condition } from '@/core/lens/lens'
import { aboutOf } from '@/core/lens/sentenceOrder'

const choiceOffers = {
  context: 'context',
  horizon: 'horizon',
  project: 'project',
  area: 'area',
  group: 'group',
  side: 'work or private',
  person: 'people',
  weight: 'weight',
  energy: 'energy',
  payoff: 'payoff',
  craft: 'only me',
  work: 'worth',
} as const
const dateOffers = {
  due: 'due',
  date: 'date',
  day: 'planned day',
  at: 'fixed time',
  notBefore: 'not before',
} as const
const stateOffers = {
  ready: 'ready',
  carriedOver: 'carried over',
  underway: 'underway',
  waiting: 'waiting',
  toSignOff: 'sign-off',
  chase: 'to chase',
  blocked: 'blocked',
  hidden: 'hidden',
  repeating: 'repeat',
  withSteps: 'steps',
  withNote: 'note',
  withFiles: 'files',
} as const
const countOffers = { moved: 'moved', age: 'age', untouched: 'untouched', doneWithin: 'done lately' } as const
const firstCounts = { moved: 2, age: 30, untouched: 30, doneWithin: 7 } as const
const titles: Readonly<Record<string, string>> = {
  ...choiceOffers,
  ...dateOffers,
  ...stateOffers,
  ...countOffers,
  minutes: 'minutes',
  text: 'words in it',
  many: 'several conditions',
}
/** The dialog of a condition is named by what it sets. */
export function titleOf(condition: Condition): string {
  const title = titles[aboutOf(condition)] ?? ''
  return title.charAt(0).toUpperCase() + title.slice(1)
}

export const readyCondition: Condition = { kind: 'state', state: 'ready', not: false }

/** Whether a condition says something already: one without a value does not. */
export function isWhole(condition: Condition): boolean {
  if (condition.kind === 'many') return condition.of.length > 0
  return condition.kind !== 'choice' || condition.values.length > 0
}

export const offers: readonly (readonly [label: string, first: Condition])[] = [
  ...choiceFields.map((field): readonly [string, Condition] => [
    choiceOffers[field],
    { kind: 'choice', field, values: [], not: false },
  ]),
  ['minutes', { kind: 'minutes', from: null, to: 20 }],
  ...dateFields.map((field): readonly [string, Condition] => [
    dateOffers[field],
    { kind: 'date', field, span: { kind: 'week' }, not: false },
  ]),
  ...lensStates.map((state): readonly [string, Condition] => [
    stateOffers[state],
    { kind: 'state', state, not: false },
  ]),
  ...countFields.map((field): readonly [string, Condition] => [
    countOffers[field],
    { kind: 'count', field, number: firstCounts[field], atMost: field === 'doneWithin' },
  ]),
  ['words in it', { kind: 'text', text: '', not: false }],
  ['any of several', { kind: 'many', joined: 'any', of: [] }],
]
