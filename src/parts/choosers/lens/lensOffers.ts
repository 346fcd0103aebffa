// What a lens can ask for, by name, and what each begins with.
import { choiceFields, countFields, dateFields, lensStates, type Condition } from '@/core/lens/lens'
import { aboutOf } from '@/core/lens/sentenceOrder'

/** What can be asked for is called by its name, but for these. */
const labels: Readonly<Record<string, string>> = {
  side: 'work or private',
  person: 'people',
  craft: 'only me',
  work: 'worth',
  day: 'planned day',
  at: 'fixed time',
  notBefore: 'not before',
  carriedOver: 'carried over',
  toSignOff: 'sign-off',
  chase: 'to chase',
  repeating: 'repeat',
  withSteps: 'steps',
  withNote: 'note',
  withFiles: 'files',
  doneWithin: 'done lately',
  text: 'words in it',
  many: 'several conditions',
}
const labelOf = (about: string): string => labels[about] ?? about
const firstCounts = { moved: 2, age: 30, untouched: 30, doneWithin: 7 } as const

/** The dialog of a condition is named by what it sets. */
export function titleOf(condition: Condition): string {
  const title = labelOf(aboutOf(condition))
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
    labelOf(field),
    { kind: 'choice', field, values: [], not: false },
  ]),
  ['minutes', { kind: 'minutes', from: null, to: 20 }],
  ...dateFields.map((field): readonly [string, Condition] => [
    labelOf(field),
    { kind: 'date', field, span: { kind: 'week' }, not: false },
  ]),
  ...lensStates.map((state): readonly [string, Condition] => [
    labelOf(state),
    { kind: 'state', state, not: false },
  ]),
  ...countFields.map((field): readonly [string, Condition] => [
    labelOf(field),
    { kind: 'count', field, number: firstCounts[field], atMost: field === 'doneWithin' },
  ]),
  [labelOf('text'), { kind: 'text', text: '', not: false }],
  ['any of several', { kind: 'many', joined: 'any', of: [] }],
]
